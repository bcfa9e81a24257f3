/** Steps that many formulas share, said once. */
import type { Step } from '@/core'

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

export const pour = (label: string, words: Words, act = 'Poured'): Step => ({
  id: 'pour',
  label,
  when: { on: 'ready' },
  ...words,
  act,
  empties: true,
  cautions: ['hotSugar'],
})

/** A timed rest, and what is done after it. */
export const rest = (label: string, minutes: number, meanwhile: Words, then: Words & { act: string }): Step => ({
  id: 'set',
  label,
  when: { on: 'after', seconds: minutes * 60 },
  meanwhile,
  ...then,
})
