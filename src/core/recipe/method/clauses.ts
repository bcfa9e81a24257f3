/** Sentences of a method, told apart where one sentence holds two moments of a cook. */
import { capital } from '../../formula/sentence'
import { whipsWhites } from '../sentence/moves'
import { CASES } from './apart'
import { readyFirst } from './begins'
import { isAside } from './by-the-way'
import { chainOf } from './chains'
import { areApart, atLinks } from './cuts'
import { retold } from './in-turn'
import { HOW, LATER, LINK } from './links'
import { onlyTold } from './only-told'
import { otherHeats } from './other-heats'
import { joined } from './said-of-last'
import { spoken } from './spoken'
import { oneWay } from './ways'

/** The sentences of a method that somebody does, what goes on to another moment as one of its own; and what is said by the way. */
export function methodIn(lines: readonly string[]): { readonly done: string[]; readonly aside: string[] } {
  const way = oneWay(lines)
  const all = spoken(way.done)
  const others = otherHeats(all)
  const only = onlyTold(all)
  const isBeside = (s: string): boolean => isAside(s) || others.has(s) || only.has(s)
  const done = joined(all.filter((s) => !isBeside(s)))
    .flatMap(clausesOf)
    .flatMap(inMoments)
    .map((s) => capital(s.replace(/[;,]\s*$/, '')))
    .filter((s) => s.length > 2)
    .map(ontoWhites)
  return { done, aside: [...all.filter(isBeside), ...way.aside] }
}

/** A sentence cut where its chain of work is, and what that leaves where it holds two moments again. */
function inMoments(sentence: string): string[] {
  const chain = chainOf(sentence)
  return chain.length > 1 ? chain.flatMap(clausesOf) : chain
}

/** The sentences of a method that somebody does. */
export const sentences = (lines: readonly string[]): string[] => methodIn(lines).done

/** "Whisk the white. Pour the honey onto it": by its name, what the sentence before has whipped. */
const ontoWhites = (sentence: string, i: number, all: readonly string[]): string =>
  whipsWhites(all[i - 1] ?? '') ? sentence.replace(ONTO_IT, '$1 the whites') : sentence
const ONTO_IT = /(?<=^(?:slowly )?(?:pour|run|trickle|drizzle|stream)\b.{0,40}\b)(into|onto|on|over) (?:it|them)\b/i

const SAYS_HOW = new RegExp(`^${HOW}`, 'i')
/** "Mark in bars when half set, cut when cold": each has its own. */
const WHEN = /\b(?:when|once|as soon as)\b/i
const LATER_WORK = new RegExp(`^${LATER}\\b`, 'i')
/** "Pour into tins and, when cool enough, mark into squares" */
const ONCE = /^(.+?(?<!\bat)),? (?:and,? )?((?:when|once|as soon as) [^,]{3,40})$/i

/** A sentence as its moments, each of them a sentence. */
function clausesOf(sentence: string): string[] {
  const [ready, begins] = readyFirst(sentence) ?? []
  if (ready && begins) return [ready, ...clausesOf(begins)]
  const told = retold(sentence)
  if (told) return told.flatMap(clausesOf)
  for (const [head, tail] of atLinks(sentence, LINK)) {
    if (!areApart(CASES, head, tail.replace(SAYS_HOW, ''))) continue
    const [, first, once] = LATER_WORK.test(tail) && !WHEN.test(tail) ? (ONCE.exec(head) ?? []) : []
    if (first && once) return [first, ...clausesOf(`${capital(once)}, ${tail}`)]
    return [head, ...clausesOf(capital(tail))]
  }
  return [sentence]
}
