/**
 * The cold-water stages. A stage is a texture in cold water, so each starts at a glass transition; the kitchen table
 * gives that transition for plain sucrose, and from it the stage of any make-up at any air pressure follows.
 */
import { dryMassOf, type Mix, mix } from '../matter/mix'
import { boilingPoint, waterLeftAt } from '../physics/boiling'
import { glassTransition, mixAtGlass } from '../physics/glass'
import { STANDARD_PRESSURE } from '../physics/water'

export interface StageFacts {
  readonly id: StageId
  /** Where plain sucrose enters the stage at the standard atmosphere, °C: between the bands of the kitchen table. ◊ */
  readonly sucroseFrom: number
}

export type StageId = 'syrup' | 'thread' | 'soft-ball' | 'firm-ball' | 'hard-ball' | 'soft-crack' | 'hard-crack'

export const stageTable: readonly StageFacts[] = [
  { id: 'syrup', sucroseFrom: 100 },
  { id: 'thread', sucroseFrom: 109 },
  { id: 'soft-ball', sucroseFrom: 112.5 },
  { id: 'firm-ball', sucroseFrom: 117 },
  { id: 'hard-ball', sucroseFrom: 122 },
  { id: 'soft-crack', sucroseFrom: 131 },
  { id: 'hard-crack', sucroseFrom: 146 },
]

export interface Stage extends StageFacts {
  /** Where this mix enters the stage under this pressure, °C. */
  readonly from: number
  /** Glass transition at which it starts, °C. */
  readonly glassC: number
}

const sucrose = mix({ sucrose: 100 })

const sucroseGlassAt = (tempC: number): number =>
  glassTransition({ ...sucrose, water: waterLeftAt(sucrose, tempC, STANDARD_PRESSURE) })

const glassFrom: readonly number[] = stageTable.map((s) =>
  s.id === 'syrup' ? Number.NEGATIVE_INFINITY : sucroseGlassAt(s.sucroseFrom),
)

/** ◊ Fat that milk protein holds in emulsion makes a drop feel softer: degrees of glass point per share of fat in what is dry. */
const EMULSION = { degrees: 42, proteinForAll: 0.008 }
/**
 * ◊ Protein beyond that of a cream caramel thickens, and a drop of it holds its shape sooner, as the square of how much there is: degrees of glass point
 * per share² of what is dry, up to about that of condensed milk with its butter. So that forms a soft ball from 111° on, and a fudge of milk from 113.
 */
const THICKENED = { degrees: 7400, from: 0.012, upTo: 0.065 }

/** Degrees of glass point by which a drop feels softer than one of sugars alone; firmer below 0. */
function softening(m: Mix): number {
  const dry = dryMassOf(m)
  if (dry <= 0) return 0
  const protein = m.milkProtein / dry
  const emulsion = EMULSION.degrees * (m.fat / dry) * Math.min(1, protein / EMULSION.proteinForAll)
  const thick = Math.min(THICKENED.upTo, protein) - THICKENED.from
  return emulsion - THICKENED.degrees * Math.max(0, thick) ** 2
}

/** The stage table of this very syrup at this pressure, coolest first. Water in `dryMix` is ignored. */
export function stagesOf(dryMix: Mix, pressurePa = STANDARD_PRESSURE): Stage[] {
  const softer = softening(dryMix)
  return stageTable.map((facts, i) => {
    const glassC = (glassFrom[i] as number) + softer
    const from = Number.isFinite(glassC) ? boilingPoint(mixAtGlass(dryMix, glassC), pressurePa) : 100
    return { ...facts, glassC, from }
  })
}

/** The stage a drop of `mix`, with the water it has now, would show in cold water. */
export function stageOf(mixNow: Mix): StageFacts {
  const glassC = glassTransition(mixNow) - softening(mixNow)
  const i = glassFrom.findLastIndex((g) => glassC >= g)
  return stageTable[Math.max(0, i)] as StageFacts
}
