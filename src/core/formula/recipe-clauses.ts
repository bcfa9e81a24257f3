/** Sentences of a method, told apart where one sentence holds two moments of a cook. */
import { endingsIn, heatIn, secondsIn } from './method'
import { bare } from './recipe-split'

/** The sentences of a method, without their full stops; what goes on to another moment is one of its own. */
export const sentences = (lines: readonly string[]): string[] =>
  lines
    .flatMap((l) => bare(l).match(/[^.!?]+(?:\.(?=\d)[^.!?]+)*[.!?]?/g) ?? [])
    .map((s) => s.trim().replace(/[.!]$/, ''))
    .flatMap(clausesOf)
    .filter((s) => s.length > 3)

/** "… and cook to 150 °C", "… then add the butter", "…, leave overnight": where the sentence goes on. */
const LINK =
  /(?:[,;]?\s+(?:and then|and|then)\s+(?=(?:continue|keep|cook|boil|heat|simmer|bring|add|stir in|whisk in|beat in|pour|spread|tip|scrape|turn (?:it )?out)\b)|(?:[,;]?\s+(?:and then|and|then)|,)\s+(?=(?:leave|let|allow|set aside|rest|cool|chill|refrigerate|stand)\b))/gi
const FOLLOWS = /^(?:add|stir in|whisk in|beat in|pour|spread|tip|scrape|turn (?:it )?out)\b/i
const RESTS = /^(?:leave|let|allow|set aside|rest|cool|chill|refrigerate|stand)\b/i
const PUTS_IN = /\b(?:add|stir in|pour|mix|put|combine|place|tip|whisk in)\b/i

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

function clausesOf(sentence: string): string[] {
  for (const link of sentence.matchAll(LINK)) {
    const [head, tail] = [sentence.slice(0, link.index), sentence.slice(link.index + link[0].length)]
    if (isApart(head, tail)) return [head, ...clausesOf(capital(tail))]
  }
  return [sentence]
}

/** Whether what follows has a moment of its own: a cook that ends somewhere else, what is done once one has ended, a wait after work. */
function isApart(head: string, tail: string): boolean {
  if (RESTS.test(tail)) return secondsIn(tail) !== null && !RESTS.test(head)
  if (FOLLOWS.test(tail)) return endingsIn(head, 'C').some((e) => e.by !== 'time')
  return (PUTS_IN.test(head) || heatIn(head) !== null) && endingsIn(tail, 'C').some((e) => e.by !== 'time')
}
