/** How long a sweet keeps in a room: bare, wrapped in a film, in the fridge. */

import { type Film, films } from '../craft/handwork'
import { surfaceKinds } from '../craft/surfaces'
import type { Analysis } from '../formula/analyse'
import type { FormulaDocument, Shape } from '../formula/document'
import { type Mix, massOf, withWater } from '../matter/mix'
import { waterActivity } from '../physics/boiling'
import { densityOf } from '../physics/heat'
import { dewPoint, type Keeps, keepingIn, saturatedAir } from '../physics/humidity'

/** ◊ How fast still air brings or takes water, m/s, and how deep the skin is that a finger feels, mm. */
const TRANSFER = 0.0035
const SKIN_MM = 0.5

export interface Piece {
  readonly mix: Mix
  readonly keeps: Keeps
  /** cm² of bare face and g of one piece. */
  readonly areaCm2: number
  readonly grams: number
}

/** One piece of a batch as it comes out of the cut: its faces by its shape. */
export function pieceOf({ shape, air = 0 }: FormulaDocument, analysis: Analysis, grams: number): Piece {
  return { mix: analysis.finished, keeps: analysis.keeps, grams, areaCm2: areaOf(shape, grams, analysis.finished, air) }
}

/** cm² of a piece of so many grams. */
function areaOf(shape: Shape, grams: number, mix: Mix, air: number): number {
  if (shape.kind === 'cut') {
    const { lengthMm: l, widthMm: w, heightMm: h, round } = shape
    return (round ? (Math.PI * l * l) / 2 + Math.PI * l * h : 2 * (l * w + l * h + w * h)) / 100
  }
  const cm3 = grams / densityOf(mix, 21) / (1 - air)
  if (shape.kind === 'mould') return 6 * cm3 ** (2 / 3)
  const side = Math.sqrt((cm3 * 10) / shape.thicknessMm)
  return 2 * side * side + (4 * side * shape.thicknessMm) / 10
}

export interface Room {
  readonly roomC: number
  readonly humidity: number
}

export interface WrapBy {
  readonly goes: 'sticky' | 'steady' | 'dries'
  /** Hours until the skin of a bare piece is sticky or dry; Infinity where it keeps. */
  readonly bareHours: number
  /** °C from which on its skin does so: what is hot takes up no water, it gives off some. Infinity where it does at once. */
  readonly fromC: number
  /** Days wrapped until the whole piece has gone that far, by film. */
  readonly days: readonly { readonly film: Film; readonly days: number }[]
  readonly fridge: 'weeps' | 'keeps'
  readonly dewC: number
  /** By its water activity: nothing grows, some yeasts and moulds may, or a chilled food. */
  readonly spoils: 'nothing' | 'some' | 'chilled'
}

/** Grams of water between the sweet as it is and where it turns sticky (or dry), of 100 g. */
function roomForWater({ mix, keeps }: Piece, limit: number, roomC: number): number {
  const grams = massOf(mix)
  if (keeps.own === 0) return Number.POSITIVE_INFINITY
  let low = 0
  let high = mix.water + 0.3 * grams
  for (let i = 0; i < 40; i++) {
    const mid = (low + high) / 2
    if (waterActivity(withWater(mix, mid), roomC) < limit) low = mid
    else high = mid
  }
  return (Math.abs(low - mix.water) / grams) * 100
}

/** °C at which a sweet of this water activity neither gives water to the air of a room nor takes any. */
function takesUpBelow(own: number, { roomC, humidity }: Room): number {
  const air = humidity * saturatedAir(roomC)
  let [low, high] = [roomC, HOTTEST_SKIN]
  for (let i = 0; i < 30; i++) {
    const mid = (low + high) / 2
    if (own * saturatedAir(mid) < air) low = mid
    else high = mid
  }
  return low
}
/** ◊ °C: a sweet so hot is being poured. */
const HOTTEST_SKIN = 90

/** What the room does to a bare piece and to a wrapped one; wrap it before `bareHours` have passed. */
export function wrapBy(piece: Piece, { roomC, humidity }: Room): WrapBy {
  const { mix, keeps, areaCm2, grams } = piece
  const goes = keepingIn(keeps, humidity)
  const limit = goes === 'sticky' ? keeps.stickyAbove : keeps.driesBelow
  // the skin has taken up half of what drives it when it is at its limit
  const difference = Math.abs(humidity - (keeps.own + limit) / 2)
  const per100 = goes === 'steady' ? Number.POSITIVE_INFINITY : roomForWater(piece, limit, roomC)
  const skinGrams = (areaCm2 * SKIN_MM * densityOf(mix, roomC)) / 10
  const perHour = TRANSFER * difference * saturatedAir(roomC) * areaCm2 * 1e-4 * 3600
  const bareHours = goes === 'steady' || perHour === 0 ? Number.POSITIVE_INFINITY : (skinGrams * per100) / 100 / perHour
  const days = (Object.entries(films) as [Film, number | null][]).flatMap(([film, passes]) =>
    passes === null
      ? []
      : [
          {
            film,
            days:
              goes === 'steady'
                ? Number.POSITIVE_INFINITY
                : (grams * per100) / 100 / (passes * difference * areaCm2 * 1e-4),
          },
        ],
  )
  const dewC = dewPoint(roomC, humidity)
  return {
    goes,
    bareHours,
    fromC: goes === 'sticky' ? takesUpBelow(keeps.own, { roomC, humidity }) : Number.POSITIVE_INFINITY,
    days,
    fridge: dewC > surfaceKinds.fridge.cold.celsius ? 'weeps' : 'keeps',
    dewC,
    spoils: keeps.own < 0.6 ? 'nothing' : keeps.own <= 0.85 ? 'some' : 'chilled',
  }
}
