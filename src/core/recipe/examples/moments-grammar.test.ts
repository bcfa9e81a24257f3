/** Methods made from their meaning: whatever words a cook is written in, each thing goes in at its moment and the end is the end. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { faultsOf } from '../../formula/faults'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'

const pantry = pantryOf()

interface Meant {
  readonly fahrenheit: boolean
  readonly starts: (of: string) => string
  /** What goes in on the way, by what words, at which °C. */
  readonly rises: {
    readonly what: Thing
    readonly says: (of: string, at: string) => string
    readonly celsius: number
  } | null
  readonly ends: (at: string) => string
  readonly celsius: number
  /** What goes in off the heat. */
  readonly last: { readonly what: Thing; readonly says: (of: string) => string } | null
  readonly beside: {
    readonly what: Thing
    readonly warms: (of: string) => string
    readonly puts: (of: string) => string
  } | null
  /** What is done before the first flame, and to the almonds, where there are some. */
  readonly ready: string
  readonly nuts: string
  readonly pours: string
  readonly waits: { readonly says: string; readonly seconds: number } | null
  readonly aside: string
  readonly layout: Layout
}

/** How list and method stand on the page. */
type Layout = (list: readonly string[], method: readonly string[]) => string

/** A line of the list, and what the method calls it. */
type Thing = readonly [line: string, called: string, id: string]

const onTheWay: readonly Thing[] = [
  ['200 g raw peanuts', 'the peanuts', 'peanuts'],
  ['60 g butter', 'the butter', 'butter'],
  ['20 g lemon juice', 'lemon juice', 'lemon-juice'],
]
const atLast: readonly Thing[] = [
  ['2 tsp vanilla extract', 'the vanilla', 'vanilla'],
  ['1 tsp baking soda', 'the soda', 'soda'],
  ['100 g almonds, chopped', 'the almonds', 'almonds'],
  ['3 g salt', 'the salt', 'salt'],
]
const warmed: readonly Thing[] = [
  ['200 ml double cream', 'the cream', 'cream-48'],
  ['200 ml whole milk', 'the milk', 'milk-whole'],
]

const numbered = (lines: readonly string[]): string => lines.map((l, i) => `${i + 1}. ${l}`).join('\n')

const of = <T>(...items: readonly T[]) => fc.constantFrom(...items)
const maybe = <T>(a: fc.Arbitrary<T>) => fc.option(a, { freq: 2 })

const meant: fc.Arbitrary<Meant> = fc.record({
  fahrenheit: fc.boolean(),
  starts: of<Meant['starts']>(
    (it) => `Put ${it} in a heavy pan over a low heat and stir until dissolved.`,
    (it) => `In a large saucepan, combine ${it}.`,
    (it) => `Combine ${it} in a 2-qt. saucepan; cook slowly, stirring, till it is clear.`,
    (it) => `Bring ${it} to a boil, stirring.`,
    () => 'Put everything in a pan and heat gently.',
    (it) => `Place ${it} into a deep pot and set over medium heat.`,
    (it) => `Add ${it} to a medium saucepan over medium-high heat; swirl to combine.`,
    (it) => `Measure ${it} into a wide pan. Heat, stirring, until every grain has gone.`,
    (it) => `Dissolve ${it} together over a gentle heat.`,
    (it) => `Set a pan with ${it} over a moderate flame.`,
    (it) => `Start by boiling ${it} together in a heavy-based pan.`,
    (it) => `Tip ${it} in a pan, low heat, until melted.`,
  ),
  rises: maybe(
    fc.record({
      what: of(...onTheWay),
      celsius: of(110, 115, 120),
      says: of<NonNullable<Meant['rises']>['says']>(
        (it, at) => `When it reaches ${at}, add ${it}.`,
        (it, at) => `At ${at} stir in ${it}.`,
        (it, at) => `Cook to ${at}; add ${it}.`,
        (it, at) => `Boil until it reads ${at}, then stir in ${it}.`,
        (it, at) => `As soon as the syrup hits ${at}, tip in ${it}.`,
        (it, at) => `Add ${it} once it gets to ${at}.`,
        (it, at) => `Stir in ${it} at ${at}.`,
        (it, at) => `Boil to ${at} and add ${it}.`,
        (it, at) => `Wait until the thermometer says ${at}; then ${it} can go in.`,
        (it, at) => `Bring it up to ${at}. Stir in ${it}.`,
        (it, at) => `${at}: add ${it}.`,
      ),
    }),
  ),
  celsius: of(140, 146, 150),
  ends: of<Meant['ends']>(
    (at) => `Cook, stirring now and then, to ${at}.`,
    (at) => `Boil without stirring until a thermometer registers ${at}, about 15 minutes.`,
    (at) => `Continue cooking until temperature reaches ${at}.`,
    (at) => `Turn up the heat and boil to ${at}.`,
    (at) => `Keep it boiling until it gets to ${at}.`,
    (at) => `Let it cook undisturbed to ${at}, 10 to 12 minutes.`,
    (at) => `Cook over medium heat for about 12 minutes, or until it reads ${at} on a candy thermometer.`,
    (at) => `You want ${at}.`,
    (at) => `Simmer, brushing down the sides, until the syrup is at ${at}.`,
    (at) => `Take it to ${at}.`,
    (at) => `Bring to the boil and cook to ${at}; do not stir.`,
    (at) => `Clip on a thermometer and boil briskly until ${at} is reached.`,
    (at) => `Heat to ${at}, watching it closely towards the end.`,
  ),
  last: maybe(
    fc.record({
      what: of(...atLast),
      says: of<NonNullable<Meant['last']>['says']>(
        (it) => `Remove from heat and stir in ${it}.`,
        (it) => `Take off the heat; quickly stir in ${it}.`,
        (it) => `Off the heat, beat in ${it}.`,
        (it) => `Remove from heat. Add ${it} and mix well.`,
        (it) => `Turn off the burner and fold in ${it}.`,
        (it) => `Kill the heat. In goes ${it}.`,
        (it) => `Pull the pan off the heat, wait for the bubbles to settle and stir in ${it}.`,
        (it) => `Immediately take the pan from the stove and whisk in ${it}.`,
        (it) => `Away from the heat, mix in ${it}.`,
        (it) => `As soon as it is there, take it off and add ${it}.`,
        (it) => `Working quickly, stir in ${it} off the heat.`,
      ),
    }),
  ),
  beside: maybe(
    fc.record({
      what: of(...warmed),
      warms: of<NonNullable<Meant['beside']>['warms']>(
        (it) => `Warm ${it} in a small pan.`,
        (it) => `Meanwhile, heat ${it} gently.`,
        (it) => `Bring ${it} to the boil and leave to infuse for 20 minutes.`,
        (it) => `In a small pan, bring ${it} just to a simmer; set aside.`,
        (it) => `Boil ${it} in a small saucepan and keep hot.`,
        (it) => `Scald ${it} in a second pan.`,
        (it) => `Heat ${it} in the microwave until steaming and set aside.`,
        (it) => `While that happens, warm ${it} in another pan.`,
        (it) => `Gently warm ${it}; keep it warm.`,
        (it) => `Put ${it} in a small saucepan over low heat to warm through.`,
      ),
      puts: of<NonNullable<Meant['beside']>['puts']>(
        (it) => `Carefully pour in ${it.replace('the', 'the warm')}.`,
        (it) => `Stir in ${it}, a little at a time.`,
        (it) => `Slowly add ${it}, stirring all the while.`,
        (it) => `Whisk in ${it.replace('the', 'the hot')} in three goes.`,
        (it) => `Pour ${it} in a thin stream into the pan.`,
      ),
    }),
  ),
  ready: of(
    '',
    'Line a 20 cm tin with paper.',
    'Butter two baking sheets.',
    'Lightly oil a marble slab.',
    'Preheat the oven to 160 °C.',
    'Have a baking sheet lined with parchment and a wet brush ready.',
    'Grease a 9x13 pan; set aside.',
    'Place a silicone mat on a tray.',
    'Spray a sheet pan with oil.',
    'Get a bowl of iced water ready in case of burns.',
    'Cut 40 squares of waxed paper.',
  ),
  nuts: of(
    'Toast the almonds at 160 °C for 10 minutes.',
    'Spread the almonds on a sheet and bake for 8 minutes.',
    'Keep the almonds warm in a low oven.',
    'Warm the almonds in the oven.',
  ),
  pours: of(
    'Pour into a greased tin.',
    'Turn out onto an oiled slab.',
    'Scrape into a lined 20cm tin.',
    'Pour in a buttered pan.',
    'Press into a frame.',
    'Into a lined tin.',
    'Spread on a sheet of parchment.',
    'Immediately pour into the prepared pan and smooth the top with a spatula.',
    'Pour the mixture onto the mat and tilt to level.',
    'Tip the lot into the tin.',
    'Transfer to the prepared pan.',
    'Empty it out on the slab.',
    'Quickly pour and spread thin.',
  ),
  waits: maybe(
    of(
      { says: 'Leave to set for 2 hours, then cut.', seconds: 7200 },
      { says: 'Let cool for 45 minutes.', seconds: 2700 },
      { says: 'Leave overnight.', seconds: 28_800 },
      { says: 'Leave for 1 hr 30 mins.', seconds: 5400 },
      { says: 'Allow to cool completely at room temperature, about 3 hours.', seconds: 10_800 },
      { says: 'Set aside for 4 hours until firm.', seconds: 14_400 },
      { says: 'Cool for half an hour and cut.', seconds: 1800 },
      { says: 'It needs 2 hours to set.', seconds: 7200 },
      { says: 'Refrigerate 1 hour.', seconds: 3600 },
    ),
  ),
  aside: of(
    '',
    'Makes 40.',
    'Keeps two weeks in a tin.',
    'You may need a hammer.',
    'Store airtight.',
    'Enjoy!',
    'Tip: wear gloves.',
    'This makes a lovely gift.',
  ),
  layout: of<Layout>(
    (list, method) => `Test\n\n${list.join('\n')}\n\nMethod\n${method.join(' ')}`,
    (list, method) => `Test\n\n${list.join('\n')}\n\n${method.join('\n')}`,
    (list, method) => `Test\nIngredients:\n${list.join(', ')}\nDirections:\n${numbered(method)}`,
    (list, method) =>
      `# Test\n\n## Ingredients\n\n${list.map((l) => `- [ ] ${l.replace(/^(\S+ \S+)/, '**$1**')}`).join('\n')}\n\n## Method\n\n${numbered(method)}`,
    (list, method) =>
      `Test\n\n${list.map((l) => l.replace(/^(\d+ \S+) (.*)$/, '$2\t$1')).join('\n')}\n\nProcess\n${method.join('\n')}`,
  ),
})

function written(m: Meant): { text: string; heat: (c: number) => number } {
  const heat = (c: number): number => (m.fahrenheit ? Math.round(1.8 * c + 32) : c)
  const said = (c: number): string => `${heat(c)}${m.fahrenheit ? '°F' : '°C'}`
  const list = ['400 g sugar', '120 ml water', m.beside?.what[0], m.rises?.what[0], m.last?.what[0]]
  const all = ['sugar', 'water'].join(' and ')
  const method = [
    m.ready,
    m.last?.what[2] === 'almonds' && m.nuts,
    m.beside?.warms(m.beside.what[1]),
    m.starts(`the ${all}`),
    m.beside?.puts(m.beside.what[1]),
    m.rises?.says(m.rises.what[1], said(m.rises.celsius)),
    m.ends(said(m.celsius)),
    m.last?.says(m.last.what[1]),
    m.pours,
    m.waits?.says,
    m.aside,
  ]
  return {
    heat,
    text: m.layout(list.filter(isSaid), method.filter(isSaid)),
  }
}

const isSaid = (text: string | false | undefined): text is string => !!text

describe('a method made from its meaning', () => {
  it('is read back as it was meant', () => {
    fc.assert(
      fc.property(meant, (m) => {
        const { text, heat } = written(m)
        const { formula } = readRecipe(text, pantry)
        const { steps, lines, target } = formula
        const inC = (c: number): number => (m.fahrenheit ? (heat(c) - 32) / 1.8 : c)
        const stepOf = (id: string): number => {
          const group = lines.find((l) => l.ingredient === id)?.group
          return steps.findIndex((s) => s.adds === group)
        }
        const at = (on: string): number => steps.findIndex((s) => s.when.on === on)
        expect(faultsOf(formula), text).toEqual([])
        expect(target?.celsius, text).toBeCloseTo(inC(m.celsius), 1)
        // all that goes in at the start, what waits, what goes in on the way, the end, what goes in after it, the pour
        expect(stepOf('sugar'), text).toBeLessThan(at('target'))
        expect(stepOf('water'), text).toBe(stepOf('sugar'))
        if (m.beside) {
          expect(stepOf(m.beside.what[2]), text).toBeGreaterThan(stepOf('sugar'))
          expect(stepOf(m.beside.what[2]), text).toBeLessThan(at('target'))
        }
        if (m.rises) {
          expect(stepOf(m.rises.what[2]), text).toBeGreaterThan(stepOf('sugar'))
          expect(stepOf(m.rises.what[2]), text).toBeLessThan(at('target'))
          const due = steps.find((s) => s.when.on === 'rises')?.when
          expect(due && 'celsius' in due ? due.celsius : Number.NaN, text).toBeCloseTo(inC(m.rises.celsius), 1)
        }
        const out = steps.findIndex((s) => s.empties)
        if (m.last) {
          expect(stepOf(m.last.what[2]), text).toBeGreaterThan(at('target'))
          expect(stepOf(m.last.what[2]), text).toBeLessThan(out)
        }
        expect(out, text).toBeGreaterThan(at('target'))
        const waits = steps.slice(out).flatMap((s) => (s.when.on === 'after' ? [s.when.seconds] : []))
        expect(waits, text).toEqual(m.waits ? [m.waits.seconds] : [])
        expect(steps.map((s) => s.say).join(' '), text).not.toMatch(/Makes 40|two weeks|hammer|Enjoy|gloves|lovely/)
      }),
      { numRuns: 150 },
    )
  })
})
