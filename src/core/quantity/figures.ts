/**
 * Numbers that know their unit. A finding carries these, so that whoever words it cannot take a difference of
 * temperature for a temperature (they turn into °F by different sums) or grams for millimetres.
 */

declare const unit: unique symbol
type In<U extends string> = number & { readonly [unit]: U }

/** A temperature, °C. */
export type Celsius = In<'°C'>
/** A difference of two temperatures, °C. */
export type CelsiusStep = In<'°C apart'>
export type Grams = In<'g'>
export type Seconds = In<'s'>
export type Millimetres = In<'mm'>

export const inCelsius = (n: number): Celsius => n as Celsius
export const inCelsiusStep = (n: number): CelsiusStep => n as CelsiusStep
export const inGrams = (n: number): Grams => n as Grams
export const inSeconds = (n: number): Seconds => n as Seconds
export const inMillimetres = (n: number): Millimetres => n as Millimetres

/** How far `a` is above `b`. */
export const stepBetween = (a: number, b: number): CelsiusStep => inCelsiusStep(a - b)
