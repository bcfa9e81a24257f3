/** What a day's tasks, people and things are called. */
import type { HandworkKind, Link, Task } from '@/core'
import { handworkNames } from './finish'

/** A task in a word or two: "get ready", "cook", "score". */
export function taskName({ kind, what }: Pick<Task, 'kind' | 'what'>): string {
  if (kind === 'ready') return 'get ready'
  if (kind === 'cook') return 'cook'
  if (kind === 'pull') return 'watch, pull, pour'
  if (kind === 'wash') return 'wash the pot'
  return handworkNames[what as HandworkKind]?.name ?? what
}

export const cookNames: Readonly<Record<string, string>> = {
  lead: 'Lead cook',
  second: 'Second cook',
  third: 'Third cook',
}

export const whatIfWords = {
  cook: 'With one more cook',
  ring: 'With another ring of each kind',
  pot: 'With another pot of each size',
} as const

/** One link of the chain that decides the end, in words. */
export function sayLink({ task, waitsFor, name }: Link, product: string, thing: (id: string) => string): string {
  const what = `${product}: ${taskName(task.task)}`
  if (waitsFor === 'person') return `${what}, once ${(cookNames[name ?? ''] ?? name ?? '').toLowerCase()} is free`
  if (waitsFor === 'thing') return `${what}, once the ${thing(name ?? '')} is free`
  return what
}
