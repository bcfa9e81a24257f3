'use client'

import { ticks } from 'd3'
import { type PointerEvent, useRef, useState } from 'react'
import type { Beside, BesideBatch } from '@/contract/logbook'
import { inCelsius } from '@/core'
import { BandFill, Words } from '@/ui/chart/axes'
import { type Band, bandsOf, ladderScale } from '@/ui/chart/ladder-scale'
import { type Box, type Form, placeLabels, textWidth } from '@/ui/chart/place-labels'
import { linear } from '@/ui/chart/scale'
import { useSize } from '@/ui/kit/use-size'
import { useSay } from '@/ui/shell/preferences'
import { lookOf } from './looks'

/** What the curves are lined up at: an event, or a temperature on the way up, °C. */
export type LinedUp = 'flame' | 'boil' | 'pull' | number

/** s on a batch's clock that stand over one another; null where it has no such moment. */
export function zeroOf({ boiledAt, pulledAt, curve }: BesideBatch, at: LinedUp): number | null {
  if (at === 'flame') return 0
  if (at === 'boil') return boiledAt
  if (at === 'pull') return pulledAt
  return curve.find(([s, celsius]) => celsius >= at && (pulledAt === null || s <= pulledAt))?.[0] ?? null
}

const PAD = { left: 76, top: 14, right: 20, bottom: 40 }
const COLUMN = 30
/** °C the picture of a cook, and of what came after its pour, begins at. */
const LOW = { cook: 96, after: 16 }
const GUESS = { width: 700, height: 520 }
/** px a drag has to be long to be one. */
const DRAG = 12

interface Props {
  readonly data: Beside
  readonly at: LinedUp
  /** How they cooled after the pour, instead of how they cooked. */
  readonly after: boolean
  /** s shown, from and to; null for all of it. */
  readonly zoom: readonly [number, number] | null
  onZoom(zoom: readonly [number, number] | null): void
}

/** Curves on one ladder, lined up. A stretch dragged over is looked at closely. */
export function Curves(props: Props) {
  const [ref, size] = useSize<HTMLDivElement>(GUESS)
  return (
    <div ref={ref} className="relative min-h-0 flex-1">
      {size && size.width > 50 && <Drawing {...props} width={size.width} height={size.height} />}
    </div>
  )
}

/** From the first of them at the low end to the last after the pull, s. */
export function spanOf(batches: readonly BesideBatch[], at: LinedUp, after = false): [number, number] {
  const shown = batches.flatMap((b) => {
    const zero = zeroOf(b, at)
    const from = b.curve.find(([, c]) => c >= (after ? LOW.after : LOW.cook))?.[0]
    const until = b.curve.at(-1)?.[0] ?? 0
    return zero === null || from === undefined
      ? []
      : [[from - zero, (after ? until : (b.pulledAt ?? until)) + 120 - zero]]
  })
  return [Math.min(0, ...shown.map((s) => s[0] as number)), Math.max(60, ...shown.map((s) => s[1] as number))]
}

function Drawing({ data, at, after, zoom, onZoom, width, height }: Props & { width: number; height: number }) {
  const say = useSay()
  const { batches, stages } = data
  const [drag, setDrag] = useState<readonly [number, number] | null>(null)
  const from = useRef<number | null>(null)
  const first = batches[0] as BesideBatch
  const coldest = after ? LOW.after : LOW.cook
  const high = Math.max(after ? 0 : first.entry.target + 8, ...batches.flatMap((b) => b.curve.map(([, c]) => c + 3)))
  const bottom = height - PAD.bottom
  const y = after ? linear([coldest, high], [bottom, PAD.top]) : ladderScale(coldest, high, bottom, PAD.top)
  const start = PAD.left + COLUMN
  const end = width - PAD.right
  const [low, top] = zoom ?? spanOf(batches, at, after)
  const x = linear([low, top], [start, end])
  const back = linear([start, end], [low, top])
  const bands = after ? [] : bandsOf(stages, coldest, high)
  const { target, within } = first.entry
  const labels = placeLabels(
    bands.map((b) => ({ id: b.label, forms: [nameOf(b, y, [start, x(0), end])] })),
    [
      { x: x(0), y: PAD.top, width: 1, height: bottom - PAD.top },
      ...batches.flatMap((b) => alongCurve(b, zeroOf(b, at), x, y)),
    ],
    { x: start, y: PAD.top, width: end - start, height: bottom - PAD.top },
  )
  const px = (e: PointerEvent<SVGSVGElement>): number =>
    Math.min(end, Math.max(start, e.clientX - e.currentTarget.getBoundingClientRect().left))
  const letGo = (): void => {
    if (drag && Math.abs(drag[1] - drag[0]) > DRAG) {
      const [a, b] = [back(drag[0]), back(drag[1])]
      onZoom([Math.min(a, b), Math.max(a, b)])
    }
    from.current = null
    setDrag(null)
  }
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      className="absolute inset-0 size-full touch-pan-y"
      role="img"
      aria-label={`Curves of ${batches.length} batches, lined up. ${batches
        .map((b) => `${b.entry.formulaName}: ${b.curve.length} points`)
        .join('. ')}`}
      onPointerDown={(e) => {
        from.current = px(e)
        e.currentTarget.setPointerCapture(e.pointerId)
      }}
      onPointerMove={(e) => from.current !== null && setDrag([from.current, px(e)])}
      onPointerUp={letGo}
      onPointerCancel={letGo}
    >
      <clipPath id="beside">
        <rect x={start} y={PAD.top} width={end - start} height={bottom - PAD.top} />
      </clipPath>
      <BandFill bands={bands} y={y} column={[PAD.left, start]} field={[start, end]} />
      {!after && (
        <>
          <rect
            x={start}
            width={end - start}
            y={y(target + within)}
            height={y(target - within) - y(target + within)}
            className="fill-angelica"
            opacity={0.16}
          />
          <line x1={start} x2={end} y1={y(target)} y2={y(target)} className="stroke-angelica" strokeWidth={2.5} />
        </>
      )}
      {bands.map((b) => (
        <Words key={b.label} label={labels.get(b.label)} className="casual fill-ink text-small font-semibold" />
      ))}
      {ticks(after ? coldest : 100, high, 8).map((t) => (
        <text key={t} x={PAD.left - 8} y={y(t)} dy="0.35em" textAnchor="end" className="figures fill-muted text-fine">
          {say.temperature(inCelsius(t)).replace('°', '')}
        </text>
      ))}
      <line x1={x(0)} x2={x(0)} y1={PAD.top} y2={bottom} className="stroke-ink" strokeWidth={1} strokeDasharray="2 4" />
      {ticks(low / 60, top / 60, Math.max(3, (end - start) / 100))
        .filter((m) => x(m * 60) < end - 24)
        .map((m) => (
          <text key={m} x={x(m * 60)} y={bottom + 22} textAnchor="middle" className="figures fill-muted text-fine">
            {m === 0 ? nameOfZero(at, say) : `${m > 0 ? '+' : '−'}${Math.abs(m)} min`}
          </text>
        ))}
      <g clipPath="url(#beside)">
        {batches.toReversed().map((b, i) => {
          const zero = zeroOf(b, at)
          const look = lookOf(batches.length - 1 - i)
          return (
            zero !== null && (
              <polyline
                key={b.entry.id}
                points={b.curve.map(([s, c]) => `${x(s - zero).toFixed(1)},${y(c).toFixed(1)}`).join(' ')}
                fill="none"
                className={look.className}
                strokeWidth={look.width}
                strokeDasharray={look.dash}
                strokeLinejoin="round"
              />
            )
          )
        })}
        {(after ? [] : first.turns).map((t) => {
          const zero = zeroOf(first, at)
          return (
            zero !== null && (
              <g key={t.at}>
                <line
                  x1={x(t.at - zero)}
                  x2={x(t.at - zero)}
                  y1={bottom - 18}
                  y2={bottom}
                  className="stroke-bar"
                  strokeWidth={2}
                />
                <text x={x(t.at - zero) + 4} y={bottom - 6} className="fill-ink text-fine font-semibold">
                  heat {t.dial}
                </text>
              </g>
            )
          )
        })}
      </g>
      {drag && (
        <rect
          x={Math.min(...drag)}
          width={Math.abs(drag[1] - drag[0])}
          y={PAD.top}
          height={bottom - PAD.top}
          className="fill-ink"
          opacity={0.12}
        />
      )}
    </svg>
  )
}

/** A band's name at its left end, at its right where the curves begin, or before the line they are lined up at. */
function nameOf(
  { label, from, to }: Band,
  y: (c: number) => number,
  [start, zero, end]: readonly [number, number, number],
): Form {
  const width = textWidth(label, 14)
  const top = (y(from) + y(to)) / 2 - 8
  return {
    text: label,
    width,
    height: Math.min(16, y(from) - y(to)),
    spots: [start + 8, end - width - 8, zero - width - 8].map((x) => ({ x, y: top })),
  }
}

/** What a curve covers, in small boxes. */
const alongCurve = (
  { curve }: BesideBatch,
  zero: number | null,
  x: (s: number) => number,
  y: (c: number) => number,
): Box[] =>
  zero === null
    ? []
    : curve.filter((_, i) => i % 6 === 0).map(([s, c]) => ({ x: x(s - zero) - 4, y: y(c) - 4, width: 8, height: 8 }))

const nameOfZero = (at: LinedUp, say: ReturnType<typeof useSay>): string =>
  typeof at === 'number' ? say.temperature(inCelsius(at)) : at
