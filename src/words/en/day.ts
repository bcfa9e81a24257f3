/** What a day's tasks, people and things are called. */
import type { DayNews, HandworkKind, Link, Placed, Shelf, Station, Task } from '@/core'
import { formatSpan } from '../format'
import { handworkNames } from './finish'

/** Getting ready, by what waits by itself once it is done. */
const readyWords: Readonly<Record<string, string>> = {
  ready: 'get ready',
  unchill: 'out of the fridge',
  'keep-hot': 'heat and keep hot',
  warm: 'warm it',
  toasting: 'in the oven',
}

/** What the finish says of a moment ("cold", "stop whipping") is here work that takes its time. */
const workWords: Readonly<Partial<Record<HandworkKind, string>>> = {
  'lay-under': 'lay the base under',
  leave: 'leave it alone',
  whip: 'whip',
  cool: 'let it cool',
}

/** A task in a word or two: "get ready", "cook", "score". */
export function taskName({ kind, what }: Pick<Task, 'kind' | 'what'>): string {
  if (kind === 'ready') return readyWords[what] ?? what
  if (kind === 'cook') return 'cook'
  if (kind === 'pull') return 'watch, pull, pour'
  if (kind === 'wash') return 'wash the pot'
  return workWords[what as HandworkKind] ?? handworkNames[what as HandworkKind] ?? what
}

/** Of what kind a task is that does so. */
export const kindOfWork = (what: string): Task['kind'] =>
  what === 'cook' || what === 'pull' || what === 'wash' ? what : what in readyWords ? 'ready' : 'work'

export const cookNames: Readonly<Record<string, string>> = {
  lead: 'Lead cook',
  second: 'Second cook',
  third: 'Third cook',
}

export const shelfNames: Readonly<Record<Shelf, string>> = {
  sugars: 'Sugars, syrups, water',
  dairy: 'From the fridge',
  chocolate: 'Chocolate',
  setting: 'What sets and lifts',
  fruit: 'Fruit',
  nuts: 'Nuts and seeds',
  flavours: 'Flavours and colours',
  own: 'The kitchen’s own',
}

export const stationNames: Readonly<Record<Station, string>> = {
  mixer: 'Mixer',
  oven: 'Oven',
  stone: 'Marble',
  fridge: 'Fridge',
}

export const whatIfWords = {
  cook: 'With one more cook',
  ring: 'With another ring of each kind',
  pot: 'With another pot of each size',
  half: 'With half of it',
} as const

/** One link of the chain that decides the end, in words. */
export function sayLink({ task, waitsFor, name }: Link, product: string, thing: (id: string) => string): string {
  const what = `${product}: ${taskName(task.task)}`
  if (waitsFor === 'person') return `${what}, once ${(cookNames[name ?? ''] ?? name ?? '').toLowerCase()} is free`
  if (waitsFor === 'thing') return `${what}, once the ${thing(name ?? '')} is free`
  return what
}

/** What has moved since the day was planned, in a sentence or two; `clock`: a moment of the day as the wall shows it. */
export function sayNews(
  { off, foreseen, endMoved, late, overdue, together }: DayNews,
  product: (block: string) => string,
  clock: (s: number) => string,
): string[] {
  const said: string[] = []
  const of = ({ task, block }: Placed): string => `${product(block)} (${taskName(task)})`
  const by = (seconds: number): string => formatSpan(60 * Math.round(Math.abs(seconds) / 60))
  if (off ?? foreseen) {
    const end =
      late.length > 0
        ? `${late.length === 1 ? 'one product' : `${late.length} products`} will be late`
        : Math.abs(endMoved) < 60
          ? 'the day still ends as planned'
          : `the day ends ${by(endMoved)} ${endMoved > 0 ? 'later' : 'sooner'}, still in time`
    if (off)
      said.push(
        `${of(off.task)} was done ${by(off.seconds)} ${off.seconds > 0 ? 'later' : 'sooner'} than planned; ${end}.`,
      )
    if (foreseen)
      said.push(
        `${product(foreseen.task.block)} will come off about ${by(foreseen.seconds)} ${foreseen.seconds > 0 ? 'later' : 'sooner'} than planned${off ? '' : `; ${end}`}.`,
      )
  }
  if (overdue) said.push(`${of(overdue)} should have begun by now; everything after it has moved back.`)
  if (together)
    said.push(
      `${product(together[0].block)} and ${product(together[1].block)} both come off at ${clock(together[0].start)}: turn one down a little, or have two people there.`,
    )
  return said
}
