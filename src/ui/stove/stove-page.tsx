'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import type { KitchenView } from '@/contract/kitchen'
import type { Mood } from '@/core'
import type { CookLog } from './cook-log'
import { CookPage } from './cook-page'
import { PotCard } from './pot-card'
import { type BoilOn, useLogs } from './use-logs'

interface Props {
  /** All that is on, the one asked for first; pots, and what rests after them. */
  readonly pots: readonly BoilOn[]
  readonly shades: KitchenView['shade']
}

/** ms without a touch after which another pot may take the middle of the screen. */
const QUIET_MS = 6000

const urgency: Record<Mood, number> = { now: 2, soon: 1, wait: 0, done: 0 }

/** Up to four pots: one large, the others as cards over it. The one that needs a person becomes the large one. */
export function StovePage({ pots, shades }: Props) {
  const [chosen, setChosen] = useState(pots[0]?.boil.id ?? '')
  const logs = useLogs(pots)
  const moods = useRef(new Map<string, Mood>())
  const touched = useRef(0)
  // a boil started here is not among them yet: it is when the server next draws the page
  const big = pots.find((p) => p.boil.id === chosen) ?? pots[0]
  const bigId = big?.boil.id ?? ''

  const pick = useCallback((id: string): void => {
    touched.current = Date.now()
    setChosen(id)
    window.history.replaceState(null, '', `/stove/${id}`)
  }, [])
  const hear = useCallback((id: string, mood: Mood): void => {
    moods.current.set(id, mood)
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
  useEffect(() => {
    const timer = setInterval(() => {
      if (Date.now() - touched.current < QUIET_MS) return
      const here = urgency[moods.current.get(bigId) ?? 'wait']
      const other = pots.find((p) => p.boil.id !== bigId && urgency[moods.current.get(p.boil.id) ?? 'wait'] > here)
      if (other && here === 0) pick(other.boil.id)
    }, 500)
    return () => clearInterval(timer)
  }, [pots, bigId, pick])

  const log = logs.get(bigId)
  if (!big || !log) return null
  const others = pots.flatMap((p, i) =>
    p === big ? [] : [{ boil: p.boil, log: logs.get(p.boil.id) as CookLog, mark: String(i + 1) }],
  )
  return (
    <div className={others.length > 0 ? 'flex flex-col md:h-dvh [--strip:84px]' : ''}>
      {others.length > 0 && (
        <nav
          aria-label="Other pots"
          className="flex shrink-0 flex-col gap-3 px-3 pt-3 md:h-[84px] md:flex-row md:overflow-x-auto"
        >
          {others.map((p) => (
            <PotCard
              key={p.boil.id}
              boil={p.boil}
              log={p.log}
              mark={p.mark}
              onPick={() => pick(p.boil.id)}
              onMood={(mood) => hear(p.boil.id, mood)}
            />
          ))}
        </nav>
      )}
      <CookPage
        key={bigId}
        boil={big.boil}
        log={log}
        shades={shades}
        onMood={(mood) => hear(bigId, mood)}
        potKeys={Object.fromEntries(others.map((p) => [p.mark, () => pick(p.boil.id)]))}
      />
    </div>
  )
}
