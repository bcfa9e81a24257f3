'use client'

import { ticks } from 'd3'
import { useMemo } from 'react'
import { type Forecast, inCelsius, type Reading, type Stage, thinned } from '@/core'
import { useSize } from '@/ui/kit/use-size'
import { useSay } from '@/ui/shell/preferences'
import type { Say } from '@/words'
import { Ahead, Here } from './ahead'
import { BandFill, TimeAxis, Words } from './axes'
import { celsiusAt, labelsOf, nextOf, PILL, type Plot, pullOf } from './curve-labels'
import { type Band, bandsOf, type LadderScale, ladderScale } from './ladder-scale'
import type { Placed } from './place-labels'
import { linear } from './scale'

export interface Mark {
  readonly id: string
  readonly at: number
  readonly text: string
  readonly test: boolean
}

export interface CurveProps {
  readonly stages: readonly Stage[]
  readonly readings: readonly Reading[]
  /** Where the syrup is now, measured or reckoned; null for a cook that is over. */
  readonly here: Reading | null
  /** s the cook has taken so far, though nobody knows how hot it is; null for one that is over. */
  readonly now: number | null
  /** How it has come there since the last reading, where that is only reckoned. */
  readonly way: readonly Reading[]
  /** Read now and then by a person, or known by what was done: the line between two readings is no more than that. */
  readonly byHand: boolean
  readonly marks: readonly Mark[]
  /** Target of the batch and how far either side is good, °C. */
  readonly target: number
  readonly within: number
  readonly targetText: string
  readonly forecast: Forecast | null
  /** Where the forecast is heading, when that is not the target. */
  readonly nextC: number | null
  readonly path: readonly { readonly at: number; readonly celsius: number }[]
  readonly highest: number
}

const LEFT = 86
const COLUMN = 38
const PAD = { top: 16, right: 24, bottom: 82 }
const MOST_POINTS = 600
/** s shown at least */
const LEAST = 600
/** °C: below it a ladder has little room, and few figures where it goes on above. */
const BOILS = 100
/** On a screen of 1280 × 800: the curve is there before the page comes alive, to scale elsewhere. */
const GUESS = { width: 883, height: 448 }

/** The cook curve on the ladder: time runs right, the ladder is the y axis. */
export function CookCurve(props: CurveProps) {
  const [ref, size] = useSize<HTMLDivElement>(GUESS)
  return (
    <div ref={ref} className="relative min-h-0 flex-1">
      {size && size.width > 50 && <Drawing {...props} width={size.width} height={size.height} />}
    </div>
  )
}

function Drawing(props: CurveProps & { width: number; height: number }) {
  const { stages, readings, here, now, way, byHand, marks, forecast, path, width, height, highest } = props
  const say = useSay()
  // what has no stages is no syrup: chocolate melts far below them
  const high = Math.max(stages.length > 0 ? 165 : 0, highest + 12)
  const bottom = height - PAD.bottom
  const y = useMemo(() => ladderScale(15, high, bottom, PAD.top), [high, bottom])
  const start = LEFT + COLUMN
  const end = width - PAD.right
  const latest = Math.max(readings.at(-1)?.at ?? 0, now ?? 0, ...marks.map((m) => m.at))
  const ahead = path.at(-1)?.at ?? 0
  const span = Math.max(LEAST, latest * 1.06, ahead * 1.08)
  const x = linear([0, span], [start, end])
  const bands = stages.length > 0 ? bandsOf(stages, 96, high) : []
  const plot: Plot = { x, y, start, end, top: PAD.top, bottom }
  // four times a second: an hour has more readings than a screen has pixels
  const drawn = useMemo(() => thinned(readings, MOST_POINTS), [readings])
  const labels = labelsOf(props, drawn, bands, plot, say)
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      preserveAspectRatio="xMinYMin"
      className="absolute inset-0 size-full"
      role="img"
      aria-label={inWords(props, say)}
    >
      <Bands bands={bands} plot={plot} labels={labels} />
      <Degrees y={y} high={high} taken={here && y(here.celsius)} />
      <TimeAxis x={x} y={height - 10} span={span} count={(end - start) / 110} />
      <Lines {...props} plot={plot} labels={labels} />
      {path.length > 1 && forecast && <Ahead path={path} forecast={forecast} x={x} y={y} end={end} />}
      <Curve readings={drawn} byHand={byHand} x={x} y={y} />
      <Marks marks={marks} readings={readings} plot={plot} labels={labels} />
      {here && <Here here={here} way={way} tag={LEFT} x={x} y={y} />}
    </svg>
  )
}

type Labels = ReadonlyMap<string, Placed>

interface BandsProps {
  readonly bands: readonly Band[]
  readonly plot: Plot
  readonly labels: Labels
}

function Bands({ bands, plot: { y, start, end }, labels }: BandsProps) {
  return (
    <g>
      <BandFill bands={bands} y={y} column={[LEFT, LEFT + COLUMN]} field={[start, end]} />
      {bands.map((b) => (
        <Words
          key={b.label}
          label={labels.get(`stage ${b.label}`)}
          className="casual fill-ink text-small font-semibold"
        />
      ))}
    </g>
  )
}

interface DegreesProps {
  readonly y: LadderScale
  readonly high: number
  /** Where the now tag stands, px; no figure is drawn under it. */
  readonly taken: number | null
}

function Degrees({ y, high, taken }: DegreesProps) {
  const say = useSay()
  const steps =
    say.units.temperature === 'C'
      ? ticks(20, high, 16).filter((t) => high < BOILS || t === 20 || t === 60 || t >= BOILS)
      : fahrenheitTicks(high)
  const written = apart(steps, y, taken === null ? [] : [taken])
  return (
    <g>
      {steps.map((t) => (
        <g key={t}>
          <line x1={LEFT - 6} x2={LEFT} y1={y(t)} y2={y(t)} className="stroke-muted" />
          {written.has(t) && (
            <text x={LEFT - 10} y={y(t)} dy="0.35em" textAnchor="end" className="figures fill-muted text-fine">
              {say.temperature(inCelsius(t)).replace('°', '')}
            </text>
          )}
        </g>
      ))}
    </g>
  )
}

/** ◊ px from the middle of one figure to that of the next. */
const FIGURE = 14

/** Those of `steps` whose figures do not run into one another, or into what stands at `taken`; from the middle outwards. */
function apart(steps: readonly number[], y: LadderScale, taken: readonly number[]): ReadonlySet<number> {
  const levels = [...taken]
  const kept = new Set<number>()
  for (const t of steps.toSorted((a, b) => Math.abs(a - MIDDLE) - Math.abs(b - MIDDLE))) {
    if (levels.some((level) => Math.abs(level - y(t)) < FIGURE)) continue
    levels.push(y(t))
    kept.add(t)
  }
  return kept
}

/** ◊ °C around which sugar is cooked. */
const MIDDLE = 120

function fahrenheitTicks(highC: number): number[] {
  const high = highC * 1.8 + 32
  return (highC < BOILS ? ticks(70, high, 12) : ticks(200, high, 14).concat(70)).map((f) => (f - 32) / 1.8)
}

interface LinesProps extends CurveProps {
  readonly plot: Plot
  readonly labels: Labels
}

/** The temperatures that matter, each a line across: the target with what is good about it, the pull, the next step. */
function Lines({ plot, labels, ...props }: LinesProps) {
  const { target, within } = props
  const { y, start, end } = plot
  const across = (celsius: number) => ({ x1: LEFT, x2: end, y1: y(celsius), y2: y(celsius) })
  const [pull, next] = [pullOf(props), nextOf(props)]
  return (
    <g>
      <rect
        x={start}
        width={end - start}
        y={y(target + within)}
        height={y(target - within) - y(target + within)}
        className="fill-angelica"
        opacity={0.16}
      />
      <line {...across(target)} className="stroke-angelica" strokeWidth={3} />
      {pull !== null && <line {...across(pull)} className="stroke-ink" strokeWidth={1.5} strokeDasharray="2 5" />}
      {next !== null && <line {...across(next)} className="stroke-ink" strokeWidth={1.5} strokeDasharray="6 5" />}
      <Words label={labels.get('target')} className="fill-angelica text-small font-bold" />
      <Words label={labels.get('pull')} className="fill-ink text-small" />
      <Words label={labels.get('next')} className="fill-ink text-small" />
    </g>
  )
}

interface CurveLineProps {
  readonly readings: readonly Reading[]
  readonly byHand: boolean
  readonly x: (s: number) => number
  readonly y: LadderScale
}

function Curve({ readings, byHand, x, y }: CurveLineProps) {
  return (
    <g>
      <polyline
        points={readings.map((r) => `${x(r.at)},${y(r.celsius)}`).join(' ')}
        fill="none"
        className="stroke-cherry"
        strokeWidth={byHand ? 1.5 : 3.5}
        opacity={byHand ? 0.5 : 1}
        strokeLinejoin="round"
        strokeLinecap="round"
      />
      {byHand &&
        readings.map((r) => (
          <circle
            key={`${r.at} ${r.celsius}`}
            cx={x(r.at)}
            cy={y(r.celsius)}
            r={4.5}
            className="fill-cherry stroke-sheet"
            strokeWidth={2}
          />
        ))}
    </g>
  )
}

interface MarksProps {
  readonly marks: readonly Mark[]
  readonly readings: readonly Reading[]
  readonly plot: Plot
  readonly labels: Labels
}

function Marks({ marks, readings, plot: { x, y, bottom }, labels }: MarksProps) {
  return (
    <g>
      {marks.map((m) => {
        const celsius = celsiusAt(readings, m.at)
        const [at, point] = [x(m.at), celsius === null ? bottom : y(celsius)]
        const label = labels.get(`mark ${m.id}`)
        if (m.test) return <Bubble key={m.id} x={at} y={point} label={label} />
        return (
          <g key={m.id}>
            <line x1={at} x2={at} y1={point} y2={bottom + 4} className="stroke-muted" opacity={0.45} />
            <Words label={label} className="fill-ink text-fine" />
          </g>
        )
      })}
    </g>
  )
}

/** A test on the curve: its point, and what it showed where there is room for that. */
function Bubble({ x, y, label }: { readonly x: number; readonly y: number; readonly label: Placed | undefined }) {
  return (
    <g>
      {label && (
        <>
          <line
            x1={x}
            y1={y}
            x2={label.x + label.width / 2}
            y2={label.y + label.height / 2}
            className="stroke-bar"
            strokeWidth={3}
          />
          <rect {...boxOf(label)} rx={PILL.height / 2} className="fill-bar" />
          <text
            x={label.x + label.width / 2}
            y={label.y + label.height / 2}
            dy="0.35em"
            textAnchor="middle"
            className="fill-on-bar text-fine font-semibold"
          >
            {label.text}
          </text>
        </>
      )}
      <circle cx={x} cy={y} r={5} className="fill-bar stroke-sheet" strokeWidth={2} />
    </g>
  )
}

const boxOf = ({ x, y, width, height }: Placed) => ({ x, y, width, height })

function inWords({ readings, here, targetText, forecast }: CurveProps, say: Say): string {
  const last = here ?? readings.at(-1)
  const now = last ? `Now ${say.temperature(inCelsius(last.celsius))}.` : 'No reading yet.'
  const eta =
    forecast && Number.isFinite(forecast.eta) ? ` There in about ${Math.round(forecast.eta / 60)} minutes.` : ''
  return `Cook curve. ${now} Target: ${targetText}.${eta}`
}
