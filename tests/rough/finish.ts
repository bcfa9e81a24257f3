/**
 * The rough kitchen after the pour: a slab, a bowl and a pot off the heat that cool as such things do in kitchens. It is here
 * to judge what Imbry foresees of a finish, so it imports nothing of Imbry's: an explicit scheme, numbers of its own.
 */
import { type Chance, chance } from './chance'

/** Something that cools by itself. */
export interface Cooling {
  /** Its middle, °C. */
  celsius(): number
  /** Its upper face, °C. */
  face(): number
  wait(seconds: number): void
}

/** A lump something else can be stirred into. */
export interface Lump extends Cooling {
  /** So large a share of what there then is goes in this warm, °C. */
  stirIn(share: number, warm: number): void
  /** The same of solid chocolate into molten, which takes heat to melt. */
  seed(share: number, warm: number): void
  /** Held over warm water until it is so warm, give or take. */
  warm(to: number): void
}

export type RoughPlace = 'rack' | 'wood' | 'stone'

interface RoughSlabFacts {
  readonly depthMm: number
  readonly startC: number
  readonly roomC: number
  readonly place: RoughPlace
  /** Share of the volume that is air. */
  readonly air: number
}

/** k W/mK, J/m³K and m of what lies beneath. */
const beneath: Readonly<Record<RoughPlace, readonly [number, number, number] | null>> = {
  rack: null,
  wood: [0.16, 1.05e6, 0.036],
  stone: [2.7, 2.35e6, 0.028],
}

/** A slab in a lined tray, in cells of half a millimetre and less, stepped explicitly. */
export function roughSlab({ depthMm, startC, roomC, place, air }: RoughSlabFacts, seed: number): Cooling {
  const c = chance(seed, 40)
  const k = c.between(0.29, 0.38) * (1 - air) ** 1.3
  const holds = c.between(2.5e6, 3.1e6) * (1 - air)
  const gives = c.between(9.5, 13.5)
  const lining = c.between(0.0005, 0.0025)
  const cells = 16
  const thick = depthMm / 1000 / cells
  const mass = new Array<number>(cells).fill(startC)
  const base = beneath[place]
  const below = new Array<number>(base ? 10 : 1).fill(roomC)
  const belowThick = base ? base[2] / below.length : 0.001
  const belowHolds = base ? base[1] : 3.2e6
  const belowK = base ? base[0] : 40
  const between = thick / 2 / k + lining + (base ? c.between(0, 0.004) + belowThick / 2 / belowK : 0)
  const step =
    0.2 * Math.min((thick * thick * holds) / k, (belowThick * belowThick * belowHolds) / Math.max(belowK, 0.05), 1)
  const faceGives = (t: number): number => gives * (1 + (t - 40) / 220)
  const once = (dt: number): void => {
    const flow = new Array<number>(cells + below.length + 1).fill(0)
    flow[0] = -faceGives(mass[0] as number) * ((mass[0] as number) - roomC)
    for (let i = 1; i < cells; i++) flow[i] = (k / thick) * ((mass[i - 1] as number) - (mass[i] as number))
    flow[cells] = ((mass[cells - 1] as number) - (below[0] as number)) / between
    for (let i = 1; i < below.length; i++)
      flow[cells + i] = (belowK / belowThick) * ((below[i - 1] as number) - (below[i] as number))
    const lowest = below[below.length - 1] as number
    flow[cells + below.length] = gives * (lowest - roomC)
    for (let i = 0; i < cells; i++)
      mass[i] = (mass[i] as number) + (dt * ((flow[i] as number) - (flow[i + 1] as number))) / (holds * thick)
    for (let i = 0; i < below.length; i++)
      below[i] =
        (below[i] as number) +
        (dt * ((flow[cells + i] as number) - (flow[cells + i + 1] as number))) / (belowHolds * belowThick)
  }
  const small = Math.max(0.02, step)
  return {
    celsius: () => ((mass[cells / 2 - 1] as number) + (mass[cells / 2] as number)) / 2,
    face: () => mass[0] as number,
    wait: (seconds) => {
      for (let t = 0; t < seconds; t += small) once(Math.min(small, seconds - t))
    },
  }
}

/** One lump: a pot off the heat, or a bowl under a whisk, that loses so many W/K in a draught that comes and goes. */
export function roughLump(joulesPerK: number, wattsPerK: number, startC: number, roomC: number, seed: number): Lump {
  const c: Chance = chance(seed, 41)
  const loses = wattsPerK * c.between(0.85, 1.2)
  const holds = joulesPerK * c.between(0.93, 1.07)
  let t = startC
  return {
    celsius: () => t,
    face: () => t,
    // dry things take less heat than the syrup
    stirIn: (share, warm) => {
      t += share * c.between(0.75, 1.05) * (warm - t)
    },
    warm: (to) => {
      t = to + c.between(-0.5, 0.5)
    },
    seed: (share, warm) => {
      t += share * (c.between(0.88, 1) * (warm - t) - c.between(22, 32))
    },
    wait: (seconds) => {
      for (let s = 0; s < seconds; s++) t -= (loses * c.between(0.8, 1.2) * (t - roomC)) / holds
    },
  }
}

/** ◊ Share of air in what is foamed or whipped here, give or take. */
export const roughAir: Readonly<Record<string, number>> = {
  brittle: 0.15,
  honeycomb: 0.5,
  marshmallow: 0.62,
  nougat: 0.25,
}

/** How a mass takes what is done to it at `celsius`: what a confectioner would find, by work and family. ◊ */
export type Came = 'right' | 'too early' | 'too late'

const right: Readonly<Record<string, readonly [low: number, high: number]>> = {
  'caramel score': [30, 78],
  'toffee score': [76, 122],
  'caramel cut': [0, 29],
  'condensed-milk cut': [0, 29],
  'fudge beat': [40, 53],
  'fudge cut': [0, 29],
  'toffee break': [0, 38],
  'toffee unmould': [0, 45],
  'brittle break': [0, 40],
  'honeycomb break': [0, 36],
  'hard-candy unmould': [0, 48],
  'hard-candy fill': [112, 160],
  'marshmallow whip': [34, 50],
  'marshmallow spread': [32, 50],
  'nougat whip': [40, 75],
  'popcorn form': [60, 150],
  'caramel-sauce fill': [45, 98],
  'marshmallow cut': [0, 26],
  'nougat cut': [0, 27],
  'dark chocolate temper': [29.8, 33.2],
  'dark chocolate coat': [28.8, 33.2],
  'milk chocolate gather': [24, 29],
  'milk chocolate temper': [27.8, 31.2],
  'milk chocolate coat': [26.8, 31.2],
  'pulled sugar pull': [68, 124],
  'pulled sugar cut': [66, 124],
}

export function cameOut(family: string, work: string, celsius: number): Came {
  const range = right[`${family} ${work}`]
  if (!range) return 'right'
  return celsius > range[1] ? 'too early' : celsius < range[0] ? 'too late' : 'right'
}

/** Whether the rough kitchen has a word to say of this work. */
export const isJudged = (family: string, work: string): boolean => `${family} ${work}` in right
