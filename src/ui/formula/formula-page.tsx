'use client'

import { useMemo, useState } from 'react'
import {
  type Advice,
  type Conditions,
  type FormulaDocument,
  families,
  formatGrams,
  type Shape,
  type Size,
  scale,
  type Vessel,
} from '@/core'
import { Ladder, type LadderRung } from '@/ui/chart/ladder'
import { useTemperature } from '@/ui/shell/preferences'
import { adviceWords } from './advice-words'
import { type Choice, conditionsOf, type KitchenView, vesselOf } from './kitchen'
import { Sentence } from './sentence'
import { type Sized, sizeBatch } from './size-batch'
import { StartDialog } from './start-dialog'
import { VerdictList } from './verdict-list'
import { WeighList } from './weigh-list'

interface Props {
  readonly id: string
  readonly revision: number
  readonly formula: FormulaDocument
  readonly kitchen: KitchenView
  readonly advice: Advice
}

const FIRST_SIZE: Size = { by: 'pieces', pieces: 144 }

/** The smallest pot that takes a first batch in one boil with room to spare, and the trays it covers best. */
function firstChoice(formula: FormulaDocument, kitchen: KitchenView): Choice {
  const kind = formula.shape.kind === 'mould' ? 'mould' : 'tray'
  const vessels = kitchen.vessels
    .filter((v) => v.facts.kind === kind)
    .map((v) => ({ id: v.id, spare: spareOf(formula, v.facts) }))
    .sort((a, b) => a.spare - b.spare)
  const rest = {
    room: kitchen.rooms[0]?.id ?? '',
    burner: kitchen.burners[0]?.id ?? '',
    vessel: vessels[0]?.id ?? null,
  }
  const choices = kitchen.pots.map((p) => ({ ...rest, pot: p.id }))
  const roomy = choices.find((choice) => {
    const sized = sizeBatch(formula, FIRST_SIZE, formula.shape, conditionsOf(kitchen, choice), null)
    return (
      !('problem' in sized) &&
      sized.analysis.fill < 0.85 &&
      sized.plan.boils.length <= Math.max(1, formula.boils.length)
    )
  })
  return roomy ?? choices.at(-1) ?? { ...rest, pot: '' }
}

/** How badly a vessel suits: a mould by its cavity, a tray by the area left over. */
function spareOf(formula: FormulaDocument, vessel: Vessel): number {
  if (vessel.kind === 'mould')
    return formula.shape.kind === 'mould' ? Math.abs(vessel.millilitres - formula.shape.millilitres) : 0
  const plan = scale(formula, { size: FIRST_SIZE, vessel })
  return plan.vessels * vessel.lengthMm * vessel.widthMm
}

/** One formula, sized for tonight: the sentence, what to weigh, the ladder and what it will be. */
export function FormulaPage({ id, revision, formula, kitchen, advice }: Props) {
  const [size, setSize] = useState(FIRST_SIZE)
  const [shape, setShape] = useState<Shape>(formula.shape)
  const [choice, setChoice] = useState(() => firstChoice(formula, kitchen))
  const conditions = useMemo(() => conditionsOf(kitchen, choice), [kitchen, choice])
  const result = useMemo(
    () => sizeBatch(formula, size, shape, conditions, vesselOf(kitchen, choice)),
    [formula, size, shape, conditions, kitchen, choice],
  )
  const sized = 'problem' in result ? null : result
  const family = families[formula.family]
  return (
    <div className="flex min-h-dvh flex-col gap-3 p-4 lg:px-6 lg:py-4">
      <header className="flex flex-wrap items-start justify-between gap-4">
        <div className="max-w-[760px]">
          <h1 className="casual text-[clamp(26px,2.6vw,34px)] leading-tight font-extrabold">{formula.name}</h1>
          <p className="text-[16px] text-muted">
            {family.label} · {family.schools[formula.school] ?? formula.school} · revision {revision}
          </p>
        </div>
        {sized && (
          <StartDialog
            kitchen={kitchen}
            plan={sized.plan}
            request={{ formula: id, revision, size, shape, ...choice }}
          />
        )}
      </header>
      <div className="rounded-sheet bg-bar px-5 py-3">
        <Sentence
          formula={formula}
          kitchen={kitchen}
          size={size}
          shape={shape}
          choice={choice}
          plan={sized?.plan ?? null}
          onSize={setSize}
          onShape={setShape}
          onChoice={setChoice}
        >
          <p role={sized ? undefined : 'alert'} className="ml-auto text-[15px] font-medium text-[#f7dc4f]">
            {sized
              ? summary(sized)
              : `${(result as { problem: string }).problem}. The figures wait for a size that works.`}
          </p>
        </Sentence>
      </div>
      {sized && <Columns formula={formula} conditions={conditions} sized={sized} advice={advice} />}
    </div>
  )
}

function summary({ plan, analysis }: Sized): string {
  const boils = plan.boils.length
  return [
    `${formatGrams(analysis.potGrams)} in the pot`,
    `rises to ${analysis.peakLitres.toFixed(1)} l`,
    boils === 1 ? 'one boil' : `${boils} boils`,
    `${plan.pieces} pieces of ${formatGrams(plan.pieceGrams)}`,
  ].join(' · ')
}

interface ColumnsProps {
  readonly formula: FormulaDocument
  readonly conditions: Conditions
  readonly sized: Sized
  readonly advice: Advice
}

function Columns({ formula, conditions, sized, advice }: ColumnsProps) {
  const temperature = useTemperature()
  const { say } = temperature
  const rungs: LadderRung[] = sized.analysis.rungs.map(({ step, celsius }) => ({
    id: step.id,
    celsius,
    text: step.label.toLowerCase(),
    target: step.when.on === 'target',
    detail:
      step.when.on === 'target'
        ? `${sized.analysis.stage.label} · ± ${formula.target.within}°`
        : step.when.on === 'boil'
          ? 'where it first boils'
          : undefined,
  }))
  const shift = sized.analysis.targetC - formula.target.celsius
  return (
    <div className="grid flex-1 gap-4 lg:grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)_minmax(0,1.1fr)]">
      <WeighList formula={formula} plan={sized.plan} />
      <section aria-labelledby="ladder" className="sheet flex flex-col px-5 py-4">
        <h2 id="ladder" className="casual text-[18px] font-bold">
          Ladder
        </h2>
        {Math.abs(shift) >= 0.5 && (
          <p className="mt-1 text-[14px] text-muted">
            {say(formula.target.celsius)} at sea level is {say(sized.analysis.targetC)} up here:{' '}
            {Math.round(conditions.pressurePa / 100)} hPa
          </p>
        )}
        <Ladder stages={sized.analysis.stages} rungs={rungs} />
      </section>
      <VerdictList verdicts={sized.verdicts} advice={adviceWords(advice, formula.target.celsius, temperature)} />
    </div>
  )
}
