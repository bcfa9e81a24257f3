'use client'

import { useEffect } from 'react'
import type { BoilView } from '@/contract/cook'
import { emptiedAt, formatSpan, type Mood } from '@/core'
import { useTemperature } from '@/ui/shell/preferences'
import { boilName } from './boil-name'
import type { CookLog } from './cook-log'
import { useCook } from './use-cook'

interface Props {
  readonly boil: BoilView
  readonly log: CookLog
  /** The key that makes it the big one. */
  readonly mark: string
  onPick(): void
  onMood(mood: Mood): void
}

/** How a pot looks that waits, calls or is done with. */
export const looks: Record<Mood, string> = {
  now: 'bg-lemon text-on-lemon outline-4 -outline-offset-4 outline-[#c2124b] outline-solid',
  soon: 'bg-lemon text-on-lemon',
  wait: 'bg-sheet',
  done: 'bg-sheet',
}

/** Another pot on the stove: what it reads, what it wants, and when. A touch makes it the big one. */
export function PotCard({ boil, log, mark, onPick, onMood }: Props) {
  const { say } = useTemperature()
  const { view, cook } = useCook(boil, log)
  const { doNow } = view
  const over = cook.state.finishedAt !== null
  const mood = over ? 'done' : doNow.mood
  useEffect(() => onMood(mood), [mood, onMood])
  const due = doNow.due && doNow.due.seconds > 0.5 ? formatSpan(doNow.due.seconds) : null
  const emptied = emptiedAt(boil.formula, cook.state) !== null
  // what rests is small until it wants somebody
  const rests = emptied && (mood === 'wait' || mood === 'done')
  return (
    <button
      type="button"
      onClick={onPick}
      data-mood={mood}
      data-emptied={emptied}
      className={`flex min-h-[72px] min-w-0 items-center gap-3 rounded-sheet px-4 py-1.5 text-left ${rests ? 'md:max-w-[190px] md:flex-[0.5]' : 'flex-1'} ${looks[mood]}`}
    >
      <span className="figures grid size-7 shrink-0 place-items-center rounded-full bg-bar text-[14px] text-on-bar">
        {mark}
      </span>
      {!emptied && (
        <span className="casual text-[30px] leading-none font-extrabold text-cherry">
          {view.celsius === null ? '–' : say(view.celsius)}
        </span>
      )}
      <span className="min-w-0 flex-1">
        <span className="block truncate text-[13px] opacity-75">
          {[boilName(boil), boil.formula.name].filter(Boolean).join(' · ')}
        </span>
        <span className="casual line-clamp-2 text-[16px] leading-tight font-bold">
          {over ? 'closed' : rests ? (due ? `rests ${due}` : 'close it') : `${doNow.say}${due ? `, ${due}` : ''}`}
        </span>
      </span>
    </button>
  )
}
