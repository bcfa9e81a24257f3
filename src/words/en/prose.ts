/** Temperatures that a maker wrote into a sentence of a formula: documents hold them in °C. */
import { inCelsius } from '@/core'
import type { Say } from '../units'

const IN_CELSIUS = /(\d+(?:[.,]\d+)?)\s?°(?:\s?C)?(?![\p{L}\d])/gu

/** `text` with its temperatures in the reader's unit: "Bake at 165°" → "Bake at 329°". */
export const proseIn = (text: string, say: Say): string =>
  say.units.temperature === 'C'
    ? text
    : text.replace(IN_CELSIUS, (_, figure: string) => say.temperature(inCelsius(Number(figure.replace(',', '.')))))
