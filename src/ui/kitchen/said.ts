/** A thing of the kitchen in a line or two: what a maker wants to know of it at a glance. */
import { correctionOf, type KitchenFacts, type KitchenKind, pressureIn } from '@/contract/kitchen'
import { boilingPoint, formatCount, formatGrams, mix, shownAt } from '@/core'
import type { TemperatureWords } from '@/ui/shell/preferences'

const WATER = mix({ water: 1 })

/** ◊ Where it matters most: the middle of the candy stages. */
const MIDDLE = 120

export function thermometerSaid(facts: KitchenFacts<'thermometer'>, t: TemperatureWords, now: number): string {
  const c = correctionOf(facts.checks, now)
  if (c.points === 0) return 'never checked'
  const off = shownAt(c, MIDDLE) - MIDDLE
  if (Math.abs(off) < 0.25) return `true, ± ${t.step(c.sd)}°`
  return `shows ${t.step(Math.abs(off))}° too ${off > 0 ? 'much' : 'little'}, ± ${t.step(c.sd)}°`
}

type Saying<K extends KitchenKind> = (facts: KitchenFacts<K>, t: TemperatureWords, now: number) => string[]

const sayings: { [K in KitchenKind]: Saying<K> } = {
  room: (r, t) => [
    `${formatCount(r.altitudeM)} m · ${Math.round(pressureIn(r) / 100)} hPa · ${Math.round(100 * r.humidity)} % damp`,
    `water boils at ${t.step(boilingPoint(WATER, pressureIn(r)))}${t.unit === 'F' ? '' : '°'}`,
  ],
  thermometer: (x, t, now) => [`reads to ${t.say(x.maxC)}`, thermometerSaid(x, t, now)],
  pot: (p) => [`${p.diameterMm / 10} cm across, ${p.massKg} kg of ${p.metal}`],
  burner: (b) => [
    `${formatCount(b.watts * b.efficiency)} W into the pot`,
    b.tests.length > 0 ? 'measured' : `of ${formatCount(b.watts)} W, by its plate`,
  ],
  vessel: (v) =>
    v.kind === 'tray'
      ? [`${v.lengthMm} × ${v.widthMm}${v.depthMm ? ` × ${v.depthMm}` : ''} mm`]
      : [`${v.cavities} of ${v.millilitres} ml`, `you have ${v.count ?? 1}`],
  cutter: (c) => [c.round ? `${c.lengthMm} mm across` : `${c.lengthMm} × ${c.widthMm} mm`],
  measure: (m) => [`${formatCount(m.millilitres)} ml`],
  shade: (x, t) => [`as at ${t.say(x.celsius)}`],
  ingredient: ({ ingredient, pricePerKg }) => [
    `${formatGrams(ingredient.per100.water)} water in 100${ingredient.allergens.length > 0 ? ` · ${ingredient.allergens.join(', ')}` : ''}`,
    pricePerKg === null ? 'no price' : `${pricePerKg.toFixed(2)} a kilo`,
  ],
}

export const saidOf = <K extends KitchenKind>(
  kind: K,
  facts: KitchenFacts<K>,
  t: TemperatureWords,
  now: number,
): string[] => (sayings[kind] as Saying<K>)(facts, t, now)
