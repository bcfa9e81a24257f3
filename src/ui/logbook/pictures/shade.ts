/** The shade of a sweet in a picture, held against the white paper beside it. */
import { sugarColour } from '@/ui/chart/ladder-scale'

/** Pixels as a canvas gives them: red, green, blue, opacity, row by row. */
export interface Pixels {
  readonly data: Uint8ClampedArray
  readonly width: number
  readonly height: number
}

export interface Shade {
  /** Colour-equivalent temperature on the caramel ramp, °C, and how unsure it is. */
  readonly celsius: number
  readonly sd: number
}

type Rgb = readonly [number, number, number]

/** ◊ Of the brightness of a picture, what counts as its paper; how much of a picture that has to be. */
const PAPER = { from: 0.97, least: 0.01 }
/** ◊ Least light on the paper, 0 to 255, and how uneven its colours may be. */
const LIT = { least: 120, tint: 0.75 }
/** Share of the shorter side that is looked at around a touch. */
const AROUND = 0.03
const RAMP = { from: 140, to: 200, step: 0.5 }
/** ◊ No light in a kitchen tells a shade nearer than this, °C. */
const LEAST_SD = 3

const linear = (c: number): number => (c <= 10 ? c / 3295 : ((c / 255 + 0.055) / 1.055) ** 2.4)
const luma = ([r, g, b]: Rgb): number => 0.2126 * r + 0.7152 * g + 0.0722 * b

function pixelAt({ data, width }: Pixels, x: number, y: number): Rgb {
  const i = 4 * (y * width + x)
  return [data[i] as number, data[i + 1] as number, data[i + 2] as number]
}

const mean = (list: readonly Rgb[]): Rgb =>
  [0, 1, 2].map((k) => list.reduce((sum, p) => sum + (p[k] as number), 0) / list.length) as unknown as Rgb

/** The paper of a picture: its brightest part; null where none of it is white enough. */
function paperOf(pixels: Pixels): Rgb | null {
  const all: Rgb[] = []
  for (let y = 0; y < pixels.height; y += 2) for (let x = 0; x < pixels.width; x += 2) all.push(pixelAt(pixels, x, y))
  const sorted = all.toSorted((a, b) => luma(a) - luma(b))
  const bright = sorted.slice(Math.floor(sorted.length * PAPER.from))
  if (bright.length < all.length * PAPER.least) return null
  const paper = mean(bright)
  const tint = Math.min(...paper) / Math.max(...paper)
  return luma(paper) >= LIT.least && tint >= LIT.tint ? paper : null
}

/** What is around a place in the picture, 0 to 1 each way. */
function around(pixels: Pixels, at: { readonly x: number; readonly y: number }): Rgb[] {
  const reach = Math.max(1, Math.round(AROUND * Math.min(pixels.width, pixels.height)))
  const [cx, cy] = [Math.round(at.x * (pixels.width - 1)), Math.round(at.y * (pixels.height - 1))]
  const found: Rgb[] = []
  for (let y = Math.max(0, cy - reach); y <= Math.min(pixels.height - 1, cy + reach); y++)
    for (let x = Math.max(0, cx - reach); x <= Math.min(pixels.width - 1, cx + reach); x++)
      found.push(pixelAt(pixels, x, y))
  return found
}

const rampColour = (celsius: number): Rgb =>
  (sugarColour(celsius).match(/\d+/g) ?? []).map((c) => linear(Number(c))) as unknown as Rgb

/** Distance of two colours by their logarithms: light falls alike on all three. */
const apart = (a: Rgb, b: Rgb): number =>
  Math.sqrt(a.reduce((sum, v, k) => sum + (Math.log(v + 0.004) - Math.log((b[k] as number) + 0.004)) ** 2, 0))

/** The shade at a place of a picture; null where no white paper is in it. */
export function shadeOf(pixels: Pixels, at: { readonly x: number; readonly y: number }): Shade | null {
  const paper = paperOf(pixels)
  if (!paper) return null
  const seen = mean(around(pixels, at))
  const shade = seen.map((v, k) => Math.min(1, linear(v) / linear(paper[k] as number))) as unknown as Rgb
  let best = { celsius: RAMP.from, off: Number.POSITIVE_INFINITY }
  const near: number[] = []
  for (let celsius = RAMP.from; celsius <= RAMP.to; celsius += RAMP.step) {
    const off = apart(shade, rampColour(celsius))
    if (off < best.off) best = { celsius, off }
  }
  // all that fits nearly as well is as likely
  for (let celsius = RAMP.from; celsius <= RAMP.to; celsius += RAMP.step)
    if (apart(shade, rampColour(celsius)) < best.off + 0.12) near.push(celsius)
  const spread = near.length > 1 ? ((near.at(-1) as number) - (near[0] as number)) / 3.5 : 0
  return { celsius: best.celsius, sd: Math.max(LEAST_SD, spread + 8 * best.off) }
}
