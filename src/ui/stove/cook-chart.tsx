import { hottestOf, projection, type Reading, reckonedWay } from '@/core'
import { CookCurve } from '@/ui/chart/cook-curve'
import { useSay } from '@/ui/shell/preferences'
import { sayTarget } from '@/words'
import { CookHeader } from './cook-header'
import { marksOf } from './marks'
import type { LiveCook } from './stove'
import type { Acts } from './use-acts'
import type { Voices } from './use-alarm'

interface Props {
  readonly live: LiveCook
  readonly acts: Acts
  readonly voices: Voices
}

/** s beyond the newest reading in which an act still has its mark. */
const MARGIN = 120

/** The curve so far and what is to come, under the cook's name and clock. */
export function CookChart({ live, acts, voices }: Props) {
  const say = useSay()
  const { log, snapshot, cook, pot, readings, analysis, emptiedAt, now } = live
  const { boil } = log
  const path = cook.stretches.at(-1)?.path
  const newest = readings.at(-1)
  return (
    <section aria-label="Cook" className="sheet flex h-[420px] min-h-0 flex-col px-4 pt-1 pb-2 md:h-auto">
      <CookHeader live={live} acts={acts} voices={voices} seconds={now} />
      <CookCurve
        stages={analysis.stages}
        readings={readings}
        marks={marksOf(snapshot.events, boil.formula, say, newest ? newest.at + MARGIN : 0)}
        target={analysis.targetC}
        within={boil.formula.target?.within ?? 0}
        targetText={sayTarget(analysis, say)}
        here={emptiedAt === null ? hereOf(live) : null}
        now={emptiedAt === null ? now : null}
        way={emptiedAt === null ? wayOf(live) : []}
        byHand={boil.channel === null}
        forecast={pot.forecast}
        nextC={cook.state.pulledAt === null ? pot.nextC : null}
        path={path && pot.forecast && emptiedAt === null ? projection(path, pot.forecast, now) : []}
        highest={Math.max(pot.celsius ?? 0, hottestOf(analysis))}
      />
    </section>
  )
}

/** Where the syrup is on the curve: at the last reading, or where it is reckoned to be now. */
function hereOf({ pot, readings, now }: LiveCook): Reading | null {
  if (!pot.reckoned) return readings.at(-1) ?? null
  return pot.celsius === null ? null : { at: now, celsius: pot.celsius }
}

/** How it has come there since it was last read: along the road it is reckoned on; straight, once nothing heats it. */
function wayOf(live: LiveCook): readonly Reading[] {
  const [newest, here] = [live.readings.at(-1), hereOf(live)]
  if (!live.pot.reckoned || !newest || !here) return []
  const way = reckonedWay(live.cook, live.pot, live.now)
  return way.length > 0 ? [...way.slice(0, -1), here] : [newest, here]
}
