/** Where a sentence holds two moments it is cut: at a link, if the first case that knows the words around it says so. */

import { secondsIn } from '../../formula/sentence'
import { heatIn } from '../sentence/heats'

type Says = (clause: string) => boolean
/** What a clause says. */
export type Words = RegExp | Says

const says = (words: Words, clause: string): boolean =>
  typeof words === 'function' ? words(clause) : words.test(clause)

export const any =
  (...all: readonly Words[]): Says =>
  (clause) =>
    all.some((words) => says(words, clause))

export const both =
  (...all: readonly Words[]): Says =>
  (clause) =>
    all.every((words) => says(words, clause))

export const not =
  (words: Words): Says =>
  (clause) =>
    !says(words, clause)

/** It says how long. */
export const lasts = (clause: string): boolean => secondsIn(clause) !== null
/** It says how hot. */
export const heats = (clause: string): boolean => heatIn(clause) !== null
export const isSaidToCool = (clause: string): boolean => heatIn(clause)?.cools === true
export const isHotter = (head: string, tail: string): boolean =>
  (heatIn(tail)?.low ?? 0) > (heatIn(head)?.high ?? Number.POSITIVE_INFINITY)

export interface Case {
  /** As it is said; a link at which it is cut stands in brackets, one at which it is not in braces. */
  readonly told: string
  /** What the clause before the link says where this case decides; anything, where nothing stands here. */
  readonly head?: Words
  /** What the clause after it says. */
  readonly tail?: Words
  /** Whether they are two moments: for good, by what the clause before says, or by both. */
  readonly apart: boolean | RegExp | ((head: string, tail: string) => boolean)
}

/** Whether a case knows these words. */
export const knows = ({ head, tail }: Case, before: string, after: string): boolean =>
  (!head || says(head, before)) && (!tail || says(tail, after))

/** Whether two clauses are two moments by the first case that knows them. */
export function areApart(cases: readonly Case[], head: string, tail: string): boolean {
  const apart = cases.find((c) => knows(c, head, tail))?.apart ?? false
  if (typeof apart === 'boolean') return apart
  return apart instanceof RegExp ? apart.test(head) : apart(head, tail)
}

/** A sentence as what stands before and after each of its links. */
export const atLinks = (sentence: string, link: RegExp): readonly (readonly [head: string, tail: string])[] =>
  [...sentence.matchAll(link)].map((m) => [sentence.slice(0, m.index), sentence.slice(m.index + m[0].length)] as const)
