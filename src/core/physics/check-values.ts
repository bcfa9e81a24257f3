/** Published figures that tests and docs/science.md both check the core against. */

/** Sucrose solids, mass %, and where they boil at 101 325 Pa, °C. */
export const sucroseBoilingPoints: readonly (readonly [solids: number, celsius: number])[] = [
  [50, 101.8],
  [60, 102.91],
  [70, 104.96],
  [75, 106.72],
  [80, 109.44],
  [85, 113.99],
  [87, 116.71],
  [90, 122.4],
  [92, 127.78],
  [95, 139.37],
  [97, 149.41],
  [98, 154.18],
]
