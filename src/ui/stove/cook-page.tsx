'use client'

import { lazy, Suspense } from 'react'
import type { KitchenView } from '@/contract/kitchen'
import { isBoiled, paceOf, type Stage } from '@/core'
import { useFetched } from '@/ui/kit/fetched'
import { type KeyId, useKeys, useTouchLetsGo } from '@/ui/kit/keys'
import { For, useSay } from '@/ui/shell/preferences'
import { closedBoil, sayDoNow, sayLost, sayMind, sayOnTo } from '@/words'
import { ActColumn } from './act-column'
import { boilName } from './boil-name'
import { type Call, callOf } from './call'
import { CookChart } from './cook-chart'
import { DoNowPanel } from './do-now-panel'
import { dropResults } from './drop-results'
import { Rail } from './rail'
import { Readout } from './readout'
import { isFinishing, type LiveCook } from './stove'
import { type Acts, useActs } from './use-acts'
import { useAlarm, useAwake, type Voices } from './use-alarm'
import { typingKeys } from './use-typed'

/** What is drawn off the heat: no pot waits for it, and it is there before it is wanted, whatever becomes of the server. */
const finish = () => import('./finish')
const FinishChart = lazy(async () => ({ default: (await finish()).FinishChart }))
const FinishColumn = lazy(async () => ({ default: (await finish()).FinishColumn }))
const HandSteps = lazy(async () => ({ default: (await finish()).HandSteps }))

interface Props {
  readonly live: LiveCook
  readonly shades: KitchenView['shade']
  /** The screen has just turned to this pot by itself: nothing is taken for a moment. */
  readonly deaf: boolean
  /** Keys that make another pot the large one. */
  readonly potKeys: Readonly<Record<string, () => void>>
  onLeave(): void
}

/** One boil on the stove: everything needed in the next minute, on one screen. */
export function CookPage({ live, shades, potKeys, deaf, onLeave }: Props) {
  const say = useSay()
  const acts = useActs(live, onLeave)
  const { boil } = live.log
  const { pot, over, troubles, doubt, emptiedAt, analysis, cook, now } = live
  const call = over ? null : callOf(pot.doNow, troubles, say)
  const voices = useAlarm(boil.id, call)
  useAwake(!over)
  // fetched at once, so that it is there whatever becomes of the server meanwhile
  const finishing = useFetched(finish).come
  useStoveKeys(acts, voices, analysis.stages, potKeys, deaf, isFinishing(live))
  const newest = live.readings.at(-1)
  // of what is baked or mixed by hand nothing is read before it is out of the oven
  const inPot = emptiedAt === null && (live.finish === null || live.finish.place === 'pot')
  const reads = isBoiled(boil.formula) || isFinishing(live)
  const { nextBoil } = live
  const next = nextBoil && boilName({ label: nextBoil.label, number: nextBoil.number, plan: boil.plan })
  const asked = next && pot.doNow.step === null ? sayOnTo(next) : sayDoNow(pot.doNow, say)
  const asks = finishing?.asMissed(asked, live.finish, say) ?? asked
  const lost = over ? null : sayLost(troubles, say)
  const off = doubt?.id === 'thermometer-off' && troubles.length === 0 ? doubt.figures.off : null
  return (
    <div
      data-emptied={emptiedAt !== null}
      data-deaf={deaf || undefined}
      inert={deaf}
      className="grid grid-cols-[minmax(0,1fr)] gap-3 p-3 max-md:pb-28 min-h-0 md:flex-1 md:grid-rows-[minmax(158px,auto)_minmax(0,1fr)_auto]"
    >
      <div
        className={`grid grid-cols-[minmax(0,1fr)] gap-3 ${reads ? 'md:grid-cols-[minmax(0,1.5fr)_minmax(300px,1fr)]' : ''}`}
      >
        <DoNowPanel
          doNow={
            over
              ? { ...pot.doNow, mood: 'done', step: null, due: null, cautions: [] }
              : { ...pot.doNow, ...(lost && { due: null, test: false }) }
          }
          said={over ? closedBoil : (lost?.said ?? asks)}
          now={now}
          mind={
            over
              ? null
              : (lost?.mind ?? sayMind(troubles, doubt, say) ?? finishing?.sayFinishing(live.finish, say) ?? null)
          }
          danger={troubles[0]?.tone === 'danger'}
          rate={paceOf(live.snapshot.events)}
          remedy={off === null ? null : { label: 'Put it right for this cook', onPress: () => acts.correct(off) }}
        />
        {reads && (
          <Readout
            view={pot}
            syrup={analysis.stages.length > 0}
            bites={analysis.stages.length > 0 && analysis.work !== 'set'}
            finish={isFinishing(live) ? live.finish : null}
            age={newest && inPot && boil.channel !== null ? Math.max(0, now - newest.at) : null}
            byEye={boil.channel === null ? boil.probe.thermometer : null}
          />
        )}
      </div>
      <div
        className={`grid min-h-0 grid-cols-[minmax(0,1fr)] gap-3 ${acts.panel === 'acts' && !isFinishing(live) ? 'md:grid-cols-[minmax(0,1fr)_clamp(208px,18.5vw,240px)]' : 'md:grid-cols-[minmax(0,1fr)_clamp(310px,28vw,380px)]'}`}
      >
        {isFinishing(live) ? (
          <Suspense fallback={<div className="sheet" />}>
            <FinishChart live={live} acts={acts} voices={voices} />
          </Suspense>
        ) : isBoiled(boil.formula) ? (
          <CookChart live={live} acts={acts} voices={voices} />
        ) : (
          <Suspense fallback={<div className="sheet" />}>
            <HandSteps live={live} acts={acts} voices={voices} />
          </Suspense>
        )}
        <For may="cook" otherwise={<LooksOn />}>
          {isFinishing(live) ? (
            <Suspense fallback={<div className="sheet flex-1" />}>
              <FinishColumn live={live} acts={acts} shades={shades} />
            </Suspense>
          ) : (
            <ActColumn live={live} acts={acts} shades={shades} />
          )}
        </For>
      </div>
      {/* an open panel needs the height more */}
      {acts.panel === 'acts' && <Rail formula={boil.formula} state={cook.state} />}
      {deaf && (
        <p role="status" className="pointer-events-none fixed inset-x-0 top-1/3 z-20 text-center">
          <span className="casual rounded-sheet bg-bar px-8 py-5 text-page font-extrabold text-on-bar">
            {boil.formula.name}
          </span>
        </p>
      )}
      {voices.edge && call && call.level !== 'soon' && <Edge level={call.level} />}
    </div>
  )
}

/** Every act has a key. While a panel is open its own digits count, not those of the pots. */
function useStoveKeys(
  acts: Acts,
  voices: Voices,
  stages: readonly Stage[],
  potKeys: Readonly<Record<string, () => void>>,
  deaf: boolean,
  finishing: boolean,
): void {
  const bound: Partial<Record<KeyId, () => void>> = {
    act: acts.primary,
    ...(stages.length > 0 && !finishing && { test: () => acts.open('test') }),
    heat: () => acts.open('heat'),
    note: () => acts.open('note'),
    ...(finishing && {
      lay: () => acts.open('lay'),
      keep: () => acts.open('keep'),
      count: () => acts.open('count'),
    }),
    reading: () => acts.open(finishing ? 'touch' : 'reading'),
    log: () => acts.open('log'),
    mute: () => voices.setSound(!voices.sound),
    undo: acts.undo,
    hotter: () => acts.turn(1),
    cooler: () => acts.turn(-1),
    back: () => acts.open('acts'),
  }
  const panelKeys =
    acts.panel === 'reading'
      ? typingKeys(acts.typed, acts.logTyped)
      : acts.panel === 'test'
        ? Object.fromEntries(
            dropResults(stages).map((s, i) => [
              String(i + 1),
              () => acts.act({ type: 'test', test: 'drop', result: s.id }),
            ]),
          )
        : acts.panel === 'acts'
          ? potKeys
          : {}
  useKeys(deaf ? {} : { ...bound, ...panelKeys })
  useTouchLetsGo()
}

/** The whole screen's edge, seen from across the room. */
function Edge({ level }: { readonly level: Exclude<Call['level'], 'soon'> }) {
  return (
    <div
      aria-hidden
      data-testid="edge"
      className={`pointer-events-none fixed inset-0 z-10 border-[10px] ${level === 'danger' ? 'border-cherry motion-safe:animate-pulse' : 'border-lemon'}`}
    />
  )
}

/** In the place of the acts, on a screen that may do none. */
const LooksOn = () => (
  <p className="sheet flex-1 p-5 text-main text-muted">
    This screen looks on. The owner can let it cook, under Kitchen, Screens.
  </p>
)
