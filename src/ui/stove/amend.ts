/** Which panel puts an entry of the log right. */
import type { CookAct, ValuedAct } from '@/core'
import type { Panel } from './use-acts'

const panels: Readonly<Record<ValuedAct['type'], Panel>> = {
  heat: 'heat',
  test: 'test',
  reads: 'reading',
  note: 'note',
  texture: 'touch',
  measures: 'depth',
  feels: 'touch',
  stands: 'depth',
  made: 'count',
  yields: 'count',
}

/** The panel in which an act's value is given; null for an act without one. */
export const amendedIn = (act: CookAct): Panel | null => panels[act.type as ValuedAct['type']] ?? null

/** What is logged when `act` is given while entry `of` is being put right. */
export const amending = (of: { readonly id: string; readonly type: string } | null, act: CookAct): CookAct =>
  of !== null && of.type === act.type ? { type: 'amended', of: of.id, act: act as ValuedAct } : act
