'use client'

import { useState } from 'react'
import type { KitchenFacts, KitchenView } from '@/contract/kitchen'
import { pressureIn } from '@/contract/kitchen-figures'
import { bathTemperature, inCelsius, inCelsiusStep, type ThermometerCheck } from '@/core'
import { Button } from '@/ui/kit/button'
import { NumberField } from '@/ui/kit/number-field'
import { Segments } from '@/ui/kit/segments'
import { Select } from '@/ui/kit/select'
import { useSay, useTime } from '@/ui/shell/preferences'
import { thermometerSaid } from './said'
import { useThings } from './use-things'

interface Props {
  readonly id: string
  readonly facts: KitchenFacts<'thermometer'>
  readonly rooms: KitchenView['room']
  readonly channels: KitchenView['channels']
}

/** ◊ Further off than this, °C, it is the wrong bath rather than the thermometer. */
const FARTHEST = 15

/** Checks of a thermometer in ice and in boiling water, and what they come to. */
export function CheckPanel({ id, facts, rooms, channels }: Props) {
  const say = useSay()
  const time = useTime()
  const { keep } = useThings()
  const [bath, setBath] = useState<'ice' | 'boil'>('boil')
  const [room, setRoom] = useState(rooms[0]?.id ?? '')
  const [reads, setReads] = useState<number | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const chosen = rooms.find((r) => r.id === room)
  const pressurePa = chosen ? pressureIn(chosen) : 101_325
  const check: ThermometerCheck = { day: 0, bath, reads: 0, pressurePa }
  const add = async (): Promise<void> => {
    if (reads === null) return setProblem('What it shows, as a number')
    if (Math.abs(reads - bathTemperature(check)) > FARTHEST)
      return setProblem(
        `That is more than ${say.step(inCelsiusStep(FARTHEST))} off: is it in the right bath, and deep enough?`,
      )
    setProblem(null)
    try {
      await keep('thermometer', id, {
        ...facts,
        checks: [...facts.checks, { at: new Date().toISOString(), bath, reads, pressurePa }],
      })
      setReads(null)
    } catch (error) {
      setProblem((error as Error).message)
    }
  }
  return (
    <section aria-labelledby="checks" className="rounded-control bg-marble p-4 [--box:var(--sheet)]">
      <h3 id="checks" className="casual text-title font-bold">
        {thermometerSaid(facts, say, Date.now())}
      </h3>
      <p className="text-small text-muted">
        {facts.channel
          ? `Reports on ${channels.find((c) => c.id === facts.channel)?.name ?? facts.channel}.`
          : 'Read by eye.'}{' '}
        Stir the bath, keep the tip off the pot, wait until it stands still.
      </p>
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <Segments
          label="Bath"
          options={[
            { id: 'boil', label: 'Boiling water' },
            { id: 'ice', label: 'Ice water' },
          ]}
          value={bath}
          onPick={setBath}
        />
        {bath === 'boil' && (
          <Select
            hiddenLabel
            label="Room"
            value={room}
            options={rooms.map((r) => ({ id: r.id, label: r.name }))}
            onPick={setRoom}
          />
        )}
      </div>
      <div className="mt-3 flex items-end gap-3">
        <NumberField
          label={`The bath is ${say.fine(inCelsius(bathTemperature(check)))}. It shows`}
          as="temperature"
          value={reads}
          least={-20}
          most={130}
          onValue={setReads}
          onEmpty={() => setReads(null)}
          onInvalid={() => setReads(null)}
          className="mb-0 flex-1"
        />
        <Button look="primary" onClick={add}>
          Note this check
        </Button>
      </div>
      {problem && (
        <p role="alert" className="mt-2 text-small text-cherry">
          {problem}
        </p>
      )}
      {facts.checks.length > 0 && (
        <ul className="mt-3 text-small text-muted">
          {facts.checks
            .toSorted((a, b) => b.at.localeCompare(a.at))
            .slice(0, 6)
            .map((c) => (
              <li key={`${c.at}${c.bath}`} className="figures">
                {time(c.at, 'date')} · {c.bath === 'ice' ? 'ice' : 'boil'} · {say.fine(inCelsius(c.reads))}
              </li>
            ))}
        </ul>
      )}
    </section>
  )
}
