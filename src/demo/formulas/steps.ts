/** Steps that many formulas share, said once. */
import type { Film, Handwork, Step, Trigger } from '@/core'

type Words = Pick<Step, 'say' | 'why'>

const CRYSTALS = 'Steam under the lid washes crystals off the sides.'

/** Everything that goes in cold, under a lid. */
export const dissolve = (say = 'Sugar, glucose and water on, lid on', heat = 8): Step => ({
  id: 'dissolve',
  label: 'Dissolve, lid on',
  when: { on: 'ready' },
  say,
  why: CRYSTALS,
  act: 'Heat is on',
  adds: 'pot',
  lid: true,
  heat,
  cautions: ['hotSugar'],
})

export const lidOff = (): Step => ({
  id: 'lid',
  label: 'Lid off',
  when: { on: 'boil' },
  meanwhile: { say: 'Let it dissolve under the lid', why: 'No stirring: a spoon leaves crystals on the sides.' },
  say: 'Lid off, sides brushed',
  why: 'Water has to leave from here on.',
  act: 'Lid is off',
  lid: false,
})

/** In the pot without a lid, stirred from the start. */
export const allIn = (say: string, why: string, heat = 5): Step => ({
  id: 'start',
  label: 'All in, stir',
  when: { on: 'ready' },
  say,
  why,
  act: 'Heat is on',
  adds: 'pot',
  heat,
  cautions: ['hotSugar'],
})

export const handsOff: Words = { say: 'Hands off: let it boil', why: 'Stirring now starts grain.' }
export const scrapeBase: Words = { say: 'Stir slowly, scrape the base', why: 'Milk catches on the base and scorches.' }

interface Pull {
  readonly meanwhile: Words
  readonly reach: string
  readonly seconds?: number
  readonly say?: string
  readonly why: string
  /** The base goes into cold water. */
  readonly bath?: true
}

export const pull = ({ meanwhile, reach, seconds = 240, say = 'Off the heat', why, bath }: Pull): Step => ({
  id: 'pull',
  label: 'Pull',
  when: { on: 'target' },
  meanwhile,
  prepare: { say: reach, seconds },
  say,
  why,
  act: 'Pulled',
  offHeat: true,
  ...(bath && { bath }),
  cautions: ['unattended'],
})

/** The last things in, off the heat. */
export const finish = (label: string, words: Words, caution: 'steam' | 'foam' = 'steam'): Step => ({
  id: 'finish',
  label,
  when: { on: 'ready' },
  ...words,
  act: 'Stirred in',
  adds: 'finish',
  cautions: [caution],
})

export const pour = (label: string, words: Words, act = 'Poured', handwork?: Handwork): Step => ({
  id: 'pour',
  label,
  when: { on: 'ready' },
  ...words,
  act,
  ...(handwork && { handwork }),
  empties: true,
  cautions: ['hotSugar'],
})

interface Work extends Words {
  readonly id?: string
  readonly label: string
  readonly act: string
  readonly when?: Trigger
  /** Until its moment. */
  readonly meanwhile?: Words
  readonly test?: string
}

/** Work at its own moment, in the window of its family unless told; called after its kind. */
export const work = (handwork: Handwork, { id = handwork.kind, when = { on: 'window' }, ...words }: Work): Step => ({
  id,
  when,
  ...words,
  handwork,
})

/** Wrapped as soon as it has bare sides. */
export const wrap = (film: Film, label: string, say: string, why: string, act = 'Wrapped'): Step =>
  work({ kind: 'wrap', film }, { label, when: { on: 'ready' }, say, why, act })

/** A timed rest, and the work that ends it. */
export const rest = (minutes: number, handwork: Handwork, words: Omit<Work, 'when'>): Step =>
  work(handwork, { ...words, when: { on: 'after', seconds: minutes * 60 } })
