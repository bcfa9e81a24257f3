/** Works that are to come, and how many pieces can still be made. */
import type { HandworkKind } from '../craft/handwork'
import type { Step } from '../formula/document'
import type { HeatRange, Span } from './windows'

/** A work that is to come, and when it can be done. */
export interface WorkAhead extends Span {
  readonly step: Step
  readonly kind: HandworkKind
  readonly range: HeatRange
  /** No sooner than this, however fast it cools: it rests for so long, or another work stands before it. */
  readonly notBefore: number
  readonly state: 'ahead' | 'open' | 'missed'
}

/** How many more pieces can be made before it stiffens, at the maker's pace. */
export interface Forming {
  readonly secondsEach: number
  /** Whether that is how it goes now, how it went in earlier batches of these hands, or a table's word. */
  readonly pace: 'now' | 'earlier' | 'usual'
  readonly made: number
  readonly left: number
  readonly wanted: number
}
