'use client'

import { ticks } from 'd3'
import {
  type Conditions,
  cautionsOf,
  type ForeseenWork,
  foreseeFinish,
  inCelsius,
  onARack,
  type Step,
  type Surface,
  stepsAfterPour,
  wantOf,
} from '@/core'
import { throughKnots } from '@/ui/chart/scale'
import { useSay } from '@/ui/shell/preferences'
import { cautions, formatSpan, handworkNames, proseIn, sayDue, sayMoment, sayWant, surfaceNames } from '@/words'

import type { Boiled, Sized, SizedPiece } from './size-batch'

interface Props {
  readonly sized: Sized
  readonly conditions: Conditions
}

/** What comes after the pour: when each work opens on each place of this kitchen, and what it wants. */
export function AfterView({ sized, conditions }: Props) {
  const boiled = sized.pieces.flatMap((p) =>
    p.boiled && hasWorks(p.boiled) ? [{ label: p.label, boiled: p.boiled }] : [],
  )
  return (
    <div
      className={`grid flex-1 grid-cols-[minmax(0,1fr)] items-start gap-4 ${boiled.length > 0 ? 'lg:grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)]' : ''}`}
    >
      {boiled.length > 0 && (
        <div className="flex flex-col gap-4">
          {boiled.map(({ label, boiled: b }) => (
            <Timeline key={label} label={boiled.length > 1 ? label : null} boiled={b} conditions={conditions} />
          ))}
        </div>
      )}
      <section aria-labelledby="works" className="sheet px-5 py-4">
        <h2 id="works" className="casual text-title font-bold">
          The work, and what it wants
        </h2>
        <ol>
          {sized.pieces.flatMap((piece) =>
            piece.formula.steps
              .filter((s) => s.handwork)
              .map((step) => (
                <Work
                  key={`${piece.part} ${step.id}`}
                  step={step}
                  piece={piece}
                  sized={sized}
                  conditions={conditions}
                />
              )),
          )}
        </ol>
      </section>
    </div>
  )
}

const hasWorks = ({ formula }: Boiled): boolean => stepsAfterPour(formula).some((s) => s.handwork)

interface WorkProps extends Props {
  readonly step: Step
  readonly piece: SizedPiece
}

function Work({ step, piece, sized, conditions }: WorkProps) {
  const say = useSay()
  const { formula, boiled } = piece
  const want = wantOf(step, { formula, analysis: boiled?.analysis ?? null, plan: sized.plan, conditions })
  const [caution] = cautionsOf(formula, step)
  const foreseen = boiled
    ? foreseeFinish(boiled.formula, boiled.analysis, conditions).find((w) => w.step.id === step.id)
    : undefined
  return (
    <li className="border-b border-line py-2.5 last:border-0">
      <p className="flex flex-wrap items-baseline justify-between gap-x-3">
        <span className="casual text-main leading-snug font-semibold">{proseIn(step.say, say)}</span>
        <span className="text-small text-muted">
          {step.when.on === 'window' && foreseen ? sayOpen(foreseen) : sayDue(step, say, null)}
        </span>
      </p>
      {want && <p className="text-body leading-snug">{sayWant(want, say)}</p>}
      {step.test && <p className="text-small leading-snug text-muted">Test: {proseIn(step.test, say)}</p>}
      {caution && <p className="text-small leading-snug font-semibold text-cherry">{cautions[caution]}</p>}
    </li>
  )
}

interface TimelineProps {
  readonly label: string | null
  readonly boiled: Boiled
  readonly conditions: Conditions
}

const WIDTH = 600
const LEFT = 122
const ROW = { head: 22, bar: 15, gap: 12 }
/** ◊ A night is not drawn to scale: what opens later stands at the edge. */
const LONGEST = 6 * 3600

/** The works on a line of time, one row a place to cool. */
function Timeline({ label, boiled, conditions }: TimelineProps) {
  const say = useSay()
  const places = conditions.surfaces?.length ? conditions.surfaces : [onARack]
  const rows = places.map((on) => ({
    on,
    works: foreseeFinish(boiled.formula, boiled.analysis, conditions, on).filter(
      (w) =>
        w.step.handwork && w.step.handwork.kind !== 'wrap' && w.step.handwork.kind !== 'dust' && Number.isFinite(w.at),
    ),
  }))
  if (rows.every((r) => r.works.length === 0)) return null
  const lasts = rows.flatMap(({ works }) => works.map((w) => w.at))
  const span = Math.min(LONGEST, Math.max(600, 1.2 * Math.max(...lasts)))
  const x = throughKnots([0, span], [LEFT, WIDTH - 12])
  const most = Math.max(1, ...rows.map((r) => r.works.length))
  const rowHeight = ROW.head + most * (ROW.bar + ROW.gap)
  return (
    <section aria-label="When each work opens" className="sheet px-5 py-4">
      <h2 className="casual text-title font-bold">{label ?? 'When each work opens'}</h2>
      <p className="mb-2 text-small text-muted">
        From the pour on, by place to cool; reckoned for {say.temperature(inCelsius(conditions.roomC))} in the room.
      </p>
      <svg
        viewBox={`0 0 ${WIDTH} ${rows.length * rowHeight + 26}`}
        className="w-full"
        role="img"
        aria-label={inWords(rows)}
      >
        {rows.map(({ on, works }, i) => (
          <g key={on.name} transform={`translate(0 ${i * rowHeight})`}>
            <line x1={0} x2={WIDTH} y1={2} y2={2} className="stroke-line" />
            <text x={0} y={22} className="casual fill-ink text-[15px] font-semibold">
              {on.name}
            </text>
            <text x={0} y={38} className="fill-muted text-[11px]">
              {surfaceNames[on.kind]}
            </text>
            {works.map((w, k) => (
              <Bar key={w.step.id} work={w} y={10 + k * (ROW.bar + ROW.gap)} x={x} span={span} />
            ))}
          </g>
        ))}
        {ticks(0, span / 60, 8).map((m) => (
          <text
            key={m}
            x={x(m * 60)}
            y={rows.length * rowHeight + 18}
            textAnchor={m === 0 ? 'start' : 'middle'}
            className="fill-muted text-[11px]"
          >
            {m === 0 ? 'poured' : formatSpan(m * 60)}
          </text>
        ))}
      </svg>
    </section>
  )
}

interface BarProps {
  readonly work: ForeseenWork
  readonly y: number
  readonly span: number
  readonly x: (seconds: number) => number
}

function Bar({ work, y, x, span }: BarProps) {
  const name = work.step.handwork ? handworkNames[work.step.handwork.kind] : work.step.label
  const closes = Number.isFinite(work.closes) ? work.closes : span
  const text = `${name} ${sayOpen(work)}`
  const from = x(work.at)
  const right = from > WIDTH * 0.62
  return (
    <g>
      <rect
        x={from}
        y={y}
        width={Math.max(8, x(closes) - from)}
        height={ROW.bar - 3}
        rx={(ROW.bar - 3) / 2}
        className={Number.isFinite(work.closes) ? 'fill-cherry' : 'fill-angelica'}
      />
      <text
        x={right ? x(closes) : from}
        y={y + ROW.bar + 8}
        textAnchor={right ? 'end' : 'start'}
        className="fill-ink text-[11.5px] font-semibold"
      >
        {text}
      </text>
    </g>
  )
}

/** When it can be done, from the pour on. */
const sayOpen = ({ at, closes }: ForeseenWork): string =>
  Number.isFinite(closes) ? `${sayMoment(at)} to ${sayMoment(closes)}` : `from ${sayMoment(at)}`

const inWords = (rows: readonly { readonly on: Surface; readonly works: readonly ForeseenWork[] }[]): string =>
  rows
    .map(
      ({ on, works }) =>
        `${on.name}: ${works.map((w) => `${w.step.handwork ? handworkNames[w.step.handwork.kind] : ''} after ${sayMoment(w.at)}`).join(', ')}`,
    )
    .join('. ')
