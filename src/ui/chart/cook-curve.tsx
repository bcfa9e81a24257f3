'use client'

import { line, scaleLinear, ticks } from 'd3'
import { useMemo } from 'react'
import type { Forecast, Reading, Stage } from '@/core'
import { useSize } from '@/ui/kit/use-size'
import { useTemperature } from '@/ui/shell/preferences'
import { Ahead, Here } from './ahead'
import { bandsOf, type LadderScale, ladderScale, spread } from './ladder-scale'

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
const PAD = { top: 16, right: 24, bottom: 76 }
const MOST_POINTS = 600
/** s shown at least */
const LEAST = 600
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
  const { stages, readings, here, marks, forecast, path, width, height, highest } = props
  const { say } = useTemperature()
  const high = Math.max(165, highest + 12)
  const bottom = height - PAD.bottom
  const y = useMemo(() => ladderScale(15, high, bottom, PAD.top), [high, bottom])
  const start = LEFT + COLUMN
  const end = width - PAD.right
  const latest = Math.max(readings.at(-1)?.at ?? 0, here?.at ?? 0, ...marks.map((m) => m.at))
  const ahead = path.at(-1)?.at ?? 0
  const span = Math.max(LEAST, latest * 1.06, ahead * 1.08)
  const x = scaleLinear([0, span], [start, end])
  const newest = readings.at(-1)
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      preserveAspectRatio="xMinYMin"
      className="absolute inset-0 size-full"
      role="img"
      aria-label={inWords(props, say)}
    >
      <Bands
        stages={stages}
        y={y}
        high={high}
        start={start}
        end={end}
        clearOf={props.target}
        taken={here && y(here.celsius)}
      />
      <TimeAxis x={x} y={height - 12} span={span} count={(end - start) / 110} />
      <TargetLine {...props} x={x} y={y} start={start} end={end} />
      <Marks marks={marks} x={x} y={y} bottom={bottom} readings={readings} end={end} />
      {path.length > 1 && forecast && <Ahead path={path} forecast={forecast} x={x} y={y} end={end} />}
      <Curve readings={readings} x={x} y={y} />
      {here && <Here here={here} newest={newest ?? here} tag={LEFT} x={x} y={y} />}
    </svg>
  )
}

interface BandsProps {
  readonly stages: readonly Stage[]
  readonly y: LadderScale
  readonly high: number
  readonly start: number
  readonly end: number
  /** A line across, °C, that no label may sit on. */
  readonly clearOf: number
  /** Where the now tag stands, px; no figure is drawn under it. */
  readonly taken: number | null
}

function Bands({ stages, y, high, start, end, clearOf, taken }: BandsProps) {
  const { unit, say } = useTemperature()
  const bands = bandsOf(stages, 96, high)
  const labels = spread(
    bands.map((b) => {
      const top = b.from < clearOf && clearOf < b.to ? clearOf : b.to
      return (y(b.from) + y(top)) / 2 + (top === clearOf ? 6 : 0)
    }),
    17,
    PAD.top + 8,
    y(96),
  )
  const steps =
    unit === 'C' ? ticks(20, high, 16).filter((t) => t === 20 || t === 60 || t >= 100) : fahrenheitTicks(high)
  return (
    <g>
      {bands.map((b, i) => (
        <g key={b.label}>
          <rect x={start} width={end - start} y={y(b.to)} height={y(b.from) - y(b.to)} fill={b.colour} opacity={0.28} />
          <rect x={LEFT} width={COLUMN} y={y(b.to)} height={y(b.from) - y(b.to)} fill={b.colour} />
          <text x={start + 10} y={labels[i]} dy="0.35em" className="casual fill-ink text-[14px] font-semibold">
            {b.label}
          </text>
        </g>
      ))}
      {steps.map((t) => (
        <g key={t}>
          <line x1={LEFT - 6} x2={LEFT} y1={y(t)} y2={y(t)} className="stroke-muted" />
          {(taken === null || Math.abs(taken - y(t)) > 14) && (
            <text x={LEFT - 10} y={y(t)} dy="0.35em" textAnchor="end" className="figures fill-muted text-[13px]">
              {say(t).replace('°', '')}
            </text>
          )}
        </g>
      ))}
    </g>
  )
}

const fahrenheitTicks = (highC: number): number[] =>
  ticks(200, highC * 1.8 + 32, 14)
    .concat(70)
    .map((f) => (f - 32) / 1.8)

interface TimeAxisProps {
  readonly x: (s: number) => number
  readonly y: number
  readonly span: number
  readonly count: number
}

function TimeAxis({ x, y, span, count }: TimeAxisProps) {
  const minutes = ticks(0, span / 60, count).filter((m) => m > 0)
  return (
    <g className="fill-muted text-[13px]">
      {minutes.map((m) => (
        <text key={m} x={x(m * 60)} y={y} textAnchor="middle">
          {m >= 60 && m % 60 === 0 ? `${m / 60} h` : `${m} min`}
        </text>
      ))}
    </g>
  )
}

interface TargetProps extends CurveProps {
  readonly x: (s: number) => number
  readonly y: LadderScale
  readonly start: number
  readonly end: number
}

function TargetLine({ target, within, targetText, forecast, nextC, readings, x, y, start, end }: TargetProps) {
  const newest = readings.at(-1)
  // words stand at the right, or beyond the stage names once the curve has come to where they would be
  const crowded = newest !== undefined && x(newest.at) > end - 340 && Math.abs(y(newest.celsius) - y(target)) < 60
  const words = crowded ? ({ x: start + 112, anchor: 'start' } as const) : ({ x: end - 8, anchor: 'end' } as const)
  const heading = nextC !== null && Math.abs(nextC - target) > 0.6
  const pull = forecast && !heading ? forecast.pullAt : null
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
      <line x1={LEFT} x2={end} y1={y(target)} y2={y(target)} className="stroke-angelica" strokeWidth={3} />
      <Halo {...words} y={y(target + within) - 8} className="fill-angelica font-bold">
        {end - start < 420 ? (targetText.split(' · ')[0] ?? '') : targetText}
      </Halo>
      {pull !== null && (
        <g>
          <line
            x1={LEFT}
            x2={end}
            y1={y(pull)}
            y2={y(pull)}
            className="stroke-ink"
            strokeWidth={1.5}
            strokeDasharray="2 5"
          />
          <Halo {...words} y={Math.max(y(pull), y(target - within)) + 17} className="fill-ink">
            {`pull here: the pan carries ${Math.max(0, target - pull).toFixed(1)}°`}
          </Halo>
        </g>
      )}
      {heading && nextC !== null && (
        <g>
          <line
            x1={LEFT}
            x2={end}
            y1={y(nextC)}
            y2={y(nextC)}
            className="stroke-ink"
            strokeWidth={1.5}
            strokeDasharray="6 5"
          />
          <Halo x={end - 8} y={y(nextC) - 7} anchor="end" className="fill-ink">
            next step here
          </Halo>
        </g>
      )}
    </g>
  )
}

interface HaloProps {
  readonly x: number
  readonly y: number
  readonly anchor: 'start' | 'middle' | 'end'
  readonly className: string
  readonly children: string
}

/** Text with an edge of the sheet's colour, to be read over lines. */
function Halo({ x, y, anchor, className, children }: HaloProps) {
  return (
    <text
      x={x}
      y={y}
      textAnchor={anchor}
      className={`text-[14px] ${className}`}
      paintOrder="stroke"
      stroke="var(--sheet)"
      strokeWidth={4}
      strokeOpacity={0.75}
    >
      {children}
    </text>
  )
}

function Curve({ readings, x, y }: { readings: readonly Reading[]; x: (s: number) => number; y: LadderScale }) {
  const step = Math.max(1, Math.ceil(readings.length / MOST_POINTS))
  const shown = readings.filter((_, i) => (readings.length - 1 - i) % step === 0)
  const draw = line<Reading>(
    (r) => x(r.at),
    (r) => y(r.celsius),
  )
  return (
    <path
      d={draw(shown) ?? ''}
      fill="none"
      className="stroke-cherry"
      strokeWidth={3.5}
      strokeLinejoin="round"
      strokeLinecap="round"
    />
  )
}

interface MarksProps {
  readonly marks: readonly Mark[]
  readonly readings: readonly Reading[]
  readonly x: (s: number) => number
  readonly y: LadderScale
  readonly bottom: number
  readonly end: number
}

const ROWS = 3
const LETTER = 7.2

function Marks({ marks, readings, x, y, bottom, end }: MarksProps) {
  const free = new Array<number>(ROWS).fill(Number.NEGATIVE_INFINITY)
  return (
    <g>
      {marks.map((m) => {
        const at = x(m.at)
        const celsius = nearest(readings, m.at)
        if (m.test) return <Bubble key={m.id} x={at} y={celsius === null ? bottom : y(celsius)} text={m.text} />
        const wide = m.text.length * LETTER
        const left = Math.min(at + 4, end - wide)
        let row = free.findIndex((f) => f < left)
        if (row < 0) row = free.indexOf(Math.min(...free))
        free[row] = left + wide + 6
        const low = bottom + 16 + row * 17
        return (
          <g key={m.id}>
            <line
              x1={at}
              x2={at}
              y1={celsius === null ? bottom : y(celsius)}
              y2={low - 10}
              className="stroke-muted"
              opacity={0.45}
            />
            <text x={left} y={low} className="fill-ink text-[13px]">
              {m.text}
            </text>
          </g>
        )
      })}
    </g>
  )
}

function Bubble({ x, y, text }: { x: number; y: number; text: string }) {
  const wide = text.length * LETTER + 22
  return (
    <g>
      <path d={`M${x - 8} ${y - 24}h16l-8 14z`} className="fill-bar" />
      <rect x={x - wide / 2} y={y - 48} width={wide} height={26} rx={13} className="fill-bar" />
      <text x={x} y={y - 35} dy="0.35em" textAnchor="middle" className="fill-on-bar text-[13px] font-semibold">
        {text}
      </text>
    </g>
  )
}

/** Temperature of the reading nearest in time; null without readings. */
function nearest(readings: readonly Reading[], at: number): number | null {
  let low = 0
  let high = readings.length - 1
  if (high < 0) return null
  while (high - low > 1) {
    const mid = (low + high) >> 1
    if ((readings[mid] as Reading).at <= at) low = mid
    else high = mid
  }
  const a = readings[low] as Reading
  const b = readings[high] as Reading
  return Math.abs(a.at - at) < Math.abs(b.at - at) ? a.celsius : b.celsius
}

function inWords({ readings, here, targetText, forecast }: CurveProps, say: (c: number) => string): string {
  const last = here ?? readings.at(-1)
  const now = last ? `Now ${say(last.celsius)}.` : 'No reading yet.'
  const eta =
    forecast && Number.isFinite(forecast.eta) ? ` There in about ${Math.round(forecast.eta / 60)} minutes.` : ''
  return `Cook curve. ${now} Target: ${targetText}.${eta}`
}
