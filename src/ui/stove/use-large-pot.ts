import { useCallback, useEffect, useEffectEvent, useRef, useState } from 'react'
import type { Mood } from '@/core'
import type { LiveCook } from './stove'

/** ms without a touch after which another pot may take the middle of the screen. */
const QUIET_MS = 6000

/** ms in which the page that was asked for should be there: a turn to another pot would take back the asking. */
const LEAVING_MS = 30_000

/** ms after the screen has turned to another pot by itself in which no touch and no key is taken: it was meant for the one before. */
const DEAF_MS = 1500

const urgency: Record<Mood, number> = { now: 2, soon: 1, wait: 0, done: 0 }
/** Above all that rests: what is in a pot can burn. */
const IN_A_POT = 2

/** How much a pot needs a person, 0 to 4: what is in a pot before what rests, what is due before what comes. One that is not lit can wait. */
function needOf({ over, pot, cook, emptiedAt, troubles }: LiveCook): number {
  if (over || cook.state.dials.length === 0) return 0
  const need = troubles[0]?.tone === 'danger' ? urgency.now : urgency[pot.doNow.mood]
  return need > 0 && emptiedAt === null ? need + IN_A_POT : need
}

/** What a sweet that rests calls for; the same call turns the screen once. Null where it calls for nothing, or is in a pot. */
const restingCall = (live: LiveCook): string | null =>
  live.emptiedAt !== null && needOf(live) > 0 ? `${live.pot.doNow.step?.id} ${live.pot.doNow.mood}` : null

/** Which pot is the large one: the one picked, until one that needs a person more calls while nobody touches the screen. */
export function useLargePot(cooks: ReadonlyMap<string, LiveCook>, first: string) {
  const [chosen, setChosen] = useState(first)
  const [deaf, setDeaf] = useState(false)
  const touched = useRef(0)
  /** What each resting sweet called for already: what it called for before the page was opened the maker knows. */
  const heard = useRef<Map<string, string | null> | null>(null)
  // a boil started here is not among them yet: it is when the server next draws the page
  const bigId = cooks.has(chosen) ? chosen : first
  const pick = useCallback((id: string): void => {
    touched.current = Date.now()
    setChosen(id)
    window.history.replaceState(null, '', `/stove/${id}`)
  }, [])
  useEffect(() => {
    const touch = (): void => {
      touched.current = Date.now()
    }
    // the pot that was asked for stays a while, whoever else calls
    touch()
    window.addEventListener('pointerdown', touch)
    window.addEventListener('keydown', touch)
    return () => {
      window.removeEventListener('pointerdown', touch)
      window.removeEventListener('keydown', touch)
    }
  }, [])
  const turn = useEffectEvent(() => {
    heard.current ??= new Map([...cooks].map(([id, live]) => [id, restingCall(live)]))
    const known = heard.current
    const here = cooks.get(bigId)
    if (Date.now() - touched.current < QUIET_MS) return
    let most = here ? needOf(here) : 0
    let caller: string | null = null
    for (const [id, live] of cooks) {
      const call = restingCall(live)
      if (id === bigId || needOf(live) <= most || (call !== null && known.get(id) === call)) continue
      most = needOf(live)
      caller = id
    }
    if (caller === null) return
    known.set(caller, restingCall(cooks.get(caller) as LiveCook))
    pick(caller)
    setDeaf(true)
    setTimeout(() => setDeaf(false), DEAF_MS)
  })
  useEffect(() => {
    const timer = setInterval(turn, 500)
    return () => clearInterval(timer)
  }, [])
  const leave = useCallback((): void => {
    touched.current = Date.now() + LEAVING_MS
  }, [])
  return { bigId, pick, deaf, leave }
}
