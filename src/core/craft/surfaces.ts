/** What a poured sweet can lie on: one row a kind. */

interface SurfaceFacts {
  /** What lies under the tray from the top down, W/(m·K) and J/(m³·K): the first as thick as the surface is; nothing for air. */
  readonly bodies: readonly { readonly k: number; readonly holds: number; readonly mm?: number }[]
  /** Between the tray and it, m²K/W. */
  readonly under: number
  /** Air and shelf of its own, °C, and how its air takes heat, W/(m²·K); the room's otherwise. */
  readonly cold?: { readonly celsius: number; readonly gives: number }
}

/** ◊ A sheet of paper or a thin mat under a tray. */
const SHEET = 0.002

const WOOD = { k: 0.15, holds: 600 * 1700 }

export const surfaceKinds = {
  rack: { bodies: [], under: 0 },
  stone: { bodies: [{ k: 2.8, holds: 2700 * 880 }], under: SHEET },
  wood: { bodies: [WOOD], under: SHEET },
  cloth: {
    bodies: [
      { k: 0.06, holds: 300 * 1400 },
      { ...WOOD, mm: 30 },
    ],
    under: SHEET,
  },
  silicone: {
    bodies: [
      { k: 0.2, holds: 1150 * 1250 },
      { ...WOOD, mm: 30 },
    ],
    under: 0,
  },
  fridge: { bodies: [], under: 0, cold: { celsius: 4, gives: 8 } },
} as const satisfies Record<string, SurfaceFacts>

export type SurfaceKind = keyof typeof surfaceKinds

/** A place of this kitchen to lay a tray on. */
export interface Surface {
  readonly name: string
  readonly kind: SurfaceKind
  /** How thick it is; 0 for a rack or a shelf. */
  readonly thicknessMm: number
}

export const surfaceFacts = (kind: SurfaceKind): SurfaceFacts => surfaceKinds[kind]

/** Where a tray lies while nobody has said where. */
export const onARack: Surface = { name: 'Rack', kind: 'rack', thicknessMm: 0 }

/** What it is poured onto where nobody says otherwise: the first place of the kitchen. */
export const firstPlace = ({ surfaces }: { readonly surfaces?: readonly Surface[] }): Surface =>
  surfaces?.[0] ?? onARack
