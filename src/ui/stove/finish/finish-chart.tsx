import { paceOf } from '@/core'
import { FinishCurve } from '@/ui/chart/finish-curve'
import { useSay } from '@/ui/shell/preferences'
import { formatClock, sayEvent, sayPlace } from '@/words'
import { boilName } from '../boil-name'
import { Heading } from '../heading'
import { Pace } from '../pace'
import type { FinishingCook } from '../stove'
import type { Acts } from '../use-acts'
import type { Voices } from '../use-alarm'

interface Props {
  readonly live: FinishingCook
  readonly acts: Acts
  readonly voices: Voices
}

/** A wait of so many s is worth a leap of the practice clock. */
const JUMPS = 10

/** The sweet off the heat: how it cools and what it can do, under its name and its clock. */
export function FinishChart({ live, acts, voices }: Props) {
  const say = useSay()
  const { log, snapshot, finish, now } = live
  const { boil } = log
  const { slip, amended } = acts
  const practice = snapshot.events.some((e) => e.type === 'clock' && e.rate > 1)
  // what stands in the pot is the hub's to cool; what lies on a tray cools by its clock
  const waits = finish.place === 'pot' ? 0 : (live.pot.doNow.due?.seconds ?? 0)
  return (
    <section aria-label="Finish" className="sheet flex h-[420px] min-h-0 flex-col px-4 pt-1 pb-2 md:h-auto">
      <header className="flex min-h-16 min-w-0 flex-wrap items-center justify-between gap-x-4">
        <Heading
          clock={formatClock(now - finish.mass.since)}
          title={`${[boilName(boil), boil.formula.name].filter(Boolean).join(' · ')}, ${sayPlace(finish)}`}
          said={slip?.said ?? null}
          problem={acts.problem ?? snapshot.refused}
          amends={amended && sayEvent(amended, boil.formula, say)}
          onUndo={acts.undo}
          onEarlier={acts.earlier}
        />
        <Pace
          rate={paceOf(snapshot.events)}
          practice={practice}
          snapshot={snapshot}
          voices={voices}
          onRate={acts.setRate}
          onJump={waits > JUMPS ? acts.jump : null}
        />
      </header>
      <FinishCurve
        finish={finish}
        now={now}
        readings={finish.place === 'pot' && boil.channel !== null ? live.readings : []}
      />
    </section>
  )
}
