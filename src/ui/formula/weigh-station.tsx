'use client'

import { Scale } from 'lucide-react'
import { useEffect, useMemo, useState } from 'react'
import type { KitchenView } from '@/contract/kitchen'
import { type BatchPlan, type FormulaDocument, inGrams, ingredientIn, nameOfLine, piecesOf, weighsFine } from '@/core'
import { Checkbox } from '@/ui/kit/checkbox'
import { Select } from '@/ui/kit/select'
import { useSay } from '@/ui/shell/preferences'
import { lower, sayDate } from '@/words'
import { useScale } from './use-scale'
import { keepWeighed, weighedOf } from './weighed'

interface Props {
  readonly id: string
  readonly formula: FormulaDocument
  readonly plan: BatchPlan
  readonly kitchen: Pick<KitchenView, 'scales' | 'lot'>
}

/** ◊ Near enough: a hundredth, at least a gram, and standing still for so many s. */
const NEAR = { share: 0.01, grams: 1, still: 1.5 }

/** One ingredient after the other, on a scale that ticks the list by itself; or ticked by hand. */
export function WeighStation({ id, formula, plan, kitchen }: Props) {
  const say = useSay()
  const lines = useMemo(
    () =>
      piecesOf(formula).flatMap((p) =>
        p.formula.lines.map((l) => ({
          id: l.id,
          ingredient: l.ingredient,
          name: nameOfLine(p.formula, l),
          fine: weighsFine(ingredientIn(p.formula, l.ingredient)),
          grams: (plan.grams[l.id] ?? 0) * (plan.boils.find((b) => b.part === p.part)?.share ?? 1),
        })),
      ),
    [formula, plan],
  )
  const [done, setDone] = useState<ReadonlySet<string>>(new Set())
  const [channel, setChannel] = useState<string | null>(null)
  const current = lines.find((l) => !done.has(l.id)) ?? null
  const frame = useScale(channel, channel && current ? Math.round(current.grams * 10) / 10 : null)
  const [tared, setTared] = useState<string | null>(null)
  const near =
    current !== null &&
    frame !== null &&
    Math.abs(frame.grams - current.grams) <= Math.max(NEAR.grams, NEAR.share * current.grams)
  // what lay on the pan for the one before does not count for the next: it has to be tared in between
  useEffect(() => {
    if (current && frame && tared !== current.id && frame.grams < 0.5 * current.grams) setTared(current.id)
  }, [current, frame, tared])
  useEffect(() => {
    if (!current || !frame || !near || tared !== current.id || frame.still < NEAR.still) return
    const before = weighedOf(id, plan.outGrams)
    keepWeighed(id, { ...before, grams: { ...before.grams, [current.id]: frame.grams } })
    setDone((before) => new Set([...before, current.id]))
  }, [id, plan.outGrams, current, frame, near, tared])
  const toggle = (line: string): void =>
    setDone((before) => {
      const after = new Set(before)
      if (!after.delete(line)) after.add(line)
      return after
    })
  const weight = (grams: number, fine: boolean): string =>
    fine ? say.fineWeight(inGrams(grams)) : say.weight(inGrams(grams))
  return (
    <section aria-labelledby="weighing" className="sheet px-5 py-4">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 id="weighing" className="casual text-title font-bold">
          {current ? `Weigh, ${lines.length - done.size} to go` : 'All weighed'}
        </h2>
        {kitchen.scales.map((s) => (
          <button
            key={s.id}
            type="button"
            aria-pressed={channel === s.id}
            onClick={() => setChannel(channel === s.id ? null : s.id)}
            className={`flex min-h-11 items-center gap-2 rounded-control px-3 text-small font-semibold ${channel === s.id ? 'bg-bar text-on-bar' : 'bg-marble'}`}
          >
            <Scale size={16} aria-hidden />
            {channel === s.id ? `Listening to the ${s.name}` : `Listen to the ${s.name}`}
          </button>
        ))}
      </div>
      {current && channel && (
        <p className="mt-2 rounded-control bg-lemon px-4 py-2.5 text-on-lemon" role="status">
          <span className="casual block text-head leading-tight font-bold">
            {weight(current.grams, current.fine)} {lower(current.name)}
          </span>
          <span className="figures text-body">
            {frame ? `on the scale ${weight(frame.grams, current.fine)}` : 'the scale has not spoken yet'}
            {frame &&
              !near &&
              frame.grams < current.grams &&
              `, ${weight(current.grams - frame.grams, current.fine)} to go`}
            {frame &&
              !near &&
              frame.grams > current.grams &&
              `, ${weight(frame.grams - current.grams, current.fine)} too much`}
          </span>
        </p>
      )}
      <ul className="mt-1 grid gap-x-6 sm:grid-cols-2">
        {lines.map((l) => (
          <li key={l.id} className="border-b border-line">
            <Checkbox checked={done.has(l.id)} onChange={() => toggle(l.id)} className="min-h-12">
              <span className={`flex-1 leading-tight ${done.has(l.id) ? 'text-muted line-through' : ''}`}>
                {l.name}
              </span>
              <span className="figures">{weight(l.grams, l.fine)}</span>
            </Checkbox>
            <LotOf id={id} of={plan.outGrams} ingredient={l.ingredient} name={l.name} lots={kitchen.lot} />
          </li>
        ))}
      </ul>
    </section>
  )
}

interface LotProps {
  readonly id: string
  readonly of: number
  readonly ingredient: string
  readonly name: string
  readonly lots: KitchenView['lot']
}

/** Out of which lot an ingredient is taken, where there are several; what is to be used first, unless told. */
function LotOf({ id, of, ingredient, name, lots }: LotProps) {
  const [chosen, setChosen] = useState('')
  useEffect(() => setChosen(weighedOf(id, of).lots[ingredient] ?? ''), [id, of, ingredient])
  const mine = lots.filter((l) => l.ingredient === ingredient)
  if (mine.length < 2) return null
  return (
    <Select
      label={`Lot of ${name}`}
      hiddenLabel
      small
      className="mb-1.5"
      value={chosen}
      options={[
        { id: '', label: 'the lot to be used first' },
        ...mine.map((l) => ({ id: l.id, label: `${l.code}${l.bestBefore ? `, by ${sayDate(l.bestBefore)}` : ''}` })),
      ]}
      onPick={(lot) => {
        const { [ingredient]: _, ...others } = weighedOf(id, of).lots
        keepWeighed(id, { ...weighedOf(id, of), lots: lot === '' ? others : { ...others, [ingredient]: lot } })
        setChosen(lot)
      }}
    />
  )
}
