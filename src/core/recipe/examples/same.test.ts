/** What must not matter: a recipe that is written otherwise and says the same is read the same. */
import { describe, expect, it } from 'vitest'
import { pantryOf } from '../../matter/names'
import { type ReadRecipe, readRecipe } from '../recipe'
import { moments } from './moments.table'
import { besideMoments } from './moments-beside.table'
import { notedMoments } from './moments-notes.table'
import { shortMoments } from './moments-short.table'

const pantry = pantryOf()
const recipes = [...moments, ...besideMoments, ...shortMoments, ...notedMoments].map(
  ([, list, method]) => `A sweet\n\nIngredients\n${list}\n\nMethod\n${method}`,
)

function written({ formula, questions, asks }: ReadRecipe) {
  return {
    lines: formula.lines.map((l) => [l.ingredient, l.grams, l.group]),
    steps: formula.steps.map((s) => [s.when, s.adds, s.empties, s.heat, s.offHeat]),
    target: formula.target,
    asked: [questions.length, asks.length],
  }
}

const ways: readonly (readonly [string, (text: string) => string])[] = [
  ['other line ends', (t) => t.replace(/\n/g, '\r\n')],
  ['spaces at the ends of rows', (t) => t.replace(/\n/g, '   \n')],
  ['set in', (t) => t.replace(/^/gm, '    ')],
  ['no-break spaces', (t) => t.replace(/(\d) (?=(?:g|ml|cups?|tsp|tbsp)\b)/g, '$1\u00a0')],
  [
    'signs for fractions',
    (t) =>
      t
        .replace(/\b1\/2\b/g, '½')
        .replace(/\b1\/4\b/g, '¼')
        .replace(/\b3\/4\b/g, '¾'),
  ],
  ['other quotes', (t) => t.replace(/'/g, '’').replace(/"/g, '”')],
  ['other degrees', (t) => t.replace(/ ?° ?([CF])\b/g, ' º$1')],
  ['degrees in words', (t) => t.replace(/ ?° ?C\b/g, ' degrees Celsius').replace(/ ?° ?F\b/g, ' degrees Fahrenheit')],
  ['units in words', (t) => t.replace(/(\d) ?g\b/g, '$1 grams').replace(/(\d) ?ml\b/g, '$1 millilitres')],
  ['without a name', (t) => t.replace(/^A sweet\n\n/, '')],
  ['headings in capitals', (t) => t.replace('Ingredients', 'INGREDIENTS').replace('Method', 'METHOD:')],
  ['headings with marks', (t) => t.replace('Ingredients', '## Ingredients').replace('Method', '**Method**')],
  ['hyphens for dashes', (t) => t.replace(/(?<=\d)–(?=\d)/g, '-')],
]

/** What is put in when, and where it ends, whatever its groups are called. */
function meant({ formula, questions, asks }: ReadRecipe): string {
  const goesIn = (group: string | undefined): string[] =>
    formula.lines.filter((l) => l.group === group).map((l) => `${l.ingredient} ${Math.round(l.grams)}`)
  return JSON.stringify([
    formula.steps.map((s) => [s.when, s.adds ? goesIn(s.adds).sort() : null, s.empties, s.heat, s.offHeat, s.lid]),
    formula.target?.celsius,
    [questions.length, asks.length],
  ])
}

/** A method in another hand. */
const inMethod =
  (way: (method: string) => string) =>
  (text: string): string => {
    const [list = '', method = ''] = text.split('\n\nMethod\n')
    return `${list}\n\nMethod\n${way(method)}`
  }
const sentencesOf = (method: string): string[] => method.split(/(?<=[.!])\s+(?=\p{Lu})/u)
const ofLine = (line: string, most: number): string =>
  line.replace(new RegExp(`(.{1,${most}})(?: +|$)`, 'g'), '$1\n').trimEnd()

/** Hands in which now and then a word is lost that tells two things apart: so many of a hundred mean the same ◊ */
const hands: readonly (readonly [string, number, (text: string) => string])[] = [
  ['without a name, and no heading', 97, (t) => t.replace(/^A sweet\n\nIngredients\n/, '').replace('\nMethod\n', '\n')],
  ['without a capital', 97, inMethod((m) => m.replace(/(?<=[.!] |^)\p{Lu}(?=\p{Ll})/gmu, (c) => c.toLowerCase()))],
  ['without an article', 94, inMethod((m) => m.replace(/\b(?:the|an?) /g, ''))],
  [
    'in rows of so many letters',
    95,
    inMethod((m) =>
      m
        .split('\n')
        .map((l) => ofLine(l, 72))
        .join('\n'),
    ),
  ],
  [
    'a sentence a row, without stops',
    96,
    inMethod((m) =>
      sentencesOf(m)
        .map((s) => s.replace(/\.$/, ''))
        .join('\n'),
    ),
  ],
  [
    'in both scales',
    97,
    inMethod((m) => m.replace(/(\d+(?:\.\d)?) ?°C/g, (_, c) => `${c}°C (${Math.round(c * 1.8 + 32)}°F)`)),
  ],
  [
    'with care',
    95,
    inMethod((m) => m.replace(/(?<=[.!] )(?!Off\b)\p{Lu}(?=\p{Ll}+ the\b)/gu, (c) => `Carefully ${c.toLowerCase()}`)),
  ],
  [
    'with a mark before each step',
    95,
    inMethod((m) => (/\n|^Method:/.test(m) ? m : `• ${sentencesOf(m).join('\n• ')}`)),
  ],
  [
    'with its steps counted in words',
    95,
    inMethod((m) =>
      /\n|^Method:/.test(m)
        ? m
        : sentencesOf(m)
            .map((s, i) => `Step ${i + 1}: ${s}`)
            .join('\n\n'),
    ),
  ],
  [
    'as its maker tells it',
    95,
    inMethod((m) => m.replace(/(?<=[.] )(?:Add|Boil|Pour|Put|Spread|Stir)(?= )/g, (c) => `I ${c.toLowerCase()}`)),
  ],
  [
    'with the flame put out',
    95,
    inMethod((m) =>
      m
        .replace(/\b(?:(?:Remove|Take)(?: it| the pan)? (?:from|off)|Off)(?: the)? heat\b/g, 'Kill the flame')
        .replace(/\b(?:remove|take)(?: it| the pan)? (?:from|off)(?: the)? heat\b/g, 'turn it off'),
    ),
  ],
  [
    'in other words',
    94,
    inMethod((m) =>
      m
        .replace(/\badd the\b/g, 'put in the')
        .replace(/\bAdd the\b/g, 'Put in the')
        .replace(/\bstir in\b/g, 'mix in')
        .replace(/\buntil\b/g, 'till')
        .replace(/ and /g, ' & '),
    ),
  ],
]

/** ◊ So few are all read. */
const FEW = 60
/** Recipes that a way changes: of many every so many, each way others, so that all of them are met. */
function changedBy(way: (text: string) => string, nth: number, every: number) {
  const all = recipes.flatMap((text, i) => (way(text) === text ? [] : [{ i, other: way(text) }]))
  return all.length < FEW ? all : all.filter((_, k) => k % every === nth % every)
}

describe('a recipe that is written otherwise', () => {
  const asRead = recipes.map((text) => readRecipe(text, pantry))

  it.each(ways.map(([name, way], nth) => ({ name, way, nth })))('is the same: $name', ({ way, nth }) => {
    const others = changedBy(way, nth, 9)
    expect(others.length).toBeGreaterThan(0)
    for (const { i, other } of others)
      expect(written(readRecipe(other, pantry)), other).toEqual(written(asRead[i] as ReadRecipe))
  })

  it.each(hands.map(([name, least, way], nth) => ({ name, least, way, nth })))(
    'mostly means the same: $name, $least of a hundred',
    ({ least, way, nth }) => {
      const others = changedBy(way, nth, 3)
      const changed = others.filter(
        ({ i, other }) => meant(readRecipe(other, pantry)) !== meant(asRead[i] as ReadRecipe),
      )
      expect(others.length).toBeGreaterThanOrEqual(20)
      expect(
        100 * (1 - changed.length / others.length),
        changed.map(({ other }) => other).join('\n\n'),
      ).toBeGreaterThanOrEqual(least)
    },
  )
})
