'use client'

import { useState } from 'react'
import type { KitchenFacts, KitchenView } from '@/contract/kitchen'
import { inCelsius, wattsFromWater } from '@/core'
import { Button } from '@/ui/kit/button'
import { NumberField } from '@/ui/kit/number-field'
import { Select } from '@/ui/kit/select'
import { useSay } from '@/ui/shell/preferences'
import { formatCount } from '@/words'
import { useThings } from './use-things'

interface Props {
  readonly id: string
  readonly facts: KitchenFacts<'burner'>
  readonly pots: KitchenView['pot']
  readonly roomC: number
}

/** Water warmed by the clock at full heat, and the watts that come of it. */
export function PowerPanel({ id, facts, pots, roomC }: Props) {
  const say = useSay()
  const { keep } = useThings()
  const [pot, setPot] = useState(pots[0]?.id ?? '')
  const [waterGrams, setWater] = useState<number | null>(2000)
  const [fromC, setFrom] = useState<number | null>(null)
  const [toC, setTo] = useState<number | null>(null)
  const [seconds, setSeconds] = useState<number | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const test =
    waterGrams === null || fromC === null || toC === null || seconds === null
      ? null
      : { waterGrams, fromC, toC, seconds, roomC }
  const chosen = pots.find((p) => p.id === pot)
  const watts = ((): number | string => {
    if (!chosen || !test) return 'Fill in all of it and the watts appear.'
    try {
      return wattsFromWater(test, chosen)
    } catch (error) {
      return (error as Error).message
    }
  })()
  const save = async (): Promise<void> => {
    if (typeof watts === 'string' || !test) return setProblem('All of it has to be known first.')
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
      <h3 id="power" className="casual text-title font-bold">
        Measure it with water
      </h3>
      <p className="text-small text-muted">
        A weighed pot of cold water, lid on, full heat; start the clock at one temperature, stop it at another below{' '}
        {say.temperature(inCelsius(95))}.
      </p>
      <div className="mt-3 grid grid-cols-2 gap-3 sm:grid-cols-3">
        <Select label="Pot" value={pot} options={pots.map((p) => ({ id: p.id, label: p.name }))} onPick={setPot} />
        <NumberField
          label="Water"
          as="weight"
          value={waterGrams}
          most={50_000}
          onValue={setWater}
          onEmpty={() => setWater(null)}
          onInvalid={() => setWater(null)}
        />
        <NumberField
          label="From"
          as="temperature"
          value={fromC}
          most={90}
          onValue={setFrom}
          onEmpty={() => setFrom(null)}
          onInvalid={() => setFrom(null)}
        />
        <NumberField
          label="To"
          as="temperature"
          value={toC}
          most={95}
          onValue={setTo}
          onEmpty={() => setTo(null)}
          onInvalid={() => setTo(null)}
        />
        <NumberField
          label="It took"
          as="minutes"
          value={seconds}
          most={7200}
          onValue={setSeconds}
          onEmpty={() => setSeconds(null)}
          onInvalid={() => setSeconds(null)}
        />
      </div>
      <div className="mt-3 flex flex-wrap items-center justify-between gap-3">
        <p className="text-main" aria-live="polite">
          {typeof watts === 'string' ? (
            <span className="text-muted">{watts}</span>
          ) : (
            <>
              <strong className="figures text-head">{formatCount(watts)} W</strong> into the pot at full heat
            </>
          )}
        </p>
        <Button look="primary" onClick={save}>
          Use this
        </Button>
      </div>
      {problem && (
        <p role="alert" className="mt-2 text-small text-cherry">
          {problem}
        </p>
      )}
    </section>
  )
}
