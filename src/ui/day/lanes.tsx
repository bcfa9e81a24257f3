'use client'

import type { DayPlan, Placed } from '@/core'
import { linear } from '@/ui/chart/scale'
import { useTime } from '@/ui/shell/preferences'
import { taskName } from '@/words'

interface Props {
  readonly plan: DayPlan
  readonly people: readonly { readonly id: string; readonly name: string }[]
  readonly things: readonly { readonly id: string; readonly name: string }[]
  readonly names: Readonly<Record<string, string>>
  /** The moment of the first hour, ms; s to the hour asked for, and to now. */
  readonly first: number
  readonly by: number
  readonly now: number
  /** Tasks that are under way or over. */
  readonly done: ReadonlySet<string>
}

const ROW = 30
const LEFT = 148
const TOP = 34
const WIDTH = 1100
const HOUR = 3600
/** Hours that have room to be named. */
const MOST_HOURS = 14
/** px below which a bar has no room for its word. */
const ROOM = 46

/** What a bar is, by shape, colour and word: on the heat, hands, waiting. */
const looks: Readonly<
  Record<Placed['task']['kind'], { readonly fill: string; readonly text: string; readonly radius: number }>
> = {
  ready: { fill: 'fill-line', text: 'fill-ink', radius: 12 },
  cook: { fill: 'fill-cherry/70', text: 'fill-on-fill', radius: 3 },
  pull: { fill: 'fill-cherry', text: 'fill-on-fill', radius: 3 },
  work: { fill: 'fill-bar', text: 'fill-on-bar', radius: 8 },
  wash: { fill: 'fill-muted', text: 'fill-on-bar', radius: 12 },
}

/** The day in lanes: people above, things below; the hour asked for, the hour it is ready, and now. */
export function Lanes({ plan, people, things, names, first, by, now, done }: Props) {
  const time = useTime()
  const rows = [...people, ...things]
  const last = Math.max(by, plan.end, ...plan.placed.filter((p) => !plan.late.includes(p.block)).map((p) => p.end))
  const height = TOP + rows.length * ROW + 8
  const x = linear([0, last + HOUR / 3], [LEFT, WIDTH - 8])
  const row = (i: number): number => TOP + i * ROW
  const apart = Math.max(1, Math.ceil(last / HOUR / MOST_HOURS))
  const hours = Array.from({ length: Math.floor(last / HOUR / apart) + 1 }, (_, i) => i * apart * HOUR)
  const clock = (s: number): string => time(first + 1000 * s, 'clock')
  const nameOf = (p: Placed): string => `${names[p.task.item] ?? p.task.item}: ${taskName(p.task)}`
  return (
    <div className="overflow-x-auto" data-scrolls>
      <svg
        viewBox={`0 0 ${WIDTH} ${height}`}
        className="min-w-[900px]"
        role="img"
        aria-label={`The day in lanes. Ready ${clock(plan.end)}, wanted by ${clock(by)}.`}
      >
        {hours.map((at) => (
          <g key={at}>
            <line x1={x(at)} x2={x(at)} y1={TOP - 6} y2={height} className="stroke-line" />
            <text x={x(at)} y={18} textAnchor="middle" className="figures fill-muted text-fine">
              {clock(at)}
            </text>
          </g>
        ))}
        {rows.map((r, i) => (
          <g key={r.id}>
            <line x1={LEFT} x2={WIDTH - 8} y1={row(i) + ROW} y2={row(i) + ROW} className="stroke-line" />
            <text
              x={0}
              y={row(i) + ROW / 2}
              dy="0.35em"
              className={`text-small ${i < people.length ? 'fill-ink font-semibold' : 'fill-muted'}`}
            >
              {r.name}
            </text>
          </g>
        ))}
        {plan.placed.map((p) => {
          const i = people.findIndex((r) => r.id === p.person)
          if (i < 0 || p.start > last) return null
          const { fill, text, radius } = looks[p.task.kind]
          const width = Math.max(4, x(p.end) - x(p.start) - 2)
          // of two pots minded at once each takes half of the lane
          const half = p.task.attention === 'half'
          const beside = plan.placed.some(
            (o) => o !== p && o.person === p.person && o.start < p.end && o.end > p.start && o.start <= p.start,
          )
          const top = row(i) + 5 + (half && beside ? (ROW - 10) / 2 : 0)
          const tall = half ? (ROW - 12) / 2 : ROW - 10
          const word = taskName(p.task)
          return (
            <g key={p.task.id} opacity={done.has(p.task.id) ? 0.45 : 1}>
              <title>{`${nameOf(p)}, ${clock(p.start)} to ${clock(p.end)}`}</title>
              <rect
                x={x(p.start)}
                y={top}
                width={width}
                height={tall}
                rx={Math.min(radius, width / 4)}
                className={fill}
              />
              {!half && width > ROOM + word.length * 2 && (
                <text x={x(p.start) + 7} y={top + tall / 2} dy="0.35em" className={`text-fine font-semibold ${text}`}>
                  {word.length * 7.4 < width - 10
                    ? word
                    : `${word.slice(0, Math.max(3, Math.floor(width / 7.4) - 2))}…`}
                </text>
              )}
            </g>
          )
        })}
        {plan.held.map((h) => {
          const i = things.findIndex((r) => r.id === h.thing)
          if (i < 0 || h.start > last) return null
          const ring = h.thing.startsWith('ring')
          // of several alike each lies on a line of its own
          const alike = plan.held.filter((o) => o.thing === h.thing && o.start < h.end && o.end > h.start)
          const slots = Math.max(
            1,
            ...alike.map((a) => alike.filter((o) => o.start <= a.start && o.end > a.start).length),
          )
          const slot = alike.filter((o) => o !== h && o.start <= h.start && o.end > h.start).length % slots
          const tall = (ROW - 8) / slots
          const y = row(people.length + i) + 4 + slot * tall
          const width = Math.max(4, x(Math.min(h.end, last)) - x(h.start) - 2)
          const name = names[h.block.split(' ')[0] ?? ''] ?? ''
          return (
            <g key={`${h.block} ${h.thing}`}>
              <title>{`${name} on the ${things[i]?.name}, ${clock(h.start)} to ${clock(h.end)}`}</title>
              <rect
                x={x(h.start)}
                y={y}
                width={width}
                height={tall - 1}
                rx={Math.min(ring ? 3 : 10, width / 4, tall / 2)}
                className={ring ? 'fill-cherry' : h.thing.startsWith('pot') ? 'fill-muted/50' : 'fill-lemon'}
              />
              {width > 60 && slots === 1 && (
                <text
                  x={x(h.start) + 8}
                  y={y + tall / 2}
                  dy="0.35em"
                  className={`text-fine font-semibold ${ring ? 'fill-on-fill' : h.thing.startsWith('pot') ? 'fill-ink' : 'fill-on-lemon'}`}
                >
                  {name.length * 7.6 < width ? name : `${name.slice(0, Math.floor(width / 7.6) - 2)}…`}
                </text>
              )}
            </g>
          )
        })}
        <line
          x1={x(by)}
          x2={x(by)}
          y1={TOP - 8}
          y2={height}
          className="stroke-angelica"
          strokeWidth={3}
          strokeDasharray="5 4"
        />
        <line x1={x(plan.end)} x2={x(plan.end)} y1={TOP - 8} y2={height} className="stroke-ink" strokeWidth={2} />
        {now > 0 && now < last && (
          <line x1={x(now)} x2={x(now)} y1={TOP - 8} y2={height} className="stroke-cherry" strokeWidth={2} />
        )}
      </svg>
    </div>
  )
}
