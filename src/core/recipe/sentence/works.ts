/** Which work a step of a method is, from what is said in it and before it. */
import type { Chocolate, Handwork } from '../../craft/handwork'
import type { Line, Step } from '../../formula/document'
import { secondsIn } from '../../formula/sentence'
import { coolnessIn } from './coolness'
import type { Told } from './due'
import { handworkSaid } from './handwork'
import { heatIn, inDegrees, ovenUnitOf } from './heats'
import { inOven, ONTO_FOAM, pours, putsBack } from './moves'

/** "Beat on high for 10 minutes", "keep whisking until it is thick". */
const WHIPS =
  /\b(?:beat|whisk|whip)(?:p?ing)?\b(?! (?:it |them )?in(?:to)?\b).{0,60}(?:\bmin|\buntil\b|\btill\b|\bhigh\b)|\bhigh\b.{0,30}\d+ ?min|\d+ ?min\w* (?:at|on) (?:full|high|top)\b|^(?:whip|beat|whisk)\b(?! in\b)/i

const WHIPS_ON = /\b(?:beat|whip|whisk)(?:p?ing)?(?: on)?$/i

/** The work a sentence asks for; what is baked, at the heat it says, or that the oven was set to before. */
export function worksIn(text: string, { said, unit, whips }: Pick<Told, 'said' | 'unit' | 'whips'>): Handwork | null {
  // "pour the honey over the whites, whip on": until the next syrup is there
  if (ONTO_FOAM.test(text) && pours(text) && secondsIn(text) === null && WHIPS_ON.test(text)) return null
  const work = handworkSaid(text) ?? (BEATS.test(text) && isCooledBefore(text, said) ? { kind: 'beat' as const } : null)
  // what is back on the heat is not beaten till it sets
  if (work?.kind === 'beat' && putsBack(text)) return null
  const isBeaten = (work === null || work.kind === 'beat') && WHIPS.test(text) && !/\bwhites\b/i.test(text)
  if (whips && (work?.kind === 'whip' || isBeaten)) return { kind: 'whip', on: whips }
  // butter or cream that is whipped holds no foam of its own
  if (work?.kind === 'whip') return null
  if (work?.kind !== 'bake') return work
  const heat = [text, ...said.filter(inOven)].flatMap((s) => heatIn(s) ?? [])[0]
  if (!heat) return work
  return { ...work, celsius: inDegrees(heat.low, ovenUnitOf(heat, unit) ?? 'C') }
}

/** "Cool to 43°. Beat 7 minutes": until it turns, whoever says so or not. */
const BEATS = /(?:^|\b(?:and|then) )(?:beat|(?:continue|go on|keep) beating)(?=$|[ ,;(])(?!.*\b(?:in|into|together)\b)/i
const isCooledBefore = (text: string, said: readonly string[]): boolean =>
  said.slice(0, said.indexOf(text) + 1).some((s) => (s !== text && heatIn(s)?.cools) || coolnessIn(s) !== null)

/** "Wait 5 minutes and spread until smooth", said of the chocolate on what was poured before: the sweet itself lies. */
export function spreadsOnTop(i: number, told: Told): boolean {
  const [, rest] = /\bspread\b(.*)/i.exec(told.said[i] ?? '') ?? []
  return (
    rest !== undefined &&
    isOut(i, told) &&
    (SAYS_WHAT.test(rest) || told.said.slice(told.pullAt + 1, i).some((s) => SCATTERS.test(s)))
  )
}
const SAYS_WHAT = /\b(?:smooth|even|chocolate|chips|topping)\b/i
const SCATTERS = /\b(?:scatter|sprinkle|strew)\b.*\b(?:buttons|callets|chips|chocolate)\b/i

/** Whether what was cooked has left its pot before sentence `i`. */
export const isOut = (i: number, { said, pullAt }: Told): boolean => said.slice(pullAt + 1, i).some((s) => pours(s))

/** "Temper the milk chocolate" */
const KIND_SAID = /\b(dark|milk|white) choc/i
const KIND_LISTED: Readonly<Record<string, Chocolate>> = { 'milk-chocolate': 'milk', 'white-chocolate': 'white' }
const isChocolate = ({ ingredient }: Line): boolean => /chocolate/.test(ingredient)

/** Steps that temper, each the chocolate it says, or the one it puts in, or the one of the list: every kind is worked at its own heat. */
export const temperedAsListed = (steps: readonly Step[], lines: readonly Line[]): Step[] =>
  steps.map((step) => {
    const { handwork, adds, say } = step
    if (handwork?.kind !== 'temper') return step
    const said = KIND_SAID.exec(say)?.[1]?.toLowerCase() as Chocolate | undefined
    const put = lines.find((l) => l.group === adds && isChocolate(l)) ?? lines.find(isChocolate)
    const listed = put && (KIND_LISTED[put.ingredient] ?? 'dark')
    return { ...step, handwork: { ...handwork, chocolate: said ?? listed ?? handwork.chocolate } }
  })
