import { fireEvent, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import { type FormulaDocument, faultsOf, gramsAsWritten, ingredientIn, massOf, mixOf } from '@/core'
import { demoFormulas } from '@/demo/formulas'
import { draw } from '@/ui/testing'
import { Notices } from './notices'
import { Parts } from './parts'

const bars = demoFormulas['rye-shortcake-bars'] as FormulaDocument

function parts(shown: string | null = null, formula = bars) {
  const [onShow, onFormula] = [vi.fn(), vi.fn()]
  draw(<Parts formula={formula} shown={shown} onShow={onShow} onFormula={onFormula} />)
  const open = async (): Promise<void> => {
    fireEvent.keyDown(screen.getByRole('button', { name: 'Add a part' }), { key: 'Enter' })
  }
  return { onShow, onFormula, open, now: () => onFormula.mock.lastCall?.[0] as FormulaDocument }
}

describe('the parts of a formula', () => {
  it('are named where a line in one that is not shown waits for an answer', () => {
    const [onShow, nothing] = [vi.fn(), () => undefined]
    draw(
      <Notices
        earlier={null}
        said={[]}
        problem={null}
        waiting={2}
        elsewhere={[{ part: 'base', label: 'Base' }]}
        onShow={onShow}
        onEarlier={nothing}
        onSaid={nothing}
      />,
    )
    fireEvent.click(screen.getByRole('button', { name: 'Look at base' }))
    expect(onShow).toHaveBeenLastCalledWith('base')
  })

  it('are chosen one by one, or as the whole', () => {
    const { onShow } = parts()
    fireEvent.click(screen.getByRole('radio', { name: 'Caramel' }))
    expect(onShow).toHaveBeenLastCalledWith('filling')
  })

  it('take in a ganache in its share, joined by a step of the whole, ready to be cooked', async () => {
    const { onShow, open, now } = parts()
    await open()
    fireEvent.click(await screen.findByRole('menuitem', { name: 'A dark ganache, firm, to roll or cut' }))
    const added = now().parts?.at(-1)
    expect(added?.label).toBe('Ganache')
    const [chocolate, cream] = added?.formula.lines.map((l) => l.grams) ?? []
    expect((chocolate ?? 0) / (cream ?? 1)).toBeCloseTo(2, 1)
    expect(now().steps.some((s) => s.joins === added?.id)).toBe(true)
    expect(faultsOf(now())).toEqual([])
    expect(onShow).toHaveBeenLastCalledWith(added?.id)
    const weight = (f: FormulaDocument): number => Object.values(gramsAsWritten(f)).reduce((a, b) => a + b, 0)
    expect(weight(now()) - weight(bars)).toBe(300)
    const goods =
      added?.formula.lines.map((l) => ({ ingredient: ingredientIn(added.formula, l.ingredient), grams: l.grams })) ?? []
    expect(massOf(mixOf(goods))).toBeCloseTo(300, 1)
  })

  it('take in an empty one, called so until it has a name', async () => {
    const { open, now } = parts()
    await open()
    fireEvent.click(await screen.findByRole('menuitem', { name: 'An empty part' }))
    expect(now().parts?.at(-1)).toMatchObject({ label: 'New part', formula: { lines: [] } })
  })

  it('are called something else, and taken out with the step that joins them and what waited for them', () => {
    const { now } = parts('base')
    fireEvent.change(screen.getByLabelText('called'), { target: { value: 'Shortbread' } })
    expect(now().parts?.[0]?.label).toBe('Shortbread')
    fireEvent.click(screen.getByRole('button', { name: /take this part out/i }))
    expect(now().parts?.map((p) => [p.id, p.needs])).toEqual([
      ['filling', []],
      ['top', [{ part: 'filling', state: 'firm' }]],
    ])
    expect(now().steps.some((s) => s.joins === 'base')).toBe(false)
  })
})
