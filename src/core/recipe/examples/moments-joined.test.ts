import fc from 'fast-check'
import { expect, it } from 'vitest'
import { piecesOf, pullIndex, type SingleFormula } from '../../formula/document'
import { uncapital } from '../../formula/sentence'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'
import { joinedSweets } from './moments-joined.table'

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

/** A sweet, one way to say each of its moments, and how they are joined. */
const told = fc.constantFrom(...joinedSweets).chain(({ list, method }) =>
  fc.record({
    list: fc.constant(list),
    moments: fc.tuple(...method.map((words) => fc.constantFrom(...words))),
    links: fc.array(fc.constantFrom(...LINKS), { minLength: method.length, maxLength: method.length }),
  }),
)

const join = (moments: readonly string[], links: readonly string[]): string =>
  moments.map((m, i) => (i === 0 ? m : `${links[i]}${links[i] === '. ' ? m : uncapital(m)}`)).join('')

it('reads a method the same, however its moments are joined into sentences', () => {
  fc.assert(
    fc.property(told, ({ list, moments, links }) => {
      const joined = join(moments, links)
      expect(meant(list, joined), joined).toEqual(meant(list, moments.join('. ')))
    }),
    { numRuns: 50 },
  )
})

/** What a line is called by in a method: the last of its words that is no grade. */
const calledBy = (line: string): string =>
  /egg whites/.exec(line)?.[0] ??
  line
    .replace(/ (?:\d+ DE|\d+%|powder)$/, '')
    .split(' ')
    .at(-1) ??
  ''
/** What is only got ready, and puts nothing in. */
const READIES = /^(?:butter a|chop|grease|heat the oven|keep|lightly|line|measure|oil|prepare|roast|sift|toast|warm)/i

/** The moments with each amount where its thing is first put in; null where one is nowhere spoken of, or shared. */
function measured(list: readonly string[], moments: readonly string[]): string[] | null {
  const left = new Set(list)
  const said = moments.map((moment) =>
    READIES.test(moment)
      ? moment
      : [...left].reduce((sentence, line) => {
          const named = new RegExp(`(?:the )?(?<!\\d+ g )\\b${calledBy(line)}s?\\b(?! syrup)`, 'i')
          return named.test(sentence) && left.delete(line) ? sentence.replace(named, line) : sentence
        }, moment),
  )
  // half of something is no amount of its own
  return left.size > 0 || moments.some((m) => /\bhalf\b/.test(m)) ? null : said
}

it('reads a method that measures itself as it does one with a list', () => {
  let tried = 0
  fc.assert(
    fc.property(told, ({ list, moments, links }) => {
      const said = measured(list, moments)
      if (!said) return
      tried++
      const joined = join(said, links)
      expect(meant([], joined), joined).toEqual(meant(list, moments.join('. ')))
    }),
    { numRuns: 200 },
  )
  expect(tried).toBeGreaterThan(30)
})
