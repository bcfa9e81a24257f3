import type { BiteId } from '../bite'
import type { Handwork, HandworkKind, WorkWindow } from '../handwork'
import type { StageId } from '../stages'

/** An ordinary formula of the family: what its numbers are checked on. */
export interface Ordinary {
  /** Grams by ingredient, all that is in the pot at the target. */
  readonly pot: Readonly<Record<string, number>>
  /** Grams by ingredient added after the pull, where that changes the bite. */
  readonly after?: Readonly<Record<string, number>>
  /** °C at the standard atmosphere. */
  readonly target: number
}

export interface FamilyFacts {
  readonly label: string
  /** Ways of making it, by id. */
  readonly schools: Readonly<Record<string, string>>
  /** Its pieces stick to everything until they are dusted: with starch and icing sugar, or rolled in sugar. */
  readonly dusted?: 'starch' | 'sugar'
  /** ◊ Past this colour it tastes of burnt rather than of itself, °C colour-equivalent. */
  readonly spoiltAt: number
  /** Fine grain is what makes it. */
  readonly grains: boolean
  /** Schools of such a sweet that are to stay smooth. */
  readonly smooth?: readonly string[]
  readonly work: Work
  /** Of schools that are worked otherwise. */
  readonly workIn?: Readonly<Record<string, Work>>
  /** ◊ Of what is set by something else than its sugar: below which °C it no longer runs, by school. */
  readonly setsAt?: Readonly<Record<string, number>>
  /** When each work it asks for can be done. Of work that is not here what is so of every sweet holds. ◊ */
  readonly windows: Readonly<Partial<Record<HandworkKind, WorkWindow>>>
  /** What is done to it from the pour on, the pour itself first; a school that is not here has the finish of its family. */
  readonly finish: { readonly usual: readonly UsualWork[] } & { readonly [school: string]: readonly UsualWork[] }
}

/** A work of the usual finish: in its window, or so many minutes after the one before. */
export interface UsualWork {
  readonly work: Handwork
  readonly minutes?: number
  /** At once, whatever its window elsewhere. */
  readonly now?: true
  /** The pot is empty after it. */
  readonly pours?: true
}

/** What is done to it between the pull and the setting. */
export type Work =
  | 'poured'
  | 'set'
  | 'pulled'
  | 'spread'
  | 'tipped'
  | 'beaten'
  | 'stirred'
  | 'whipped'
  | 'tossed'
  | 'tempered'

/** A family that is boiled to a target. */
export interface Family extends FamilyFacts {
  /** Usual target at sea level, °C. */
  readonly usual: { readonly low: number; readonly high: number }
}

/** What a family's file says its numbers are checked by: no window needs it. */
export interface Expected {
  readonly ordinary: Ordinary
  /** What it must come out as. */
  readonly lands: {
    /** Bites, any of which is right. */
    readonly bite: readonly BiteId[]
    /** Cold-water stage at the target. */
    readonly stage: readonly StageId[]
    /** Final water, %, ordinary for this sweet. */
    readonly water: readonly [low: number, high: number]
  }
}
