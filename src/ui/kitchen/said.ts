/** A thing of the kitchen in a line or two: what a maker wants to know of it at a glance. */
import type { KitchenFacts, KitchenKind } from '@/contract/kitchen'
import { correctionOf, pressureIn } from '@/contract/kitchen-figures'
import { boilingPoint, inCelsius, inCelsiusStep, inGrams, inMillimetres, mix, shownAt, type TrayMeasures } from '@/core'
import { formatCount, formatShare, measureOf, type Say, sayDate, surfaceNames } from '@/words'

const heavy = measureOf('kilograms')

const WATER = mix({ water: 1 })

/** ◊ Where it matters most: the middle of the candy stages. */
const MIDDLE = 120

export function thermometerSaid(facts: KitchenFacts<'thermometer'>, say: Say, now: number): string {
  const c = correctionOf(facts.checks, now)
  if (c.points === 0) return 'never checked'
  const off = shownAt(c, MIDDLE) - MIDDLE
  if (Math.abs(off) < 0.25) return `true, ± ${say.step(inCelsiusStep(c.sd))}`
  return `shows ${say.step(inCelsiusStep(Math.abs(off)))} too ${off > 0 ? 'much' : 'little'}, ± ${say.step(inCelsiusStep(c.sd))}`
}

/** A tray by its inside: its sides, or how far across it is. */
export const traySaid = ({ lengthMm, widthMm, round }: TrayMeasures, say: Say): string =>
  round ? `${say.length(inMillimetres(lengthMm))} across` : say.size(inMillimetres(lengthMm), inMillimetres(widthMm))

type Saying<K extends KitchenKind> = (facts: KitchenFacts<K>, say: Say, now: number) => string[]

const sayings: { [K in KitchenKind]: Saying<K> } = {
  room: (r, say) => [
    `${formatCount(r.altitudeM)} m · ${Math.round(pressureIn(r) / 100)} hPa · ${Math.round(100 * r.humidity)} % damp`,
    `water boils at ${say.fine(inCelsius(boilingPoint(WATER, pressureIn(r))))}`,
  ],
  thermometer: (x, say, now) => [`reads to ${say.temperature(inCelsius(x.maxC))}`, thermometerSaid(x, say, now)],
  pot: (p, say) => [
    `${say.length(inMillimetres(p.diameterMm))} across, ${heavy.show(p.massKg, say.units)} ${heavy.unit(say.units)} ${p.metal}`,
  ],
  burner: (b) => [
    `${formatCount(b.watts * b.efficiency)} W into the pot`,
    b.tests.length > 0 ? 'measured' : `of ${formatCount(b.watts)} W, by its plate`,
  ],
  vessel: (v, say) =>
    v.kind === 'tray'
      ? [traySaid(v, say), ...(v.depthMm ? [`${say.length(inMillimetres(v.depthMm))} deep`] : [])]
      : [`${v.cavities} of ${v.millilitres} ml`, `you have ${v.count ?? 1}`],
  surface: (x, say) => [
    surfaceNames[x.kind],
    ...(x.thicknessMm > 0 ? [`${say.length(inMillimetres(x.thicknessMm))} thick`] : []),
  ],
  machine: (m) => [m.kind, `you have ${m.count}`],
  cutter: (c, say) => [
    c.round
      ? `${say.length(inMillimetres(c.lengthMm))} across`
      : say.size(inMillimetres(c.lengthMm), inMillimetres(c.widthMm)),
  ],
  measure: (m) => [`${formatCount(m.millilitres)} ml`],
  shade: (x, say) => [`as at ${say.temperature(inCelsius(x.celsius))}`],
  ingredient: ({ ingredient, pricePerKg }) => [
    `${formatShare(ingredient.per100.water / 100)} water${ingredient.allergens.length > 0 ? ` · ${ingredient.allergens.join(', ')}` : ''}`,
    pricePerKg === null ? 'no price' : `${pricePerKg.toFixed(2)} a kilo`,
  ],
  lot: (l, say) => [
    `${say.weight(inGrams(l.grams))}, code ${l.code}`,
    l.bestBefore === null ? 'no date' : `best before ${sayDate(l.bestBefore)}`,
  ],
  house: (h) => [h.address || 'no address', h.perHour === null ? 'no prices' : `${h.currency} ${h.perHour} an hour`],
}

export const saidOf = <K extends KitchenKind>(kind: K, facts: KitchenFacts<K>, say: Say, now: number): string[] =>
  (sayings[kind] as Saying<K>)(facts, say, now)
