'use client'

import { useRouter } from 'next/navigation'
import { useMemo, useState } from 'react'
import type { KitchenView } from '@/contract/kitchen'
import {
  type Balanced,
  type BoiledFormula,
  inCelsius,
  inGrams,
  ingredientIn,
  type Measured,
  type MeasureOf,
  measured,
  measureIds,
  missOf,
  type Wish,
} from '@/core'
import { BackLink } from '@/ui/kit/back-link'
import { Button } from '@/ui/kit/button'
import { Checkbox } from '@/ui/kit/checkbox'
import { ChoiceList, Slot } from '@/ui/kit/slot'
import { useSay } from '@/ui/shell/preferences'
import { measureWords } from '@/words'
import { draftKey, keepDraft } from '../editor/use-draft'
import { conditionsOf, firstChoice } from '../equipment'
import { type BalanceState, useBalance } from './use-balance'
import { choiceOf, type Picked, slots, wishesOf } from './wishes'

interface Props {
  readonly id: string
  readonly revision: number
  readonly formula: BoiledFormula
  readonly kitchen: KitchenView
  /** A kilo, by ingredient. */
  readonly perKg: Readonly<Record<string, number>>
  readonly currency: string
}

/** ◊ What stays as it is unless its box is unticked: what is there by the pinch, or sets the sweet. */
const isKept = (formula: BoiledFormula, ingredient: string): boolean => {
  const { per100, whole } = ingredientIn(formula, ingredient)
  return whole || per100.salt > 50 || per100.gelatin > 50 || per100.acid > 50 || per100.ash > 60
}

/** The formula turned round: wishes in a sentence, and the least change that gives them. */
export function BalancePage({ id, revision, formula, kitchen, perKg, currency }: Props) {
  const conditions = useMemo(() => conditionsOf(kitchen, firstChoice(formula, kitchen)), [kitchen, formula])
  const now = useMemo(() => measured(formula, conditions, perKg), [formula, conditions, perKg])
  const [picked, setPicked] = useState<Picked>({})
  const [keep, setKeep] = useState<readonly string[]>(() =>
    formula.lines.filter((l) => isKept(formula, l.ingredient)).map((l) => l.id),
  )
  const { state, start, stop } = useBalance()
  const wishes = wishesOf(picked, now)
  const found = state.is === 'done' ? state.found : null
  return (
    <div className="flex flex-col gap-4 p-4 lg:p-6">
      <header>
        <BackLink href={`/formulas/${id}`}>
          {formula.name}, revision {revision}
        </BackLink>
        <h1 className="casual text-page leading-none font-extrabold">Balance it</h1>
      </header>
      <div className="flex flex-wrap items-center gap-x-2.5 gap-y-2 rounded-sheet bg-bar px-5 py-3 text-title text-on-bar">
        <span>Make it</span>
        {slots.map((slot) => {
          const choice = choiceOf(slot, picked)
          return (
            <Slot key={slot.measure} label={slot.label} text={choice.label} quiet={choice.id === 'free'}>
              {(close) => (
                <ChoiceList
                  value={choice.id}
                  options={slot.choices}
                  onPick={(next) => {
                    setPicked({ ...picked, [slot.measure]: next })
                    close()
                  }}
                />
              )}
            </Slot>
          )
        })}
        <span className="ml-auto" />
        {state.is === 'on' ? (
          <Button onClick={stop}>Stop</Button>
        ) : (
          <Button
            look="primary"
            disabled={wishes.length === 0}
            onClick={() => start({ formula, conditions, wishes, keep, perKg })}
          >
            Balance
          </Button>
        )}
      </div>
      <Outcome id={id} state={state} wishes={wishes} formula={formula} />
      <div className="grid items-start gap-4 lg:grid-cols-2">
        <Lines formula={formula} found={found} keep={keep} onKeep={setKeep} />
        <Measures now={now} found={found} wishes={wishes} currency={currency} />
      </div>
    </div>
  )
}

interface OutcomeProps {
  readonly id: string
  readonly state: BalanceState
  readonly wishes: readonly Wish[]
  readonly formula: BoiledFormula
}

/** How far it has come, and what came of it. */
function Outcome({ id, state, wishes, formula }: OutcomeProps) {
  const say = useSay()
  const router = useRouter()
  if (state.is === 'idle')
    return (
      <p className="text-main text-muted">
        {wishes.length === 0
          ? 'Say in the sentence what it should be. Grams and target are changed as little as that takes.'
          : 'Ticked lines stay as they are.'}
      </p>
    )
  if (state.is === 'failed')
    return (
      <p role="alert" className="text-main text-cherry">
        {state.why}. The formula stands as it was.
      </p>
    )
  if (state.is === 'on')
    return (
      <div className="flex items-center gap-4 rounded-sheet bg-sheet px-5 py-4 text-main" aria-live="polite">
        <progress
          className="h-3 flex-1 accent-cherry"
          max={1}
          value={state.progress?.share ?? 0}
          aria-label="How far it has come"
        />
        {state.progress ? `${state.progress.misses} of ${wishes.length} still missed` : 'Beginning'}
      </div>
    )
  const { found, inTheWay } = state
  const moved = found.formula.target.celsius - formula.target.celsius
  const lines = found.formula.lines.filter((l) => isChanged(formula, l.id, l.grams)).length
  const take = (): void => {
    keepDraft(draftKey(id), { formula: tidy(found.formula), questions: [] })
    router.push(`/formulas/${id}/edit`)
  }
  const cannot = found.short.length > 0
  return (
    <div
      className="flex flex-wrap items-center gap-x-6 gap-y-3 rounded-sheet bg-lemon px-5 py-4 text-main text-on-lemon"
      aria-live="polite"
    >
      <p className="casual min-w-0 flex-1 text-title leading-snug font-bold">
        {cannot
          ? `All of it cannot be had. ${
              inTheWay.length > 0
                ? `In the way: ${inTheWay.map((m) => measureWords[m].wish).join(', or ')}. Let go of one and the rest can be had.`
                : 'No single wish is in the way: let go of two.'
            } Nearest to it:`
          : ''}{' '}
        {Math.abs(moved) >= 0.05
          ? `Pull at ${say.fine(inCelsius(found.formula.target.celsius))} instead of ${say.fine(inCelsius(formula.target.celsius))}`
          : 'The target stays'}
        {lines > 0 ? `, and ${lines} ${lines === 1 ? 'line changes' : 'lines change'}.` : ', and no line changes.'}
      </p>
      {(lines > 0 || Math.abs(moved) >= 0.05) && (
        <Button look="primary" onClick={take}>
          Take it as a draft
        </Button>
      )}
    </div>
  )
}

/** ◊ Share of a line below which nobody weighs a difference. */
const WEIGHED = 0.004
const isChanged = (formula: BoiledFormula, line: string, grams: number): boolean => {
  const was = formula.lines.find((l) => l.id === line)?.grams ?? 0
  return Math.abs(grams - was) > WEIGHED * was
}

/** As a maker would write it down: whole grams, tenths of a degree. */
const tidy = (formula: BoiledFormula): BoiledFormula => ({
  ...formula,
  lines: formula.lines.map((l) => ({
    ...l,
    grams: l.grams > 50 ? Math.round(l.grams) : Math.round(10 * l.grams) / 10,
  })),
  target: { ...formula.target, celsius: Math.round(10 * formula.target.celsius) / 10 },
})

interface LinesProps {
  readonly formula: BoiledFormula
  readonly found: Balanced | null
  readonly keep: readonly string[]
  onKeep(keep: readonly string[]): void
}

function Lines({ formula, found, keep, onKeep }: LinesProps) {
  const say = useSay()
  return (
    <section aria-labelledby="lines" className="sheet px-5 py-4">
      <h2 id="lines" className="casual text-title font-bold">
        The list <span className="text-small font-normal text-muted">what is ticked stays as it is</span>
      </h2>
      <ul className="mt-2">
        {formula.lines.map((l) => {
          const then = found?.formula.lines.find((x) => x.id === l.id)?.grams ?? l.grams
          const changed = isChanged(formula, l.id, then)
          const { name } = ingredientIn(formula, l.ingredient)
          return (
            <li
              key={l.id}
              className="grid grid-cols-[minmax(0,1fr)_auto_88px] items-center gap-3 border-b border-line py-1 last:border-0"
            >
              <Checkbox
                className="text-main"
                checked={keep.includes(l.id)}
                onChange={(on) => onKeep(on ? [...keep, l.id] : keep.filter((x) => x !== l.id))}
              >
                {name}
              </Checkbox>
              <span className="figures text-right text-main">
                <span className={changed ? 'text-muted line-through' : ''}>{say.weight(inGrams(l.grams))}</span>
                {changed && <strong className="ml-2 text-cherry">{say.weight(inGrams(then))}</strong>}
              </span>
              <span className="figures text-right text-small text-muted">
                {changed
                  ? `${then > l.grams ? '+' : '−'}${Math.abs(Math.round((100 * (then - l.grams)) / l.grams))} %`
                  : ''}
              </span>
            </li>
          )
        })}
      </ul>
    </section>
  )
}

interface MeasuresProps {
  readonly now: Measured
  readonly found: Balanced | null
  readonly wishes: readonly Wish[]
  readonly currency: string
}

/** What it is, what it would be: what was wished for, and what it would cost in the rest. */
function Measures({ now, found, wishes, currency }: MeasuresProps) {
  const say = useSay()
  const said = (m: MeasureOf, v: number): string => measureWords[m].value(v, say, currency)
  return (
    <section aria-labelledby="measures" className="sheet px-5 py-4">
      <h2 id="measures" className="casual text-title font-bold">
        What it is{found && ', and would be'}
      </h2>
      <dl className="mt-2 text-main">
        {measureIds.map((m) => {
          const wish = wishes.find((w) => w.measure === m)
          const then = found?.after[m] ?? now[m]
          const missed = found && wish && missOf(wish, found.after) > 0.06
          const same = said(m, then) === said(m, now[m])
          return (
            <div
              key={m}
              className="grid grid-cols-[minmax(0,150px)_minmax(0,1fr)] gap-3 border-b border-line py-1.5 last:border-0"
            >
              <dt className={wish ? 'font-bold' : 'text-muted'}>
                {measureWords[m].name}
                {wish && <span className="sr-only"> (wished for)</span>}
              </dt>
              <dd className="text-right">
                <span className={found && !same ? 'text-small text-muted line-through' : ''}>{said(m, now[m])}</span>
                {found && !same && (
                  <strong className={`ml-2 ${missed ? 'text-cherry' : wish ? 'text-angelica' : ''}`}>
                    {said(m, then)}
                  </strong>
                )}
                {missed && <span className="block text-small text-cherry">not what was wished</span>}
              </dd>
            </div>
          )
        })}
      </dl>
    </section>
  )
}
