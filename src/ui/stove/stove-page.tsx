'use client'

import { useCallback, useEffect, useEffectEvent, useRef, useState } from 'react'
import type { KitchenView } from '@/contract/kitchen'
import type { Mood } from '@/core'
import { CookPage } from './cook-page'
import { PotCard } from './pot-card'
import { type BoilOn, type LiveCook, useStove } from './stove'

interface Props {
  /** All that is on, the one asked for first; pots, and what rests after them. */
  readonly pots: readonly BoilOn[]
  readonly shades: KitchenView['shade']
}

/** ms without a touch after which another pot may take the middle of the screen. */
const QUIET_MS = 6000

/** ms in which the page that was asked for should be there: a turn to another pot would take back the asking. */
const LEAVING_MS = 30_000

const urgency: Record<Mood, number> = { now: 2, soon: 1, wait: 0, done: 0 }

/** ms after the screen has turned to another pot by itself in which no touch and no key is taken: it was meant for the one before. */
const DEAF_MS = 1500

/** A pot that is not lit yet can wait. */
const moodOf = ({ over, pot, cook }: LiveCook): Mood =>
  over ? 'done' : cook.state.dials.length === 0 ? 'wait' : pot.doNow.mood

/** Up to four pots: one large, the others as cards over it. The one that needs a person becomes the large one. */
export function StovePage({ pots, shades }: Props) {
  const cooks = useStove(pots)
  const { bigId, pick, deaf, leave } = useLargePot(cooks, pots[0]?.boil.id ?? '')
  const big = cooks.get(bigId)
  if (!big) return null
  const others = [...cooks.values()].flatMap((live, i) => (live === big ? [] : [{ live, mark: String(i + 1) }]))
  return (
    <div className="flex flex-col md:h-dvh">
      {others.length > 0 && (
        <nav aria-label="Other pots" className="flex shrink-0 flex-col gap-3 px-3 pt-3 md:flex-row md:overflow-x-auto">
          {others.map(({ live, mark }) => (
            <PotCard key={live.log.boil.id} live={live} mark={mark} onPick={() => pick(live.log.boil.id)} />
          ))}
        </nav>
      )}
      <CookPage
        key={bigId}
        live={big}
        shades={shades}
        deaf={deaf}
        onLeave={leave}
        potKeys={Object.fromEntries(others.map(({ live, mark }) => [mark, () => pick(live.log.boil.id)]))}
      />
    </div>
  )
}

/** Which pot is the large one: the one picked, until another calls while nobody touches the screen. */
function useLargePot(cooks: ReadonlyMap<string, LiveCook>, first: string) {
  const [chosen, setChosen] = useState(first)
  const [deaf, setDeaf] = useState(false)
  const touched = useRef(0)
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
    const here = cooks.get(bigId)
    if (Date.now() - touched.current < QUIET_MS || (here && urgency[moodOf(here)] > 0)) return
    const calls = [...cooks].find(([id, live]) => id !== bigId && urgency[moodOf(live)] > 0)
    if (!calls) return
    pick(calls[0])
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
