/**
 * Where a rough syrup boils: a smooth curve through the published boiling points of sucrose syrups, bent by a degree or
 * so for every cook. Shares nothing with Imbry's own boiling equation.
 */

/** Sucrose, % of the syrup, and degrees above water's boiling point at the sea; the last rows are extrapolated. */
const table: readonly (readonly [number, number])[] = [
  [20, 0.4],
  [40, 1.1],
  [50, 1.8],
  [60, 2.91],
  [70, 4.96],
  [75, 6.72],
  [80, 9.44],
  [85, 13.99],
  [90, 22.4],
  [92, 27.78],
  [95, 39.37],
  [97, 49.41],
  [98, 54.18],
  [99, 62.5],
  [99.6, 71],
  [99.9, 82],
]

const xs = table.map(([share]) => Math.log(share / (100 - share)))
const ys = table.map(([, up]) => Math.log(up))
const secants = xs.slice(1).map((x, i) => ((ys[i + 1] as number) - (ys[i] as number)) / (x - (xs[i] as number)))
// harmonic means of neighbouring slopes keep the curve rising (Fritsch & Butland 1984)
const slopes = xs.map((_, i) => {
  const [a, b] = [secants[i - 1], secants[i]]
  return a === undefined ? (b as number) : b === undefined ? a : (2 * a * b) / (a + b)
})

/** Degrees above water, for the logarithm of dissolved solids over water. */
function rise(x: number): number {
  const last = xs.length - 1
  if (x <= (xs[0] as number)) return Math.exp((ys[0] as number) + (x - (xs[0] as number)))
  if (x >= (xs[last] as number))
    return Math.exp((ys[last] as number) + (slopes[last] as number) * (x - (xs[last] as number)))
  let i = 0
  while ((xs[i + 1] as number) < x) i++
  const h = (xs[i + 1] as number) - (xs[i] as number)
  const t = (x - (xs[i] as number)) / h
  const [a, b] = [ys[i] as number, ys[i + 1] as number]
  const [da, db] = [(slopes[i] as number) * h, (slopes[i + 1] as number) * h]
  return Math.exp(a + t * (da + t * (3 * (b - a) - 2 * da - db + t * (da + db - 2 * (b - a)))))
}

/** Boiling point of water, °C, by Antoine's equation. */
const waterBoils = (pascal: number): number => 1730.63 / (8.07131 - Math.log10(pascal / 133.322)) - 233.426

/** Boiling point, °C, of a syrup of `solids` g (as sucrose) in `water` g; `bend`: how far off, °C, well up the curve. */
export function boils(solids: number, water: number, pascal: number, bend: number): number {
  const plain = waterBoils(pascal)
  if (solids <= 0) return plain
  const up = rise(Math.log(solids / Math.max(1e-6, water))) * ((plain + 273) / 373) ** 2
  return plain + up + (bend * up) / (up + 8)
}
