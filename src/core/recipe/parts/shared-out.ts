/** Which sentences of a method speak of which part: by its heading, by its name, by what stands in its list alone. */
import { mentions, withoutNames } from '../../formula/called'
import type { Lexicon } from '../draft/draft'
import { readLines } from '../lines/lines'
import { sentences } from '../method/clauses'
import { handworkSaid } from '../sentence/handwork'
import { alike } from '../text/headings'
import type { Written } from '../text/listed'
import type { Headed } from '../text/split'
import { withoutTitles } from '../text/titles'
import { bare } from '../text/unmarked'

/** A list under a heading that may be a part of its own. */
export type Layer = Headed & { readonly heading: string }

/** What is said of all parts alike: "make each half the same way", "for each layer boil …". */
const OF_EACH =
  /\b(?:each|both)\b.{0,12}\b(?:half|halves|batch(?:es)?|layers?|parts?|colou?rs?|flavou?rs?)\b|^for (?:each|both)(?=[:,]| (?:one|of (?:them|these)))/i

/** What the method tells of what stands under a heading alone: under the same heading again, or after it and a colon. */
export const toldOf = ({ heading }: Layer, method: readonly Headed[]): readonly string[] =>
  method.flatMap((m) =>
    alike(m.heading, heading) ? m.lines : m.lines.filter((l) => alike(TELLS.exec(l)?.[1] ?? null, heading)),
  )

/** Works that end a whole, once all of its parts lie on each other. */
const ENDS: ReadonlySet<string> = new Set(['cut', 'break', 'wrap'])

/** What the last of a method stands under, where its parts come together. */
const JOINS = /^(?:(?:to )?(?:assembl\w*|finish\w*|put(?:ting)? (?:it )?(?:all )?together))\b/i

/** "Pour over the caramel" is said of what is poured. */
export const ONTO_LAYER =
  /\b(?:over|onto|on top of|on) the\b.*$|\b(?:over|on|onto) (?:base|biscuit|bottom|caramel|crust|filling|fudge|ganache|marshmallow|nougat|shortbread|toffee)\b.*$/i
/** "Melt the butter and sugar for the caramel over a low heat" */
const FOR_LAYER = /\S for (?:the )?([\p{L} ]{3,30}?)(?= (?:in|on|over|to|until|with)\b|[,;:]|$)/iu
/** "For the base", "make the caramel". */
const MAKES = /^(?:for|make|to make) /i
/** "Caramel: stir everything over low heat", "Jelly – warm the purée". */
const TELLS = /^([^:]{3,40}?)(?::|\s[–—-])\s+(.+)$/s

/** The layer a sentence begins with: "make the vanilla layer in the same way"; `otherwise` for none. */
function namedFirst(sentence: string, layers: readonly Layer[], otherwise: number): number {
  const begins = sentence.replace(MAKES, '').toLowerCase()
  const named = layers.findIndex((l) => begins.startsWith(`the ${l.heading.toLowerCase()}`))
  return named < 0 ? otherwise : named
}

interface Titled {
  readonly sentence: string
  /** The layer it begins with, or that was named last in its line; -1 for none. */
  readonly titled: number
  /** It is the one before that names it. */
  readonly goesOn: boolean
}

/** The sentences of a line without the title of a layer, "Caramel: …", each with the layer it is titled by. */
function titledIn(line: string, layers: readonly Layer[]): Titled[] {
  let titled = -1
  const isLayer = layers.some((l) => alike(l.heading, TELLS.exec(bare(line))?.[1] ?? null))
  return sentences(isLayer ? [line] : withoutTitles([line])).flatMap((written) => {
    const [, called = null, told = ''] = TELLS.exec(written) ?? []
    const found = layers.findIndex((l) => alike(l.heading, called))
    const named = found < 0 ? namedFirst(written, layers, -1) : found
    const goesOn = named < 0
    titled = goesOn ? titled : named
    if (found < 0) return { sentence: written, titled, goesOn }
    // without its title it may hold two moments
    return sentences([told]).map((sentence) => ({ sentence, titled: namedFirst(sentence, layers, found), goesOn }))
  })
}

const THE_REST = /\b(?:remaining|rest of|other half)\b/i
const DIVIDED = /\bdivided\b/i
/** The sentences each layer is made by, and those that end the whole. */
export function sharedOut(
  layers: readonly Layer[],
  method: readonly Headed[],
  lexicon: Lexicon,
): { of: string[][]; ends: string[] } {
  const written = layers.map(({ lines }) => readLines([{ heading: null, lines }], lexicon).written)
  // "the peanut butter" of one list is no butter of another
  const longer = written.map((own, i) =>
    written
      .filter((_, k) => k !== i)
      .flat()
      .flatMap(({ names }) => names.filter((n) => n.includes(' ') && !own.some((w) => w.names.includes(n)))),
  )
  const of: string[][] = layers.map(() => [])
  let at = 0
  /** What is said goes on for all of them, until one is spoken of. */
  let ofAll = false
  /** Of which layer it has gone on to tell, after another was named. */
  let goneTo = -1
  const together: string[] = []
  for (const { heading, lines } of method) {
    const headed = layers.findIndex((l) => alike(l.heading, heading))
    const joinsThem = headed < 0 && JOINS.test(heading ?? '')
    for (const { sentence, titled, goesOn } of lines.flatMap((line) => titledIn(line, layers))) {
      if (joinsThem && ENDS.has(handworkSaid(sentence)?.kind ?? '')) {
        together.push(sentence)
        continue
      }
      ofAll ||= OF_EACH.test(sentence)
      // "add the acid (rhubarb only)" goes on for both
      const about = sentence.replace(ONTO_LAYER, '').replace(/\([^()]*\)/g, ' ')
      // "dark chocolate" is no white one, though that is called chocolate as well
      const saysOf = ({ full, names }: Written, words: string): number =>
        mentions(words, full) ? 2 : mentions(words, names) ? 1 : 0
      // "melt the remaining chips": of the part whose list shares them out
      const rest = THE_REST.test(about) ? 1 : 0
      const spoken = written.map((of, i) => {
        const [words = ''] = withoutNames([about], longer[i] as readonly string[])
        const said = of.reduce((sum, w) => sum + saysOf(w, words), 0)
        return said > 0 && layers[i]?.lines.some((l) => DIVIDED.test(l)) ? said + rest : said
      })
      const most = Math.max(...spoken)
      const opens = about.split(' ').slice(0, 4).join(' ')
      const alikes = layers.flatMap((l, i) => (alike(l.heading, opens) ? [i] : []))
      const clear = most > 0 && spoken.filter((n) => n === most).length === 1 ? spoken.indexOf(most) : -1
      const said = alikes.length === 1 ? (alikes[0] as number) : -1
      // "melt the dark chocolate", of the dark layer, though both are of chocolate
      const own = said >= 0 && (spoken[said] as number) > 1 ? said : -1
      const meant = FOR_LAYER.exec(sentence)?.[1] ?? null
      const means = layers.findIndex((l) => alike(l.heading, meant))
      // "For the caramel … Pour over the base. Melt the chocolate": what stands in another list alone is not of the caramel
      const mayLeave = goesOn && titled >= 0 && spoken[titled] === 0
      goneTo = mayLeave ? (clear >= 0 ? clear : goneTo) : -1
      const one: number =
        [headed, goneTo, titled, means, ofAll ? -1 : own >= 0 ? own : clear, said].find((i) => i >= 0) ?? -1
      ofAll &&= one < 0 || OF_EACH.test(sentence)
      at = one < 0 ? at : one
      for (const [i, told] of of.entries()) if (ofAll || i === at) told.push(sentence)
    }
  }
  // what is cut or wrapped last is the whole
  const last = of.findLast((s) => s.length > 0) ?? []
  const from = last.findLastIndex((s) => !ENDS.has(handworkSaid(s)?.kind ?? '')) + 1
  return { of, ends: [...last.splice(from), ...together] }
}
