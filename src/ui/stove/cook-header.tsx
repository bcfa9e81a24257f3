import { paceOf } from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { formatClock, sayEvent } from '@/words'
import { boilName } from './boil-name'
import { Heading } from './heading'
import { Pace } from './pace'
import type { LiveCook } from './stove'
import type { Acts } from './use-acts'
import type { Voices } from './use-alarm'

interface Props {
  readonly live: LiveCook
  readonly acts: Acts
  readonly voices: Voices
  /** s on the clock beside the name, and where the sweet is, if the name should say so. */
  readonly seconds: number
  readonly place?: string
  /** The practice clock may leap to the next moment. */
  readonly onJump?: (() => void) | null
}

/** Over every curve: whose it is, what was logged last and the way back, the practice clock and the voices. */
export function CookHeader({ live: { log, snapshot }, acts, voices, seconds, place, onJump }: Props) {
  const say = useSay()
  const { boil } = log
  const { slip, amended } = acts
  const name = [boilName(boil), boil.formula.name].filter(Boolean).join(' · ')
  return (
    <header className="@container min-w-0">
      <div className="flex min-h-16 min-w-0 flex-wrap items-center justify-between gap-x-4">
        <Heading
          clock={formatClock(seconds)}
          title={place ? `${name}, ${place}` : name}
          said={slip?.said ?? null}
          problem={acts.problem ?? snapshot.refused}
          amends={amended && sayEvent(amended, boil.formula, say)}
          onUndo={acts.undo}
          onEarlier={acts.earlier}
        />
        <Pace
          rate={paceOf(snapshot.events)}
          practice={snapshot.events.some((e) => e.type === 'clock' && e.rate > 1)}
          snapshot={snapshot}
          voices={voices}
          onRate={acts.setRate}
          onJump={onJump}
        />
      </div>
    </header>
  )
}
