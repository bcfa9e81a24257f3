/** A mass in a bowl under a whisk: it cools by the wall and by the air it takes in, and grows. */
import type { FamilyId } from '../craft/families'
import { type Mix, massOf } from '../matter/mix'
import { densityOf, heatCapacity } from '../physics/heat'
import { type Course, lumpCourse } from './course'

/** ◊ What a kilogram in a running mixer loses, W/K; more in proportion to its surface. */
const LOSES = 4.6
/** ◊ Where whipping ends, g/ml, and how fast it gets there, s: as light as a marshmallow, or as heavy as a nougat. */
const foams = {
  light: { gPerMl: 0.4, within: [0.3, 0.5], seconds: 210 },
  heavy: { gPerMl: 1.0, within: [0.9, 1.1], seconds: 240 },
} as const
export type FoamKind = keyof typeof foams

/** What is whipped on gelatin is light; on egg it is what its sweet is: a marshmallow has enough of it to be light as well. */
export const foamKind = (family: FamilyId, on: 'gelatin' | 'egg'): FoamKind =>
  on === 'gelatin' || family === 'marshmallow' ? 'light' : 'heavy'

/** Where whipping ends, g/ml. */
export const whippedTo = (kind: FoamKind): number => foams[kind].gPerMl

/** How the mass in the bowl cools from `from`, s, where it was at `startC`; `pace` times as fast as the book says. */
export function bowlCourse(mix: Mix, from: number, startC: number, roomC: number, pace = 1): Course {
  const kg = massOf(mix) / 1000
  return lumpCourse(from, startC, roomC, heatCapacity(mix, (startC + roomC) / 2) / (LOSES * kg ** (2 / 3)) / pace)
}

export interface Foam {
  /** g/ml, how many times it has grown, and its volume. */
  readonly gPerMl: number
  readonly times: number
  readonly litres: number
  /** Share of the volume that is air. */
  readonly air: number
  /** Where it is to end, g/ml, and whether it is there. */
  readonly within: readonly [number, number]
  readonly state: 'short' | 'there' | 'over'
  readonly measured: boolean
}

/**
 * How far it is whipped after `seconds` under the whisk; from the height in the bowl where that was measured (`times` what it
 * stood at first, and when), from the clock otherwise.
 * Overrun = (volume − start)/start.
 */
export function foamOf(
  mix: Mix,
  kind: FoamKind,
  seconds: number,
  measured: { readonly times: number; readonly seconds: number } | null = null,
): Foam {
  const { gPerMl: end, within, seconds: tau } = foams[kind]
  const plain = densityOf(mix, 60)
  const most = plain / end
  // a measured height fixes how fast it grows; the law of growth stays
  const grownAt = (s: number): number => 1 - Math.exp(-s / tau)
  const reach = measured
    ? (measured.times - 1) / Math.max(0.05, grownAt(measured.seconds))
    : (most - 1) / grownAt(3 * tau)
  const times = Math.max(1, 1 + reach * grownAt(seconds))
  const gPerMl = plain / times
  return {
    gPerMl,
    times,
    litres: massOf(mix) / 1000 / gPerMl,
    air: 1 - 1 / times,
    within,
    state: gPerMl > within[1] ? 'short' : gPerMl < within[0] ? 'over' : 'there',
    measured: measured !== null,
  }
}
