/** What is called out aloud. */
import type { CookTrouble, DoNow } from '@/core'
import { type Say, sayDoNow, sayTrouble } from '@/words'
import type { AlarmLevel } from './alarm'

export interface Call {
  readonly level: AlarmLevel
  /** What it is about: the same call is made once. */
  readonly about: string
  readonly words: string
}

/** A danger first, then what is due, then what comes; null where nothing wants a person. */
export function callOf(doNow: DoNow, troubles: readonly CookTrouble[], say: Say): Call | null {
  const trouble = troubles.find((t) => t.tone !== 'soon')
  if (trouble) {
    const said = sayTrouble(trouble, say)
    return { level: trouble.tone, about: trouble.id, words: `${said.say}. ${said.act}` }
  }
  const said = sayDoNow(doNow, say)
  const step = doNow.step?.id ?? ''
  if (doNow.mood === 'now') return { level: 'now', about: step, words: said.say }
  if (doNow.test) return { level: 'soon', about: `test ${step}`, words: said.say }
  if (doNow.mood === 'soon') return { level: 'soon', about: step, words: `Get ready. ${said.say}` }
  return said.prepare ? { level: 'soon', about: `reach ${step}`, words: said.prepare } : null
}
