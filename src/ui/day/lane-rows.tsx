'use client'

import type { KeyboardEvent } from 'react'
import type { Held, Placed } from '@/core'
import { formatSpan, taskName } from '@/words'
import { type LanesProps, STEP, sayBar } from './lanes'

export const ROW = 30
/** px below which a bar has no room for its word, and px a letter takes. */
const ROOM = 46
const LETTER = 7.4

interface RowProps extends LanesProps {
  readonly last: number
  x(s: number): number
  clock(s: number): string
}

/** What a bar is, by shape, colour and word: on the heat, hands, getting ready and washing up. */
const looks: Readonly<
  Record<Placed['task']['kind'], { readonly fill: string; readonly text: string; readonly radius: number }>
> = {
  ready: { fill: 'fill-line', text: 'fill-ink', radius: 12 },
  cook: { fill: 'fill-cherry/70', text: 'fill-on-fill', radius: 3 },
  pull: { fill: 'fill-cherry', text: 'fill-on-fill', radius: 3 },
  work: { fill: 'fill-bar', text: 'fill-on-bar', radius: 8 },
  wash: { fill: 'fill-muted', text: 'fill-on-bar', radius: 12 },
}

/** As much of a word as a bar has room for; nothing where that says nothing. */
function fitting(word: string, width: number): string {
  if (width < ROOM) return ''
  if (word.length * LETTER < width - 10) return word
  const room = Math.floor((width - 10) / LETTER) - 1
  return room < 3 ? '' : `${word.slice(0, room)}…`
}

interface BarsProps extends RowProps {
  readonly held: string | null
  onGrab(p: Placed, clientX: number): void
}

/** The lanes of people: what each does when. */
export function LaneBars(props: BarsProps) {
  const { plan, people, last, x, clock, begun, done, pins, names, held, onGrab, onPut, onHold } = props
  return plan.placed.map((p) => {
    const i = people.findIndex((r) => r.id === p.person)
    if (i < 0 || p.start > last) return null
    const { fill, text, radius } = looks[p.task.kind]
    const width = Math.max(4, x(p.end) - x(p.start) - 2)
    // of two pots minded at once each takes half of the lane
    const half = p.task.attention === 'half'
    const beside = plan.placed.some(
      (o) => o !== p && o.person === p.person && o.start < p.end && o.end > p.start && o.start <= p.start,
    )
    const top = i * ROW + 5 + (half && beside ? (ROW - 10) / 2 : 0)
    const tall = half ? (ROW - 12) / 2 : ROW - 10
    const movable = !begun.has(p.task.id)
    const pinned = pins[p.task.id]
    const onKey = (e: KeyboardEvent): void => {
      const step = { ArrowLeft: -STEP, ArrowRight: STEP }[e.key]
      if (step) onPut(p.task.id, Math.max(0, (pinned ?? Math.round(p.start / STEP) * STEP) + step))
      else if (e.key === 'Delete' || e.key === 'Backspace') onPut(p.task.id, null)
      else if (e.key === 'Escape') onHold(null)
      else return
      e.preventDefault()
    }
    return (
      // biome-ignore lint/a11y/useSemanticElements: a bar of a drawing is no HTML button
      <g
        key={p.task.id}
        role="button"
        aria-disabled={!movable}
        aria-label={sayBar(p, names, clock, pinned)}
        tabIndex={0}
        opacity={done.has(p.task.id) ? 0.45 : 1}
        className={`outline-none [&:focus-visible>rect]:stroke-cherry [&:focus-visible>rect]:[stroke-width:3] ${movable ? 'cursor-grab' : ''}`}
        onPointerDown={(e) => movable && onGrab(p, e.clientX)}
        onKeyDown={movable ? onKey : undefined}
      >
        <title>{sayBar(p, names, clock, pinned)}</title>
        {movable && <WindowOf p={p} {...props} top={i * ROW} />}
        <rect
          x={x(p.start)}
          y={top}
          width={width}
          height={tall}
          rx={Math.min(radius, width / 4)}
          className={`${fill} ${held === p.task.id ? 'stroke-ink' : ''}`}
          strokeWidth={2}
        />
        {pinned !== undefined && <circle cx={x(p.start) + 1} cy={top + 1} r={4} className="fill-lemon stroke-ink" />}
        {!half && (
          <text x={x(p.start) + 7} y={top + tall / 2} dy="0.35em" className={`text-fine font-semibold ${text}`}>
            {fitting(taskName(p.task), width)}
          </text>
        )}
      </g>
    )
  })
}

/** ◊ s of a window that is worth drawing: one of half a day holds nobody up. */
const WIDE = 3 * 3600

/** Between which moments a task may be done, as a band that fades at its edges. */
function WindowOf({ p, plan, x, top }: RowProps & { readonly p: Placed; readonly top: number }) {
  const before = (id: string): number | undefined => plan.placed.find((o) => o.task.id === id)?.end
  const opens = Math.max(...p.task.after.map((l) => (before(l.task) ?? Number.NEGATIVE_INFINITY) + l.least))
  const closes = Math.min(...p.task.after.map((l) => (before(l.task) ?? Number.POSITIVE_INFINITY) + l.most))
  if (p.task.kind !== 'work' || !Number.isFinite(closes) || closes - opens > WIDE || closes - opens < STEP) return null
  const [from, to] = [x(opens), x(closes + p.task.seconds)]
  return [0, 1, 2].map((i) => (
    <rect
      key={i}
      x={from + 2 * i}
      y={top + ROW - 5}
      width={Math.max(2, to - from - 4 * i)}
      height={4}
      rx={2}
      className="fill-slab/40"
    />
  ))
}

/** The lanes of things: what is on each when, and how long a sweet waits in it. */
export function LaneThings({ plan, things, names, last, x, clock }: RowProps) {
  return plan.held.map((h) => {
    const i = things.findIndex((r) => r.id === h.thing)
    if (i < 0 || h.start > last) return null
    const { slots, slot } = slotOf(h, plan.held)
    const tall = (ROW - 8) / slots
    const y = i * ROW + 4 + slot * tall
    const width = Math.max(4, x(Math.min(h.end, last)) - x(h.start) - 2)
    const name = names[h.block] ?? ''
    const look = lookOf(h.thing)
    const word = look.waits ? `${name} ${formatSpan(h.end - h.start)}` : name
    return (
      <g key={`${h.block} ${h.thing} ${h.start}`}>
        <title>{`${name} on the ${things[i]?.name}, ${clock(h.start)} to ${clock(h.end)}`}</title>
        <rect
          x={x(h.start)}
          y={y}
          width={width}
          height={tall - 1}
          rx={Math.min(look.radius, width / 4, tall / 2)}
          className={look.fill}
        />
        {slots === 1 && (
          <text x={x(h.start) + 8} y={y + tall / 2} dy="0.35em" className={`text-fine font-semibold ${look.text}`}>
            {fitting(word, width)}
          </text>
        )}
      </g>
    )
  })
}

/** On the heat, taken, or waiting. */
function lookOf(thing: string): { fill: string; text: string; radius: number; waits: boolean } {
  if (thing.startsWith('ring')) return { fill: 'fill-cherry', text: 'fill-on-fill', radius: 3, waits: false }
  if (thing.startsWith('vessel') || thing === 'station fridge')
    return { fill: 'fill-slab-wash', text: 'fill-on-lemon', radius: 10, waits: true }
  return { fill: 'fill-muted/50', text: 'fill-ink', radius: 10, waits: false }
}

/** Of several alike each lies on a line of its own: how many lines, and which. */
function slotOf(h: Held, all: readonly Held[]): { slots: number; slot: number } {
  const alike = all.filter((o) => o.thing === h.thing && o.start < h.end && o.end > h.start)
  const slots = Math.max(1, ...alike.map((a) => alike.filter((o) => o.start <= a.start && o.end > a.start).length))
  return { slots, slot: alike.filter((o) => o !== h && o.start <= h.start && o.end > h.start).length % slots }
}
