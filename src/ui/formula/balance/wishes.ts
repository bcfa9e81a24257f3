/** What can be wished in the sentence, word by word: each choice a bound on one measure, from what it is now. */
import type { Measured, MeasureOf, Wish } from '@/core'

interface Choice {
  readonly id: string
  readonly label: string
  /** Null asks for nothing. */
  bound(now: number): Omit<Wish, 'measure'> | null
}

export interface Slotted {
  readonly measure: MeasureOf
  readonly label: string
  readonly choices: readonly [Choice, ...Choice[]]
}

/** ◊ A step of bite, in °C above the glass point. */
const BITE = 9

const free = (label: string): Choice => ({ id: 'free', label, bound: () => null })
const near = (label: string, within: number): Choice => ({
  id: 'same',
  label,
  bound: (now) => ({ least: now - within, most: now + within }),
})
const least = (id: string, label: string, of: (now: number) => number): Choice => ({
  id,
  label,
  bound: (now) => ({ least: of(now) }),
})
const most = (id: string, label: string, of: (now: number) => number): Choice => ({
  id,
  label,
  bound: (now) => ({ most: of(now) }),
})

export const slots: readonly Slotted[] = [
  {
    measure: 'softness',
    label: 'Bite',
    choices: [
      free('of any bite'),
      near('of the same bite', 2),
      least('softer-half', 'softer by half a step', (n) => n + BITE / 2),
      least('softer', 'softer by a step', (n) => n + BITE),
      most('firmer-half', 'firmer by half a step', (n) => n - BITE / 2),
      most('firmer', 'firmer by a step', (n) => n - BITE),
    ],
  },
  {
    measure: 'stickyAbove',
    label: 'In damp air',
    choices: [
      free('whatever the air'),
      ...[50, 55, 60, 65, 70].map((p) => least(`at-${p}`, `not sticky at ${p} %`, () => p / 100)),
    ],
  },
  {
    measure: 'sweetness',
    label: 'Sweetness',
    choices: [
      free('of any sweetness'),
      near('as sweet', 0.012),
      most('less', 'a tenth less sweet', (n) => 0.9 * n),
      least('more', 'a tenth sweeter', (n) => 1.1 * n),
    ],
  },
  {
    measure: 'glucose',
    label: 'Glucose syrup',
    choices: [
      free('with any glucose'),
      ...[20, 30, 40, 50].map((p) => most(`to-${p}`, `glucose at most ${p} %`, () => p / 100)),
    ],
  },
  {
    measure: 'doctors',
    label: 'Grain',
    choices: [
      free('grain or not'),
      least('safe', 'safe from grain', () => 0.3),
      most('fine', 'free to grain', () => 0.12),
    ],
  },
  {
    measure: 'cost',
    label: 'Price',
    choices: [
      free('at any price'),
      most('same', 'not dearer', (n) => n),
      most('less-5', 'cheaper by 5 %', (n) => 0.95 * n),
      most('less-10', 'cheaper by 10 %', (n) => 0.9 * n),
    ],
  },
]

export type Picked = Readonly<Partial<Record<MeasureOf, string>>>

export const choiceOf = (slot: Slotted, picked: Picked): Choice =>
  slot.choices.find((c) => c.id === picked[slot.measure]) ?? slot.choices[0]

/** The wishes picked, from what the sweet is now. */
export const wishesOf = (picked: Picked, now: Measured): Wish[] =>
  slots.flatMap((slot): Wish[] => {
    const bound = choiceOf(slot, picked).bound(now[slot.measure])
    return bound ? [{ measure: slot.measure, ...bound }] : []
  })
