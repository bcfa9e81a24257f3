'use client'

import { X } from 'lucide-react'
import { type Cook, cooks, MOST_BREAKS } from '@/contract/choices'
import type { Day } from '@/contract/day'
import { Checkbox } from '@/ui/kit/checkbox'
import { Segments } from '@/ui/kit/segments'
import { Select } from '@/ui/kit/select'
import { cookNames } from '@/words'

/** The half hours a kitchen works in. */
export const HOURS = Array.from({ length: 38 }, (_, i) => {
  const half = i + 8
  return `${String(Math.floor(half / 2)).padStart(2, '0')}:${half % 2 ? '30' : '00'}`
})

/** What a cook may do. */
const SKILLS = [
  { id: 'ready', label: 'gets ready' },
  { id: 'cook', label: 'at the pot' },
  { id: 'work', label: 'after the pour' },
  { id: 'wash', label: 'washes' },
] as const

interface Props {
  readonly day: Day
  onDay(next: Day): void
}

/** Who is there, what each does, and when each is not there: a break, a late start, an early end. Half an hour a break. */
export function Cooks({ day, onDay }: Props) {
  const set = (cook: Cook, breaks: [string, string][]): void => onDay({ ...day, away: { ...day.away, [cook]: breaks } })
  return (
    <div className="flex flex-col gap-3">
      <Segments
        label="How many cooks"
        options={cooks.map((_, i) => ({ id: String(i + 1), label: ['One', 'Two', 'Three'][i] ?? '' }))}
        value={String(day.cooks)}
        onPick={(n) => onDay({ ...day, cooks: Number(n) })}
      />
      {cooks.slice(0, day.cooks).map((cook) => {
        const breaks = day.away[cook] ?? []
        return (
          <section key={cook} aria-label={cookNames[cook]} className="border-t border-line pt-2">
            <h3 className="text-body font-semibold">{cookNames[cook]}</h3>
            <div className="flex flex-wrap gap-x-4">
              {SKILLS.map(({ id, label }) => {
                const spared = day.spared[cook] ?? []
                return (
                  <Checkbox
                    key={id}
                    checked={!spared.includes(id)}
                    className="min-h-10"
                    onChange={(on) =>
                      onDay({
                        ...day,
                        spared: { ...day.spared, [cook]: on ? spared.filter((k) => k !== id) : [...spared, id] },
                      })
                    }
                  >
                    {label}
                  </Checkbox>
                )
              })}
            </div>
            <ul className="text-body">
              {breaks.map((b, i) => (
                <li key={b[0]} className="flex items-center justify-between">
                  <span>
                    away {b[0]} to {b[1]}
                  </span>
                  <button
                    type="button"
                    aria-label={`Take out the break at ${b[0]}`}
                    onClick={() =>
                      set(
                        cook,
                        breaks.filter((_, k) => k !== i),
                      )
                    }
                    className="grid size-10 place-items-center rounded-control hover:bg-marble"
                  >
                    <X size={16} aria-hidden />
                  </button>
                </li>
              ))}
            </ul>
            {breaks.length < MOST_BREAKS && (
              <Select
                hiddenLabel
                label={`A break for the ${(cookNames[cook] ?? cook).toLowerCase()}`}
                value=""
                options={[
                  { id: '', label: 'A break at …' },
                  ...HOURS.slice(0, -1)
                    .filter((h) => h >= day.from && h < day.by && !breaks.some((b) => b[0] === h))
                    .map((h) => ({ id: h, label: h })),
                ]}
                onPick={(from) => {
                  const to = HOURS[HOURS.indexOf(from) + 1]
                  if (to)
                    set(
                      cook,
                      [...breaks, [from, to] as [string, string]].sort((a, b) => a[0].localeCompare(b[0])),
                    )
                }}
              />
            )}
          </section>
        )
      })}
    </div>
  )
}
