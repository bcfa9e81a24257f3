import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { demoFormulas } from '@/demo/formulas'
import { testConditions } from '../testing'
import { differences, lineChanges } from './differences'
import { allLines, type FormulaDocument, isBoiled, piecesOf } from './document'
import * as edit from './edit'
import { faultsOf } from './faults'

/** An edit as a maker makes one: on the nth of what is there, whatever that is by then. */
type Edit = (f: FormulaDocument) => FormulaDocument
interface Named {
  readonly name: string
  readonly edit: Edit
}

const at = <T>(list: readonly T[], n: number): T | undefined => list[n % Math.max(1, list.length)]
const named = (name: string, run: Edit): Named => ({ name, edit: run })

const anEdit: fc.Arbitrary<Named> = fc
  .tuple(fc.nat(9), fc.nat(40), fc.nat(40), fc.double({ min: 1, max: 900, noNaN: true }))
  .map(([kind, n, m, grams]): Named => {
    switch (kind) {
      case 0:
        return named('add a line', (f) => {
          const id = edit.idFor(
            'salt',
            allLines(f).map((l) => l.id),
          )
          const group = at(f.groups, n)
          return group ? edit.addLine(f, { id, group: group.id, ingredient: 'salt', grams }) : f
        })
      case 1:
        return named('weigh again', (f) => edit.changeLine(f, at(f.lines, n)?.id ?? '', { grams }))
      case 2:
        return named('take a line out', (f) => edit.removeLine(f, at(f.lines, n)?.id ?? ''))
      case 3:
        return named('move a line', (f) => {
          const [line, group] = [at(f.lines, n), at(f.groups, m)]
          return line && group ? edit.moveLine(f, line.id, group.id, at(f.lines, m)?.id ?? null) : f
        })
      case 4:
        return named('add a group', (f) => {
          const id = edit.idFor(
            'more',
            [...f.groups, ...f.steps].map((x) => x.id),
          )
          const step = { id, label: 'More', when: { on: 'ready' as const }, say: 'In', why: 'Now', act: 'In', adds: id }
          return edit.addGroup(f, { id, label: 'More', celsius: 20 }, step)
        })
      case 5:
        return named('take a group out', (f) => edit.removeGroup(f, at(f.groups, n)?.id ?? ''))
      case 6:
        return named('call a group otherwise', (f) =>
          edit.changeGroup(f, at(f.groups, n)?.id ?? '', { label: 'Later' }),
        )
      case 7:
        return named('add a step', (f) => {
          const id = edit.idFor(
            'look',
            f.steps.map((s) => s.id),
          )
          const step = { id, label: 'Look', when: { on: 'ready' as const }, say: 'Look', why: 'Now', act: 'Looked' }
          return edit.addStep(f, step, at(f.steps, m)?.id ?? null)
        })
      case 8:
        return named('move a step', (f) => edit.moveStep(f, at(f.steps, n)?.id ?? '', at(f.steps, m)?.id ?? null))
      default:
        return named('say a step otherwise', (f) => edit.changeStep(f, at(f.steps, n)?.id ?? '', { say: 'Now this' }))
    }
  })
const session = fc.array(anEdit, { maxLength: 25 })
const apply = (f: FormulaDocument, edits: readonly Named[]): FormulaDocument => edits.reduce((g, e) => e.edit(g), f)
const aFormula = fc.constantFrom(...Object.values(demoFormulas))

describe('whatever is edited, in whatever order', () => {
  it('the formula can still be cooked, but for having nothing in it', () => {
    fc.assert(
      fc.property(aFormula, session, (formula, edits) => {
        const after = apply(formula, edits)
        expect(faultsOf(after).filter((f) => !/^No(?:thing| sugar) goes in/.test(f))).toEqual([])
      }),
    )
  })

  it('the formula it began from is as it was: undo only has to go back', () => {
    fc.assert(
      fc.property(aFormula, session, (formula, edits) => {
        const before = JSON.stringify(formula)
        apply(formula, edits)
        expect(JSON.stringify(formula)).toBe(before)
      }),
    )
  })

  it('every line stays in a group that is there, once', () => {
    fc.assert(
      fc.property(aFormula, session, (formula, edits) => {
        for (const { formula: piece } of piecesOf(apply(formula, edits))) {
          const groups = new Set(piece.groups.map((g) => g.id))
          for (const line of piece.lines) expect(groups.has(line.group)).toBe(true)
          expect(new Set(piece.lines.map((l) => l.id)).size).toBe(piece.lines.length)
        }
      }),
    )
  })

  it('what changed in the list can be read off, and put together gives the new list', () => {
    fc.assert(
      fc.property(aFormula, session, (formula, edits) => {
        const after = apply(formula, edits)
        const moved = lineChanges(formula, after).reduce((g, c) => g + (c.after ?? 0) - (c.before ?? 0), 0)
        const weighed = (f: FormulaDocument): number => allLines(f).reduce((g, l) => g + l.grams, 0)
        // a change under a twentieth of a gram is not one
        expect(Math.abs(weighed(after) - weighed(formula) - moved)).toBeLessThan(0.05 * allLines(formula).length + 0.01)
      }),
    )
  })
})

describe('steps and parts', () => {
  const formula = demoFormulas['smoked-salt-tamarind-caramels'] as FormulaDocument
  it('a step taken out takes nothing else with it, and one put back is where it was', () => {
    for (const [i, step] of formula.steps.entries()) {
      const without = edit.removeStep(formula, step.id)
      expect(without.steps).toHaveLength(formula.steps.length - 1)
      expect(without.lines).toEqual(formula.lines)
      expect(edit.addStep(without, step, formula.steps[i + 1]?.id ?? null)).toEqual(formula)
    }
  })

  it('without the step that puts it in, a group is missed; without the pull, the target is', () => {
    for (const step of formula.steps) {
      const faults = faultsOf(edit.removeStep(formula, step.id))
      if (step.adds)
        expect(faults).toContain(`No step puts “${formula.groups.find((g) => g.id === step.adds)?.label}” in`)
      else if (step.when.on === 'target') expect(faults).toContain('No step takes the pot off at the target')
      else expect(faults).toEqual([])
    }
  })

  it('a part is called otherwise without being another', () => {
    const bars = demoFormulas['rye-shortcake-bars'] as FormulaDocument
    const after = edit.changePart(bars, 'top', { label: 'Glaze' })
    expect(after.parts?.map((p) => p.label)).toContain('Glaze')
    expect(after.parts?.map((p) => p.formula)).toEqual(bars.parts?.map((p) => p.formula))
    expect(faultsOf(after)).toEqual([])
  })

  it('a new formula needs only something to go in', () => {
    expect(faultsOf(edit.blankFormula)).toEqual(['Nothing goes in'])
    const sugar = { id: 'sugar', group: 'pot', ingredient: 'sugar', grams: 500 }
    expect(faultsOf(edit.addLine(edit.blankFormula, sugar))).toEqual([])
    expect(edit.blankFormula.steps).toEqual(expect.arrayContaining([edit.plainPour]))
    expect(edit.blankFormula.steps.find((s) => s.id === 'pull')).toMatchObject(edit.plainPull)
  })
})

describe('two formulas side by side', () => {
  const boiled = Object.entries(demoFormulas).filter(([, f]) => isBoiled(f))
  test.each(boiled)('%s does not differ from itself', (_, formula) => {
    expect(lineChanges(formula, formula)).toEqual([])
    expect(differences(formula, formula, testConditions).filter((d) => d.matters)).toEqual([])
  })

  test.each(boiled)('%s and a saltier one differ the same either way round', (_, formula) => {
    const group = formula.groups[0]?.id ?? ''
    const salted = edit.addLine(formula, { id: 'more-salt', group, ingredient: 'salt', grams: 7 })
    const [there, back] = [differences(formula, salted, testConditions), differences(salted, formula, testConditions)]
    expect(back.map(({ id, before, after }) => ({ id, before: after, after: before }))).toEqual(
      there.map(({ id, before, after }) => ({ id, before, after })),
    )
    expect(lineChanges(formula, salted)).toEqual([expect.objectContaining({ before: null, after: 7 })])
    expect(lineChanges(salted, formula)).toEqual([expect.objectContaining({ before: 7, after: null })])
  })

  it('another ingredient in a line is one gone and one come', () => {
    const f = demoFormulas['smoked-salt-tamarind-caramels'] as FormulaDocument
    const line = f.lines.find((l) => l.ingredient === 'butter') ?? (f.lines.at(-1) as FormulaDocument['lines'][number])
    const other = edit.changeLine(f, line.id, { ingredient: 'salt' })
    expect(lineChanges(f, other)).toEqual([
      expect.objectContaining({ before: line.grams, after: null }),
      expect.objectContaining({ before: null, after: line.grams }),
    ])
  })
})
