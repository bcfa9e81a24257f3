import { fireEvent, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import { allergensIn, blankFormula, type FormulaDocument, massOf, pantryOf, type Question, readLine } from '@/core'
import { draw } from '@/ui/testing'
import { Lines } from './lines'

const pantry = pantryOf()

function asked(text: string) {
  const reading = readLine(text, pantry)
  if (reading.status !== 'ask') throw new Error(`${text} is understood`)
  const question: Question = { id: 'ask', group: 'finish', text, reading }
  const onBoth = vi.fn()
  draw(
    <Lines
      formula={blankFormula}
      questions={[question]}
      pantry={pantry}
      house={[]}
      takenIds={[]}
      onFormula={vi.fn()}
      onQuestions={vi.fn()}
      onBoth={onBoth}
      onSwitch={vi.fn()}
    />,
  )
  return onBoth
}

describe('a line nobody has a make-up of', () => {
  it('is made on the spot: whole, with its allergens, by its weight; the formula keeps it', () => {
    const onBoth = asked('80 g pretzels')
    const take = screen.getByRole('button', { name: /^Take it/ }) as HTMLButtonElement
    expect(take.disabled).toBe(true)
    fireEvent.click(screen.getByRole('checkbox', { name: /does not dissolve/ }))
    fireEvent.click(screen.getByRole('checkbox', { name: 'gluten' }))
    fireEvent.click(screen.getByRole('checkbox', { name: 'sesame' }))
    fireEvent.click(screen.getByRole('checkbox', { name: 'sesame' }))
    fireEvent.click(take)
    const [formula, questions] = onBoth.mock.calls[0] as [FormulaDocument, readonly Question[]]
    expect(questions).toEqual([])
    expect(formula.own).toMatchObject([{ whole: true, allergens: ['gluten'] }])
    expect(massOf(formula.own?.[0]?.per100 as never)).toBeCloseTo(100, 6)
    expect(formula.lines).toMatchObject([{ ingredient: formula.own?.[0]?.id, grams: 80, group: 'finish' }])
    expect(allergensIn(formula)).toEqual(['gluten'])
  })

  it('is made on the spot though the pantry has its like', () => {
    const onBoth = asked('80 g rice crispies')
    expect(screen.getByRole('button', { name: 'Puffed rice' })).toBeDefined()
    fireEvent.click(screen.getByRole('checkbox', { name: /does not dissolve/ }))
    expect(screen.queryByRole('button', { name: 'Puffed rice' })).toBeNull()
    fireEvent.click(screen.getByRole('button', { name: /^Take it/ }))
    const [formula] = onBoth.mock.calls[0] as [FormulaDocument]
    expect(formula.own).toMatchObject([{ name: 'Rice crispies', whole: true }])
  })

  it('that sweetens and is no sugar is not made on the spot: it does dissolve', () => {
    asked('500 g isomalt')
    expect(screen.getByText(/boils, browns and sets by laws of its own/)).toBeDefined()
    expect(screen.queryByRole('checkbox', { name: /does not dissolve/ })).toBeNull()
    expect(screen.getByRole('button', { name: 'Leave it out' })).toBeDefined()
  })

  it('is what the pantry has once that is named, and nothing is made', () => {
    const onBoth = asked('80 g moon dust')
    fireEvent.change(screen.getByRole('combobox', { name: 'It is' }), { target: { value: 'caster sugar' } })
    fireEvent.click(screen.getByRole('button', { name: /^Take it/ }))
    const [formula] = onBoth.mock.calls[0] as [FormulaDocument]
    expect(formula.own).toBeUndefined()
    expect(formula.lines).toMatchObject([{ ingredient: 'caster-sugar', grams: 80 }])
  })
})
