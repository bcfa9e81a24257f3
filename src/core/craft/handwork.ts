/**
 * What hands do to a sweet once it has left the heat. One row a kind: what can hurt, what it makes of the mass, and how long
 * a piece of it takes. What a formula says of its own work stands beside the kind in the document.
 */
import type { CautionId } from './cautions'

/** Where the mass is while it waits for the next thing. */
export type Place = 'pot' | 'bowl' | 'slab' | 'rope' | 'moulds' | 'pieces'

export interface HandworkFacts {
  /** What goes in with it lies on the mass, and not in it, once that is poured. */
  readonly puts?: 'on'
  readonly cautions: readonly CautionId[]
  /** Where it lies once this is done; where it was unless told. */
  readonly into?: Place
  /** What of the kitchen it takes up, where the kitchen has such a thing. */
  readonly on?: Station
}

/** What work after the pour is done on or in, of which a kitchen has so many. */
export const stations = ['mixer', 'oven', 'stone', 'fridge'] as const
export type Station = (typeof stations)[number]

export const handworks = {
  'lay-under': { cautions: ['sharedBoards'] },
  spread: { cautions: ['hotForming'], into: 'slab' },
  leave: { cautions: [] },
  score: { puts: 'on', cautions: ['hotKnife'] },
  cut: { puts: 'on', cautions: ['hotKnife'], into: 'pieces' },
  break: { puts: 'on', cautions: ['shards'], into: 'pieces' },
  pull: { cautions: ['hotForming'], into: 'rope', on: 'stone' },
  form: { cautions: ['hotForming'], into: 'pieces' },
  fill: { cautions: ['hotSugar'], into: 'moulds' },
  pipe: { cautions: ['hotForming'], into: 'moulds' },
  unmould: { puts: 'on', cautions: [], into: 'pieces' },
  beat: { cautions: ['mixer'], on: 'mixer' },
  whip: { cautions: ['mixer'], into: 'bowl', on: 'mixer' },
  'fold-in': { cautions: ['sharedBoards'] },
  'pour-over': { cautions: ['hotSugar'], into: 'slab' },
  'cover-chips': { puts: 'on', cautions: [] },
  table: { cautions: [], into: 'slab', on: 'stone' },
  gather: { cautions: [], into: 'pot', on: 'stone' },
  temper: { cautions: [] },
  coat: { puts: 'on', cautions: [] },
  dust: { puts: 'on', cautions: [] },
  sprinkle: { puts: 'on', cautions: ['sharedBoards'] },
  chill: { cautions: [], on: 'fridge' },
  bake: { cautions: ['oven'], into: 'slab', on: 'oven' },
  cool: { cautions: [] },
  wrap: { puts: 'on', cautions: [] },
} as const satisfies Record<string, HandworkFacts>

export type HandworkKind = keyof typeof handworks
export const handworkKinds = Object.keys(handworks) as [HandworkKind, ...HandworkKind[]]

export const handworkFacts = (kind: HandworkKind): HandworkFacts => handworks[kind]

/** How a piece is given its form by hand, and how moulds are filled: ◊ seconds for one, until the log knows the maker's own. */
export const forming = { drops: 4, balls: 12, clusters: 8, sticks: 15 } as const
/** ◊ s for a piece cut off a rope with scissors. */
export const SNIP_S = 1.5
export const filling = { jug: 3, spoon: 6, funnel: 2.5 } as const
export type Formed = keyof typeof forming
export type Filler = keyof typeof filling

export const cutTools = ['knife', 'oiled-knife', 'hot-knife', 'wet-knife', 'cutter', 'wheel', 'scissors'] as const
export type CutTool = (typeof cutTools)[number]

/** What becomes of what is trimmed off. */
export const offCuts = ['eaten', 'rolled', 'melted', 'binned'] as const
export type OffCuts = (typeof offCuts)[number]

/** Chocolate by kind: melt, cool and work, °C, the middle of the usual ranges; and how much of it is fat, usually. */
export const chocolates = {
  dark: { melts: [45, 50], cools: [27, 28], works: [31, 32], fat: 0.36 },
  milk: { melts: [40, 45], cools: [26, 27], works: [29, 30], fat: 0.31 },
  white: { melts: [40, 45], cools: [25, 26], works: [28, 29], fat: 0.34 },
} as const satisfies Record<
  string,
  {
    readonly melts: readonly [number, number]
    readonly cools: readonly [number, number]
    readonly works: readonly [number, number]
    readonly fat: number
  }
>
export type Chocolate = keyof typeof chocolates

/** J/g that cocoa butter takes to melt, and ◊ how much of it does in seed that is stirred into molten chocolate. */
export const cocoaButter = { melts: 157, share: 0.8 } as const

/** ◊ Water vapour a wrapping lets through in a room at 21°, g/(m²·day) at full difference of humidity. */
export const films = { none: null, 'waxed-paper': 60, cellulose: 25, polypropylene: 5, foil: 0.5, jar: 0.2 } as const
export type Film = keyof typeof films

/** A piece of handwork as a formula has it: its kind and what belongs to that kind. */
export type Handwork =
  | {
      readonly kind: Exclude<
        HandworkKind,
        'cut' | 'form' | 'fill' | 'pipe' | 'whip' | 'temper' | 'chill' | 'bake' | 'wrap'
      >
    }
  | { readonly kind: 'cut'; readonly tool: CutTool }
  | { readonly kind: 'form'; readonly into: Formed }
  /** `level`: how full, share of the cavity. */
  | { readonly kind: 'fill'; readonly by: Filler; readonly level: number }
  | { readonly kind: 'pipe'; readonly depthMm: number }
  /** What holds the air. */
  | { readonly kind: 'whip'; readonly on: 'gelatin' | 'egg' }
  | { readonly kind: 'temper'; readonly chocolate: Chocolate }
  | { readonly kind: 'chill'; readonly celsius: number }
  | { readonly kind: 'bake'; readonly celsius: number }
  | { readonly kind: 'wrap'; readonly film: Film }

/** What a piece of handwork of each kind says where nobody has said more. */
export const usualHandwork = (kind: HandworkKind): Handwork => {
  switch (kind) {
    case 'cut':
      return { kind, tool: 'knife' }
    case 'form':
      return { kind, into: 'balls' }
    case 'fill':
      return { kind, by: 'jug', level: 1 }
    case 'pipe':
      return { kind, depthMm: 15 }
    case 'whip':
      return { kind, on: 'gelatin' }
    case 'temper':
      return { kind, chocolate: 'dark' }
    case 'chill':
      return { kind, celsius: 4 }
    case 'bake':
      return { kind, celsius: 170 }
    case 'wrap':
      return { kind, film: 'cellulose' }
    default:
      return { kind }
  }
}

/** Textures that tell when a work is due or done, and what each says of the mass: °C and how sharply; null where nothing. ◊ */
export const textures = {
  'gloss-gone': null,
  ribbon: null,
  'just-warm': { celsius: 38, sd: 4 },
  satin: null,
  chalky: null,
  'holds-line': null,
  'off-paper': null,
  'no-mark': null,
  'sets-glossy': null,
  'sets-dull': null,
} as const satisfies Record<string, { readonly celsius: number; readonly sd: number } | null>
export type Texture = keyof typeof textures

/** What a hand says of a face it lies on, °C and how sharply. ◊ */
export const touches = {
  hot: { celsius: 52, sd: 6 },
  warm: { celsius: 41, sd: 4 },
  barely: { celsius: 33, sd: 3 },
  cool: { celsius: 27, sd: 3 },
} as const satisfies Record<string, { readonly celsius: number; readonly sd: number }>
export type Touch = keyof typeof touches

/**
 * When a work can be done: so many degrees above the glass point of the mass, between two temperatures, or so near the
 * room. `null` at one end: no limit there.
 */
export type WorkWindow =
  | { readonly above: readonly [low: number | null, high: number | null] }
  | { readonly celsius: readonly [low: number | null, high: number | null] }
  | { readonly nearRoom: number }

/** ◊ Heights above the glass point, °C, where a sugar mass stops doing one thing and does the next. */
export const heights = { runs: 95, levels: 75, scores: 42, cuts: 18 } as const
