/** What a formula says itself is got ready, in the maker's words: in how many tasks, how long each takes, and what of the usual list it says already. */
import type { Preparation } from '../matter/ingredient'
import { mentions } from './called'
import { secondsIn } from './sentence'

/** Preparations that a sentence can speak of: those of ingredients, and a liquid warmed in a pan of its own. */
export type Prepared = Preparation | 'warm'

/** The words in which each is said. */
const SAYS: Readonly<Record<Prepared, RegExp>> = {
  infuse: /\b(?:infus|steep|scald)/i,
  unchill: /\broom temperature|\bout of the fridge\b/i,
  chill: /\b(?:chill|fridge|refrigerat|ice[- ]cold)/i,
  bloom: /\b(?:bloom|hydrat|over|soak|soften|sponge|sprinkle|swell|water)/i,
  soak: /\b(?:hydrat|soak)/i,
  toast: /\b(?:toast|roast|warm|oven)/i,
  'keep-hot': /\b(?:warm|hot|oven)\b/i,
  'cut-up': /\b(?:cube|cut|dice|slice)/i,
  chop: /\b(?:bash|break|chop|crush|cut|grate|shave)/i,
  sift: /\b(?:sieve|sift)/i,
  warm: /\b(?:boil|heat|hot|simmer|scald|steam|warm)/i,
}

/** Whether one of some sentences says that something of these names is prepared so. */
export const isSaidReady = (how: Prepared, names: readonly string[], sentences: readonly string[]): boolean =>
  sentences.some((s) => SAYS[how].test(s) && mentions(s, names))

/** Sugar and starch put together to dust with, in words that need not name the list. */
const DUSTS = /(?=.*\b(?:icing|powdered|confectioner\S*) sugar\b)(?=.*\b(?:cornflour|corn ?starch|starch)\b)/is
export const isDustSaid = (sentences: readonly string[]): boolean => sentences.some((s) => DUSTS.test(s))

/** "Line and grease a 20 cm square tin with parchment", and nothing beside: the tin of the batch says so itself. */
const LINES_TIN =
  /^(?!.*\b(?:biscuits|crackers|grahams|keep|lay|oven|pretzels|put|saltines|scatter|wafers)\b)(?:(?:meanwhile|first|then),? )?(?:(?:lightly|generously|well) )?(?:(?:brush|butter|grease|line|oil|spray)(?:,? (?:and|then) )?)+\b(?!.*\b(?:saucepan|pot|kettle)\b)[^.;,]*(?:\b(?:dish|frame|mou?ld|pan|sheet|tin|tray)s?\b|\d ?[x×] ?\d+(?: cm)?$)(?:[^.;,]*|.*\b(?:butter|foil|lining|overhang|paper|parchment|spray|tin|up the sides|well)\b[^,;]*)$/i

/** So much of getting ready, in the maker's words. `waits`: minutes it then needs by itself. */
export interface OwnTask {
  readonly say: string
  readonly hands: number
  readonly waits: number
}

/** What only goes on with the sentence before it: "leave 10 minutes", "strain". */
const GOES_ON =
  /^(?:and |then )?(?:cover|discard|leave|let|remove (?:it )?from (?:the )?heat|rest|set(?: it)? aside|stand|strain|take (?:it )?off)\b/i
/** ◊ Minutes of hands a sentence takes that does not say; a longer time that it says is waited by itself. */
const HANDS_MIN = 3
const STANDS_FROM_MIN = 6
/** ◊ Minutes an oven takes to be hot. */
const OVEN_MIN = 15
const HEATS_OVEN = /^(?:pre)?heat (?:the |your )?oven\b|^preheat\b|^oven\b/i

/** Minutes a sentence waits: as it says, as its oven takes, else `usual` of what it prepares. */
function minutesOf(sentence: string, usual: (how: Preparation) => number): number {
  const seconds = secondsIn(sentence)
  if (seconds !== null) return Math.round(seconds / 60)
  if (HEATS_OVEN.test(sentence)) return OVEN_MIN
  const how = TAKES_TIME.find(([words]) => words.test(sentence))?.[1]
  return how === undefined ? 0 : usual(how)
}
/** What takes its time though nothing says how long. */
const TAKES_TIME: readonly (readonly [RegExp, Preparation])[] = [
  [/\b(?:infus|steep)/i, 'infuse'],
  [/\b(?:toast|roast)/i, 'toast'],
  [/\b(?:bloom|hydrat|soften|sponge)|\bgelatine?\b.*\b(?:in|over)\b/i, 'bloom'],
  [/\bsoak/i, 'soak'],
]

/**
 * A formula's own sentences as tasks, in the order they are done, without those that the rest of the list says better.
 * `usual`: minutes each preparation stands where its sentence does not say.
 */
export function ownTasks(sentences: readonly string[], usual: (how: Preparation) => number): OwnTask[] {
  const tasks: OwnTask[] = []
  for (const say of sentences) {
    if (LINES_TIN.test(say)) continue
    const minutes = minutesOf(say, usual)
    const stands = minutes >= STANDS_FROM_MIN
    const before = tasks.at(-1)
    if (before && GOES_ON.test(say))
      tasks[tasks.length - 1] = { ...before, say: `${before.say}. ${say}`, waits: before.waits + minutes }
    else tasks.push({ say, hands: stands ? HANDS_MIN : Math.max(HANDS_MIN, minutes), waits: stands ? minutes : 0 })
  }
  return tasks
}
