'use client'

import { useState } from 'react'
import type { KitchenFacts, KitchenView } from '@/contract/kitchen'
import { formatCount, readNumber, toCelsius, wattsFromWater } from '@/core'
import { Box } from '@/ui/kit/box'
import { Button } from '@/ui/kit/button'
import { useTemperature } from '@/ui/shell/preferences'
import { useThings } from './use-things'

interface Props {
  readonly id: string
  readonly facts: KitchenFacts<'burner'>
  readonly pots: KitchenView['pot']
  readonly roomC: number
}

/** Water warmed by the clock at full heat, and the watts that come of it. */
export function PowerPanel({ id, facts, pots, roomC }: Props) {
  const t = useTemperature()
  const { keep } = useThings()
  const [pot, setPot] = useState(pots[0]?.id ?? '')
  const [water, setWater] = useState('2000')
  const [from, setFrom] = useState('')
  const [to, setTo] = useState('')
  const [minutes, setMinutes] = useState('')
  const [seconds, setSeconds] = useState('0')
  const [problem, setProblem] = useState<string | null>(null)
  const celsius = (text: string): number => (t.unit === 'F' ? toCelsius(readNumber(text)) : readNumber(text))
  const test = {
    waterGrams: readNumber(water),
    fromC: celsius(from),
    toC: celsius(to),
    seconds: 60 * readNumber(minutes) + (readNumber(seconds) || 0),
    roomC,
  }
  const chosen = pots.find((p) => p.id === pot)
  const watts = ((): number | string => {
    if (!chosen || Object.values(test).some(Number.isNaN)) return 'Fill in all of it and the watts appear.'
    try {
      return wattsFromWater(test, chosen)
    } catch (error) {
      return (error as Error).message
    }
  })()
  const save = async (): Promise<void> => {
    if (typeof watts === 'string') return
    const rated = Math.max(facts.watts, Math.ceil(watts))
    try {
      await keep('burner', id, {
        ...facts,
        watts: rated,
        efficiency: watts / rated,
        tests: [...facts.tests, { ...test, at: new Date().toISOString(), pot }],
      })
      setProblem(null)
    } catch (error) {
      setProblem((error as Error).message)
    }
  }
  return (
    <section aria-labelledby="power" className="rounded-control bg-marble p-4 [--box:var(--sheet)]">
      <h3 id="power" className="casual text-[18px] font-bold">
        Measure it with water
      </h3>
      <p className="text-[14px] text-muted">
        A weighed pot of cold water, lid on, full heat; start the clock at one temperature, stop it at another below{' '}
        {t.say(95)}.
      </p>
      <div className="mt-3 grid grid-cols-2 gap-3 sm:grid-cols-3">
        <label className="text-[14px] text-muted">
          <span className="mb-1 block">Pot</span>
          <select
            value={pot}
            onChange={(e) => setPot(e.target.value)}
            className="min-h-12 w-full rounded-control border border-line bg-sheet px-3 text-[16px] text-ink"
          >
            {pots.map((p) => (
              <option key={p.id} value={p.id}>
                {p.name}
              </option>
            ))}
          </select>
        </label>
        <Box label="Water" unit="g" inputMode="decimal" value={water} onChange={(e) => setWater(e.target.value)} />
        <Box
          label="From"
          unit={`°${t.unit}`}
          inputMode="decimal"
          value={from}
          onChange={(e) => setFrom(e.target.value)}
        />
        <Box label="To" unit={`°${t.unit}`} inputMode="decimal" value={to} onChange={(e) => setTo(e.target.value)} />
        <Box
          label="It took"
          unit="min"
          inputMode="decimal"
          value={minutes}
          onChange={(e) => setMinutes(e.target.value)}
        />
        <Box label="and" unit="s" inputMode="decimal" value={seconds} onChange={(e) => setSeconds(e.target.value)} />
      </div>
      <div className="mt-3 flex flex-wrap items-center justify-between gap-3">
        <p className="text-[16px]" aria-live="polite">
          {typeof watts === 'string' ? (
            <span className="text-muted">{watts}</span>
          ) : (
            <>
              <strong className="figures text-[20px]">{formatCount(watts)} W</strong> into the pot at full heat
            </>
          )}
        </p>
        <Button look="primary" disabled={typeof watts === 'string'} onClick={save}>
          Use this
        </Button>
      </div>
      {problem && (
        <p role="alert" className="mt-2 text-[14px] text-cherry">
          {problem}
        </p>
      )}
    </section>
  )
}
