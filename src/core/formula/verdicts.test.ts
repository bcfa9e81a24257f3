import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { demoBoil, demoFormulas } from '@/demo/formulas'
import { type BoiledFamilyId, firstSchool } from '../craft/families'
import { expectedOf } from '../craft/testing'
import { ingredients } from '../matter/ingredients'
import { standardPressure } from '../physics/water'
import { testConditions } from '../testing'
import { analyse } from './analyse'
import { type BoiledFormula, type FormulaDocument, gramsAsWritten, isBoiled, piecesOf } from './document'
import { toRecipe } from './json-ld'
import { type Verdict, verdictsOf, wholeVerdicts } from './verdicts'

const all = Object.values(demoFormulas)
const bearing = ingredients.filter((i) => i.allergens.length > 0 && !i.whole)

/** `formula` with one more ingredient in the group `nth` of all its groups, wherever that is. */
function with1(formula: FormulaDocument, nth: number, ingredient: string): FormulaDocument {
  const places = piecesOf(formula).flatMap((p) => p.formula.groups.map((g) => ({ part: p.part, group: g.id })))
  const place = places[nth % places.length]
  if (!place) return formula
  const line = { id: 'one-more', group: place.group, ingredient, grams: 5 }
  if (place.part === null) return { ...formula, lines: [...formula.lines, line] }
  return {
    ...formula,
    parts: formula.parts?.map((p) =>
      p.id === place.part ? { ...p, formula: { ...p.formula, lines: [...p.formula.lines, line] } } : p,
    ),
  }
}

const saidAllergens = (verdicts: readonly Verdict[]) =>
  verdicts.flatMap((v) => (v.id === 'allergens' ? [...v.figures.allergens] : []))

describe('allergens', () => {
  it('are those of everything in the sweet, whichever part is shown, and in what is given away', () => {
    fc.assert(
      fc.property(fc.constantFrom(...all), fc.nat(40), fc.constantFrom(...bearing), (formula, nth, ingredient) => {
        const whole = with1(formula, nth, ingredient.id)
        for (const { formula: piece } of piecesOf(whole)) {
          const verdicts = isBoiled(piece)
            ? verdictsOf(analyse(piece, testConditions), testConditions, whole)
            : wholeVerdicts(piece, gramsAsWritten(whole), whole)
          expect(saidAllergens(verdicts)).toEqual(expect.arrayContaining([...ingredient.allergens]))
        }
        for (const a of ingredient.allergens) expect(toRecipe(whole).description).toContain(a)
      }),
      { numRuns: 60 },
    )
  })
})

describe('a syrup that joins another pot', () => {
  it('is no sweet that is bitten, wrapped or cut; a layer is', () => {
    const ofPart = (id: string, part: string) => {
      const whole = demoFormulas[id] as FormulaDocument
      const piece = piecesOf(whole).find((p) => p.part === part)?.formula
      if (!piece || !isBoiled(piece)) throw new Error(`nothing is boiled in ${part}`)
      return verdictsOf(analyse(piece, testConditions), testConditions, whole, part).map((v) => v.id)
    }
    expect(ofPart('bay-leaf-honey-nougat', 'honey')).toEqual(['water', 'grain', 'fits', 'allergens'])
    expect(ofPart('rye-shortcake-bars', 'filling')).toContain('bite')
  })
})

/** What is expected of the ordinary formula of a family, as a confectioner would say it before it is computed. */
interface Row {
  /** In a room at 30, 63 and 85 %. */
  readonly rooms: readonly [string, string, string]
  /** Pulled 4° early, right, and 4° late. Between two words either is right. */
  readonly bites: readonly [readonly string[], readonly string[], readonly string[]]
  /** With ten points fewer doctors, as it is, and with ten more. */
  readonly grains: readonly [string, string, string]
}

const snaps = ['snaps-clean']
const glassy = ['steady', 'sticky', 'sticky'] as const

const table: Readonly<Record<BoiledFamilyId, Row>> = {
  'hard-candy': { rooms: glassy, bites: [snaps, snaps, snaps], grains: ['may', 'if-stirred', 'resists'] },
  caramel: {
    rooms: ['dries', 'sticky', 'sticky'],
    bites: [['firm-chew', 'soft-chew'], ['firm-chew'], ['very-firm-chew', 'bends']],
    grains: ['if-stirred', 'resists', 'resists'],
  },
  'caramel-sauce': {
    rooms: ['dries', 'dries', 'sticky'],
    bites: [['pours'], ['pours', 'spoonable'], ['spoonable']],
    grains: ['may', 'if-stirred', 'resists'],
  },
  'condensed-milk': {
    rooms: ['dries', 'steady', 'sticky'],
    bites: [['spoonable'], ['soft-chew', 'firm-chew'], ['firm-chew']],
    // milk and golden syrup keep it from graining: without them it is another sweet
    grains: ['may', 'may', 'resists'],
  },
  toffee: { rooms: glassy, bites: [['hard', ...snaps], snaps, snaps], grains: ['readily', 'readily', 'may'] },
  brittle: { rooms: glassy, bites: [snaps, snaps, snaps], grains: ['may', 'if-stirred', 'resists'] },
  honeycomb: { rooms: glassy, bites: [['hard', ...snaps], snaps, snaps], grains: ['may', 'if-stirred', 'resists'] },
  fudge: {
    rooms: ['dries', 'dries', 'steady'],
    bites: [['soft-grain'], ['firm-grain', 'soft-grain'], ['dry-grain', 'firm-grain']],
    grains: ['readily', 'readily', 'may'],
  },
  nougat: {
    rooms: ['dries', 'sticky', 'sticky'],
    bites: [['soft-chew'], ['soft-chew', 'firm-chew'], ['soft-chew', 'firm-chew']],
    grains: ['resists', 'resists', 'resists'],
  },
  marshmallow: {
    rooms: ['dries', 'dries', 'steady'],
    bites: [['soft-chew'], ['soft-chew'], ['soft-chew']],
    grains: ['may', 'resists', 'none'],
  },
  jelly: {
    // wetter than a caramel, so it draws damp later
    rooms: ['dries', 'steady', 'sticky'],
    bites: [['soft-chew'], ['soft-chew'], ['soft-chew']],
    // the acid of the fruit splits the sugar as it boils
    grains: ['none', 'none', 'none'],
  },
  popcorn: {
    rooms: glassy,
    bites: [['bends', 'hard'], ['hard'], ['hard', ...snaps]],
    grains: ['may', 'if-stirred', 'resists'],
  },
}

/** The ordinary formula of a family, pulled `by` °C hotter, `doctors` more of its sweeteners glucose syrup: as far as it has any to give for sugar. */
async function ordinaryOf(family: BoiledFamilyId, by = 0, doctors = 0): Promise<BoiledFormula> {
  const { pot, after = {}, target } = (await expectedOf(family)).ordinary
  const sugar = Object.keys(pot).find((id) => /sugar/.test(id)) as string
  const written = (moved: number): BoiledFormula => ({
    ...demoBoil('smoked-salt-tamarind-caramels'),
    family,
    school: firstSchool(family),
    groups: ['pot', 'after'].map((id) => ({ id, label: id, celsius: 20 })),
    lines: [
      ...Object.entries({
        ...pot,
        [sugar]: (pot[sugar] ?? 0) - moved,
        'glucose-42': (pot['glucose-42'] ?? 0) + moved / 0.8,
      }).map(([ingredient, grams]) => ({ id: ingredient, group: 'pot', ingredient, grams })),
      ...Object.entries(after).map(([ingredient, grams]) => ({
        id: `${ingredient}-after`,
        group: 'after',
        ingredient,
        grams,
      })),
    ],
    steps: [
      { ...bare, id: 'light', when: { on: 'ready' }, adds: 'pot', heat: 6 },
      { ...bare, id: 'pull', when: { on: 'target' }, offHeat: true },
      { ...bare, id: 'after', when: { on: 'ready' }, adds: 'after' },
      { ...bare, id: 'pour', when: { on: 'ready' }, empties: true },
    ],
    target: { celsius: target + by, within: 1 },
  })
  const doctorsOf = (moved: number): number => analyse(written(moved), testConditions).doctors
  const wanted = doctorsOf(0) + doctors
  let [low, high] = [-(pot['glucose-42'] ?? 0), pot[sugar] ?? 0]
  for (let i = 0; i < 30 && doctors !== 0; i++) {
    const middle = (low + high) / 2
    if (doctorsOf(middle) < wanted) low = middle
    else high = middle
  }
  return written(doctors === 0 ? 0 : low)
}

const bare = { label: 'A step', say: '', why: '', act: '' }

const verdictOf = <Id extends Verdict['id']>(
  formula: BoiledFormula,
  id: Id,
  change: Partial<typeof testConditions> = {},
): Extract<Verdict, { id: Id }> => {
  const conditions = { ...testConditions, ...change }
  const found = verdictsOf(analyse(formula, conditions), conditions, formula).find((v) => v.id === id)
  return found as Extract<Verdict, { id: Id }>
}

describe.each(Object.entries(table) as [BoiledFamilyId, Row][])('%s, one factor at a time', (family, row) => {
  it('keeps in a dry, a usual and a damp room as it does', async () => {
    const formula = await ordinaryOf(family)
    const seen = [0.3, 0.63, 0.85].map((humidity) => verdictOf(formula, 'humidity', { humidity }).figures.keeping)
    expect(seen).toEqual(row.rooms)
  })

  it('bites as it should when it is pulled early, right and late', async () => {
    for (const [i, by] of [-4, 0, 4].entries()) {
      const { bite } = verdictOf(await ordinaryOf(family, by), 'bite').figures
      expect(row.bites[i], `${by}°`).toContain(bite)
    }
  })

  it('grains less readily with more doctors', async () => {
    const seen = []
    for (const by of [-0.1, 0, 0.1]) seen.push(verdictOf(await ordinaryOf(family, 0, by), 'grain').figures.risk)
    expect(seen).toEqual(row.grains)
  })

  it('is drier and harder the hotter it is pulled, at the sea and up the hill', async () => {
    for (const metres of [12, 1480]) {
      const pressurePa = standardPressure(metres)
      const figures = []
      for (const by of [-4, 0, 4]) {
        const formula = await ordinaryOf(family, by)
        figures.push({
          water: verdictOf(formula, 'water', { pressurePa }).figures.share,
          bite: verdictOf(formula, 'bite', { pressurePa }).figures.aboveGlass,
        })
      }
      const [under, right, over] = figures
      expect(under?.water).toBeGreaterThan(right?.water ?? 1)
      expect(right?.water).toBeGreaterThan(over?.water ?? 1)
      expect(under?.bite).toBeGreaterThan(right?.bite ?? 99)
      expect(right?.bite).toBeGreaterThan(over?.bite ?? 99)
    }
  })

  it('comes out the same up the hill: the target is a composition', async () => {
    const formula = await ordinaryOf(family)
    const [sea, hill] = [12, 1480].map(
      (m) => verdictOf(formula, 'water', { pressurePa: standardPressure(m) }).figures.share,
    )
    expect(hill).toBeCloseTo(sea ?? 0, 3)
  })
})

describe('work', () => {
  test.each([
    ['honeycomb', 'plain', 'tipped'],
    ['fudge', 'cool-beat', 'beaten'],
    ['fudge', 'stir-soon', 'stirred'],
    ['fudge', 'no-grain', 'poured'],
    ['marshmallow', 'gelatin', 'whipped'],
    ['popcorn', 'crisp', 'tossed'],
    ['jelly', 'pectin', 'set'],
    ['toffee', 'thermometer', 'spread'],
    ['hard-candy', 'boil-per-colour', 'poured'],
    ['hard-candy', 'pulled', 'pulled'],
  ] as const)('%s, %s, is %s, and no other work is spoken of', async (family, school, work) => {
    expect(verdictOf({ ...(await ordinaryOf(family)), school }, 'work').figures.work).toBe(work)
  })

  it('a fudge that is to stay smooth is no grained sweet: its sugar is dissolved, and grain is a fault in it', async () => {
    const grained = await ordinaryOf('fudge')
    const smooth = { ...grained, school: 'no-grain' }
    expect(verdictOf(smooth, 'humidity').figures.driesBelow).toBeLessThan(
      verdictOf(grained, 'humidity').figures.driesBelow,
    )
    expect(verdictOf(grained, 'grain').tone).toBe('good')
    expect(verdictOf(smooth, 'grain').tone).toBe('mind')
  })

  it('what is dropped from a spoon is spread by nobody', () => {
    const drops = demoBoil('treacle-dark-butterscotch-drops')
    const slab = { ...drops, shape: { kind: 'broken', thicknessMm: 7, gramsEach: 8 } as const }
    expect(verdictOf(drops, 'work').figures.by).toBe('dropped')
    // it keeps its heat in the pot longer than on a tray
    expect(verdictOf(drops, 'work').figures.until).toBeGreaterThan(verdictOf(slab, 'work').figures.until)
  })

  it('drops filled from the pot leave minutes, not one', () => {
    expect(verdictOf(demoBoil('rhubarb-nettle-elderflower-drops'), 'work').figures.until).toBeGreaterThan(120)
  })
})
