import { FinishCurve } from '@/ui/chart/finish-curve'
import { sayPlace } from '@/words'
import { CookHeader } from '../cook-header'
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
  const { log, finish, now } = live
  const { boil } = log
  // what stands in the pot is the hub's to cool; what lies on a tray cools by its clock
  const waits = finish.place === 'pot' ? 0 : (live.pot.doNow.due?.seconds ?? 0)
  return (
    <section aria-label="Finish" className="sheet flex h-[420px] min-h-0 flex-col px-4 pt-1 pb-2 md:h-auto">
      <CookHeader
        live={live}
        acts={acts}
        voices={voices}
        seconds={now - finish.mass.since}
        place={sayPlace(finish)}
        onJump={waits > JUMPS ? acts.jump : null}
      />
      <FinishCurve
        finish={finish}
        now={now}
        readings={finish.place === 'pot' && boil.channel !== null ? live.readings : []}
      />
    </section>
  )
}
