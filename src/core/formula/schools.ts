/**
 * A formula in another school of its family: dry for wet, left alone for stirred, by colour for by thermometer. One row
 * a school; what a row cannot know (your own wording, your own extras) is left as it stands and said.
 */
import { type FamilyId, schoolLabel } from '../craft/families'
import type { Sign } from '../craft/signs'
import type { PlainFindingOf } from '../finding'
import { type Celsius, type Grams, inCelsius, inGrams } from '../quantity/figures'
import { type FormulaDocument, type Group, type Line, pullIndex, type Step, stepsToPour } from './document'
import { idFor } from './edit'
import { ingredientIn } from './mixes'

export interface SchoolFigures {
  target: { readonly celsius: Celsius }
  'dissolves-first': { readonly water: Grams }
  'cools-then-beaten': { readonly celsius: Celsius }
  'name-only': { readonly school: string }
  'by-thermometer': object
  'no-sugar-dry': object
  'melts-alone': object
  'rest-stops-it': object
  'no-sugar-wet': object
  empty: object
  'all-in': object
  'no-nuts': object
  'cream-by-colour': object
  'cream-by-heat': object
  'stirred-throughout': object
  'left-alone': object
  'pull-by-colour': object
  'eye-on-pot': object
  'pull-by-streak': object
  'stirred-hot': object
  'nuts-early': object
  'nuts-late': object
}

export type SchoolNote = PlainFindingOf<SchoolFigures>

/** The notes without figures. */
type PlainNote = Exclude<keyof SchoolFigures, 'target' | 'dissolves-first' | 'cools-then-beaten' | 'name-only'>

const plain = (id: PlainNote): SchoolNote => ({ id, figures: {} })

export interface Branched {
  readonly formula: FormulaDocument
  /** What was changed; one note that says so where nothing could be. */
  readonly notes: readonly SchoolNote[]
}

type Change = (f: FormulaDocument) => Branched

const named = (f: FormulaDocument, school: string): Branched => ({
  formula: f,
  notes: [{ id: 'name-only', figures: { school: schoolLabel(f.family, school) } }],
})

/** The steps with the pull changed. */
const withPull = (f: FormulaDocument, change: (pull: Step) => Step): FormulaDocument => ({
  ...f,
  steps: f.steps.map((s) => (s.when.on === 'target' ? change(s) : s)),
})

const meanwhile =
  (say: string, why: string, note: PlainNote): Change =>
  (f) => ({ formula: withPull(f, (p) => ({ ...p, meanwhile: { say, why } })), notes: [plain(note)] })

/** Colour-equivalent temperature of amber, °C. ◊ */
const AMBER = 175

const tested =
  (test: string, shows: Sign | number, note: PlainNote): Change =>
  (f) => ({ formula: withPull(f, (p) => ({ ...p, test, shows })), notes: [plain(note)] })

const untested: Change = (f) => ({
  formula: withPull(f, ({ test: _, shows: __, ...p }) => p),
  notes: [plain('by-thermometer')],
})

const aimed =
  (targetC: number): Change =>
  (f) => ({
    formula: f.target ? { ...f, target: { ...f.target, celsius: targetC } } : f,
    notes: [{ id: 'target', figures: { celsius: inCelsius(targetC) } }],
  })

const also =
  (...changes: readonly Change[]): Change =>
  (f) =>
    changes.reduce<Branched>(
      ({ formula, notes }, change) => {
        const next = change(formula)
        return { formula: next.formula, notes: [...notes, ...next.notes] }
      },
      { formula: f, notes: [] },
    )

/** ◊ Water to dissolve sugar in, share of its weight. */
const WATER = 0.28
const isSugar = (f: FormulaDocument, l: Line): boolean => {
  const { per100, whole } = ingredientIn(f, l.ingredient)
  return !whole && per100.sucrose > 85
}

/** Groups in the order they go in, before the pull. */
const goingIn = (f: FormulaDocument): string[] =>
  f.steps.slice(0, pullIndex(f)).flatMap((s) => (s.adds ? [s.adds] : []))

const toDry: Change = (f) => {
  const early = goingIn(f)
  const first = early[0]
  const sugars = f.lines.filter((l) => l.group === first && isSugar(f, l))
  if (!first || sugars.length === 0) return { formula: f, notes: [plain('no-sugar-dry')] }
  // nothing but sugar to begin with: it is melted dry as it is
  if (f.lines.every((l) => l.group !== first || sugars.includes(l))) return named(f, 'dry')
  // what cannot go in dry waits for the next addition, or is one of its own
  const later = early[1] ?? 'stop'
  const groups: Group[] = [
    { id: 'dry-1', label: 'Dry, first lot', celsius: 20 },
    { id: 'dry-2', label: 'Dry, second lot', celsius: 20 },
    ...f.groups.filter((g) => g.id !== first),
    ...(early[1] ? [] : [{ id: later, label: 'Hot, to stop it', celsius: 85 }]),
  ]
  const lines = f.lines.flatMap((l): Line[] => {
    if (l.group !== first) return [l]
    if (isSugar(f, l))
      return [
        { ...l, id: `${l.id}-1`, group: 'dry-1', grams: l.grams / 2 },
        { ...l, id: `${l.id}-2`, group: 'dry-2', grams: l.grams / 2 },
      ]
    return l.ingredient === 'water' ? [] : [{ ...l, group: later }]
  })
  const rest = f.steps.slice(
    f.steps.findIndex((s, i) => i < pullIndex(f) && s.adds === early[1] && early[1] !== undefined),
  )
  const after = early[1] ? rest : f.steps.slice(pullIndex(f))
  const stop: Step = {
    id: 'stop',
    label: 'Stop it',
    when: { on: 'rises', celsius: 187 },
    meanwhile: { say: 'Draw the edges in until it is clear amber', why: 'Any lump left now is a hard crumb later.' },
    say: 'Heat down, the rest in warm, as a slow stream',
    why: 'It climbs the pot; cold or fast, it boils over.',
    act: 'It is in',
    adds: later,
    heat: 6,
    cautions: ['steam'],
  }
  const steps: Step[] = [
    {
      id: 'dry-1',
      label: 'First sugar',
      when: { on: 'ready' },
      say: 'Half the sugar on, medium heat, no water',
      why: 'A thin layer melts evenly; a deep one burns below and stays raw above.',
      act: 'Heat is on',
      adds: 'dry-1',
      heat: 5,
      cautions: ['hotSugar'],
    },
    {
      id: 'dry-2',
      label: 'Second sugar',
      when: { on: 'rises', celsius: 184 },
      meanwhile: { say: 'Shake the pot, do not stir', why: 'A spoon gathers lumps.' },
      say: 'The rest of the sugar over the melt',
      why: 'It cools the first lot and melts in it.',
      act: 'Second lot is in',
      adds: 'dry-2',
    },
    ...(early[1] ? [] : [stop]),
    ...after.map((s): Step => (s.adds === later ? { ...s, when: { on: 'rises', celsius: 187 } } : s)),
  ]
  return {
    formula: { ...f, groups, lines, steps },
    notes: [plain('melts-alone'), plain('rest-stops-it')],
  }
}

const toWet: Change = (f) => {
  const early = goingIn(f)
  const sugars = f.lines.filter((l) => early.includes(l.group) && isSugar(f, l))
  if (sugars.length === 0) return { formula: f, notes: [plain('no-sugar-wet')] }
  const from = new Set(sugars.map((l) => l.group))
  const staying = f.groups.map((g) => g.id).filter((id) => !from.has(id))
  const pot = idFor('pot', staying)
  const merged = new Map<string, Line>()
  for (const l of sugars) {
    const seen = merged.get(l.ingredient)
    merged.set(l.ingredient, { ...(seen ?? l), group: pot, grams: (seen?.grams ?? 0) + l.grams })
  }
  const grams = sugars.reduce((sum, l) => sum + l.grams, 0)
  const others = f.lines.filter((l) => !sugars.includes(l)).map((l) => (from.has(l.group) ? { ...l, group: pot } : l))
  const hasWater = others.some((l) => l.group === pot && l.ingredient === 'water')
  const water: Line = { id: 'start-water', group: pot, ingredient: 'water', grams: Math.round(grams * WATER) }
  const melted = f.steps.findLastIndex((s, i) => i < pullIndex(f) && s.adds !== undefined && from.has(s.adds))
  // what went in before the sugar goes in after it
  const kept = f.steps.filter((s, i) => i > melted || (s.adds !== undefined && !from.has(s.adds)))
  return {
    formula: {
      ...f,
      groups: [{ id: pot, label: 'In the pot, cold', celsius: 20 }, ...f.groups.filter((g) => !from.has(g.id))],
      lines: [...merged.values(), ...(hasWater ? [] : [water]), ...others],
      steps: [
        {
          id: 'dissolve',
          label: 'Dissolve, lid on',
          when: { on: 'ready' },
          say: 'Sugar and water on, lid on',
          why: 'Steam under the lid washes crystals off the sides.',
          act: 'Heat is on',
          adds: pot,
          lid: true,
          heat: 8,
          cautions: ['hotSugar'],
        },
        {
          id: 'lid-off',
          label: 'Lid off',
          when: { on: 'boil' },
          meanwhile: {
            say: 'Let it dissolve under the lid',
            why: 'No stirring: a spoon leaves crystals on the sides.',
          },
          say: 'Lid off, sides brushed',
          why: 'Water has to leave from here on.',
          act: 'Lid is off',
          lid: false,
        },
        ...kept.map(
          (s): Step =>
            s.when.on === 'rises' && s.when.celsius > 180 ? { ...s, when: { on: 'rises', celsius: 160 } } : s,
        ),
      ],
    },
    notes: [{ id: 'dissolves-first', figures: { water: inGrams(Math.round(grams * WATER)) } }],
  }
}

const allIn: Change = (f) => {
  const early = goingIn(f)
  const into = early[0]
  if (!into) return { formula: f, notes: [plain('empty')] }
  const first = f.steps.find((s) => s.adds === into)
  return {
    formula: withPull(
      {
        ...f,
        groups: f.groups.filter((g) => g.id === into || !early.includes(g.id)),
        lines: f.lines.map((l) => (early.includes(l.group) ? { ...l, group: into } : l)),
        steps: [
          {
            id: first?.id ?? 'start',
            label: 'All in, stir',
            when: { on: 'ready' },
            say: 'Everything on, stir from the start',
            why: 'Milk catches on the base as soon as it stands.',
            act: 'Heat is on',
            adds: into,
            heat: 5,
            cautions: ['hotSugar'],
          },
          ...f.steps.slice(pullIndex(f)),
        ],
      },
      (p) => ({
        ...p,
        meanwhile: { say: 'Stir slowly, scrape the base', why: 'Milk catches on the base and scorches.' },
      }),
    ),
    notes: [plain('all-in')],
  }
}

/** What happens between the pull and the tin, apart from what is put in. */
const turning =
  (step: Step, note: SchoolNote): Change =>
  (f) => {
    const pull = pullIndex(f)
    const until = stepsToPour(f)
    const between = f.steps.slice(pull + 1, until).filter((s) => s.adds ?? s.joins)
    return {
      formula: { ...f, steps: [...f.steps.slice(0, pull + 1), ...between, step, ...f.steps.slice(until)] },
      notes: [note],
    }
  }

/** ◊ Where fudge is beaten, °C. */
const BEAT_C = 46

const beat: Step = {
  id: 'beat',
  label: 'Beat',
  when: { on: 'falls', celsius: BEAT_C },
  meanwhile: {
    say: 'Let it cool undisturbed, probe and all',
    why: 'A stir, a knock, a second probe: each starts coarse grain.',
  },
  say: 'Beat until it turns matt and thickens',
  why: 'Cool and fast makes many small crystals.',
  act: 'It has turned',
}

const stirSoon: Step = {
  id: 'stir',
  label: 'Stir',
  when: { on: 'ready' },
  say: 'Stir until it just dulls',
  why: 'Stirring hot grains it quickly: coarser, and done tonight.',
  act: 'It dulls',
}

const nuts = (f: FormulaDocument): Step | undefined =>
  f.steps.find(
    (s) =>
      s.adds &&
      s.when.on !== 'target' &&
      f.lines.some((l) => l.group === s.adds && ingredientIn(f, l.ingredient).whole),
  )

/** Nuts and seeds before the pull at soft ball, or after it. */
const nutsAt =
  (early: boolean, note: PlainNote): Change =>
  (f) => {
    const step = nuts(f)
    if (!step) return { formula: f, notes: [plain('no-nuts')] }
    const moved: Step = { ...step, when: early ? { on: 'rises', celsius: 114 } : { on: 'ready' } }
    const others = f.steps.filter((s) => s !== step)
    const pull = pullIndex({ ...f, steps: others })
    const at = early ? pull : pull + 1
    return { formula: { ...f, steps: [...others.slice(0, at), moved, ...others.slice(at)] }, notes: [plain(note)] }
  }

const byColour =
  (at: number, on: 'colour' | 'rises', note: PlainNote): Change =>
  (f) => ({
    formula: {
      ...f,
      steps: f.steps.map((s) =>
        (s.when.on === 'rises' || s.when.on === 'colour') && s.when.celsius > 150
          ? { ...s, when: { on, celsius: at } }
          : s,
      ),
    },
    notes: [plain(note)],
  })

const table: { readonly [F in FamilyId]?: Readonly<Record<string, Change>> } = {
  caramel: { dry: toDry, wet: toWet, 'all-in': allIn },
  'caramel-sauce': {
    'by-colour': byColour(172, 'colour', 'cream-by-colour'),
    'stopped-cream': byColour(172, 'rises', 'cream-by-heat'),
  },
  toffee: {
    stir: meanwhile(
      'Stir slowly and steadily',
      'Still butter splits out; fast stirring does the same.',
      'stirred-throughout',
    ),
    'boil-only': meanwhile('Hands off, swirl now and then', 'Stirring at the end grains it.', 'left-alone'),
    colour: also(
      tested('Colour: amber to deep amber beside the swatches', AMBER, 'pull-by-colour'),
      meanwhile('Watch the colour, not the dial', 'Staring at the dial burns batches.', 'eye-on-pot'),
    ),
    thermometer: untested,
  },
  'condensed-milk': {
    'by-eye': tested('A spoon leaves a clean streak; it pulls from the side', 'clean-streak', 'pull-by-streak'),
    thermometer: untested,
  },
  fudge: {
    'cool-beat': turning(beat, { id: 'cools-then-beaten', figures: { celsius: inCelsius(BEAT_C) } }),
    'stir-soon': turning(stirSoon, plain('stirred-hot')),
  },
  brittle: {
    raw: nutsAt(true, 'nuts-early'),
    roasted: nutsAt(false, 'nuts-late'),
  },
  nougat: { 'two-syrups-soft': aimed(146), 'two-syrups-hard': aimed(153), grained: aimed(126) },
  'hard-candy': { 'soft-bite': aimed(137), 'boil-per-colour': aimed(149) },
  popcorn: { 'soft-chew': aimed(127), crisp: aimed(148) },
}

/** Steps of which each has an id of its own: a school's step may be called as one of the maker's that was kept. */
function apart(steps: readonly Step[]): Step[] {
  const taken = new Set(steps.map((s) => s.id))
  return steps.map((s, i) => {
    if (steps.findIndex((first) => first.id === s.id) === i) return s
    const id = idFor(s.id, taken)
    taken.add(id)
    return { ...s, id }
  })
}

/** The formula in `school`, with its method, list or target changed as that school asks. */
export function inSchool(f: FormulaDocument, school: string): Branched {
  const change = table[f.family]?.[school]
  const { formula, notes } = change ? change(f) : named(f, school)
  return { formula: { ...formula, school, steps: apart(formula.steps) }, notes }
}
