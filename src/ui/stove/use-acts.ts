'use client'

import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import { ulid } from 'ulid'
import {
  type CookAct,
  type CookEvent,
  correctionIn,
  DIAL_TOP,
  endsBoil,
  farOff,
  insteadOf,
  isEarly,
  nextAct,
  paceOf,
  type Step,
  standing,
} from '@/core'
import { send } from '@/ui/kit/send'
import { useSay } from '@/ui/shell/preferences'
import { capital, type Said, sayAct, sayEarly, sayFarOff } from '@/words'
import { amendedIn, amending } from './amend'
import type { LiveCook } from './stove'
import { type Typed, useTyped } from './use-typed'

/** What is opened of a sweet off the heat. */
export type FinishPanel = 'touch' | 'depth' | 'lay' | 'count' | 'keep'

export type Panel =
  | 'acts'
  | 'test'
  | 'heat'
  | 'note'
  | 'added'
  | 'aid'
  | 'rescue'
  | 'reading'
  | 'log'
  | 'end'
  | FinishPanel

/** What was logged last, while it can be taken back. */
export interface Slip {
  readonly id: string
  readonly said: string
  /** It is asked about, for it was logged far from its moment or the pot can hardly have shown it: in words. */
  readonly asked: Said | null
}

/** What a maker can do to a boil, and where on the screen it is being done. */
export interface Acts {
  readonly panel: Panel
  /** The entry that is being put right. */
  readonly amended: CookEvent | null
  readonly slip: Slip | null
  /** The temperature that is being typed. */
  readonly typed: Typed
  readonly problem: string | null
  open(panel: Panel, amends?: CookEvent): void
  act(act: CookAct): void
  /** Logs the temperature that was typed; nothing where none was. */
  logTyped(): void
  /** The big button: what the lemon panel asks for. */
  primary(): void
  /** What the panel asks for was done in time, by this moment of the cook, s, and is only logged now. */
  wasDone(by: number): void
  turn(by: number): void
  undo(): void
  /** What is asked about was meant so. */
  meant(): void
  /** What was logged last happened a minute before. */
  earlier(): void
  /** Puts the thermometer right for this cook. */
  correct(off: number): void
  setRate(rate: number): void
  /** The practice clock goes on to the moment of the next step. */
  jump(): void
  toStory(): void
  startNext(): void
}

const UNDO_MS = 10_000
/** What is asked stays longer than what is only told. */
const ASKED_MS = 60_000
const LAST_WORDS_MS = 3000
const MINUTE = 60

/** What can be done to a boil. `onLeave`: another page has been asked for, and takes a while to come. */
export function useActs({ log, cook, pot, snapshot, finish }: LiveCook, onLeave: () => void): Acts {
  const say = useSay()
  const router = useRouter()
  const [panel, setPanel] = useState<Panel>('acts')
  const [amended, setAmended] = useState<CookEvent | null>(null)
  const typed = useTyped()
  const [slip, setSlip] = useState<Slip | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const { boil } = log

  useEffect(() => {
    if (!slip) return
    const timer = setTimeout(() => setSlip(null), slip.asked === null ? UNDO_MS : ASKED_MS)
    return () => clearTimeout(timer)
  }, [slip])

  const open = (to: Panel, amends: CookEvent | null = null): void => {
    setPanel(amends ? (amendedIn(amends) ?? 'log') : to)
    setAmended(amends)
    typed.clear()
  }
  const logged = (given: CookAct, said: string, asked: Said | null = null, at = log.now()): void => {
    const a = amending(amended, given)
    setSlip({ id: log.log(a, at), said: a === given ? said : `${said} instead`, asked })
    open('acts')
  }
  /** What is pressed twice before the screen has caught up is pressed once. */
  const isLogged = (step: Step): boolean =>
    standing(log.snapshot().events).some((e) => 'step' in e && e.step === step.id)
  const go = (to: string): void => {
    onLeave()
    router.push(to)
  }
  const toStory = (): void => go(`/logbook/${boil.batchId}`)
  const close = (how: CookAct): void => {
    log.log(how)
    // the story is drawn by the server: it should have heard the last of it
    void log.settled(LAST_WORDS_MS).then(toStory)
  }
  const last = (act: CookAct): string => {
    if (act.type === 'moved') return 'moved a minute back'
    if (act.type === 'undo') return 'taken back'
    return capital(sayAct(act, say) ?? act.type)
  }
  /** What is logged as it is touched, and asked about where the pot can hardly have shown it. */
  const touched = (act: CookAct): void => {
    const said = last(act)
    const far = amended ? null : farOff(act, { cook, pot })
    logged(act, said, far && sayFarOff(said, far, pot.reckoned, say))
  }

  return {
    panel,
    amended,
    slip,
    typed,
    problem,
    open,
    toStory,
    act: (act) => (endsBoil(act) ? close(act) : touched(act)),
    logTyped: () => {
      if (typed.text) touched({ type: 'reads', celsius: typed.celsius })
    },
    primary: () => {
      const { step } = pot.doNow
      const act = nextAct(pot)
      if (!step) close(act)
      else if (isLogged(step)) return
      // of what it is too late for, the panel says to leave it out
      else if (insteadOf(finish) === 'leave-out') logged({ type: 'passed', step: step.id }, `${step.label} left out`)
      else logged(act, step.act, isEarly(pot.doNow) ? sayEarly(step.act, pot, say) : null)
    },
    wasDone: (by) => {
      const { step } = pot.doNow
      if (step && !isLogged(step)) logged(nextAct(pot), step.act, null, by)
    },
    turn: (by) => {
      const dial = Math.min(DIAL_TOP, Math.max(0, cook.state.dial + by))
      if (dial !== cook.state.dial) logged({ type: 'heat', dial }, `Heat ${dial}`)
    },
    undo: () => {
      if (slip) log.log({ type: 'undo', of: slip.id })
      setSlip(null)
    },
    meant: () => setSlip(null),
    earlier: () => {
      const at = slip && standing(snapshot.events).find((e) => e.id === slip.id)?.at
      if (slip) log.log({ type: 'moved', of: slip.id, to: Math.max(0, (at ?? log.now()) - MINUTE) })
      setSlip(null)
    },
    correct: (off) =>
      logged({ type: 'correction', celsius: correctionIn(snapshot.events) + off }, 'Thermometer put right'),
    setRate: (rate) => void log.log({ type: 'clock', rate, wall: log.wall() }),
    jump: () => {
      const to = log.now() + (pot.doNow.due?.seconds ?? 0)
      log.log({ type: 'clock', rate: paceOf(snapshot.events), wall: log.wall() }, to)
    },
    startNext: () => {
      send<{ id: string }>('POST', `/api/batches/${boil.batchId}/boils`, {
        id: ulid(),
        number: boil.number + 1,
        rate: paceOf(snapshot.events),
      }).then(
        ({ id }) => go(`/stove/${id}`),
        (error: Error) => setProblem(error.message),
      )
    },
  }
}
