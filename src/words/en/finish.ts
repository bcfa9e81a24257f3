/** What is said of a sweet once it has left the heat. */
import type { FinishAssessment, HandworkKind, Texture, Touch } from '@/core'
import { formatSpan } from '../format'

interface WorkName {
  /** As a plan says it: "cut". */
  readonly name: string
  /** As it is offered in a list: "Cut it". */
  readonly label: string
  /** What can no longer be done: "be cut". */
  readonly done: string
}

export const handworkNames: Readonly<Record<HandworkKind, WorkName>> = {
  'lay-under': { name: 'lay under', label: 'Lay something under it', done: 'be laid on' },
  spread: { name: 'spread', label: 'Spread it', done: 'be spread' },
  leave: { name: 'leave it', label: 'Leave it alone', done: 'be left' },
  score: { name: 'score', label: 'Score it', done: 'be scored' },
  cut: { name: 'cut', label: 'Cut it', done: 'be cut' },
  break: { name: 'break', label: 'Break it', done: 'be broken' },
  pull: { name: 'pull', label: 'Pull it', done: 'be pulled' },
  form: { name: 'form', label: 'Form it by hand', done: 'be formed' },
  fill: { name: 'fill', label: 'Fill moulds or jars', done: 'be filled in' },
  pipe: { name: 'pipe', label: 'Pipe it', done: 'be piped' },
  unmould: { name: 'unmould', label: 'Turn out of the moulds', done: 'be turned out' },
  beat: { name: 'beat', label: 'Beat it', done: 'be beaten' },
  whip: { name: 'stop whipping', label: 'Whip it', done: 'be whipped' },
  'fold-in': { name: 'fold in', label: 'Fold something in', done: 'take anything folded in' },
  'pour-over': { name: 'pour over', label: 'Pour it over something', done: 'be poured' },
  'cover-chips': { name: 'chips on', label: 'Cover with chips', done: 'melt the chips' },
  table: { name: 'spread on the stone', label: 'Work it on a stone', done: 'be worked on the stone' },
  gather: { name: 'scrape together', label: 'Back into the bowl', done: 'be scraped together' },
  temper: { name: 'temper', label: 'Temper chocolate', done: 'be tempered' },
  coat: { name: 'coat', label: 'Dip or coat', done: 'be coated' },
  dust: { name: 'dust', label: 'Dust and sift off', done: 'be dusted' },
  sprinkle: { name: 'sprinkle', label: 'Sprinkle while it is wet', done: 'hold a sprinkling' },
  chill: { name: 'chill', label: 'Chill it', done: 'be chilled' },
  bake: { name: 'out of the oven', label: 'Bake it', done: 'be baked' },
  cool: { name: 'cold', label: 'Let it get cold', done: 'get cold' },
  wrap: { name: 'wrap', label: 'Wrap it', done: 'be wrapped' },
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
