/** Practice pots that nobody looks after any more. */
import { appendEvent, db, practiceLeftAlone } from '@/db'
import { summarise } from './cook'
import { nudge } from './log-watch'

/** ◊ ms of the kitchen's clock without an act after which a practice pot is over: at ten times the pace a day of the pot's. */
const LEFT_MS = 2 * 3_600_000

/**
 * Ends practice pots that were left alone, as of the last that was done with them. What is real is asked about and never
 * ended. Harmless when repeated: the act that ends a boil has the boil's own id.
 */
export async function endPracticeLeftAlone(now: Date): Promise<void> {
  for (const { id, channel, at } of await practiceLeftAlone(db(), new Date(now.getTime() - LEFT_MS))) {
    const act = { type: 'abandoned', reason: 'Practice, left alone' } as const
    if ((await appendEvent(db(), id, { id, at: at.toISOString(), act }, now)) !== 'stored') continue
    await summarise(id)
    nudge(`log ${id}`)
    if (channel) nudge(`channel ${channel}`)
  }
}
