import fc from 'fast-check'
import { expect, it } from 'vitest'
import { pantryOf } from '../matter/names'
import { piecesOf, pullIndex, type SingleFormula } from './document'
import { uncapital } from './method'
import { joinedSweets } from './moments-joined.table'
import { readRecipe } from './recipe'

const pantry = pantryOf()

/** What is put between two moments; the second of them goes on in small letters but after a full stop. */
const LINKS = ['. ', '. Then ', ', then ', ' then ', ' and then ', '; ', ', and ']

/** Where it comes off, what goes in before and after that, what is waited for, and what is asked. */
function meant(list: readonly string[], method: string): unknown {
  const { formula, asks } = readRecipe(`Test\n\n${list.join('\n')}\n\nMethod\n${method}.`, pantry)
  const of = (piece: SingleFormula): unknown => {
    const at = new Map(piece.steps.map((s, i) => [s.adds, i]))
    const pull = pullIndex(piece)
    return {
      target: piece.target?.celsius,
      lines: piece.lines.map((l) => `${l.ingredient} ${(at.get(l.group) ?? 0) > pull ? 'after' : 'before'}`).sort(),
      waits: piece.steps.slice(pull + 1).flatMap((s) => (s.when.on === 'after' ? [s.when.seconds] : [])),
    }
  }
  return { pieces: piecesOf(formula).map((p) => of(p.formula)), asks: asks.map((a) => a.id) }
}

it('reads a method the same, however its moments are joined into sentences', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...joinedSweets).chain(({ list, method }) =>
        fc.record({
          list: fc.constant(list),
          moments: fc.tuple(...method.map((words) => fc.constantFrom(...words))),
          links: fc.array(fc.constantFrom(...LINKS), { minLength: method.length, maxLength: method.length }),
        }),
      ),
      ({ list, moments, links }) => {
        const joined = moments
          .map((m, i) => (i === 0 ? m : `${links[i]}${links[i] === '. ' ? m : uncapital(m)}`))
          .join('')
        expect(meant(list, joined), joined).toEqual(meant(list, moments.join('. ')))
      },
    ),
    { numRuns: 200 },
  )
})
