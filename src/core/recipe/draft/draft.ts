/** What a written recipe is read into: a draft of a formula, what is still asked of it, and what was answered. */
import type { FamilyId } from '../../craft/families'
import type { FormulaDocument } from '../../formula/document'
import type { HouseUnit, LineReading } from '../../matter/line'
import type { Pantry } from '../../matter/names'
import type { HeatUnit } from '../sentence/heats'
import type { Written } from '../text/listed'
import type { Headed } from '../text/split'
import type { ListUnit } from '../text/units'
import type { PlaceDoubt } from './line-doubts'

export interface Question {
  readonly id: string
  readonly group: string
  readonly text: string
  readonly reading: Extract<LineReading, { status: 'ask' }>
}

export interface Draft {
  readonly formula: FormulaDocument
  /** Lines that are not in the formula yet, because something is unsure. */
  readonly questions: readonly Question[]
  /** What the method leaves open. */
  readonly asks: readonly Ask[]
}

/** What the maker answered to what was asked of a method. */
export interface Answers {
  readonly family?: FamilyId
  readonly unit?: HeatUnit
  /** Of a list whose numbers have none. */
  readonly weights?: ListUnit
  /** Where it comes off, °C, where the text does not say. */
  readonly target?: number
  /** The step a line goes in with, by line id: a sentence, counted from 0. */
  readonly places?: Readonly<Record<string, number>>
  /** Whether it is made in parts, each under its heading. */
  readonly layered?: boolean
  /** Of each part, by its id. */
  readonly parts?: Readonly<Record<string, Answers>>
}

/** What a method leaves open, each asked once; a guess where there is one. */
export type Ask = OwnAsk & {
  /** The part it is asked of; the whole where there is none. */
  readonly part?: { readonly id: string; readonly label: string }
}
/** Why it is asked where a cook ends: nothing says it, a look alone does, a time alone does, a sentence names two heats, it is no pot that is heated, it has a figure of no unit and no verb, its kind ends elsewhere. */
export type TargetDoubt =
  | { readonly by: 'nothing' }
  | { readonly by: 'look'; readonly sentence: string }
  | { readonly by: 'time'; readonly seconds: number }
  | { readonly by: 'choice'; readonly sentence: string }
  | { readonly by: 'microwave' }
  | { readonly by: 'bare'; readonly sentence: string }
  | { readonly by: 'unusual'; readonly sentence: string }
type OwnAsk =
  | { readonly id: 'layered'; readonly labels: readonly string[] }
  | { readonly id: 'family'; readonly guess: FamilyId }
  /** `ends`: where the cook ends hangs on it. */
  | { readonly id: 'unit'; readonly text: string; readonly ends: boolean }
  | { readonly id: 'weights'; readonly text: string }
  | {
      readonly id: 'target'
      readonly because: TargetDoubt
      /** As it was read, or as is usual where it was not, and what is usual for its kind, °C. */
      readonly guess: number
      readonly usual: number
    }
  | {
      readonly id: 'place'
      readonly line: string
      readonly name: string
      /** Why where it was found is doubted; null where nothing says when it goes in. */
      readonly doubt: PlaceDoubt | null
      readonly guess: number
      readonly sentences: readonly string[]
    }

/** What a reader knows beside the text. */
export interface Lexicon {
  readonly pantry: Pantry
  readonly house: readonly HouseUnit[]
}

/** One sweet as it is written: what it is called, its list, and the sentences of its method. */
export interface WrittenPiece {
  readonly name: string
  /** What the whole is called, where this is one of two layers that are made alike. */
  readonly layerOf?: string
  readonly list: readonly Headed[]
  readonly said: readonly string[]
  /** How many pieces it says it makes. */
  readonly makes?: number | null
  /** The line that says so. */
  readonly yields?: string | null
  /** The line of its list that says into what it is poured. */
  readonly vessel?: string | null
  /** The sentence that says into which tin the layer beneath it goes. */
  readonly tin?: string | null
  /** What stands in the list of another boil that its sentences may speak of. */
  readonly others?: readonly Written[]
}
