/**
 * The formula document: what a maker writes down. Plain data; every temperature in it is at the standard atmosphere,
 * because it stands for a composition and the kitchen's own air pressure is applied when the formula is used.
 */
import type { CautionId } from '../craft/cautions'
import type { FamilyId } from '../craft/families'
import type { Handwork, Texture } from '../craft/handwork'
import type { Sign } from '../craft/signs'
import type { Ingredient, Preparation } from '../matter/ingredient'

/** When a step falls due, counted from the moment the step before it is done. */
export type Trigger =
  | { readonly on: 'ready' }
  | { readonly on: 'boil' }
  | { readonly on: 'rises'; readonly celsius: number }
  | { readonly on: 'falls'; readonly celsius: number }
  | { readonly on: 'target' }
  | { readonly on: 'after'; readonly seconds: number }
  /** A colour on the caramel ramp, by its colour-equivalent temperature. */
  | { readonly on: 'colour'; readonly celsius: number }
  /** Something seen in the pot. */
  | { readonly on: 'sign'; readonly sign: Sign }
  /** When the mass is in the window of the step's handwork. */
  | { readonly on: 'window' }
  /** The mass looks or feels so. */
  | { readonly on: 'texture'; readonly texture: Texture }
  /** Another part has come so far. */
  | { readonly on: 'part'; readonly part: string; readonly state: PartState }
  /** The maker's own word: firm, cold, ready. */
  | { readonly on: 'word'; readonly word: string }

export interface Step {
  readonly id: string
  /** One or two words for the rail. */
  readonly label: string
  readonly when: Trigger
  /** What to do once due, and why. */
  readonly say: string
  readonly why: string
  /** What to do, or leave alone, until then, and why. */
  readonly meanwhile?: { readonly say: string; readonly why: string }
  /** The word on the big button. */
  readonly act: string
  /** Things to have within reach, asked for this long before the step. */
  readonly prepare?: { readonly say: string; readonly seconds: number }
  /** What to test here, and what it should show. */
  readonly test?: string
  /** The sign, or the shade as its colour-equivalent temperature, that makes the step due once it is seen. */
  readonly shows?: Sign | number
  /** What doing it changes in the pot: a group goes in, or what a part has become. */
  readonly adds?: string
  readonly joins?: string
  readonly lid?: boolean
  readonly heat?: number
  readonly offHeat?: boolean
  /** The base of the pot goes into cold water. */
  readonly bath?: boolean
  /** What hands do in it, of the works that have a moment, a forecast and a caution of their own. */
  readonly handwork?: Handwork
  /** The pot is empty after it, and the probe out. */
  readonly empties?: boolean
  /** What can hurt while it is done. */
  readonly cautions?: readonly CautionId[]
}

export interface Group {
  readonly id: string
  readonly label: string
  /** °C the group is at when it goes in. */
  readonly celsius: number
}

export interface Line {
  readonly id: string
  readonly group: string
  readonly ingredient: string
  readonly grams: number
  readonly note?: string
  /** What is done to it before the heat goes on; as its ingredient asks unless told. */
  readonly prepare?: readonly Preparation[]
  /** It only gives its flavour, and is strained off or taken out again: weighed, with its allergens, and nothing of it in the sweet. */
  readonly strained?: boolean
  /** The words it was written with, where it was typed. */
  readonly typed?: string
}

export type Shape =
  | {
      readonly kind: 'cut'
      readonly lengthMm: number
      readonly widthMm: number
      readonly heightMm: number
      /** A round cutter of `lengthMm` across; square-cornered unless told. */
      readonly round?: boolean
      /** Trimmed off every edge before it is cut. */
      readonly trimMm?: number
    }
  /** `sticks`: stood in the cavities before they are filled. */
  | { readonly kind: 'mould'; readonly millilitres: number; readonly sticks?: boolean }
  | {
      readonly kind: 'broken'
      readonly thicknessMm: number
      readonly gramsEach: number
      /** Made one by one, and no sheet that is broken; what is dipped into it is not weighed with it. */
      readonly formed?: 'dipped' | 'dropped' | 'rolled'
    }

/** ◊ No formula says more than this is got ready. */
export const mostReady = 40

export interface Target {
  readonly celsius: number
  /** How far either side is still good, °C. */
  readonly within: number
}

/** What one part asks of another before it is begun or put to it. */
export const partStates = ['cold', 'firm', 'baked', 'hot'] as const
export type PartState = (typeof partStates)[number]

export interface Part {
  readonly id: string
  readonly label: string
  readonly formula: SingleFormula
  /** What other parts must be before this one is made. */
  readonly needs: readonly { readonly part: string; readonly state: PartState }[]
  /** How warm it is when it is put to the rest, °C. */
  readonly celsius: number
}

/** A formula that is not put together from others. */
export interface SingleFormula {
  readonly version: 1
  readonly name: string
  readonly family: FamilyId
  readonly school: string
  readonly about: string
  readonly groups: readonly Group[]
  /** Ids are unique over all parts, so that one table of grams holds the whole batch. */
  readonly lines: readonly Line[]
  /** Where it comes off, at the standard atmosphere; null for what is not boiled: a baked base, a whole of parts. */
  readonly target: Target | null
  /** What is got ready before the heat goes on beside what its ingredients ask for, in the maker's words, in order. */
  readonly ready?: readonly string[]
  readonly steps: readonly Step[]
  readonly shape: Shape
  /** Share of the finished volume that is air, for whipped and foamed sweets; none unless told. */
  readonly air?: number
  /** Share lost to edges, crumbs and the pot, 0 to 0.5. */
  readonly waste: number
  /** A boil for each of these colours or flavours; empty for one boil. */
  readonly boils: readonly string[]
  readonly notes?: string
  /** What it was adapted from, in the maker's words. */
  readonly source?: string
  /** Make-up of ingredients that are not in the pantry: the kitchen's own, frozen with the revision. */
  readonly own?: readonly Ingredient[]
}

export interface FormulaDocument extends SingleFormula {
  /** Formulas of their own that are put to the rest; they go one deep. */
  readonly parts?: readonly Part[]
}

/** A formula that is boiled to a target. */
export type BoiledFormula = FormulaDocument & { readonly target: Target }

export const isBoiled = (formula: FormulaDocument): formula is BoiledFormula => formula.target !== null

export interface PlacedFormula {
  /** Id of the part; null for the formula itself. */
  readonly part: string | null
  readonly label: string
  readonly formula: FormulaDocument
}

/** The formula and its parts, each with its place: parts in the order they are needed, then the whole. */
export const piecesOf = (formula: FormulaDocument): PlacedFormula[] => [
  ...(formula.parts ?? []).map((p) => ({ part: p.id, label: p.label, formula: p.formula })),
  { part: null, label: formula.name, formula },
]

/** All that is said to be got ready, that of parts first; what two parts ask for once. */
export const readyIn = (formula: FormulaDocument): string[] => [
  ...new Set(piecesOf(formula).flatMap((p) => p.formula.ready ?? [])),
]

/** Every line, those of parts first. */
export const allLines = (formula: FormulaDocument): Line[] => piecesOf(formula).flatMap((p) => p.formula.lines)

/** Groups in which there is something to weigh. */
export const filledGroups = ({ groups, lines }: Pick<FormulaDocument, 'groups' | 'lines'>): Group[] =>
  groups.filter((g) => lines.some((l) => l.group === g.id))

/** What is boiled in it, in order. */
export const boiledIn = (formula: FormulaDocument): { part: string | null; label: string; formula: BoiledFormula }[] =>
  piecesOf(formula).flatMap((p) => (isBoiled(p.formula) ? [{ ...p, formula: p.formula }] : []))

/** Index of the first step a run of its own begins with: what is put together of parts was made in runs before it. */
export const beginsAt = (formula: FormulaDocument): number =>
  isBoiled(formula) ? 0 : formula.steps.findLastIndex((s) => s.joins !== undefined) + 1

/** What is made in a run of its own, in order: what is boiled, what is baked or mixed by hand, and what is left to do to the whole. */
export function madeIn(formula: FormulaDocument): PlacedFormula[] {
  const made = piecesOf(formula).filter((p) => beginsAt(p.formula) < p.formula.steps.length)
  if (!isBoiled(formula)) return made
  // what joins a boil hot is lit beside it, not before it; what is made by hand is there by then
  const rank = (p: PlacedFormula): number => (!isBoiled(p.formula) ? 0 : p.part === null ? 1 : 2)
  return made.sort((a, b) => rank(a) - rank(b))
}

/** The boil a formula is known by: its own, or its first part's; null where nothing is boiled. */
export const mainBoil = (formula: FormulaDocument): BoiledFormula | null =>
  isBoiled(formula) ? formula : (boiledIn(formula)[0]?.formula ?? null)

/** Grams of a line, by line id; the scaled batch, or the formula as written. */
export type GramsByLine = Readonly<Record<string, number>>

/** The formula's own grams by line, parts and all. */
export const gramsAsWritten = (formula: FormulaDocument): GramsByLine =>
  Object.fromEntries(allLines(formula).map((l) => [l.id, l.grams]))

/** Index of the step that takes the pot off at the target, or -1. */
export const pullIndex = (formula: FormulaDocument): number => formula.steps.findIndex((s) => s.when.on === 'target')

/** Index of the step that pours the pot out, or -1. */
export const pourIndex = (formula: FormulaDocument): number => formula.steps.findIndex((s) => s.empties)

/** How many steps come before the pour: all of them where nothing is poured. */
export const stepsToPour = (formula: FormulaDocument): number => {
  const pour = pourIndex(formula)
  return pour < 0 ? formula.steps.length : pour
}

/** The steps after the pour: all of them where nothing is poured. */
export const stepsAfterPour = (formula: FormulaDocument): readonly Step[] => formula.steps.slice(pourIndex(formula) + 1)
