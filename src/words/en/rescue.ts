/** When it went wrong: what to do, and whether it is worth it. */
import type { Rescue, Trouble } from '@/core'

interface RescueSaid {
  readonly say: string
  readonly why: string
}

type Sentences = (plan: Rescue) => RescueSaid

const rescues: Readonly<Record<Trouble, Sentences>> = {
  'too-far': ({ worthIt }) => ({
    say: 'Off the heat. Hot water in, a little at a time, then back to the boil',
    why: worthIt
      ? 'Only water has gone; it can be put back.'
      : 'Water brings the bite back, but the colour has gone too far.',
  }),
  'too-soft': () => ({
    say: 'Melt it with the hot water over low heat, then boil to the target',
    why: 'It holds too much water; the extra only melts it evenly and leaves again.',
  }),
  'too-dark': ({ worthIt }) => ({
    say: worthIt ? 'Stop it with the hot water and make a dark sauce of it' : 'Let it go',
    why: worthIt
      ? 'Colour cannot be taken back, but bitter-sweet is a flavour.'
      : 'It is burnt: it will taste of nothing else.',
  }),
  grained: () => ({
    say: 'Dissolve it all again under a lid, wash the sides down, then boil without stirring',
    why: 'Every crystal has to go, or the next grain starts from it; glucose keeps it from happening twice.',
  }),
  split: () => ({
    say: 'Heat down, hot water in by the spoon, stir steadily until it comes together',
    why: 'The fat has left because there was too little water to hold it, or the heat came too fast.',
  }),
}

const asItIs: RescueSaid = {
  say: 'It cannot be boiled again: use it as it is',
  why: 'Whites, gelatin, soda or popped corn are in it by now, and none of them bears another boil. The next one can be right.',
}

/** What to do about it, and why; where it is not worth it, that first. */
export function sayRescue(plan: Rescue): RescueSaid {
  if (!plan.boilsAgain) return asItIs
  const { say, why } = rescues[plan.trouble](plan)
  return { say, why: plan.worthIt ? why : `Not worth the sugar. ${why}` }
}
