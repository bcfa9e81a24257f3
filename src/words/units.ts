/** The units of the reader, and how a figure is said in them. The one place where a unit of the reader is applied. */

import {
  type Celsius,
  type CelsiusStep,
  type Grams,
  type Millimetres,
  type TemperatureUnit,
  tenths,
  toFahrenheit,
  toFahrenheitStep,
} from '@/core'
import { formatCount } from './format'

export type WeightUnit = 'g' | 'oz'
export type LengthUnit = 'mm' | 'in'

export interface Units {
  readonly temperature: TemperatureUnit
  readonly weight: WeightUnit
  readonly length: LengthUnit
}

export const metric: Units = { temperature: 'C', weight: 'g', length: 'mm' }

/** Figures in the reader's units. */
export interface Say {
  readonly units: Units
  /** "119°" */
  temperature(c: Celsius): string
  /** "118.4°": with the digit that decides, where a whole degree would hide it. */
  fine(c: Celsius): string
  /** "119°", "119.5°": as a document holds it, beside its words. */
  written(c: Celsius): string
  /** A difference: "4.9°". */
  step(d: CelsiusStep): string
  /** "560 g", "8.5 g"; "1 lb 8 ½ oz". Never more than one per cent off. */
  weight(g: Grams): string
  /** Of soda, salt or gelatin, where a little matters: "4.62 g". */
  fineWeight(g: Grams): string
  /** "16 mm", "5/8 in". */
  length(mm: Millimetres): string
  /** "22 × 22 × 16 mm" */
  size(...mm: readonly Millimetres[]): string
}

const minus = (text: string): string => text.replace('-', '−')

const GRAMS_PER_OUNCE = 28.349523
const MM_PER_INCH = 25.4
const OUNCES_PER_POUND = 16

/** The fewest decimals, of at most four, with which `n` is written no more than `within` (share) off. */
function decimals(n: number, within: number): string {
  for (const places of [0, 1, 2, 3]) {
    const text = n.toFixed(places)
    if (Math.abs(Number(text) - n) <= within * Math.abs(n)) return text
  }
  return String(Number(n.toFixed(4)))
}

const glyphs: Readonly<Record<number, string>> = {
  1: '⅛',
  2: '¼',
  3: '⅜',
  4: '½',
  5: '⅝',
  6: '¾',
  7: '⅞',
}

/** A number as whole and eighths, in the coarsest of halves, quarters and eighths that is near enough; null for none. */
function inEighths(n: number, within: number): string | null {
  for (const parts of [1, 2, 4, 8]) {
    const eighths = (Math.round(n * parts) * 8) / parts
    if (eighths === 0 || Math.abs(eighths / 8 - n) > within * n) continue
    const whole = Math.floor(eighths / 8)
    const glyph = glyphs[eighths % 8]
    return [whole > 0 ? formatCount(whole) : '', glyph ?? ''].filter(Boolean).join('\u202f')
  }
  return null
}

/** ◊ How far what is shown may be off what is meant, share: an ordinary weighing, and one where a little matters. */
const NEAR = 0.01
const NEARER = 0.005

/** ◊ From here on a whole gram is near enough for anything. */
const WHOLE_FROM = 50

const grams = (g: number, within: number): string =>
  `${Math.abs(g) >= WHOLE_FROM ? formatCount(g) : minus(decimals(g, within))} g`

function ounces(g: number, within: number): string {
  const oz = Math.abs(g) / GRAMS_PER_OUNCE
  const sign = g < 0 ? '−' : ''
  if (Math.round(oz * 8) < 8 * OUNCES_PER_POUND) return `${sign}${inEighths(oz, within) ?? decimals(oz, within)} oz`
  // rounded as a whole first, so that 15.99 oz over a pound is two pounds
  const eighths = Math.round(oz * 8)
  const pounds = Math.floor(eighths / (8 * OUNCES_PER_POUND))
  const rest = eighths / 8 - pounds * OUNCES_PER_POUND
  return `${sign}${formatCount(pounds)} lb${rest > 0 ? ` ${inEighths(rest, NEAR)} oz` : ''}`
}

/** Inches in sixteenths, as they stand on a ruler; decimals where that is too coarse. */
function inches(mm: number): string {
  const n = mm / MM_PER_INCH
  const eighth = inEighths(n, n < 1 ? 0.02 : 0.01)
  return eighth ?? decimals(n, 0.01)
}

/** To a tenth, as a calliper shows it: half an inch of a pan must not be lost. */
function millimetres(mm: number): string {
  const near = tenths(mm)
  return mm < 10 ? decimals(mm, 0.01) : Number.isInteger(near) ? formatCount(near) : near.toFixed(1)
}

/** How figures are said in `units`. */
export function sayIn(units: Units): Say {
  const heat = (c: number): number => (units.temperature === 'C' ? c : toFahrenheit(c))
  const weigh = (g: number, within: number): string => (units.weight === 'g' ? grams(g, within) : ounces(g, within))
  const long = units.length === 'mm' ? millimetres : inches
  return {
    units,
    temperature: (c) => minus(`${Math.round(heat(c))}°`),
    fine: (c) => minus(`${heat(c).toFixed(1)}°`),
    written: (c) => minus(`${units.temperature === 'C' ? tenths(c) : Math.round(heat(c))}°`),
    step: (d) => minus(`${(units.temperature === 'C' ? d : toFahrenheitStep(d)).toFixed(1)}°`),
    weight: (g) => weigh(g, NEAR),
    fineWeight: (g) => weigh(g, NEARER),
    length: (mm) => `${long(mm)} ${units.length}`,
    size: (...mm) => `${mm.map(long).join(' × ')} ${units.length}`,
  }
}

/** The units a cookie of ours names ("C-g-mm"); metric for anything else. */
export function unitsFrom(text: string | undefined): Units {
  const [temperature, weight, length] = text?.split('-') ?? []
  return {
    temperature: temperature === 'F' ? 'F' : 'C',
    weight: weight === 'oz' ? 'oz' : 'g',
    length: length === 'in' ? 'in' : 'mm',
  }
}
