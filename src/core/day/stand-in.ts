/** How long the boils of a practised day take: each cooked through in a stand-in pot, on a ring and by a scale not quite as thought. */
import { cookThrough } from '../cook/obedient'
import { boiledIn } from '../formula/document'
import { gramsOfBoil, scaleGrams } from '../formula/plan'
import { normal } from '../quantity/seeded'
import { blocksOf, type DayItem, LEFT_BELOW, POUR_MIN } from './compile'

/** ◊ How far a ring, a scale and a room are from what they are thought to be: standard deviations, ln and °C. */
const STRAYS = { power: 0.1, grams: 0.02, roomC: 1.5 }

/** How many times as long as planned each cook and each pull takes, by task; `random`: 0 to 1, of a seed. */
export function standInCooks(items: readonly DayItem[], random: () => number): Record<string, number> {
  const takes: Record<string, number> = {}
  for (const item of items) {
    const blocks = new Map(blocksOf(item).map((b) => [b.id, b.ways[0].tasks]))
    for (const [i, { part }] of item.plan.boils.entries()) {
      const id = `${item.id} ${i + 1}`
      const formula = boiledIn(item.formula).find((b) => b.part === part)?.formula
      const [stand] = item.stands
      const [cook, pull] = ['cook', 'pull'].map((kind) => blocks.get(id)?.find((t) => t.id === `${id} ${kind}`))
      if (!formula || !stand || !cook || !pull) continue
      const { burner, roomC, gives } = stand.conditions
      const power = (gives?.share ?? 1) * Math.exp(STRAYS.power * normal(random))
      const through = cookThrough(
        formula,
        scaleGrams(gramsOfBoil(item.plan, i + 1), Math.exp(STRAYS.grams * normal(random))),
        {
          ...stand.conditions,
          burner: { ...burner, efficiency: burner.efficiency * power },
          roomC: roomC + STRAYS.roomC * normal(random),
        },
        LEFT_BELOW,
      )
      if (!through) continue
      takes[cook.id] = through.watchedAt / cook.seconds
      takes[pull.id] = (through.pulledAt - through.watchedAt + 60 * POUR_MIN) / pull.seconds
    }
  }
  return takes
}
