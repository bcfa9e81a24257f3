/** What is said of a sweet once it has left the heat. */
import type { FinishAssessment, HandworkKind, Texture, Touch } from '@/core'
import { formatSpan } from '../format'

/** As a plan says it: "cut". */
export const handworkNames: Readonly<Record<HandworkKind, string>> = {
  'lay-under': 'lay under',
  spread: 'spread',
  leave: 'leave it',
  score: 'score',
  cut: 'cut',
  break: 'break',
  pull: 'pull',
  form: 'form',
  fill: 'fill',
  pipe: 'pipe',
  unmould: 'unmould',
  beat: 'beat',
  whip: 'stop whipping',
  'fold-in': 'fold in',
  'pour-over': 'pour over',
  'cover-chips': 'chips on',
  table: 'spread on the stone',
  gather: 'scrape together',
  temper: 'temper',
  coat: 'coat',
  dust: 'dust',
  sprinkle: 'sprinkle',
  chill: 'chill',
  bake: 'out of the oven',
  cool: 'cold',
  wrap: 'wrap',
}

export const textureNames: Readonly<Record<Texture, string>> = {
  'gloss-gone': 'the gloss is gone',
  ribbon: 'falls in a ribbon',
  'just-warm': 'just warm',
  satin: 'shines like satin',
  chalky: 'the shine goes, it turns chalky',
  'holds-line': 'holds a line',
  'off-paper': 'comes off the paper',
  'no-mark': 'a finger leaves no mark',
  'sets-glossy': 'a smear sets glossy',
  'sets-dull': 'a smear stays dull',
}

export const touchNames: Readonly<Record<Touch, string>> = {
  hot: 'hot',
  warm: 'warm',
  barely: 'barely warm',
  cool: 'cool',
}

/** A moment after the pour as a maker says it: "27 min", "1 h 18". */
export const sayMoment = (seconds: number): string =>
  formatSpan(seconds < 600 ? seconds : 60 * Math.round(seconds / 60))

/** Where it is: "12 min on the marble slab". */
export const sayPlace = ({ place, mass }: FinishAssessment): string =>
  ({
    pot: 'off the heat',
    bowl: 'in the bowl',
    slab: `on the ${mass.on.name}`,
    rope: 'in a rope',
    moulds: `in its moulds, on the ${mass.on.name}`,
    pieces: `in pieces, on the ${mass.on.name}`,
  })[place]
