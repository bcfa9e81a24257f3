// @vitest-environment happy-dom
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

  it('is what the pantry has once that is named, and nothing is made', () => {
    const onBoth = asked('80 g moon dust')
    fireEvent.change(screen.getByRole('combobox', { name: 'It is' }), { target: { value: 'caster sugar' } })
    fireEvent.click(screen.getByRole('button', { name: /^Take it/ }))
    const [formula] = onBoth.mock.calls[0] as [FormulaDocument]
    expect(formula.own).toBeUndefined()
    expect(formula.lines).toMatchObject([{ ingredient: 'caster-sugar', grams: 80 }])
  })
})
