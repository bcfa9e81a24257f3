/**
 * What can be in a kitchen: one table of physical bounds, least and most. Every number that comes in is held against one
 * of these; what lies outside is a slip of the finger, or no candy.
 */
import { z } from 'zod'

const table = {
  /** A side of a cut piece, mm. */
  pieceMm: [3, 2000],
  /** How high a slab, a sheet or a piece is, mm. */
  heightMm: [0.5, 300],
  /** Trimmed off an edge, mm. */
  trimMm: [0, 100],
  /** A side of a tray or a cutter, mm. */
  trayMm: [10, 3000],
  /** One cavity of a mould, ml. */
  cavityMl: [0.1, 1000],
  cavities: [1, 5000],
  /** How many of a thing a kitchen owns. */
  owned: [1, 1000],
  /** A broken piece, g. */
  pieceGrams: [0.05, 5000],
  /** A weight of anything in a batch, g. */
  grams: [0.001, 100_000],
  /** A whole batch, g. */
  batchGrams: [1, 100_000],
  pieces: [1, 100_000],
  /** Pieces and seconds once it is cut; none is a count too. */
  yield: [0, 100_000],
  trimGrams: [0, 100_000],
  /** How many times as high a whipped mass stands as at first. */
  grown: [0.5, 10],
  /** How thick a board or a stone is, mm. */
  surfaceMm: [0, 200],
  /** Trays or moulds filled, tins opened. */
  vessels: [0.01, 1000],
  potLitres: [0.1, 500],
  potMm: [40, 2000],
  potKg: [0.05, 200],
  watts: [50, 50_000],
  /** Share of a burner's heat that reaches the pot. */
  efficiency: [0.05, 1],
  /** How long a burner or a plate takes to follow its dial, s. */
  responseS: [0.1, 3600],
  altitudeM: [-430, 5000],
  pressurePa: [40_000, 120_000],
  /** What a barometer shows in a room. */
  barometerHPa: [500, 1100],
  /** Colder than any freezer, hotter than any sugar work: a broken probe. */
  probeC: [-50, 400],
  roomC: [0, 45],
  share: [0, 1],
  /** A unit of the house, ml. */
  measureMl: [0.01, 20_000],
  price: [0, 100_000],
  /** A lot as it was bought: up to a truckload. */
  stockGrams: [1, 10_000_000],
} as const satisfies Record<string, readonly [number, number]>

/** A number within its bounds. */
export const within = (name: keyof typeof table): z.ZodNumber => z.number().min(table[name][0]).max(table[name][1])
