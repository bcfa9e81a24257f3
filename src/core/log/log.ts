/** The cook's log, and what it says: state is never kept, it is read off the events. */
import type { OffCuts, Texture, Touch } from '../craft/handwork'
import { type Sign, type Smell, smells } from '../craft/signs'
import type { StageId } from '../craft/stages'
import type { Surface } from '../craft/surfaces'
import {
  beginsAt,
  type FormulaDocument,
  type GramsByLine,
  isBoiled,
  type Step,
  type Trigger,
} from '../formula/document'
import { ingredientIn } from '../formula/mixes'
import { additionOf, traceSteps } from '../formula/trace'
import { addMix, emptyMix, type Mix, withWater } from '../matter/mix'
import { mixOf } from '../matter/portions'
import { heatContent } from '../physics/heat'

/** Whether an act ends its boil. */
export const endsBoil = ({ type }: CookAct): boolean => type === 'finished' || type === 'abandoned'

/** What no step asked for, as a mix. */
export const mixPutIn = (formula: FormulaDocument, { ingredient, grams }: Extract<CookAct, { type: 'added' }>): Mix =>
  mixOf([{ ingredient: ingredientIn(formula, ingredient), grams }])

/** Something that happened, `at` seconds on the cook's clock. */
export type CookEvent = {
  readonly id: string
  readonly at: number
  /** When it was done is not known: the clock that dated it was set back. It stands where it was logged. */
  readonly unsure?: boolean
  /** The screen it was done at, where screens sign in. */
  readonly by?: string
} & CookAct

/** What was read, seen, set or written: it can be got wrong, and put right later. */
export type ValuedAct =
  | { readonly type: 'heat'; readonly dial: number }
  | { readonly type: 'test'; readonly test: 'drop'; readonly result: StageId }
  | { readonly type: 'test'; readonly test: 'sign'; readonly sign: Sign }
  | { readonly type: 'test'; readonly test: 'colour'; readonly celsius: number }
  | { readonly type: 'test'; readonly test: 'smell'; readonly smell: Smell }
  /** How the mass looks or feels. */
  | { readonly type: 'texture'; readonly texture: Texture }
  /** A temperature read off by eye and typed. */
  | { readonly type: 'reads'; readonly celsius: number }
  | { readonly type: 'note'; readonly text: string }
  /** How deep what was poured lies. */
  | { readonly type: 'measures'; readonly depthMm: number }
  /** How warm its face is to the hand. */
  | { readonly type: 'feels'; readonly touch: Touch }
  /** How high it stands in the bowl, times what it stood at first. */
  | { readonly type: 'stands'; readonly times: number }
  /** Pieces made so far in this step. */
  | { readonly type: 'made'; readonly pieces: number }
  /** What the whole came to once cut: good pieces, seconds, and the weight of what was trimmed off. */
  | {
      readonly type: 'yields'
      readonly pieces: number
      readonly seconds: number
      readonly trimGrams: number
      readonly offCuts?: OffCuts
    }

export type CookAct =
  | ValuedAct
  | { readonly type: 'step'; readonly step: string }
  | { readonly type: 'pulled'; readonly step: string; readonly celsius: number | null }
  /** A step that is left out: what it would have done is not done. */
  | { readonly type: 'passed'; readonly step: string }
  /** Something went in that no step asked for: water to bring it back, more of an ingredient. */
  | {
      readonly type: 'added'
      readonly ingredient: string
      readonly name: string
      readonly grams: number
      readonly celsius: number
    }
  /** What a scale said of lines that were weighed before the flame, g. */
  | { readonly type: 'weighed'; readonly grams: Readonly<Record<string, number>> }
  | { readonly type: 'lid'; readonly on: boolean }
  /** What was poured is laid on something else. */
  | { readonly type: 'lies'; readonly on: Surface }
  /** The probe stands in what was poured: what it reads from here on is its middle. */
  | { readonly type: 'stuck' }
  /** What the thermometer shows too much, for the whole of this cook. */
  | { readonly type: 'correction'; readonly celsius: number }
  /** Something done to the pot that no step asked for. */
  | { readonly type: 'did'; readonly what: Deed }
  | { readonly type: 'clock'; readonly rate: number; readonly wall: string }
  | { readonly type: 'finished' }
  /** Given up, and why. */
  | { readonly type: 'abandoned'; readonly reason: string }
  /** An earlier event happened at another time, s on the cook's clock; the time first logged stays in the log. */
  | { readonly type: 'moved'; readonly of: string; readonly to: number }
  /** An earlier event was something else of its kind, at its time; what was logged first stays in the log. */
  | { readonly type: 'amended'; readonly of: string; readonly act: ValuedAct }
  /** Takes an earlier event back; both stay in the log. */
  | { readonly type: 'undo'; readonly of: string }

/** What can be done to a pot in passing. */
export const deeds = ['stirred', 'brushed', 'swirled'] as const
export type Deed = (typeof deeds)[number]

/** Why a boil was given up, as it was said; null where it was not. */
export const givenUpIn = (events: readonly CookEvent[]): string | null => reasonIn(standing(events))

const reasonIn = (stand: readonly CookEvent[]): string | null =>
  stand.find((e): e is Extract<CookEvent, { type: 'abandoned' }> => e.type === 'abandoned')?.reason ?? null

/** Ids of the events that later ones take back. */
export const takenBack = (events: readonly CookEvent[]): ReadonlySet<string> =>
  new Set(events.flatMap((e) => (e.type === 'undo' ? [e.of] : [])))

/** What stands of a list, as it was found when it had so many: one look at a cook asks a dozen times. */
const found = new WeakMap<readonly CookEvent[], { readonly of: number; readonly stand: readonly CookEvent[] }>()

/** The events that stand, in order of the times they happened: without those taken back, and as they were put right. */
export function standing(events: readonly CookEvent[]): readonly CookEvent[] {
  const known = found.get(events)
  if (known?.of === events.length) return known.stand
  const stand = standingIn(events)
  found.set(events, { of: events.length, stand })
  return stand
}

function standingIn(events: readonly CookEvent[]): CookEvent[] {
  const undone = takenBack(events)
  const said = events.filter((e) => !undone.has(e.id)).sort((a, b) => a.at - b.at)
  const moves = new Map(said.flatMap((e) => (e.type === 'moved' ? [[e.of, e.to]] : [])))
  const amended = new Map(said.flatMap((e) => (e.type === 'amended' ? [[e.of, e.act]] : [])))
  return said
    .filter((e) => e.type !== 'undo' && e.type !== 'moved' && e.type !== 'amended')
    .map((e) => {
      const at = moves.get(e.id) ?? e.at
      const better = amended.get(e.id)
      return better?.type === e.type ? { id: e.id, at, ...better } : { ...e, at }
    })
    .sort((a, b) => a.at - b.at)
}

export interface Filling {
  readonly from: number
  /** What is in the pot then, with the water the formula reckons is left at that step. */
  readonly mix: Mix
  readonly lid: boolean
  /** What mixing made of the temperature, °C, where the step was done at a known one. */
  readonly celsius?: number
  /** What was in the pot just before, and what went in how warm, where one thing did. */
  readonly before?: Mix
  readonly added?: { readonly mix: Mix; readonly celsius: number }
  /** It boiled by the clock before that: of what water that took the formula knows nothing. */
  readonly timed?: boolean
  /** J that came with something no step asked for; the rest of the pot is as it was. */
  readonly gains?: number
}

/** A sign or a drop by its name, a shade by its colour-equivalent temperature, °C. */
export type Seen = Sign | StageId | number

interface Sight {
  readonly at: number
  readonly what: Seen
}

export interface CookState {
  /** When each step was done, by id. */
  readonly done: ReadonlyMap<string, number>
  /** Index of the step that is next; the number of steps once all are done. */
  readonly next: number
  readonly lastDoneAt: number
  readonly fillings: readonly Filling[]
  readonly dials: readonly { readonly at: number; readonly dial: number }[]
  readonly lid: boolean
  readonly dial: number
  readonly pulledAt: number | null
  readonly pulledC: number | null
  readonly finishedAt: number | null
  /** Why it was given up; null where it was not. */
  readonly abandoned: string | null
  /** When a temperature was last typed; null where none was. */
  readonly readAt: number | null
  /** Signs, drops and shades seen, and when. */
  readonly seen: readonly Sight[]
  /** When each texture was last seen, s. */
  readonly textures: ReadonlyMap<Texture, number>
  /** When it was last stirred against the method, and when it smoked. */
  /** When anything was last logged. */
  readonly touchedAt: number
  readonly stirredAt: number | null
  readonly smokedAt: number | null
}

/** Whether what falls due so was done at a temperature the formula knows. */
export const knowsHeat = ({ on }: Trigger): boolean => !withoutHeat.has(on)

const withoutHeat: ReadonlySet<Trigger['on']> = new Set(['ready', 'after', 'word', 'sign', 'window', 'texture', 'part'])

/** ◊ What a cold part was kept at, °C. */
export const ROOM_C = 20

/** ◊ What is baked through is as warm in its middle as this when it comes out, °C. */
export const BAKED_C = 96

/** What a log of events, in any order, says about a boil of `formula` with `grams` in it. */
export function readLog(formula: FormulaDocument, grams: GramsByLine, events: readonly CookEvent[]): CookState {
  const stand = standing(events)
  const stops = traceSteps(formula, grams)
  const done = new Map<string, number>()
  const fillings: Filling[] = []
  const dials: { at: number; dial: number }[] = []
  let next = beginsAt(formula)
  let lastDoneAt = 0
  let lid = false
  let dial = 0
  let mix = stops[next - 1]?.after ?? emptyMix
  let pulledAt: number | null = null
  let pulledC: number | null = null
  let finishedAt: number | null = null
  let stirredAt: number | null = null
  let smokedAt: number | null = null
  let readAt: number | null = null
  let touchedAt = 0
  // what no step asked for, without its water: that has boiled off by the next addition
  let extra = emptyMix
  /** Whether it has boiled by the clock since something last went in: nobody has said how much water that took. */
  let timed = false
  const seen: Sight[] = []
  const textures = new Map<Texture, number>()

  const turn = (at: number, to: number): void => {
    dial = to
    dials.push({ at, dial })
  }
  const cover = (at: number, on: boolean): void => {
    if (lid === on) return
    lid = on
    if (fillings.length > 0) fillings.push({ from: at, mix, lid })
  }
  const doStep = (at: number, id: string): void => {
    const index = formula.steps.findIndex((s) => s.id === id)
    if (index < 0) return
    const step = formula.steps[index] as Step
    done.set(id, at)
    lastDoneAt = at
    if (index >= next) {
      // steps passed over count as done: what they add is in the pot
      const adding = formula.steps.slice(next, index + 1).filter((s) => s.adds ?? s.joins)
      next = index + 1
      timed ||= step.when.on === 'after' && dial > 0
      if (adding.length > 0) {
        mix = addMix(stops[index]?.after ?? mix, extra)
        if (step.lid !== undefined) lid = step.lid
        fillings.push({
          from: at,
          mix,
          lid,
          celsius: knowsHeat(step.when) ? stops[index]?.afterC : undefined,
          ...(timed && { timed }),
          ...(adding.length === 1 && adding[0] === step && fillings.length > 0
            ? {
                before: addMix(stops[index]?.before ?? emptyMix, extra),
                added: additionOf(formula, step, grams, ROOM_C),
              }
            : {}),
        })
        timed = false
      }
    }
    if (step.lid !== undefined) cover(at, step.lid)
    if (step.heat !== undefined) turn(at, step.heat)
    if (step.offHeat) turn(at, 0)
    // out of the oven it is off the heat, as a pot is that was pulled
    if (step.handwork?.kind === 'bake' && !isBoiled(formula) && pulledAt === null) {
      pulledAt = at
      pulledC = BAKED_C
    }
  }

  const putIn = (at: number, act: Extract<CookAct, { type: 'added' }>): void => {
    const more = mixPutIn(formula, act)
    mix = addMix(mix, more)
    extra = addMix(extra, withWater(more, 0))
    fillings.push({ from: at, mix, lid, gains: heatContent(more, act.celsius) })
  }
  const pass = (at: number, id: string): void => {
    const index = formula.steps.findIndex((s) => s.id === id)
    if (index < next) return
    next = index + 1
    lastDoneAt = at
  }

  for (const e of stand) {
    touchedAt = Math.max(touchedAt, e.at)
    if (e.type === 'step') doStep(e.at, e.step)
    else if (e.type === 'passed') pass(e.at, e.step)
    else if (e.type === 'added') putIn(e.at, e)
    else if (e.type === 'pulled') {
      doStep(e.at, e.step)
      if (pulledAt === null) pulledAt = e.at
      pulledC ??= e.celsius
    } else if (e.type === 'heat') turn(e.at, e.dial)
    else if (e.type === 'lid') cover(e.at, e.on)
    else if (e.type === 'reads') readAt = e.at
    else if (endsBoil(e)) finishedAt ??= e.at
    else if (e.type === 'did' && e.what === 'stirred') stirredAt = e.at
    else if (e.type === 'test' && e.test === 'sign') seen.push({ at: e.at, what: e.sign })
    else if (e.type === 'test' && e.test === 'drop') seen.push({ at: e.at, what: e.result })
    else if (e.type === 'texture') textures.set(e.texture, e.at)
    else if (e.type === 'test' && e.test === 'colour') seen.push({ at: e.at, what: e.celsius })
    else if (e.type === 'test' && e.test === 'smell') {
      // it is at least that dark
      seen.push({ at: e.at, what: smells[e.smell].celsius - smells[e.smell].sd })
      if (e.smell === 'smoke') smokedAt = e.at
    }
  }
  return {
    done,
    next,
    lastDoneAt,
    fillings,
    dials,
    lid,
    dial,
    pulledAt,
    pulledC,
    finishedAt,
    abandoned: reasonIn(stand),
    readAt,
    touchedAt,
    seen,
    textures,
    stirredAt,
    smokedAt,
  }
}

/** When something went into the pot, s: a lid put on or taken off begins a filling too, but changes nothing in it. */
export const fedAt = ({ fillings }: Pick<CookState, 'fillings'>): number[] =>
  fillings.filter((f, i) => f.mix !== fillings[i - 1]?.mix).map((f) => f.from)

/** When what was in the pot was poured, s; null while it is in it. From then on it rests. */
export function emptiedAt(formula: FormulaDocument, state: Pick<CookState, 'done'>): number | null {
  const step = formula.steps.find((s) => s.empties && state.done.has(s.id))
  return step ? (state.done.get(step.id) ?? null) : null
}

/** Whether its base was put into cold water when it came off. */
export const standsInWater = (formula: FormulaDocument, { done }: Pick<CookState, 'done'>): boolean =>
  formula.steps.some((s) => s.bath && done.has(s.id))
