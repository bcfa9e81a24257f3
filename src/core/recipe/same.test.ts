/** What must not matter: a recipe that is written otherwise and says the same is read the same. */
import { describe, expect, it } from 'vitest'
import { pantryOf } from '../matter/names'
import { moments } from './moments.table'
import { besideMoments } from './moments-beside.table'
import { notedMoments } from './moments-notes.table'
import { shortMoments } from './moments-short.table'
import { readRecipe } from './recipe'

const pantry = pantryOf()
const recipes = [...moments, ...besideMoments, ...shortMoments, ...notedMoments].map(
  ([, list, method]) => `A sweet\n\nIngredients\n${list}\n\nMethod\n${method}`,
)

function read(text: string) {
  const { formula, questions, asks } = readRecipe(text, pantry)
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
  ['headings in capitals', (t) => t.replace('Ingredients', 'INGREDIENTS').replace('Method', 'METHOD:')],
  ['headings with marks', (t) => t.replace('Ingredients', '## Ingredients').replace('Method', '**Method**')],
  ['hyphens for dashes', (t) => t.replace(/(?<=\d)–(?=\d)/g, '-')],
]

describe('a recipe that is written otherwise', () => {
  const asWritten = recipes.map(read)

  it.each(ways)('is the same: %s', (_, way) => {
    const others = recipes.flatMap((text, i) => (way(text) === text ? [] : [{ text, i }]))
    expect(others.length).toBeGreaterThan(0)
    for (const { text, i } of others) expect(read(way(text)), text).toEqual(asWritten[i])
  })
})
