/** What a sentence takes of a list: what it puts in by its name, what stands under a heading, the first or the next so many, everything. */

import { mentions } from '../../formula/called'
import { parseNumber } from '../../quantity/number'
import { PUTS_IN } from '../method/made-apart'
import { isMark } from '../text/lettered'
import type { Written } from '../text/listed'

/** "Put everything in a pan" */
export const EVERYTHING =
  /\b(?:(?<=^(?:boil|bring|combine|cook|heat|melt|mix|put) )both\b(?! (?:of|sides)\b)|everything|(?<!\b(?:is|it.s|are) )all in\b|(?:put|place|pop|throw|chuck|bung|dump|bring|tip|stir|melt|heat|boil|cook|combine) (?:(?:it )?all\b(?! the (?:while|time)\b)|(?:the )?(?:whole )?lot\b)|\b(?:combine|mix|put|place) ingredients\b|^(?:combine|mix)(?: well)?(?:$| and (?:boil|bring|cook|heat|place|put|set)\b)|^(?:combine|mix|put|place)(?: together)? in (?:an? |the |your )?(?:[\w-]+ ){0,4}(?:pan|pot|saucepan)\b|all (?:bar|but|except)|, rest in$|(?<=\b(?:add|(?:beat|fold|mix|stir|whisk) in) )(?:all )?rest\b|(?:all (?:of )?(?:the )?|(?:the|your) )(?:other |remaining )?ingredients|(?:remaining|other) ingredients|(?<!\b(?:sprinkle|scatter|keep|leave|colou?r|pull|return|reserv\w+|boil|cook|heat|take) )(?<!\b(?:half|third|quarter|more|little)\b[^;]{0,40})(?<!\b(?:over|to|with) |(?<!\b(?:beat|fold|mix|put|stir|throw|tip|whisk) )\bin )the rest(?! of))\b/i

/** "Off the heat, vanilla in", "vanilla in the last minute". */
const GOES_IN = /\bin(?:$| (?:(?:at|during|for) )?the (?:last|(?:very )?end)\b)/i

/** What may follow a heading in a sentence that takes all beneath it: "boil the shell to 150°", and not "boil shell sugar". */
const AS_WHOLE =
  '(?=\\s*(?:$|[^\\w\\s]|(?:all[- ]in|batch|bits|except|half|ingredients|layer|mixture|mix|part|stuff|syrup|things|along|and|at|gently|in|into|on|over|slowly|to|together|until|with)\\b))'

/** "Cook the sugar syrup", "put everything for the syrup in a pan", "fold in the inclusions", "fill with sherbet": whether a sentence takes all that stands under a heading. */
export function takesHeaded(sentence: string, { heading }: Written): boolean {
  const words = heading?.split(/[^\p{L}]+/u).filter(Boolean) ?? []
  if (words.length === 0 || isMark(heading as string)) return false
  const called = `(?:all )?(?:the )?(?:warm(?:ed)? )?${words.join('\\W+')}\\b${AS_WHOLE}`
  return new RegExp(
    // "combine the syrup ingredients", of what stands under "sugar syrup"
    `^${called} ?(?:$|to \\d|on\\b)|\\b${words.at(-1)}(?<!\\b(?:component|group|layer|part|phase|stage)) ingredients\\b|\\b(?:(?:beat|boil|cook|heat|melt|whip|whisk)(?:p?ing)?|bring|make|mix|add|combine|then|everything(?: (?:for|from|in|of))?|(?:put|place|tip|stir)(?= (?:all )?(?:the )?[\\w ]{3,30} ingredients\\b)|(?:beat|fold|knead|mix|paddle|stir|work) in|(?:lay|place|put(?: in)?|spoon)(?= (?:the )?(?:centre|filling|fizz|sherbet)\\b)|(?:coat|cover|dust|fill|roll|sprinkle|top|toss)\\b.{0,20}? ?(?:with|in)) ${called}`,
    'iu',
  ).test(sentence)
}

/** Whether a sentence puts in what is called so, and does not only speak of it: "stir until the nuts hang in it". */
export function putsIn(sentence: string, names: readonly string[]): boolean {
  if (GOES_IN.test(sentence)) return mentions(sentence, names)
  const at = sentence.search(PUTS_IN)
  if (at < 0) return false
  const [goesIn = '', ...seen] = sentence.slice(at).split(/;|\b(?:until|till|while)\b/i)
  // "stir in the gelatine until dissolved, then the juice"
  return mentions([goesIn, ...seen.flatMap((s) => /, then (.*)$/i.exec(s)?.[1] ?? [])].join(', '), names)
}

/** What puts several things together, or is done to what is in the pot. */
const TOGETHER =
  /\b(?:add|beat|blend|boil|bowl|bring(?! out\b|.* to room)|caramel|carameli[sz]e|combine|cook|cream|deglaze|dissolve|emulsify|fold|half|heat|knead|melt|mix|pan|pot|pour|put(?!.* (?:aside|to one side)$)|saucepan|scatter|sieve|simmer|sprinkle|stir|syrup|tip|top|toss|whip|whisk)(?:ed|ing|s)?\b|\d{3}/i
/** "Crumble the butter", "take the nuts out of the fridge": what is named there goes in by a later sentence, where one puts it in. */
export const onlyNames = (sentence: string): boolean => !TOGETHER.test(sentence)

const EXCEPT =
  /\b(?:except|bar|but|save|apart from)\b(.*?)(?=\b(?:in|into|over|until|and (?:heat|bring|cook|stir|melt))\b|;|$)/i
/** "Everything except the butter": what a sentence that takes all leaves out. */
export const isLeftOut = (sentence: string, names: readonly string[]): boolean =>
  (EVERYTHING.test(sentence) || SURELY_EXCEPT.test(sentence)) && mentions(EXCEPT.exec(sentence)?.[1] ?? '', names)
/** "Fold in the add-ins except the chocolate" */
const SURELY_EXCEPT = /\b(?:except|apart from)\b/i

/** "Combine the first four ingredients". */
export const FIRST =
  /\bfirst (two|three|four|five|six|seven|\d)\b(?! (?:min(?:ute)?s?|secs?|seconds?|times?|hours?|hrs?|days?)\b)/i

/** "Add sugar and the next six ingredients" */
const NEXT = /\bnext (two|three|four|five|six|seven|eight|\d) ingredients\b/i
/** The sentence of each line that goes in as one of the next so many after the one it names. */
export function nextIn(said: readonly string[], written: readonly Written[]): ReadonlyMap<string, number> {
  const at = said.findIndex((s) => NEXT.test(s))
  const [, many = ''] = NEXT.exec(said[at] ?? '') ?? []
  const before = (said[at] ?? '').split(NEXT)[0] ?? ''
  const named = written.findLastIndex((w) => mentions(before, w.full))
  const count = named < 0 ? 0 : (parseNumber(many)?.range.low ?? 0)
  return new Map(written.slice(named + 1, named + 1 + count).map((w) => [w.id, at]))
}
