/** What has been poured, cooling through its depth on what it lies on. */
import { onARack, type Surface, surfaceFacts } from '../craft/surfaces'
import type { Mix } from '../matter/mix'
import { atDepth, conduct, type Face, type Layer, layerOf, openFace, type Slices, sliced } from '../physics/conduction'
import type { Course } from './course'

export interface PouredSlab {
  /** The mass as one layer, W/(m·K) and J/(m³·K). */
  readonly mass: Pick<Layer, 'k' | 'holds'>
  readonly depthMm: number
  /** What it is poured into: a lined metal tray, a mould of silicone; bare on what it lies on. */
  readonly into: 'tray' | 'mould' | 'bare'
  readonly roomC: number
}

interface Poured extends Pick<PouredSlab, 'depthMm' | 'into'> {
  /** Share of its volume that is air; none unless told. */
  readonly air?: number
}

/** A mix poured at `startC` as a slab: its conductivity and capacity are those half-way down to the room. */
export function pouredSlab(mix: Mix, startC: number, roomC: number, { air, depthMm, into }: Poured): PouredSlab {
  const { k, holds } = layerOf(mix, 1, (startC + roomC) / 2, 1, air)
  return { mass: { k, holds }, depthMm, into, roomC }
}

export interface Stay {
  readonly from: number
  readonly on: Surface
  /** °C of an oven, a fridge or a freezer it is in; where `on` is unless told. */
  readonly airC?: number
}

/** In how many slices a slab is reckoned, and a surface under it. */
export const SLAB_SLICES = 40
const BODY_SLICES = 14
/** mm under which something beneath a tray is nothing. */
const THINNEST = 0.5

/** ◊ A tray of 1 mm of metal under paper, and a mould of 2 mm of silicone: m²K/W between it and the mass. */
const vessels = {
  tray: { layer: { mm: 1, k: 50, holds: 3.6e6, slices: 1 }, lining: 0.001 },
  mould: { layer: { mm: 2, k: 0.2, holds: 1.44e6, slices: 2 }, lining: 0 },
  bare: { layer: null, lining: 0 },
} as const

/** s: the first step, and by what share of the time that has passed later ones grow. */
const STEP = { first: 1, share: 0.02 }
/** It is followed until its middle is this near the air, °C, or for so long, s. */
const NEAR = 0.5
const LONGEST = 12 * 3600

const faceOn = ({ on, airC }: Stay, roomC: number): Face => {
  if (airC !== undefined) return { airC, gives: openFace }
  const { cold } = surfaceFacts(on.kind)
  return cold ? { airC: cold.celsius, gives: () => cold.gives } : { airC: roomC, gives: openFace }
}

function layOn(stay: Stay, { mass, depthMm, into, roomC }: PouredSlab): Slices {
  // in an oven it lies on a rack
  const surface = stay.airC === undefined ? stay.on : onARack
  const { bodies, under } = surfaceFacts(surface.kind)
  const { layer, lining } = vessels[into]
  const face = faceOn(stay, roomC)
  return sliced({
    layers: [
      { ...mass, mm: depthMm, slices: SLAB_SLICES, under: layer ? lining : 0 },
      ...(layer ? [{ ...layer, under }] : []),
      ...bodies
        .map(({ k, holds, mm }): Layer => ({ k, holds, mm: mm ?? surface.thicknessMm, slices: BODY_SLICES }))
        // a board of no thickness is none
        .filter(({ mm }) => mm >= THINNEST),
    ],
    top: face,
    beneath: face,
  })
}

/**
 * How a slab poured at `startC` (or with the given profile, top first) cools through its stays, `pace` times as fast as the
 * book says. Samples grow with time; a few hundred in all.
 */
export function slabCourse(
  slab: PouredSlab,
  start: number | readonly number[],
  stays: readonly Stay[],
  pace = 1,
): Course {
  const at: number[] = []
  const middle: number[] = []
  const top: number[] = []
  const bottom: number[] = []
  const under: number[] = []
  let mass = typeof start === 'number' ? new Float64Array(SLAB_SLICES).fill(start) : Float64Array.from(start)
  const begin = stays[0]?.from ?? 0
  let now = begin
  stays.forEach((stay, i) => {
    const slices = layOn(stay, slab)
    const celsius = new Float64Array(slices.count).fill(slab.roomC)
    celsius.set(mass)
    const airC = slices.stack.top.airC
    const leaves = stays[i + 1]?.from ?? Number.POSITIVE_INFINITY
    const laid = now
    const sample = (): void => {
      at.push(now)
      middle.push(atDepth(celsius, SLAB_SLICES, 0.5))
      top.push(celsius[0] as number)
      bottom.push(celsius[SLAB_SLICES - 1] as number)
      under.push(slices.count > SLAB_SLICES + 2 ? (celsius[SLAB_SLICES + 2] as number) : airC)
    }
    if (at.length === 0) sample()
    while (now < leaves && now - begin < LONGEST && Math.abs((middle.at(-1) as number) - airC) > NEAR) {
      const step = Math.min(leaves - now, Math.max(STEP.first, STEP.share * (now - laid)))
      conduct(slices, celsius, step * pace)
      now += step
      sample()
    }
    // it has come to rest there: nothing changes until it is moved
    if (Number.isFinite(leaves) && now < leaves) {
      now = leaves
      sample()
    }
    mass = celsius.slice(0, SLAB_SLICES)
  })
  return { at, middle, top, bottom, under }
}

/** Seconds in air at `ovenC` until the middle of a slab that is at `fromC` throughout is up to `toC`; Infinity where it never is. */
export function warmingSeconds({ mass, depthMm }: PouredSlab, fromC: number, toC: number, ovenC: number): number {
  if (toC >= ovenC) return Number.POSITIVE_INFINITY
  const face: Face = { airC: ovenC, gives: openFace }
  const slices = sliced({ layers: [{ ...mass, mm: depthMm, slices: 10 }], top: face, beneath: face })
  const celsius = new Float64Array(slices.count).fill(fromC)
  let now = 0
  while (atDepth(celsius, 10, 0.5) < toC && now < LONGEST) {
    conduct(slices, celsius, 10)
    now += 10
  }
  return now
}
