'use client'

import { Check, TriangleAlert, X } from 'lucide-react'
import { useEffect, useMemo, useState } from 'react'
import type { KitchenView } from '@/contract/kitchen'
import {
  allergensIn,
  type Conditions,
  cautionsOf,
  type EquipmentCheck,
  equipmentChecks,
  type FormulaDocument,
  piecesOf,
  type ReadyItem,
  readyKey,
  readyList,
  type Vessel,
} from '@/core'
import { Checkbox } from '@/ui/kit/checkbox'
import { useKeys } from '@/ui/kit/keys'
import { useSay } from '@/ui/shell/preferences'
import { cautions, cautionsInFull, firstAid, firstAidInFull, formatAhead, sayEquipment, sayReady } from '@/words'
import { mainPiece, type Sized } from './size-batch'
import { WeighStation } from './weigh-station'

interface Props {
  readonly id: string
  readonly formula: FormulaDocument
  readonly kitchen: KitchenView
  readonly sized: Sized
  readonly conditions: Conditions
  readonly vessel: Vessel | null
}

const toClock = (minutes: number): string => {
  const m = ((Math.round(minutes) % 1440) + 1440) % 1440
  return `${String(Math.floor(m / 60)).padStart(2, '0')}:${String(m % 60).padStart(2, '0')}`
}

/** Everything before the first flame, what is begun first at the top; ticked by touch or by its number. */
export function ReadyView({ id, formula, kitchen, sized, conditions, vessel }: Props) {
  const items = useMemo(() => readyList(formula, sized.plan, vessel), [formula, sized.plan, vessel])
  const [done, toggle] = useTicks(`ready ${id}`)
  const [flame, setFlame] = useState<string>('')
  const { boiled } = mainPiece(sized)
  const checks = boiled ? equipmentChecks(boiled.analysis, sized.plan, conditions, vessel, kitchen.thermometer) : []
  useKeys(Object.fromEntries(items.slice(0, 10).map((item, i) => [String((i + 1) % 10), () => toggle(readyKey(item))])))
  const left = items.filter((i) => !done.has(readyKey(i)))
  const minutes = flame ? Number(flame.slice(0, 2)) * 60 + Number(flame.slice(3)) : null
  return (
    <div className="grid flex-1 grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)]">
      <div className="flex flex-col gap-4">
        <section aria-labelledby="ready" className="sheet px-5 py-4">
          <div className="mb-2 flex flex-wrap items-center justify-between gap-3">
            <h2 id="ready" className="casual text-title font-bold">
              {left.length === 0
                ? 'All ready: light it'
                : `${left.length} to do, begin ${formatAhead(items[0]?.begin ?? 0)} before the flame`}
            </h2>
            <label className="flex items-center gap-2 text-small text-muted">
              First flame at
              <input
                type="time"
                value={flame}
                onChange={(e) => setFlame(e.target.value)}
                className="figures min-h-11 rounded-control border border-line bg-marble px-2 text-main text-ink"
              />
            </label>
          </div>
          <ol>
            {items.map((item, i) => (
              <Item
                key={readyKey(item)}
                item={item}
                number={i + 1}
                done={done.has(readyKey(item))}
                at={minutes === null ? null : toClock(minutes - item.begin)}
                onToggle={() => toggle(readyKey(item))}
              />
            ))}
          </ol>
        </section>
        <WeighStation id={id} formula={formula} plan={sized.plan} kitchen={kitchen} />
      </div>
      <div className="flex flex-col gap-4">
        <Checks checks={checks} />
        <Cautions formula={formula} />
        <Contains formula={formula} />
      </div>
    </div>
  )
}

interface ItemProps {
  readonly item: ReadyItem
  readonly number: number
  readonly done: boolean
  readonly at: string | null
  onToggle(): void
}

function Item({ item, number, done, at, onToggle }: ItemProps) {
  const said = sayReady(item, useSay())
  return (
    <li className="border-b border-line last:border-0">
      <Checkbox checked={done} onChange={onToggle} number={number} className="min-h-16 gap-4 py-2">
        <span className="flex-1">
          <span
            className={`casual block text-lead leading-snug font-semibold ${done ? 'text-muted line-through' : ''}`}
          >
            {said.text}
          </span>
          {said.detail && <span className="block text-small leading-snug text-muted">{said.detail}</span>}
        </span>
        <span className="figures shrink-0 text-right text-body">
          {at ?? `−${formatAhead(item.begin)}`}
          <span className="block text-fine text-muted">
            {Math.ceil(item.hands)} min{item.waits > 0 && ` + ${formatAhead(item.waits).replace(/ min$/, '')}`}
          </span>
        </span>
      </Checkbox>
    </li>
  )
}

/** What is in it that some must not eat: said before anything is opened or weighed. */
function Contains({ formula }: { readonly formula: FormulaDocument }) {
  const allergens = allergensIn(formula)
  return (
    <section aria-labelledby="contains" className="sheet px-5 py-4">
      <h2 id="contains" className="casual text-title font-bold">
        {allergens.length > 0 ? `Contains ${allergens.join(', ')}` : 'No listed allergen'}
      </h2>
      <p className="text-small text-muted">
        Clean hands, boards and scoops for each. The pack in your hand decides; check local labelling rules before
        selling.
      </p>
    </section>
  )
}

const marks = {
  good: { Icon: Check, look: 'bg-angelica text-on-fill', word: 'Good' },
  mind: { Icon: TriangleAlert, look: 'bg-lemon text-on-lemon', word: 'Mind this' },
  bad: { Icon: X, look: 'bg-cherry text-on-fill', word: 'Will not do' },
}

function Checks({ checks }: { readonly checks: readonly EquipmentCheck[] }) {
  const say = useSay()
  return (
    <section aria-labelledby="equipment" className="sheet px-5 py-4">
      <h2 id="equipment" className="casual text-title font-bold">
        Equipment
      </h2>
      <ul>
        {checks.map((c, i) => {
          const said = sayEquipment(c, say)
          const { Icon, look, word } = marks[c.tone]
          return (
            <li key={`${c.id}${i}`} className="flex gap-3.5 border-b border-line py-2 last:border-0">
              <span className={`mt-0.5 grid size-7 shrink-0 place-items-center rounded-inner ${look}`}>
                <Icon size={17} strokeWidth={2.5} aria-label={word} />
              </span>
              <div>
                <p className="casual text-main leading-snug font-semibold">{said.text}</p>
                <p className="text-small leading-snug text-muted">{said.detail}</p>
              </div>
            </li>
          )
        })}
      </ul>
    </section>
  )
}

function Cautions({ formula }: { readonly formula: FormulaDocument }) {
  const keys = [...new Set(piecesOf(formula).flatMap((p) => p.formula.steps.flatMap((s) => cautionsOf(p.formula, s))))]
  return (
    <section aria-labelledby="cautions" className="rounded-sheet bg-lemon px-5 py-4 text-on-lemon">
      <h2 id="cautions" className="casual text-title font-bold">
        Mind
      </h2>
      <ul className="text-small leading-snug">
        {keys.map((key) => (
          <li key={key} className="py-1.5">
            <strong className="block text-body">{cautions[key]}</strong>
            {cautionsInFull[key]}
          </li>
        ))}
        <li className="pt-1.5">
          <strong className="block text-body">{firstAid}</strong>
          {firstAidInFull}
        </li>
      </ul>
    </section>
  )
}

/** What is ticked, kept in this window until it is closed. */
function useTicks(key: string): [ReadonlySet<string>, (id: string) => void] {
  const [done, setDone] = useState<ReadonlySet<string>>(new Set())
  useEffect(() => {
    setDone(new Set(JSON.parse(sessionStorage.getItem(key) ?? '[]') as string[]))
  }, [key])
  const toggle = useMemo(
    () =>
      (id: string): void =>
        setDone((before) => {
          const after = new Set(before)
          if (!after.delete(id)) after.add(id)
          sessionStorage.setItem(key, JSON.stringify([...after]))
          return after
        }),
    [key],
  )
  return [done, toggle]
}
