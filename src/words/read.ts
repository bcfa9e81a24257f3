/** What a reader types, as a figure: in the units of the reader, or in those that are written beside it. */
import { parseLength, parseNumber, readNumber, toCelsius, toFahrenheit, toFahrenheitStep } from '@/core'
import type { Units } from './units'

interface Measure {
  /** What stands behind the box. */
  unit(units: Units): string
  /** The figure as it stands in the box. */
  show(value: number, units: Units): string
  /** What was typed; NaN for what is no such figure, or could be two. */
  read(text: string, units: Units): number
}

const round = (n: number, places = 2): string => String(Number(n.toFixed(places)))

const GRAMS: Readonly<Record<string, number>> = { g: 1, kg: 1000, oz: 28.349523, lb: 453.59237 }
const WEIGHT_UNITS: readonly (readonly [RegExp, string])[] = [
  [/^(?:kg|kilos?|kilograms?)\b\.?/i, 'kg'],
  [/^(?:g|grams?|gr)\b\.?/i, 'g'],
  [/^(?:lbs?|pounds?|#)(?:\b|(?<=#))\.?/i, 'lb'],
  [/^(?:oz|ounces?)\b\.?/i, 'oz'],
]

/** What a pot is weighed in, by what sugar is. */
const HEAVY = { g: 'kg', oz: 'lb' } as const

/** "250", "1 lb 8 ½ oz", "0,3 kg"; grams. A number without a unit is in `unit`. */
function readWeight(text: string, unit: 'g' | 'oz' | 'kg' | 'lb'): number {
  const alone = readNumber(text)
  if (!Number.isNaN(alone)) return alone * (GRAMS[unit] as number)
  let rest = text.trim()
  let grams = 0
  if (rest === '') return Number.NaN
  while (rest !== '') {
    // the longest number that stands alone before a unit: "1 480 g", "8 ½ oz"
    const found = /^([\d\s.,/⁄¼½¾⅓⅔⅛⅜⅝⅞\u2009\u202f]+)(.*)$/u.exec(rest)
    const number = readNumber(found?.[1] ?? '')
    const named = WEIGHT_UNITS.find(([name]) => name.test(found?.[2] ?? ''))
    if (!found || !named || Number.isNaN(number)) return Number.NaN
    grams += number * (GRAMS[named[1]] as number)
    rest = (found[2] as string).replace(named[0], '').trim()
  }
  return grams
}

const DEGREES = /^[°º]?\s*([cf])?$/i

/** "119", "246 °F", "119 C"; °C. A number without a letter is in `unit`. */
function readTemperature(text: string, unit: 'C' | 'F', step = false): number {
  const typed = text.trim()
  const sign = /^[-−]/.test(typed) ? -1 : 1
  const found = parseNumber(sign < 0 ? typed.slice(1) : typed)
  const alone = readNumber(typed)
  const letter = found ? DEGREES.exec(found.rest.trim()) : null
  const value = Number.isNaN(alone)
    ? found && letter && found.range.low === found.range.high
      ? sign * found.range.low
      : Number.NaN
    : alone
  const fahrenheit = (letter?.[1]?.toUpperCase() ?? unit) === 'F'
  if (!fahrenheit) return value
  return step ? value / 1.8 : toCelsius(value)
}

const plain = (unit: string, times = 1): Measure => ({
  unit: () => unit,
  show: (value) => round(value * times),
  read: (text) => readNumber(text.replace(unit, '').trim()) / times,
})

/** Every kind of figure a box can ask for. Values are in SI of the kitchen: °C, g, mm, s, shares of 1. */
export const measures = {
  number: plain(''),
  pieces: plain('pieces'),
  millilitres: plain('ml'),
  litres: plain('l'),
  metres: plain('m'),
  hectopascals: plain('hPa'),
  kilograms: {
    unit: ({ weight }) => HEAVY[weight],
    show: (kg, { weight }) => round((1000 * kg) / (GRAMS[HEAVY[weight]] as number), 2),
    read: (text, { weight }) => readWeight(text, HEAVY[weight]) / 1000,
  },
  watts: plain('W'),
  seconds: plain('s'),
  percent: plain('%', 100),
  minutes: {
    unit: () => 'min',
    show: (s) => round(s / 60),
    read: (text) => 60 * readNumber(text.replace(/min$/i, '').trim()),
  },
  temperature: {
    unit: ({ temperature }) => `°${temperature}`,
    show: (c, { temperature }) => round(temperature === 'C' ? c : toFahrenheit(c), 1),
    read: (text, { temperature }) => readTemperature(text, temperature),
  },
  step: {
    unit: ({ temperature }) => `°${temperature}`,
    show: (d, { temperature }) => round(temperature === 'C' ? d : toFahrenheitStep(d), 1),
    read: (text, { temperature }) => readTemperature(text, temperature, true),
  },
  weight: {
    unit: ({ weight }) => weight,
    show: (g, { weight }) => (weight === 'g' ? round(g, g < 10 ? 2 : 1) : round(g / (GRAMS.oz as number), 3)),
    read: (text, { weight }) => readWeight(text, weight),
  },
  length: {
    unit: ({ length }) => length,
    show: (mm, { length }) => (length === 'mm' ? round(mm, 1) : round(mm / 25.4, 3)),
    read: (text, { length }) => {
      const alone = readNumber(text)
      if (!Number.isNaN(alone)) return length === 'mm' ? alone : alone * 25.4
      return parseLength(text) ?? Number.NaN
    },
  },
} as const satisfies Record<string, Measure>

export type MeasureId = keyof typeof measures

export const measureOf = (id: MeasureId): Measure => measures[id]
