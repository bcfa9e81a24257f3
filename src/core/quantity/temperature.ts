export type TemperatureUnit = 'C' | 'F'

export const toFahrenheit = (celsius: number): number => celsius * 1.8 + 32
export const toCelsius = (fahrenheit: number): number => (fahrenheit - 32) / 1.8
/** A temperature *difference* in °F. */
export const toFahrenheitStep = (celsius: number): number => celsius * 1.8

/** "119°", in the unit the maker reads. */
export function formatTemperature(celsius: number, unit: TemperatureUnit = 'C'): string {
  return `${Math.round(unit === 'C' ? celsius : toFahrenheit(celsius))}°`.replace('-', '−')
}
