'use client'

import { useRouter } from 'next/navigation'
import { useEffect, useMemo, useState } from 'react'
import { ulid } from 'ulid'
import type { BoilView, Frame } from '@/contract/cook'
import { analyse, type CookAct, DIAL_TOP, formatClock, gramsPerBoil, paceOf, projection, type Stage } from '@/core'
import { CookCurve } from '@/ui/chart/cook-curve'
import { targetWords } from '@/ui/chart/target-words'
import { send } from '@/ui/kit/send'
import { useTemperature } from '@/ui/shell/preferences'
import { Acts, type Panel } from './acts'
import { boilName } from './boil-name'
import { DoNowPanel } from './do-now-panel'
import { Heading } from './heading'
import { marksOf, testWords } from './marks'
import { Pace } from './pace'
import { dropResults } from './panels/tests'
import { Rail } from './rail'
import { Readout } from './readout'
import { useCook } from './use-cook'
import { useJudgement } from './use-judgement'
import { useKeys } from './use-keys'

interface Props {
  readonly boil: BoilView
  readonly first: Frame
}

const UNDO_MS = 10_000

/** One boil on the stove: everything needed in the next minute, on one screen. */
export function CookPage({ boil, first }: Props) {
  const router = useRouter()
  const { say } = useTemperature()
  const live = useCook(boil, first)
  const { log, snapshot, cook, now, view } = live
  const [panel, setPanel] = useState<Panel>('acts')
  const [slip, setSlip] = useState<{ id: string; said: string } | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const { formula, plan, conditions } = boil
  const { state } = cook
  const analysis = useMemo(() => analyse(formula, conditions, gramsPerBoil(plan)), [formula, conditions, plan])
  const emptied = formula.steps.find((s) => s.empties && state.done.has(s.id))
  const emptiedAt = emptied ? (state.done.get(emptied.id) ?? null) : null
  const over = state.finishedAt !== null

  useEffect(() => {
    if (!slip) return
    const timer = setTimeout(() => setSlip(null), UNDO_MS)
    return () => clearTimeout(timer)
  }, [slip])
  const undo = (): void => {
    if (slip) log.log({ type: 'undo', of: slip.id })
    setSlip(null)
  }

  const act = (a: CookAct, said: string): void => {
    setSlip({ id: log.log(a), said })
    setPanel('acts')
  }

  const { mind, trouble, rescue } = useJudgement(boil, live, analysis, emptiedAt !== null)
  const { step } = view.doNow
  const pressPrimary = (): void => {
    if (!step) close()
    else if (step.when.on === 'target') act({ type: 'pulled', step: step.id, celsius: view.celsius }, step.act)
    else act({ type: 'step', step: step.id }, step.act)
  }
  const turn = (by: number): void => {
    const dial = Math.min(DIAL_TOP, Math.max(0, state.dial + by))
    if (dial !== state.dial) act({ type: 'heat', dial }, `Heat ${dial}`)
  }
  function close(): void {
    log.log({ type: 'finished' })
    router.push(`/logbook/${boil.batchId}`)
  }

  const nextLabel = emptiedAt !== null ? plan.boils[boil.number] : undefined
  const startNext = async (): Promise<void> => {
    try {
      const { id } = await send<{ id: string }>('POST', `/api/batches/${boil.batchId}/boils`, {
        id: ulid(),
        number: boil.number + 1,
        rate: paceOf(snapshot.events),
      })
      router.push(`/stove/${id}`)
    } catch (error) {
      setProblem((error as Error).message)
    }
  }

  useKeys({
    ' ': pressPrimary,
    d: () => setPanel('test'),
    h: () => setPanel('heat'),
    n: () => setPanel('note'),
    u: undo,
    arrowup: () => turn(1),
    arrowdown: () => turn(-1),
    escape: () => setPanel('acts'),
    ...(panel === 'test' && dropKeys(analysis.stages, (a) => act(a, saidFor(a)))),
  })

  const path = cook.stretches.at(-1)?.path
  const ahead = path && view.forecast && emptiedAt === null ? projection(path, view.forecast, now) : []
  const newest = snapshot.readings.at(-1)
  const highest = Math.max(view.celsius ?? 0, ...analysis.rungs.map((r) => r.celsius))
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-3 p-3 md:h-dvh md:grid-rows-[minmax(158px,auto)_minmax(0,1fr)_auto]">
      <div className="grid grid-cols-[minmax(0,1fr)] gap-3 md:grid-cols-[minmax(0,1.5fr)_minmax(300px,1fr)]">
        <DoNowPanel
          doNow={
            over
              ? {
                  ...view.doNow,
                  mood: 'done',
                  say: 'This boil is closed',
                  why: 'Its story is in the logbook.',
                  step: null,
                  due: null,
                }
              : view.doNow
          }
          now={now}
          mind={over ? null : mind}
        />
        <Readout view={view} age={newest && emptiedAt === null ? Math.max(0, now - newest.at) : null} />
      </div>
      <div className="grid min-h-0 grid-cols-[minmax(0,1fr)] gap-3 md:grid-cols-[minmax(0,1fr)_clamp(190px,18.5vw,240px)]">
        <section aria-label="Cook" className="sheet flex h-[420px] min-h-0 flex-col px-4 pt-1 pb-2 md:h-auto">
          <header className="flex min-h-16 flex-wrap items-center justify-between gap-x-4 md:flex-nowrap">
            <Heading
              clock={formatClock(now)}
              title={[boilName(boil), formula.name].filter(Boolean).join(' · ')}
              said={slip?.said ?? null}
              problem={problem ?? snapshot.refused}
              onUndo={undo}
            />
            <Pace
              rate={paceOf(snapshot.events)}
              practice={first.acts.some((a) => a.act.type === 'clock' && a.act.rate > 1)}
              connected={snapshot.connected}
              waiting={snapshot.waiting}
              onRate={(rate) => log.log({ type: 'clock', rate, wall: log.wall() })}
            />
          </header>
          <CookCurve
            stages={analysis.stages}
            readings={snapshot.readings}
            marks={marksOf(snapshot.events, formula, newest ? newest.at + 120 : 0)}
            target={analysis.targetC}
            within={formula.target.within}
            targetText={targetWords(analysis, say)}
            now={emptiedAt === null ? now : null}
            forecast={view.forecast}
            nextC={state.pulledAt === null ? view.nextC : null}
            path={ahead}
            highest={highest}
          />
        </section>
        <Acts
          panel={panel}
          primary={
            over
              ? {
                  act: 'Open its story',
                  hint: 'in the logbook',
                  mood: 'done',
                  onPress: () => router.push(`/logbook/${boil.batchId}`),
                }
              : {
                  act: step?.act ?? 'Close this boil',
                  hint: view.doNow.mood === 'wait' ? 'once it is done · Space' : 'tap or Space',
                  mood: view.doNow.mood,
                  onPress: pressPrimary,
                }
          }
          next={
            nextLabel === undefined
              ? null
              : { label: `Start ${boilName({ label: nextLabel, number: boil.number + 1, plan })}`, onPress: startNext }
          }
          dial={state.dial}
          trouble={trouble}
          rescue={rescue}
          stages={analysis.stages}
          onPanel={setPanel}
          onAct={(a) => (a.type === 'finished' ? close() : act(a, saidFor(a)))}
        />
      </div>
      <Rail formula={formula} state={state} />
    </div>
  )
}

function saidFor(act: CookAct): string {
  if (act.type === 'heat') return `Heat ${act.dial}`
  if (act.type === 'note') return act.text
  return act.type === 'test' ? testWords(act) : act.type
}

function dropKeys(stages: readonly Stage[], onAct: (act: CookAct) => void): Record<string, () => void> {
  return Object.fromEntries(
    dropResults(stages).map((s, i) => [String(i + 1), () => onAct({ type: 'test', test: 'drop', result: s.id })]),
  )
}
