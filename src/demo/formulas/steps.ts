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

/** A slab of caramel: scored once a line stays, cut once it is as cool as the room. */
export const scoredAndCut: readonly Step[] = [
  work(
    { kind: 'score' },
    {
      label: 'Score',
      meanwhile: { say: 'Leave the slab alone', why: 'A line drawn now closes again; a knock starts grain.' },
      say: 'Mark the cuts with a greased blade',
      why: 'The line stays now, and the cuts come out straight.',
      act: 'Scored',
      test: 'A line drawn at the edge stays open',
    },
  ),
  work(
    { kind: 'cut', tool: 'oiled-knife' },
    {
      label: 'Cut',
      meanwhile: { say: 'Let the slab set where it lies', why: 'A warm slab smears and will not cut square.' },
      say: 'Cut along the marks, straight down',
      why: 'Its middle is as cool as the room: it cuts square now.',
      act: 'Cut',
    },
  ),
]

/** What is spread thin and broken. */
export const brokenCold: Step = work(
  { kind: 'break' },
  {
    label: 'Break',
    meanwhile: { say: 'Let it cool flat', why: 'It snaps cleanly once it is cold through.' },
    say: 'Break it under paper',
    why: 'It is cold through: it snaps clean.',
    act: 'Broken',
  },
)

/** Chocolate in temper, used up by what is dipped into it. */
export const dipped: Step = {
  ...work(
    { kind: 'coat' },
    {
      label: 'Dip',
      when: { on: 'ready' },
      say: 'Dip, tap off, set down on paper',
      why: 'Warm the bowl by a breath as it thickens.',
      act: 'All coated',
    },
  ),
  empties: true,
}

/** Chocolate off the water, and its seed in. */
export const seeded: readonly Step[] = [
  pull({
    meanwhile: { say: 'Stir now and then; the bowl touches no water', why: 'The rim overheats first.' },
    reach: 'Seed, spatula, paper for a smear',
    seconds: 60,
    say: 'Off the water, bowl dried underneath',
    why: 'No crystal of the old kind may be left.',
  }),
  {
    id: 'seed',
    label: 'Seed',
    when: { on: 'ready' },
    say: 'The seed in, stir without pause',
    why: 'The seed teaches it the crystal that snaps and shines.',
    act: 'Seed is in',
    adds: 'seed',
  },
]
