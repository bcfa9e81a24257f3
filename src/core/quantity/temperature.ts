export type TemperatureUnit = 'C' | 'F'

export const toFahrenheit = (celsius: number): number => celsius * 1.8 + 32
export const toCelsius = (fahrenheit: number): number => (fahrenheit - 32) / 1.8
/** A temperature *difference* in °F. */
export const toFahrenheitStep = (celsius: number): number => celsius * 1.8
