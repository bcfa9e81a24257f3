/** A recorded cook judged again, as it went: what to look at when the stove said something odd. */
import type { CookFile } from '@/contract/cook'
import { recordOf } from '@/contract/events'
import { assessCook, type CookAssessment, inCelsius, inCelsiusStep, summaryOf } from '@/core'
import { formatClock, metric, sayDoNow, sayDoubt, sayEvent, sayIn, sayTrouble } from '@/words'

/** s of the cook between two judgements. */
const STEP = 5
const say = sayIn(metric)

/** What was on the screen, as one line that is the same as long as nothing changes. */
function screen({ pot, troubles, doubt }: CookAssessment): string {
  const { mood } = pot.doNow
  return [
    `${mood.padEnd(4)} ${sayDoNow(pot.doNow, say).say}`,
    ...troubles.map((t) => `trouble: ${sayTrouble(t, say).say}`),
    ...(doubt ? [`doubt: ${sayDoubt(doubt, say)}`] : []),
  ].join('; ')
}

const heat = ({ pot, analysis }: CookAssessment): string =>
  pot.celsius === null
    ? '–'
    : `${say.fine(inCelsius(pot.celsius))}, ${say.step(inCelsiusStep(analysis.targetC - pot.celsius))} to go`

/** A line for every act, and for every moment at which the stove began to say something else. */
export function replay({ boil, log }: CookFile): string[] {
  const { events, readings } = recordOf(log, Date.parse(boil.startedAt))
  const end = Math.max(0, ...events.map((e) => e.at), ...readings.map((r) => r.at))
  const lines: string[] = []
  let [before, shown, done]: [CookAssessment | undefined, string, number] = [undefined, '', 0]
  for (let now = 0; now <= end + STEP; now += STEP) {
    const record = {
      events: events.slice(0, events.filter((e) => e.at <= now).length),
      readings: readings.filter((r) => r.at <= now),
    }
    for (const event of record.events.slice(done)) {
      const said = sayEvent(event, boil.formula, say)
      if (said) lines.push(`${formatClock(event.at)}  logged: ${said}`)
    }
    done = record.events.length
    before = assessCook(boil, record, now, before)
    const next = screen(before)
    if (next !== shown) lines.push(`${formatClock(now)}  ${heat(before)}  ${next}`)
    shown = next
  }
  const { reachedC, minutes } = summaryOf(assessCook(boil, { events, readings }, end))
  const reached = reachedC === null ? 'never pulled' : `reached ${say.fine(inCelsius(reachedC))}`
  return [
    `${boil.formula.name}, boil ${boil.number}: ${events.length} acts, ${readings.length} readings`,
    ...lines,
    `${reached}, ${Math.round(minutes)} min`,
  ]
}
