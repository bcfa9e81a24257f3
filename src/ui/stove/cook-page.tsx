'use client'

import { useRouter } from 'next/navigation'
import { useEffect, useMemo, useState } from 'react'
import { ulid } from 'ulid'
import type { BoilView } from '@/contract/cook'
import type { KitchenView } from '@/contract/kitchen'
import {
  analyse,
  type CookAct,
  type CookEvent,
  type CookTrouble,
  correctionIn,
  DIAL_TOP,
  type DoNow,
  deeds,
  emptiedAt,
  formatClock,
  gramsOfBoil,
  hottestOf,
  type Look,
  type Mood,
  paceOf,
  projection,
  type Reading,
  type Stage,
  standing,
} from '@/core'
import { CookCurve } from '@/ui/chart/cook-curve'
import { targetWords } from '@/ui/chart/target-words'
import { send } from '@/ui/kit/send'
import { useTemperature } from '@/ui/shell/preferences'
import { Acts, type Panel } from './acts'
import { amendedIn, amending } from './amend'
import { boilName } from './boil-name'
import type { CookLog } from './cook-log'
import { DoNowPanel } from './do-now-panel'
import { Heading } from './heading'
import { marksOf, testWords, wordsFor } from './marks'
import { nextBoilOf } from './next-boil'
import { Pace } from './pace'
import { dropResults } from './panels/tests'
import { Rail } from './rail'
import { Readout } from './readout'
import { type Call, useAlarm, useAwake } from './use-alarm'
import { useCook } from './use-cook'
import { useJudgement } from './use-judgement'
import { useKeys } from './use-keys'

interface Props {
  readonly boil: BoilView
  readonly log: CookLog
  readonly shades: KitchenView['shade']
  onMood?(mood: Mood): void
  /** Keys that make another pot the large one. */
  readonly potKeys?: Readonly<Record<string, () => void>>
}

const UNDO_MS = 10_000
const LAST_WORDS_MS = 3000

/** One boil on the stove: everything needed in the next minute, on one screen. */
export function CookPage({ boil, log, shades, onMood, potKeys }: Props) {
  const router = useRouter()
  const { say } = useTemperature()
  const live = useCook(boil, log)
  const { snapshot, cook, now, view, readings } = live
  const [panel, setPanel] = useState<Panel>('acts')
  const [amended, setAmended] = useState<CookEvent | null>(null)
  const [slip, setSlip] = useState<{ id: string; said: string } | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const { formula, plan, conditions } = boil
  const { state } = cook
  const analysis = useMemo(
    () => analyse(formula, conditions, gramsOfBoil(plan, boil.number)),
    [formula, conditions, plan, boil.number],
  )
  const pouredAt = emptiedAt(formula, state)
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

  const open = (to: Panel, amends: CookEvent | null = null): void => {
    setPanel(to)
    setAmended(amends)
  }
  const act = (given: CookAct, said: string): void => {
    const a = amending(amended, given)
    setSlip({ id: log.log(a), said: a === given ? said : `${said} instead` })
    open('acts')
  }

  const { mind, off, alerts, trouble, rescue } = useJudgement(boil, live, analysis, pouredAt !== null)
  const { step } = view.doNow
  const danger = !over && alerts[0]?.level === 'danger'
  const call = over ? null : callFor(view.doNow, alerts)
  const voices = useAlarm(boil.id, call)
  useAwake(!over)
  const mood = over ? 'done' : view.doNow.mood
  useEffect(() => onMood?.(mood), [mood, onMood])
  const pressPrimary = (): void => {
    if (!step) close()
    // pressed twice before the screen has caught up is pressed once
    else if (standing(log.snapshot().events).some((e) => 'step' in e && e.step === step.id)) return
    else if (step.when.on === 'target') act({ type: 'pulled', step: step.id, celsius: view.celsius }, step.act)
    else act({ type: 'step', step: step.id }, step.act)
  }
  const turn = (by: number): void => {
    const dial = Math.min(DIAL_TOP, Math.max(0, state.dial + by))
    if (dial !== state.dial) act({ type: 'heat', dial }, `Heat ${dial}`)
  }
  function close(how: CookAct = { type: 'finished' }): void {
    log.log(how)
    // the story is drawn by the server: it should have heard the last of it
    void log.settled(LAST_WORDS_MS).then(() => router.push(`/logbook/${boil.batchId}`))
  }

  const next = nextBoilOf(boil, analysis, view, now, pouredAt !== null)
  const lightNext = next !== null && next.startIn <= 0
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
    d: () => open('test'),
    h: () => open('heat'),
    n: () => open('note'),
    t: () => open('reading'),
    l: () => open('log'),
    m: () => voices.setSound(!voices.sound),
    u: undo,
    arrowup: () => turn(1),
    arrowdown: () => turn(-1),
    escape: () => open('acts'),
    ...(panel === 'acts' && potKeys),
    ...(panel === 'test' && dropKeys(analysis.stages, (a) => act(a, saidFor(a)))),
  })

  const path = cook.stretches.at(-1)?.path
  const ahead = path && view.forecast && pouredAt === null ? projection(path, view.forecast, now) : []
  const newest = readings.at(-1)
  const highest = Math.max(view.celsius ?? 0, hottestOf(analysis))
  return (
    <div
      data-emptied={pouredAt !== null}
      className="grid grid-cols-[minmax(0,1fr)] gap-3 p-3 md:h-[calc(100dvh-var(--strip,0px))] md:grid-rows-[minmax(158px,auto)_minmax(0,1fr)_auto]"
    >
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
          danger={danger}
          remedy={
            off === null || over || alerts.length > 0
              ? null
              : {
                  label: 'Put it right for this cook',
                  onPress: () =>
                    act({ type: 'correction', celsius: correctionIn(snapshot.events) + off }, 'thermometer put right'),
                }
          }
        />
        <Readout
          view={view}
          age={newest && pouredAt === null && boil.channel !== null ? Math.max(0, now - newest.at) : null}
          byEye={boil.channel === null ? boil.probe.thermometer : null}
        />
      </div>
      <div className="grid min-h-0 grid-cols-[minmax(0,1fr)] gap-3 md:grid-cols-[minmax(0,1fr)_clamp(190px,18.5vw,240px)]">
        <section aria-label="Cook" className="sheet flex h-[420px] min-h-0 flex-col px-4 pt-1 pb-2 md:h-auto">
          <header className="flex min-h-16 min-w-0 flex-wrap items-center justify-between gap-x-4 md:flex-nowrap">
            <Heading
              clock={formatClock(now)}
              title={[boilName(boil), formula.name].filter(Boolean).join(' · ')}
              said={slip?.said ?? null}
              problem={problem ?? snapshot.refused}
              amends={amended && wordsFor(amended, formula)}
              onUndo={undo}
              onEarlier={() => {
                if (slip)
                  log.log({ type: 'moved', of: slip.id, to: Math.max(0, timeOf(snapshot.events, slip.id, now) - 60) })
                setSlip(null)
              }}
            />
            <Pace
              rate={paceOf(snapshot.events)}
              practice={snapshot.events.some((e) => e.type === 'clock' && e.rate > 1)}
              connected={snapshot.connected}
              waiting={snapshot.waiting}
              kept={snapshot.kept}
              voices={voices}
              onRate={(rate) => log.log({ type: 'clock', rate, wall: log.wall() })}
            />
          </header>
          <CookCurve
            stages={analysis.stages}
            readings={readings}
            marks={marksOf(snapshot.events, formula, newest ? newest.at + 120 : 0)}
            target={analysis.targetC}
            within={formula.target.within}
            targetText={targetWords(analysis, say)}
            here={pouredAt === null ? hereOf(view, newest, now) : null}
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
                  when: 'over',
                  onPress: () => router.push(`/logbook/${boil.batchId}`),
                }
              : {
                  act: step?.act ?? 'Close this boil',
                  hint: view.doNow.mood === 'wait' ? 'once it is done\u00a0·\u00a0Space' : 'tap or Space',
                  mood: view.doNow.mood,
                  when: step?.when.on ?? 'end',
                  onPress: pressPrimary,
                }
          }
          next={
            next !== null && lightNext
              ? {
                  label: `Start ${boilName({ label: next.label, number: next.number, plan })}`,
                  hint: next.together ? 'so that both arrive together' : 'the pot is free',
                  onPress: startNext,
                }
              : null
          }
          dial={state.dial}
          trouble={trouble}
          rescue={rescue}
          stages={analysis.stages}
          shades={shades}
          events={snapshot.events}
          formula={formula}
          byHand={boil.channel === null}
          thermometer={boil.probe.thermometer}
          onPanel={open}
          onAmend={(e) => open(amendedIn(e) ?? 'log', e)}
          onAct={(a) => (a.type === 'finished' || a.type === 'abandoned' ? close(a) : act(a, saidFor(a)))}
        />
      </div>
      <Rail formula={formula} state={state} />
      {voices.edge && call && call.level !== 'soon' && <Edge level={call.level} />}
    </div>
  )
}

/** What to call out: a danger first, then what is due, then what comes. */
function callFor(doNow: DoNow, alerts: readonly CookTrouble[]): Call | null {
  const alert = alerts.find((a) => a.level !== 'soon')
  if (alert) return { level: alert.level, about: alert.id, words: `${alert.say}. ${alert.act}` }
  if (doNow.mood === 'now') return { level: 'now', about: doNow.step?.id ?? '', words: doNow.say }
  if (doNow.mood === 'soon') return { level: 'soon', about: doNow.step?.id ?? '', words: `Get ready. ${doNow.say}` }
  if (doNow.prepare) return { level: 'soon', about: `reach ${doNow.step?.id}`, words: doNow.prepare }
  return null
}

/** The whole screen's edge, seen from across the room. */
function Edge({ level }: { readonly level: 'now' | 'danger' }) {
  return (
    <div
      aria-hidden
      data-testid="edge"
      className={`pointer-events-none fixed inset-0 z-10 border-[10px] ${level === 'danger' ? 'border-cherry motion-safe:animate-pulse' : 'border-lemon'}`}
    />
  )
}

/** Where the syrup is on the curve: at the last reading, or where it is reckoned to be now. */
function hereOf(view: Look, newest: Reading | undefined, now: number): Reading | null {
  if (!view.reckoned) return newest ?? null
  return view.celsius === null ? null : { at: now, celsius: view.celsius }
}

const timeOf = (events: readonly CookEvent[], id: string, otherwise: number): number =>
  standing(events).find((e) => e.id === id)?.at ?? otherwise

function saidFor(act: CookAct): string {
  if (act.type === 'reads') return `${Math.round(act.celsius)}° by eye`
  if (act.type === 'did') return deeds[act.what]
  if (act.type === 'moved') return 'moved a minute back'
  if (act.type === 'undo') return 'taken back'
  if (act.type === 'heat') return `Heat ${act.dial}`
  if (act.type === 'note') return act.text
  return act.type === 'test' ? testWords(act) : act.type
}

function dropKeys(stages: readonly Stage[], onAct: (act: CookAct) => void): Record<string, () => void> {
  return Object.fromEntries(
    dropResults(stages).map((s, i) => [String(i + 1), () => onAct({ type: 'test', test: 'drop', result: s.id })]),
  )
}
