'use client'

import { inCelsius, type Mood } from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { formatSpan, sayDoNow } from '@/words'
import { boilName } from './boil-name'
import type { LiveCook } from './stove'

interface Props {
  readonly live: LiveCook
  /** The key that makes it the big one. */
  readonly mark: string
  onPick(): void
}

/** How a pot looks that waits, calls or is done with. */
export const looks: Record<Mood, string> = {
  now: 'bg-lemon text-on-lemon outline-4 -outline-offset-4 outline-alarm outline-solid',
  soon: 'bg-lemon text-on-lemon',
  wait: 'bg-sheet',
  done: 'bg-sheet',
}

/** Another pot on the stove: what it reads, what it wants, and when. A touch makes it the big one. */
export function PotCard({ live, mark, onPick }: Props) {
  const say = useSay()
  const { pot, over, log } = live
  const { doNow } = pot
  const mood = over ? 'done' : doNow.mood
  const due = doNow.due && doNow.due.seconds > 0.5 ? formatSpan(doNow.due.seconds) : null
  const emptied = live.emptiedAt !== null
  // what rests is small until it wants somebody
  const rests = emptied && (mood === 'wait' || mood === 'done')
  return (
    <button
      type="button"
      onClick={onPick}
      data-mood={mood}
      data-emptied={emptied}
      className={`flex min-h-[72px] min-w-0 items-center gap-3 rounded-sheet px-4 py-1.5 text-left ${rests ? 'md:max-w-[230px] md:flex-[0.5]' : 'flex-1'} ${looks[mood]}`}
    >
      <span className="figures grid size-7 shrink-0 place-items-center rounded-full bg-bar text-small text-on-bar">
        {mark}
      </span>
      {!emptied && (
        <span className="casual text-large leading-none font-extrabold text-cherry">
          {pot.celsius === null ? '–' : say.temperature(inCelsius(pot.celsius))}
        </span>
      )}
      <span className="min-w-0 flex-1">
        <span className="block text-fine leading-tight opacity-75">
          {[boilName(log.boil), log.boil.formula.name].filter(Boolean).join(' · ')}
        </span>
        <span className="casual block text-main leading-tight font-bold">
          {over
            ? 'closed'
            : rests
              ? due
                ? `rests ${due}`
                : 'close it'
              : `${sayDoNow(doNow, say).say}${due ? `, ${due}` : ''}`}
        </span>
      </span>
    </button>
  )
}
