import type { LogbookEntry } from '@/contract/logbook'
import { inCelsius, stepBetween } from '@/core'
import type { Say } from '@/words'

export interface Outcome {
  readonly word: string
  readonly tone: 'good' | 'mind' | 'none'
  /** The reached temperature furthest from its target, °C, and that target: a part has its own. */
  readonly reached: number | null
  readonly target: number
}

/** Where a batch ended against its target, by its worst boil. */
export function outcomeOf({ target, within, boils }: Pick<LogbookEntry, 'target' | 'within' | 'boils'>): Outcome {
  const read = boils.flatMap(({ reached, missed }) =>
    reached === null ? [] : [{ reached, off: missed ?? reached - target }],
  )
  const worst = read.sort((a, b) => Math.abs(b.off) - Math.abs(a.off))[0]
  if (worst === undefined) return { word: unread(boils), tone: 'none', reached: null, target }
  const { reached, off } = worst
  const told = { reached, target: reached - off }
  if (Math.abs(off) <= within) return { word: 'on target', tone: 'good', ...told }
  return { word: off > 0 ? 'too far' : 'short', tone: 'mind', ...told }
}

/** A cook that nobody read a temperature in: pulled by its drop, its sign or its colour, or never. */
const unread = (boils: LogbookEntry['boils']): string =>
  boils.some((b) => b.open) ? 'still on' : boils.some((b) => b.pulled) ? 'pulled by eye' : 'not pulled'

/** What was reached against what was wanted, with the digit that decides: "118.4° of 119.0°, short by 0.6°". */
export function sayReached(entry: LogbookEntry, say: Say): { reached: string; target: string; word: string } {
  const { reached, target, word, tone } = outcomeOf(entry)
  if (reached === null) return { reached: '—', target: say.temperature(inCelsius(target)), word }
  // where whole degrees look alike, or would tell another story than the word does
  const whole = say.temperature(inCelsius(reached)) !== say.temperature(inCelsius(target))
  const heat = whole && tone !== 'good' ? say.temperature : say.fine
  return {
    reached: heat(inCelsius(reached)),
    target: heat(inCelsius(target)),
    word:
      tone === 'mind'
        ? `${word} by ${say.step(stepBetween(Math.max(reached, target), Math.min(reached, target)))}`
        : word,
  }
}
