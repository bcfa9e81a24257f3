'use client'

import { ticks } from 'd3'
import {
  celsiusAt,
  type FinishAssessment,
  inCelsius,
  type MassState,
  type Reading,
  thinned,
  type WorkAhead,
} from '@/core'
import { useSize } from '@/ui/kit/use-size'
import { useSay } from '@/ui/shell/preferences'
import { massNames, type Say, sayWindow } from '@/words'
import { Here } from './ahead'
import { TimeAxis, Words } from './axes'
import { type Box, type Label, placeLabels, textWidth } from './place-labels'
import { linear } from './scale'

interface Props {
  readonly finish: FinishAssessment
  /** s on the cook's clock. */
  readonly now: number
  /** What a probe in it read, oldest first; none where there is none. */
  readonly readings: readonly Reading[]
}

const LEFT = 86
const COLUMN = 30
const PAD = { top: 14, right: 22, bottom: 34 }
/** On a screen of 1280 × 800: the curve is there before the page comes alive. */
const GUESS = { width: 790, height: 420 }
/** px: a bar of a window, and its words over it. */
const BAR = { height: 12, words: 16, gap: 6 }
/** s shown at least. */
const LEAST = 600
const SAMPLES = 160

/** The ladder of what the mass can do now: it cools down through it, and each work has its bar of time beneath. */
export function FinishCurve(props: Props) {
  const [ref, size] = useSize<HTMLDivElement>(GUESS)
  return (
    <div ref={ref} className="relative min-h-0 flex-1">
      {size && size.width > 50 && <Drawing {...props} width={size.width} height={size.height} />}
    </div>
  )
}

/** s after the pour that are worth showing: until the last window of the works to come has been open for a while. */
function spanOf({ ahead, mass }: FinishAssessment, now: number): number {
  const ends = ahead
    .flatMap(({ opens, closes }) => [closes, opens + 0.25 * (opens - mass.since)])
    .filter(Number.isFinite)
  return Math.max(LEAST, 1.06 * (now - mass.since), ...ends.map((at) => 1.1 * (at - mass.since)))
}

function Drawing({ finish, now, readings, width, height }: Props & { width: number; height: number }) {
  const say = useSay()
  const { mass, bands, ahead } = finish
  const hottest = bands[0]?.from ?? finish.celsius
  const coldest = bands.at(-1)?.to ?? 0
  const bars = ahead.filter((w) => Number.isFinite(w.opens))
  const bottom = height - PAD.bottom
  const floor = bottom - (Math.max(1, bars.length) * (BAR.height + BAR.words + BAR.gap) + 6)
  const start = LEFT + COLUMN
  const end = width - PAD.right
  const span = spanOf(finish, now)
  const x = linear([mass.since, mass.since + span], [start, end])
  const y = linear([coldest, hottest], [floor, PAD.top])
  const point = (at: number): string => `${x(at)},${y(celsiusAt(mass.course, at))}`
  const read = readings.filter((r) => r.at >= mass.since)
  const measured = read.length > 1
  const past = measured
    ? thinned(read, SAMPLES)
        .map((r) => `${x(r.at)},${y(r.celsius)}`)
        .join(' ')
    : sample(mass.since, now).map(point).join(' ')
  const future = sample(now, mass.since + span)
    .map(point)
    .join(' ')
  const labels = labelsOf(finish, { x, y, start, end, floor, now, span })
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      preserveAspectRatio="xMinYMin"
      className="absolute inset-0 size-full"
      role="img"
      aria-label={inWords(finish, say)}
    >
      {bands.map((b) => (
        <g key={b.state}>
          <rect
            x={start}
            width={end - start}
            y={y(b.from)}
            height={y(b.to) - y(b.from)}
            className={tints[b.state].fill}
            opacity={WASH * tints[b.state].depth}
          />
          <rect
            x={LEFT}
            width={COLUMN}
            y={y(b.from)}
            height={y(b.to) - y(b.from)}
            className={tints[b.state].fill}
            opacity={tints[b.state].depth}
          />
          <Words flush label={labels.get(b.state)} className="casual fill-ink text-small font-semibold" />
        </g>
      ))}
      {ticks(coldest, hottest, 6).map((t) => (
        <text key={t} x={LEFT - 10} y={y(t)} dy="0.35em" textAnchor="end" className="figures fill-muted text-fine">
          {Math.abs(y(t) - y(finish.celsius)) > 14 && say.temperature(inCelsius(t)).replace('°', '')}
        </text>
      ))}
      <polyline
        points={past}
        fill="none"
        className="stroke-cherry"
        strokeWidth={3.5}
        strokeDasharray={measured ? undefined : '9 6'}
        strokeLinecap={measured ? 'round' : 'butt'}
      />
      <polyline
        points={future}
        fill="none"
        className="stroke-cherry"
        strokeWidth={3}
        strokeDasharray="1 7"
        strokeLinecap="round"
      />
      {finish.log.sightings
        .filter((s) => s.of === 'middle' && s.at >= mass.since)
        .map((s) => (
          <circle key={s.at} cx={x(s.at)} cy={y(s.celsius)} r={4.5} className="fill-bar stroke-sheet" strokeWidth={2} />
        ))}
      <line x1={x(now)} x2={x(now)} y1={y(finish.celsius)} y2={bottom} className="stroke-muted" opacity={0.5} />
      {bars.map((w, row) => (
        <Bar key={w.step.id} work={w} since={mass.since} row={row} x={x} floor={floor} end={end} now={now} />
      ))}
      <TimeAxis x={(s) => x(mass.since + s)} y={height - 10} span={span} count={(end - start) / 110} />
      <Here here={{ at: now, celsius: finish.celsius }} way={[]} tag={LEFT} x={x} y={y} />
    </svg>
  )
}

/** What each band of the ladder is painted in: sugar while it is too warm, green where it can be worked, grey once it is past. */
const tints: Readonly<Record<MassState, { readonly fill: string; readonly depth: number }>> = {
  runs: { fill: 'fill-slab-wash', depth: 0.6 },
  levels: { fill: 'fill-slab', depth: 0.55 },
  scores: { fill: 'fill-angelica', depth: 0.3 },
  cuts: { fill: 'fill-angelica', depth: 0.6 },
  snaps: { fill: 'fill-rest', depth: 0.7 },
  'too-hot': { fill: 'fill-slab', depth: 0.55 },
  beats: { fill: 'fill-angelica', depth: 0.5 },
  'too-stiff': { fill: 'fill-rest', depth: 0.7 },
  soft: { fill: 'fill-slab', depth: 0.55 },
  slack: { fill: 'fill-slab', depth: 0.55 },
  pours: { fill: 'fill-angelica', depth: 0.5 },
  sets: { fill: 'fill-rest', depth: 0.7 },
  molten: { fill: 'fill-slab-edge', depth: 0.6 },
  seeding: { fill: 'fill-slab', depth: 0.55 },
  'in-temper': { fill: 'fill-angelica', depth: 0.5 },
  thick: { fill: 'fill-rest', depth: 0.7 },
  warm: { fill: 'fill-slab', depth: 0.55 },
  cold: { fill: 'fill-angelica', depth: 0.5 },
}
/** The plot beside the ladder is as much paler. */
const WASH = 0.4

const sample = (from: number, to: number): number[] =>
  to <= from ? [from] : Array.from({ length: SAMPLES + 1 }, (_, i) => from + ((to - from) * i) / SAMPLES)

interface BarProps {
  readonly work: WorkAhead
  readonly since: number
  readonly row: number
  readonly x: (at: number) => number
  readonly floor: number
  readonly end: number
  readonly now: number
}

/** A window as a bar of time; its words start where it does, or end where the picture does. */
function Bar({ work, since, row, x, floor, end, now }: BarProps) {
  const from = Math.max(LEFT + COLUMN, x(work.opens))
  const to = Math.max(from + BAR.height, Math.min(end, Number.isFinite(work.closes) ? x(work.closes) : end))
  const top = floor + 8 + row * (BAR.height + BAR.words + BAR.gap)
  const said = sayWindow(work, since)
  const fits = from + textWidth(said, 13) <= end
  const open = now >= work.opens && now < work.closes
  return (
    <g>
      <rect
        x={from}
        y={top + BAR.words}
        width={to - from}
        height={BAR.height}
        rx={BAR.height / 2}
        className={work.state === 'missed' ? 'fill-rest' : open ? 'fill-cherry' : 'fill-angelica'}
      />
      <text
        x={fits ? from : end}
        y={top + BAR.words / 2}
        dy="0.35em"
        textAnchor={fits ? 'start' : 'end'}
        className={`text-fine font-bold ${work.state === 'missed' ? 'fill-muted' : open ? 'fill-cherry' : 'fill-angelica'}`}
      >
        {said}
      </text>
    </g>
  )
}

interface Plot {
  readonly x: (at: number) => number
  readonly y: (celsius: number) => number
  readonly start: number
  readonly end: number
  readonly floor: number
  readonly now: number
  readonly span: number
}

const SMALL = 15

/** The names of the bands, each where the curve does not pass. */
function labelsOf({ bands, mass }: FinishAssessment, { x, y, start, end, floor, span }: Plot) {
  const taken: Box[] = sample(mass.since, mass.since + span).map((at) => ({
    x: x(at) - 5,
    y: y(celsiusAt(mass.course, at)) - 5,
    width: 10,
    height: 10,
  }))
  const labels: Label[] = bands.map((b) => {
    const text = massNames[b.state]
    const width = textWidth(text, SMALL)
    const middle = (y(b.from) + y(b.to)) / 2 - SMALL / 2
    const rows = [y(b.from) + 4, middle, y(b.to) - SMALL - 4]
    const columns = [end - width - 10, start + 10, (start + end) / 2]
    return {
      id: b.state,
      forms: [{ text, width, height: SMALL, spots: columns.flatMap((cx) => rows.map((cy) => ({ x: cx, y: cy }))) }],
    }
  })
  return placeLabels(labels, taken, { x: start, y: PAD.top, width: end - start, height: floor - PAD.top })
}

function inWords({ celsius, measured, ahead, mass }: FinishAssessment, say: Say): string {
  const now = `${say.temperature(inCelsius(celsius))} in the middle, ${measured ? 'measured' : 'reckoned'}.`
  return `Cooling curve. ${now} ${ahead.map((w) => sayWindow(w, mass.since)).join(', ')}`
}
