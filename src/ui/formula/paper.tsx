'use client'

import {
  allergensIn,
  type BatchPlan,
  type Conditions,
  type FormulaDocument,
  filledGroups,
  inCelsius,
  inCelsiusStep,
  inGrams,
  isBoiled,
  nameOfLine,
  readyKey,
  readyList,
  type Step,
  scalds,
  scaleGrams,
  type Vessel,
} from '@/core'
import { useSay } from '@/ui/shell/preferences'
import {
  cautionsInFull,
  formatAhead,
  formatCount,
  proseIn,
  type Say,
  sayBite,
  sayDue,
  sayReady,
  stageNames,
} from '@/words'
import { thingsOf } from './shape-editor'
import type { Sized, SizedPiece } from './size-batch'
import { noteOf, weighed } from './weigh-list'

export type Paper = 'a4' | 'letter'

interface Props {
  readonly formula: FormulaDocument
  readonly revision: number
  readonly sized: Sized
  readonly conditions: Conditions
  readonly room: string
  readonly sentence: string
  readonly vessel: Vessel | null
  readonly paper: Paper
}

/** The batch on paper: a weigh list to tick and a sheet to cook by. Shown only in print. */
export function PaperSheet({ formula, revision, sized, conditions, room, sentence, vessel, paper }: Props) {
  const say = useSay()
  const { plan, pieces } = sized
  const allergens = allergensIn(formula)
  return (
    <article className={`paper hidden print:block paper-${paper}`} data-testid="paper">
      <header className="mb-3 border-b-2 border-black pb-2">
        <h1 className="casual text-large leading-tight font-extrabold">{formula.name}</h1>
        <p className="text-fine">
          Revision {revision} · {sentence} · {room}, {Math.round(conditions.pressurePa / 100)} hPa
        </p>
      </header>
      {pieces
        .filter((p) => p.formula.lines.length > 0 || p.formula.steps.length > 0)
        .map((p) => (
          <Piece key={p.part ?? 'whole'} piece={p} plan={plan} alone={pieces.length === 1} />
        ))}
      <section className="break-inside-avoid">
        <h2 className="casual mb-1 text-lead font-bold">Before the first flame</h2>
        <ol className="grid grid-cols-2 gap-x-6 text-fine">
          {readyList(formula, plan, vessel).map((item) => (
            <li key={readyKey(item)} className="flex gap-2 border-b border-neutral-300 py-1">
              <span aria-hidden className="mt-0.5 inline-block size-3 shrink-0 border border-black" />
              <span className="flex-1">{sayReady(item, say).text}</span>
              <span className="figures">−{formatAhead(item.begin)}</span>
            </li>
          ))}
        </ol>
      </section>
      <footer className="mt-4 grid grid-cols-2 gap-4 border-t border-black pt-2 text-fine">
        <p>
          <strong>Makes</strong> {formatCount(plan.pieces)} {thingsOf(formula.shape, plan.pieces)} of{' '}
          {say.weight(inGrams(plan.pieceGrams))}, {say.weight(inGrams(plan.outGrams))} in all.
          <br />
          <strong>Allergens</strong> {allergens.join(', ') || 'none listed'}. Check your local labelling rules before
          selling.
        </p>
        <p>
          {scalds(formula) && `${cautionsInFull.hotSugar} Burned: cool running water for 20 minutes, at once.`}
          <br />
          Date __________ Cook __________ Reached ____° Score ___
        </p>
      </footer>
    </article>
  )
}

function Piece({ piece, plan, alone }: { piece: SizedPiece; plan: BatchPlan; alone: boolean }) {
  const say = useSay()
  const { formula, boiled } = piece
  const boils = plan.boils.filter((b) => b.part === piece.part)
  const grams = scaleGrams(plan.grams, boils[0]?.share ?? 1)
  const rungs = new Map(boiled?.analysis.rungs.map((r) => [r.step.id, r.celsius]))
  return (
    <section className="mb-4 break-inside-avoid">
      {!alone && <h2 className="casual mb-1 text-lead font-bold">{piece.part === null ? 'Together' : piece.label}</h2>}
      <div className="grid grid-cols-[minmax(0,2fr)_minmax(0,3fr)] gap-6">
        <div>
          {boils.length > 1 && (
            <p className="mb-1 text-fine">
              For each of {boils.length} boils
              {boils.some((b) => b.label) && `: ${boils.map((b) => b.label).join(', ')}`}
            </p>
          )}
          {filledGroups(formula).map((g) => (
            <table key={g.id} className="mb-2 w-full border-collapse text-body">
              <caption className="border-b border-black pb-0.5 text-left text-fine font-semibold">
                {proseIn(g.label, say)}
              </caption>
              <tbody>
                {formula.lines
                  .filter((l) => l.group === g.id)
                  .map((l) => (
                    <tr key={l.id} className="border-b border-neutral-300">
                      <td className="w-5 py-1 align-top">
                        <span aria-hidden className="inline-block size-3 border border-black" />
                      </td>
                      <th scope="row" className="py-1 text-left font-normal">
                        {nameOfLine(formula, l)}
                        {l.note && <span className="block text-fine">{noteOf(formula, l, grams[l.id] ?? 0, say)}</span>}
                      </th>
                      <td className="figures py-1 text-right whitespace-nowrap">
                        {weighed(formula, l, grams[l.id] ?? 0, say)}
                      </td>
                    </tr>
                  ))}
              </tbody>
            </table>
          ))}
        </div>
        <ol className="text-small">
          {formula.steps.map((s, i) => (
            <li key={s.id} className="flex gap-2 border-b border-neutral-300 py-1">
              <span className="figures w-4 shrink-0 text-right">{i + 1}</span>
              <span className="flex-1">
                {s.meanwhile && <span className="block text-fine">{proseIn(s.meanwhile.say, say)}</span>}
                <strong>{proseIn(s.say, say)}</strong>
                {s.test && <span className="block text-fine">Test: {proseIn(s.test, say)}</span>}
              </span>
              <span className="figures shrink-0 text-right">{onPaper(s, rungs.get(s.id), say)}</span>
            </li>
          ))}
          {isBoiled(formula) && (
            <li className="pt-1 text-fine">
              Target ± {say.step(inCelsiusStep(formula.target.within))}
              {boiled && ` · ${stageNames[boiled.analysis.stage.id]} · ${sayBite(boiled.analysis)}`}
            </li>
          )}
        </ol>
      </div>
    </section>
  )
}

/** When a step is due, in today's air; nothing where it follows at once. */
function onPaper(step: Step, celsius: number | undefined, say: Say): string {
  if (celsius !== undefined) return say.temperature(inCelsius(celsius))
  return step.when.on === 'ready' ? '' : sayDue(step, say, null)
}
