'use client'

import { useRef, useState } from 'react'
import type { DayPlan, Placed } from '@/core'
import { linear } from '@/ui/chart/scale'
import { useSize } from '@/ui/kit/use-size'
import { useTime } from '@/ui/shell/preferences'
import { formatSpan, taskName } from '@/words'
import { LaneBars, LaneThings, ROW } from './lane-rows'

export interface LanesProps {
  readonly plan: DayPlan
  readonly people: readonly { readonly id: string; readonly name: string }[]
  readonly things: readonly { readonly id: string; readonly name: string }[]
  readonly names: Readonly<Record<string, string>>
  /** The moment of the first hour, ms; s to the hour asked for, and to now. */
  readonly first: number
  readonly by: number
  readonly now: number
  /** Tasks that are under way or over, and those put at a moment by hand. */
  readonly begun: ReadonlySet<string>
  readonly done: ReadonlySet<string>
  readonly pins: Readonly<Record<string, number>>
  /** Times as wide as the page. */
  readonly zoom: number
  /** A task is held over a moment, s, not let go yet; null once it is nowhere. */
  onHold(at: Pin | null): void
  /** A task is put at a moment; null: it is put nowhere any more. */
  onPut(id: string, at: number | null): void
}

export interface Pin {
  readonly id: string
  readonly at: number
}

const TOP = 44
const HOUR = 3600
/** px an hour's name needs. */
const HOUR_ROOM = 74
/** px between two lines at least, so that the words at both are told. */
const WORD_ROOM = 118
/** px from the moment it is within which no hour is written. */
const NOW_ROOM = 48
/** s a task is moved by at least: nobody plans to the minute. */
export const STEP = 300

/** The day in lanes: people above, things below; the hour asked for, the hour it is ready, and now. A task is dragged, or moved by the arrow keys. */
export function Lanes(props: LanesProps) {
  const { plan, people, things, first, by, now, zoom, onHold, onPut } = props
  const time = useTime()
  const [box, size] = useSize<HTMLDivElement>({ width: 960, height: 0 })
  const [held, setHeld] = useState<string | null>(null)
  const drag = useRef<{ readonly p: Placed; readonly x: number } | null>(null)
  const rows = [...people, ...things]
  const last = Math.max(by, plan.end, ...plan.placed.filter((p) => !plan.late.includes(p.block)).map((p) => p.end))
  const width = Math.max(620, size?.width ?? 0) * zoom
  const height = TOP + rows.length * ROW + 4
  const x = linear([0, last + HOUR / 2], [6, width - 6])
  const apart = [0.25, 0.5, 1, 2, 4, 8].find((h) => x(h * HOUR) - x(0) >= HOUR_ROOM) ?? 12
  const marks = Array.from({ length: Math.floor(last / HOUR / apart) + 1 }, (_, i) => i * apart * HOUR)
  const clock = (s: number): string => time(first + 1000 * s, 'clock')
  const isNow = now > 0 && now < last
  const movedTo = (p: Placed, px: number): number =>
    Math.max(0, Math.round((p.start + (px * (last + HOUR / 2)) / (width - 12)) / STEP) * STEP)
  const letGo = (): void => {
    drag.current = null
    setHeld(null)
    onHold(null)
  }
  const lines = [
    { at: by, word: `wanted by ${clock(by)}`, look: 'stroke-angelica', text: 'fill-angelica', dash: '5 4' },
    { at: plan.end, word: `ready ${clock(plan.end)}`, look: 'stroke-ink', text: 'fill-ink', dash: undefined },
  ].sort((a, b) => a.at - b.at)
  return (
    <div className="flex">
      <ul className="w-[124px] shrink-0 text-small" style={{ paddingTop: TOP }} aria-hidden>
        {rows.map((r, i) => (
          <li
            key={r.id}
            style={{ height: ROW }}
            className={`content-center truncate pr-2 ${i < people.length ? 'font-semibold' : 'text-muted'}`}
          >
            {r.name}
          </li>
        ))}
      </ul>
      <div ref={box} className="min-w-0 flex-1 overflow-x-auto" data-scrolls>
        {/* biome-ignore lint/a11y/useSemanticElements: a group within a drawing has no element of its own */}
        <svg
          width={width}
          height={height}
          role="group"
          aria-label={`The day in lanes. Ready ${clock(plan.end)}, wanted by ${clock(by)}.`}
          className="block touch-pan-x select-none"
          onPointerMove={(e) => {
            const d = drag.current
            if (!d || Math.abs(e.clientX - d.x) < 4) return
            setHeld(d.p.task.id)
            onHold({ id: d.p.task.id, at: movedTo(d.p, e.clientX - d.x) })
          }}
          onPointerUp={(e) => {
            const d = drag.current
            if (d && held) onPut(d.p.task.id, movedTo(d.p, e.clientX - d.x))
            letGo()
          }}
          onPointerCancel={letGo}
        >
          {marks.map((at) => (
            <g key={at}>
              <line x1={x(at)} x2={x(at)} y1={TOP - 4} y2={height} className="stroke-line" />
              {/* an hour gives way to the moment it is */}
              {!(isNow && Math.abs(x(at) - x(now)) < NOW_ROOM) && (
                <text
                  x={x(at)}
                  y={14}
                  textAnchor={at === 0 ? 'start' : 'middle'}
                  className="figures fill-muted text-fine"
                >
                  {clock(at)}
                </text>
              )}
            </g>
          ))}
          {rows.map((r, i) => (
            <line
              key={r.id}
              x1={0}
              x2={width}
              y1={TOP + (i + 1) * ROW}
              y2={TOP + (i + 1) * ROW}
              className="stroke-line"
            />
          ))}
          <g transform={`translate(0 ${TOP})`}>
            <LaneBars
              {...props}
              x={x}
              last={last}
              clock={clock}
              held={held}
              onGrab={(p, at) => {
                drag.current = { p, x: at }
              }}
            />
            <g transform={`translate(0 ${people.length * ROW})`}>
              <LaneThings {...props} x={x} last={last} clock={clock} />
            </g>
          </g>
          {lines.map(({ at, word, look, text, dash }, i) => (
            <g key={word}>
              <line
                x1={x(at)}
                x2={x(at)}
                y1={TOP - 8}
                y2={height}
                className={look}
                strokeWidth={2.5}
                strokeDasharray={dash}
              />
              {/* the earlier one's word lies to its left, so that the two never meet */}
              <text
                x={x(at) + (i === 0 ? 4 : at > 0.85 * last ? 4 : -4)}
                y={TOP - 13}
                textAnchor={i === 0 || at > 0.85 * last ? 'end' : 'start'}
                className={`text-fine font-semibold ${text}`}
              >
                {i === 1 && x(at) - x(lines[0]?.at ?? 0) < WORD_ROOM ? '' : word}
              </text>
            </g>
          ))}
          {isNow && (
            <g>
              <line x1={x(now)} x2={x(now)} y1={18} y2={height} className="stroke-cherry" strokeWidth={2} />
              <rect x={x(now) - 24} y={0} width={48} height={20} rx={10} className="fill-cherry" />
              <text x={x(now)} y={14} textAnchor="middle" className="figures fill-on-fill text-fine font-semibold">
                {clock(now)}
              </text>
            </g>
          )}
        </svg>
      </div>
    </div>
  )
}

/** What a bar says when it is pointed at or read out. */
export const sayBar = (
  p: Placed,
  names: LanesProps['names'],
  clock: (s: number) => string,
  pinned: number | undefined,
): string =>
  `${names[p.block] ?? p.task.item}: ${taskName(p.task)}, ${clock(p.start)} to ${clock(p.end)}, ${formatSpan(p.end - p.start)}${pinned === undefined ? '' : `, put at ${clock(pinned)} by hand`}`
