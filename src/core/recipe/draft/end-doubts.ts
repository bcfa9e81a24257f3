/** Where a cook ends is asked where a method does not say it, says it twice, or says what hardly anybody does. */
import type { Target } from '../../formula/document'
import type { Beside } from '../method/beside-the-pot'
import type { Done } from '../method/end'
import { allHeatsIn, type HeatUnit, inDegrees, leavesChoice, unitOf } from '../sentence/heats'
import type { TargetDoubt } from './draft'

/** A method, where it seems to end, and where its kind usually does, °C. */
interface Ended {
  readonly name: string
  readonly said: readonly string[]
  readonly beside: Beside
  readonly unit: HeatUnit | null
  readonly done: Done | null
  readonly computed: Target | null
  readonly usual: { readonly low: number; readonly high: number }
}

const MICROWAVE = /\bmicrowave/i
/** Not “microwave-free”, “no microwave” */
const CALLED_MICROWAVE = /(?<!\b(?:no|without) (?:a )?)\bmicrowaved?\b(?!-| free\b)/i
const ON_STOVE = /\b(?:burner|pan|pot|saucepan|stove)\b/i

/** Why a method's own word for where it ends is not taken as it stands; null where it is. */
export function targetDoubt(ended: Ended): TargetDoubt | null {
  const { name, said, beside, done, unit, computed } = ended
  const onHeat = said.slice(0, done ? done.at + 1 : said.length).filter((_, i) => !beside.ready.has(i))
  const isCalled = CALLED_MICROWAVE.test(name) && !onHeat.some((s) => ON_STOVE.test(s))
  if (isCalled || onHeat.some((s) => MICROWAVE.test(s))) return { by: 'microwave' }
  const sentence = done ? (said[done.at] as string) : ''
  if (leavesChoice(sentence, unit) || (done && saysMore(sentence, unit, done))) return { by: 'choice', sentence }
  if (done === null || computed === null) return untold(done, sentence)
  if (done.isBare) return { by: 'bare', sentence }
  return isUnusual(ended, done) ? { by: 'unusual', sentence } : null
}

/** ◊ Two heats of one sentence are two where they differ by more than that, °C. */
const TWO_C = 5

/** "Sugar to 165°; cream heated to 80°; butter; 120°": whether the sentence it ends in names another heat of a boil. */
const saysMore = (sentence: string, unit: HeatUnit | null, { ending }: Done): boolean =>
  ending.by === 'heat' &&
  allHeatsIn(sentence).some((heat) => {
    const own = heat.oven || heat.cools ? null : unitOf(heat, unit)
    if (own === null) return false
    const [low, high] = [inDegrees(heat.low, own), inDegrees(heat.high, own)]
    return high >= WATER_C && (low > ending.high + TWO_C || high < ending.low - TWO_C)
  })

/** What a method says of its end that says no temperature. */
function untold(done: Done | null, sentence: string): TargetDoubt {
  const time = [done?.ending, ...(done?.others ?? [])].find((e) => e?.by === 'time')
  if (time) return { by: 'time', seconds: time.seconds }
  return done ? { by: 'look', sentence } : { by: 'nothing' }
}

/** ◊ Shares of how far beyond the boil of water its kind is usually cooked: nobody ends so far from it. What is soft can be a filling or a sauce; caramel is hotter, and goes on to something else. */
const UNUSUAL = { least: 0.35, softLeast: 0.2, most: 2.5, softC: 125, caramelC: 155 }
const WATER_C = 100

function isUnusual({ computed, usual }: Ended, { ending }: Done): boolean {
  if (computed === null || (ending.by !== 'heat' && ending.by !== 'drop')) return false
  const beyond = computed.celsius - WATER_C
  const least = usual.low > UNUSUAL.softC ? UNUSUAL.least : UNUSUAL.softLeast
  return (
    beyond < least * (usual.low - WATER_C) ||
    (beyond > UNUSUAL.most * (usual.high - WATER_C) && computed.celsius < UNUSUAL.caramelC)
  )
}
