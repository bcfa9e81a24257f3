'use client'

import { useState } from 'react'
import type { KitchenView } from '@/contract/kitchen'
import type { FormulaAdvice } from '@/contract/logbook'
import { type Conditions, type FormulaDocument, inCelsius, inCelsiusStep, isBoiled, type Step } from '@/core'
import { Ladder, type LadderRung } from '@/ui/chart/ladder'
import { Segments } from '@/ui/kit/segments'
import { useSay } from '@/ui/shell/preferences'
import { proseIn, type Say, sayDue, stageNames } from '@/words'
import { FromTheLog } from './from-the-log'
import type { Boiled, Sized, SizedPiece } from './size-batch'
import { VerdictList } from './verdict-list'
import { WeighList } from './weigh-list'

interface Props {
  readonly id: string
  readonly formula: FormulaDocument
  readonly kitchen: KitchenView
  readonly conditions: Conditions
  readonly sized: Sized
  readonly shown: SizedPiece
  readonly advice: FormulaAdvice | null
  onShow(part: string | null): void
}

/** What to weigh, the ladder and what it will be; of a whole of parts, one part at a time. */
export function BatchView({ id, formula, kitchen, conditions, sized, shown, advice, onShow }: Props) {
  const say = useSay()
  const target = shown.boiled?.formula.target
  const [steps, setSteps] = useState(false)
  // the ladder is one of sugar: chocolate has its steps
  const laddered = shown.boiled !== null && shown.boiled.analysis.work !== 'tempered'
  const asLadder = laddered && !steps
  return (
    <div className="grid flex-1 grid-cols-[minmax(0,1fr)] grid-rows-[1fr_auto] gap-4 lg:grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)_minmax(0,1.1fr)]">
      <WeighList formula={formula} plan={sized.plan} priced={kitchen.ingredient} />
      <section
        aria-labelledby="ladder"
        className={`sheet flex flex-col px-5 py-4 ${asLadder ? 'lg:sticky lg:top-4 lg:h-[min(100%,calc(100dvh-32px))]' : ''}`}
      >
        <div className="flex flex-wrap items-center justify-between gap-2">
          <h2 id="ladder" className="casual text-title font-bold">
            {asLadder ? 'Ladder' : 'Method'}
          </h2>
          {laddered && (
            <Segments
              label="How the method is shown"
              options={[
                { id: 'ladder', label: 'Ladder' },
                { id: 'method', label: 'Steps' },
              ]}
              value={asLadder ? 'ladder' : 'method'}
              onPick={(id) => setSteps(id === 'method')}
            />
          )}
          {sized.pieces.length > 1 && <Parts pieces={sized.pieces} shown={shown} onShow={onShow} />}
        </div>
        {asLadder && shown.boiled ? (
          <LadderOf boiled={shown.boiled} conditions={conditions} say={say} />
        ) : (
          <Method formula={shown.formula} boiled={shown.boiled} say={say} />
        )}
      </section>
      <VerdictList verdicts={shown.verdicts} balance={isBoiled(formula) ? `/formulas/${id}/balance` : null}>
        {advice && target && shown.part === null && (
          <FromTheLog id={id} formula={formula} conditions={conditions} advice={advice} />
        )}
      </VerdictList>
      <Notes formula={formula} />
    </div>
  )
}

interface PartsProps {
  readonly pieces: readonly SizedPiece[]
  readonly shown: SizedPiece
  onShow(part: string | null): void
}

/** Stands for the formula itself among its parts. */
const WHOLE = ' '

function Parts({ pieces, shown, onShow }: PartsProps) {
  return (
    <Segments
      label="Part"
      options={pieces.map((p) => ({ id: p.part ?? WHOLE, label: p.part === null ? 'Whole' : p.label }))}
      value={shown.part ?? WHOLE}
      onPick={(id) => onShow(id === WHOLE ? null : id)}
      className="border-0 bg-marble"
      itemClassName="min-h-9 px-2.5 text-fine"
    />
  )
}

interface LadderProps {
  readonly boiled: Boiled
  readonly conditions: Conditions
  readonly say: Say
  /** Every gram of it is known: where not, nothing is told of its stages, nor of where it boils. */
  readonly known?: boolean
}

export function LadderOf({ boiled: { formula, analysis }, conditions, say, known = true }: LadderProps) {
  const detailOf = ({ when }: Step): string | undefined => {
    const within = `± ${say.step(inCelsiusStep(formula.target.within))}`
    if (when.on === 'target') return known ? `${stageNames[analysis.stage.id]} · ${within}` : within
    if (when.on === 'boil') return 'where it first boils'
    return when.on === 'colour' ? 'by its colour' : undefined
  }
  const rungs: LadderRung[] = analysis.rungs
    .filter(({ step }) => known || step.when.on !== 'boil')
    .map(({ step, celsius }) => ({
      id: step.id,
      celsius,
      // a recipe's own words for it are often those of its whole boil
      text: step.when.on === 'target' ? 'pull' : step.label.toLowerCase(),
      target: step.when.on === 'target',
      detail: detailOf(step),
    }))
  const shift = analysis.targetC - formula.target.celsius
  return (
    <>
      {Math.abs(shift) >= 0.5 && (
        <p className="mt-1 text-small text-muted">
          {say.temperature(inCelsius(formula.target.celsius))} at sea level is{' '}
          {say.temperature(inCelsius(analysis.targetC))} up here: {Math.round(conditions.pressurePa / 100)} hPa
        </p>
      )}
      <Ladder stages={known ? analysis.stages : []} rungs={rungs} />
    </>
  )
}

interface MethodProps {
  readonly formula: FormulaDocument
  readonly boiled: Boiled | null
  readonly say: Say
}

/** The steps in order, each with when it is due in today's air. */
function Method({ formula, boiled, say }: MethodProps) {
  const rungs = new Map(boiled?.analysis.rungs.map((r) => [r.step.id, r.celsius]))
  return (
    <ol className="mt-2">
      {formula.steps.map((s, i) => {
        const celsius = rungs.get(s.id)
        return (
          <li key={s.id} className="flex gap-3 border-b border-line py-2 last:border-0">
            <span className="figures grid size-7 shrink-0 place-items-center rounded-full bg-bar text-fine text-on-bar">
              {i + 1}
            </span>
            <div className="min-w-0 flex-1">
              {s.meanwhile && (
                <p className="text-small leading-snug text-muted">{proseIn(s.meanwhile.say, say)}, until</p>
              )}
              <p className="text-body leading-snug font-semibold">{proseIn(s.say, say)}</p>
              <p className="text-small leading-snug text-muted">{proseIn(s.why, say)}</p>
              {s.test && <p className="text-small leading-snug">Test: {proseIn(s.test, say)}</p>}
            </div>
            <span
              className={`figures shrink-0 text-right text-small ${s.when.on === 'target' ? 'font-semibold text-angelica' : 'text-muted'}`}
            >
              {celsius === undefined
                ? s.when.on === 'ready'
                  ? ''
                  : sayDue(s, say, formula.target?.celsius ?? null)
                : say.temperature(inCelsius(celsius))}
            </span>
          </li>
        )
      })}
    </ol>
  )
}

/** What the maker wrote beside it. */
function Notes({ formula }: { readonly formula: FormulaDocument }) {
  if (!formula.notes && !formula.source) return null
  return (
    <section aria-labelledby="notes" className="sheet px-5 py-4 lg:col-span-3">
      <h2 id="notes" className="casual text-title font-bold">
        Notes
      </h2>
      {formula.notes && <p className="gap-8 text-body whitespace-pre-line lg:columns-2">{formula.notes}</p>}
      {formula.source && <p className="mt-1 text-small text-muted">Adapted from: {formula.source}</p>}
    </section>
  )
}
