'use client'

import { useEffect } from 'react'
import type { DayView } from '@/contract/day'
import { inCelsius } from '@/core'
import { Link } from '@/ui/kit/link'
import { useSay } from '@/ui/shell/preferences'
import { looks } from '@/ui/stove/pot-card'
import { type BoilOn, type LiveCook, useStove } from '@/ui/stove/stove'
import { sayDoNow } from '@/words'

/** Where the log of a boil begins: the line sends all of it. */
const NOTHING_YET = { cursor: '0.0', readings: [], acts: [] }

/** When each pot on the stove will come off, ms, by its block, as it is followed. */
export type ComesOff = Readonly<Record<string, number>>

/** ◊ ms by which a foreseen moment has to move before the day is planned again. */
const MOVES = 15_000

/** When it is pulled, ms, where that is what is next and it is on its way there. */
function comesOffAt({ pot: { doNow, forecast } }: LiveCook): number | null {
  if (doNow.step?.when.on !== 'target' || !forecast || !Number.isFinite(forecast.eta)) return null
  return Date.now() + 1000 * forecast.eta
}

interface Props {
  readonly boils: DayView['onStove']
  readonly names: Readonly<Record<string, string>>
  onComesOff(at: ComesOff): void
}

/** The pots of the day that are on the stove, each as warm as it is and with what it wants; a touch goes there. */
export function OnStove({ boils, names, onComesOff }: Props) {
  const say = useSay()
  const blocks = new Map(Object.entries(boils).map(([block, { id }]) => [id, block]))
  const live = useStove(
    Object.values(boils).map((boil): BoilOn => ({ boil, first: { ...NOTHING_YET, wall: Date.now() } })),
  )
  const at = Object.fromEntries(
    [...live].flatMap(([id, cook]) => {
      const off = comesOffAt(cook)
      return off === null ? [] : [[blocks.get(id) ?? '', MOVES * Math.round(off / MOVES)]]
    }),
  )
  const moved = JSON.stringify(at)
  useEffect(() => onComesOff(JSON.parse(moved)), [moved, onComesOff])
  return (
    <ul aria-label="On the stove" className="flex flex-wrap gap-2 print:hidden">
      {[...live].map(([id, { pot }]) => (
        <li key={id}>
          <Link
            href={`/stove/${id}`}
            className={`flex min-h-12 items-center gap-3 rounded-sheet px-4 text-body ${looks[pot.doNow.mood]}`}
          >
            <strong className="casual">{names[blocks.get(id) ?? '']}</strong>
            {pot.celsius !== null && <span className="figures">{say.temperature(inCelsius(pot.celsius))}</span>}
            <span>{sayDoNow(pot.doNow, say).say}</span>
          </Link>
        </li>
      ))}
    </ul>
  )
}
