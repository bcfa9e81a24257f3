'use client'

import { format } from 'date-fns'
import { useState } from 'react'
import { type KitchenFacts, type KitchenView, pressureIn } from '@/contract/kitchen'
import { bathTemperature, readNumber, type ThermometerCheck, toCelsius } from '@/core'
import { Box } from '@/ui/kit/box'
import { Button } from '@/ui/kit/button'
import { Tabs } from '@/ui/kit/tabs'
import { useTemperature } from '@/ui/shell/preferences'
import { thermometerSaid } from './said'
import { useThings } from './use-things'

interface Props {
  readonly id: string
  readonly facts: KitchenFacts<'thermometer'>
  readonly rooms: KitchenView['room']
  readonly channels: KitchenView['channels']
}

/** Checks of a thermometer in ice and in boiling water, and what they come to. */
export function CheckPanel({ id, facts, rooms, channels }: Props) {
  const t = useTemperature()
  const { keep } = useThings()
  const [bath, setBath] = useState<'ice' | 'boil'>('boil')
  const [room, setRoom] = useState(rooms[0]?.id ?? '')
  const [reads, setReads] = useState('')
  const [problem, setProblem] = useState<string | undefined>()
  const chosen = rooms.find((r) => r.id === room)
  const pressurePa = chosen ? pressureIn(chosen) : 101_325
  const check: ThermometerCheck = { day: 0, bath, reads: 0, pressurePa }
  const add = async (): Promise<void> => {
    const typed = readNumber(reads)
    if (!Number.isFinite(typed)) return setProblem('What it shows, as a number')
    const celsius = t.unit === 'F' ? toCelsius(typed) : typed
    if (Math.abs(celsius - bathTemperature(check)) > 15)
      return setProblem('That is more than 15° off: is it in the right bath, and deep enough?')
    setProblem(undefined)
    try {
      await keep('thermometer', id, {
        ...facts,
        checks: [...facts.checks, { at: new Date().toISOString(), bath, reads: celsius, pressurePa }],
      })
      setReads('')
    } catch (error) {
      setProblem((error as Error).message)
    }
  }
  return (
    <section aria-labelledby="checks" className="rounded-control bg-marble p-4 [--box:var(--sheet)]">
      <h3 id="checks" className="casual text-[18px] font-bold">
        {thermometerSaid(facts, t, Date.now())}
      </h3>
      <p className="text-[14px] text-muted">
        {facts.channel
          ? `Reports on ${channels.find((c) => c.id === facts.channel)?.name ?? facts.channel}.`
          : 'Read by eye.'}{' '}
        Stir the bath, keep the tip off the pot, wait until it stands still.
      </p>
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <Tabs
          label="Bath"
          options={[
            { id: 'boil', label: 'Boiling water' },
            { id: 'ice', label: 'Ice water' },
          ]}
          value={bath}
          onPick={setBath}
        />
        {bath === 'boil' && (
          <label className="text-[14px] text-muted">
            <span className="sr-only">Room</span>
            <select
              value={room}
              onChange={(e) => setRoom(e.target.value)}
              className="min-h-12 rounded-control border border-line bg-sheet px-3 text-[16px] text-ink"
            >
              {rooms.map((r) => (
                <option key={r.id} value={r.id}>
                  {r.name}
                </option>
              ))}
            </select>
          </label>
        )}
      </div>
      <div className="mt-3 flex items-end gap-3">
        <Box
          label={`The bath is ${t.step(bathTemperature(check))}°. It shows`}
          unit={`°${t.unit}`}
          inputMode="decimal"
          value={reads}
          problem={problem}
          onChange={(e) => setReads(e.target.value)}
          className="flex-1"
        />
        <Button look="primary" onClick={add}>
          Note this check
        </Button>
      </div>
      {facts.checks.length > 0 && (
        <ul className="mt-3 text-[14px] text-muted">
          {facts.checks
            .toSorted((a, b) => b.at.localeCompare(a.at))
            .slice(0, 6)
            .map((c) => (
              <li key={`${c.at}${c.bath}`} className="figures">
                {format(new Date(c.at), 'd MMM yyyy')} · {c.bath === 'ice' ? 'ice' : 'boil'} · {t.step(c.reads)}°
              </li>
            ))}
        </ul>
      )}
    </section>
  )
}
