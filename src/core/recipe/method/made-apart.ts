/** What is warmed, mixed, soaked or popped in a vessel of its own, and the sentence that puts it into the pot. */

import { lettersOf, mentions } from '../../formula/called'
import { MEANWHILE } from '../sentence/endings'
import { FOAM, inOtherPot, inOven, isGotReady, OFF_HEAT, ONTO_FOAM } from '../sentence/moves'

/** "Warm the cream with …": in a pan of its own, where a later sentence puts that in. Whatever has sugar is the pot itself. */
const WARMS = new RegExp(
  `^(?:meanwhile,?\\s+)?(?:${/while (?:that|this|it)\b[^,]{0,20},\s+|while\b[^,]{0,40}?,?\s+(?=(?:start |begin )?(?:whip|whisk|beat))|(?:when|once|as|at)\b[^,]{0,60}?,?\s+(?=start|begin|whip|whisk|beat|[gs]et (?:the )?(?:beaters|mixer|whisk))|(?:just )?before\b[^,]{0,40},\s+/.source})?${/(?:in (?:a|another) .{0,30}?,?\s*)?(?:gently )?/.source}(?:${[
    /(?:(?:re-?)?(?:warm|heat)|scald|bring|boil|infuse|microwave|reduce)\s+(?:the\s+)?(?:double |heavy |whipping |salted |unsalted |(?!sugar|glucose)\w+ )?(?:cream|milk|butter|pur[ée]e|cr[eè]me fra[iî]che|eggnog)/
      .source,
    /(?:warm|heat|melt)\s+(?:the\s+)?\w+(?=\s+(?:in|over)\b.{0,30}\b(?:bain.?marie|double boiler|microwave|simmering water|hot water)\b)/
      .source,
    `${/(?:(?:start\s+|begin\s+)?(?:whisk|whip|beat)(?:p?ing)?|start|begin|[gs]et (?:the )?(?:mixer|whisk|beaters) (?:going|running) on)\s+(?:the\s+)?(?:\w+\s+)?(?:egg\s+)?/.source}${FOAM}`,
  ].join('|')})(?!\\w)`,
  'i',
)
/** "Put the pod into a pan with the cream, bring to the boil", where "the warm cream" goes in later. */
const HEATED =
  /\b(?:warm(?:ed)?|hot|boiling|infused|scalded|strained|brown(?:ed)?)\s+(?:[\w-]+\s+){0,2}?(cream|milk|butter)\b/i
const COMBINES = /^(?:put|place|combine|mix)\b/i
/** "Combine the cream, milk and malt: bring to 80°" */
const PUT_ON = /^(?:blend|combine|mix|place|pur[ée]e|put|whisk)\b.*\b(?:bring|heat|scald|warm)\b/i
/** "Heat to 70°": no sugar boils at that. */
export const WARMED_TO = /^(?:bring|heat|warm) (?:it )?to (?:about )?[4-9]\d\b/i
/** "… and keep warm", "set it by the stove", "infuse the rosemary in hot cream" */
const KEEPS =
  /\b(?:keep|hold) (?:it |them )?(?:warm|hot)$|\band hold$|\b(?:have|keep|leave|park|put|set|stand) (?:it |this |that )?(?:aside|at hand|handy|near(?:by)?|ready|to (?:hand|one side)|(?:beside|by|close to|near|next to) (?:the )?(?:burner|heat|hob|stove))$|^(?:infuse|steep)\b|^(?:the )?(?:cream|milk)\b[^.]*,? (?:infuse|steep)\b/i
const DAIRY = ['cream', 'milk', 'butter']
/** "Put the milk in a small saucepan to warm through" */
const TO_WARM =
  /^(?:put|place|pour|set)\b.*\b(?:to (?:warm|heat)|(?:bring|heat) it (?:to (?:an? |the )?(?:bare |gentle )?(?:simmer|boil)|until))\b/i
/** "Cream and bay to 80°" */
const OPENS = /^(?:the )?(?:cream|milk|butter)\b/i
const IN_PAN = /\b(?:pan|pot|saucepan)\b/i

/** "When the honey is at 118°" speaks of no whites, and "start whisking the whites" of no honey. */
export const WAITS_FOR =
  /^(?:meanwhile,?\s+)?(?:when|once|as|at|while)\b.{0,60}?\b(?=(?:start|begin|whip|whisk|beat|[gs]et (?:the )?(?:beaters|mixer|whisk))\b)|^(?:just )?before\b[^,]{0,40},/i
export const SWEET_TOO = /\b(?:honey|molasses|treacle|everything|all (?:the |of the )?ingredients|saucepan)\b/i
export const SUGAR = /\b(?:sugar|syrup|glucose)\b/i
/** "Warm the cream with the glucose" */
const WITH_SYRUP =
  /(?:\b(?:with|and)|,) (?:the )?(?:\w+ pods? and (?:the )?)?(?:glucose|corn|golden|maple|invert)(?: syrup)?\b/gi
export const PUTS_IN =
  /\b(?:add|in goes?|go(?:es)? in|stream in|deglaze|decook|stop with|stop the (?:caramel|cooking) with|pour (?:the )?(?:hot|warm) \w+ (?:bit by bit|gradually|little by little|slowly)|pour (?:in|on)|(?:beat|blend|emulsify|fold|knead|mix|put|stir|tip|whisk|work) in|trickle in|drizzle in|(?:chuck|dump|rain|scatter|shower|sling|sprinkle|throw|toss) in|(?:drop|slip|slide|swirl) in (?!an? (?:cup|glass|mou?ld|tin|tray)\b|blobs|cold|dollops|iced|little|lumps|moulds|mounds|small|(?:table|tea)?spoon)|(?:pour|stir|whisk|tip) (?:the )?\w+ in\b(?! an?\b)|(?:pour|run|stir|whisk|beat|fold|mix|trickle|drizzle|stream)\b.{0,40}\b(?:into|onto|over|on (?:the )?(?:whipped |beaten |egg )?whites))\b/i
/** The first sentence after `at` that puts in what is called so; -1 for none. */
const putInAt = (said: readonly string[], at: number, names: readonly string[]): number =>
  said.findIndex((s, i) => i > at && PUTS_IN.test(s) && mentions(s, names))

/** "Cream in 3 goes": put in by its name alone. */
const comesIn = (sentence: string, what: string): boolean =>
  new RegExp(
    `(?:^(?:then )?|^${OFF_HEAT}[;:,] )(?:the )?(?:hot |warm )?${what}\\b[^,.;]{0,20}\\bin\\b|\\bin\\b.*, then (?:the )?(?:hot |warm )?${what}\\b|^${OFF_HEAT}.*\\b(?:and|then) (?:the )?(?:hot |warm )?${what}\\b`,
    'i',
  ).test(sentence)
const WITH_IT = /\b(?:with|in|into) it\b|\b(?:add|pour|stir|tip) (?:it|to)\b/i
const MIXTURE =
  /\b(cream|milk|butter)(?: and (?:\w+ ){1,2}?)? ?mix(?:ture)?\b|\b(?:hot|warm(?:ed)?) (?:dairy|liquids?)\b/i

/** "Pour in the eggnog mixture" */
const OWN_MIXTURE = /\b(?:in|the) (?!the\b|sugar|syrup|hot|whole|caramel|boiling)(\w{3,})(?: and \w+)? mixture\b/i

/** "The butter cream", of butter that was browned and strained into cream */
const FLAVOURED =
  /\b(?!(?:cold|double|heavy|hot|ice|single|sour|the|warm|warmed|whipped|whipping|with)\b)(\w{3,}) cream\b/i

/** "Pour the cream into the sugar in 4 lots", "decook with cream" */
const STOPS_WITH =
  /^(?:(?:add|pour) (?:the )?(?=.*\bin (?:\d|two|three|four|several)\S* (?:additions|goes|lots|parts|portions)\b)|(?:deglaze|decook|stop) (?:it |the \w+ )?with (?:the )?)(cream|milk|butter)\b/i

/** "Dissolve the acid in the water", put in later as "the acid solution"; whatever stands in the pot itself is none. */
const MIXES = /^(?:mix|dissolve|stir|whisk|combine|blend|slake|slurry)\b(?!.*\b(?:pan|pot|saucepan|heat|boil)\b)/i
/** "Pour the slurry in" */
const SLURRY = /\b(?:slurry|starch paste)\b/i
const STARCH = /\b(?:corn ?starch|cornflour|starch|flour)\b/i
const CALLED =
  /\b(?!the\b|and\b|this\b|your\b|then\b)(\w{3,})(?:-\w+)? (?:solution|mixture|mix|slurry|paste|powder)\b|\b(agar|pectin)[- ]sugar\b/i

/** "Stir cinnamon and salt together" */
const TOGETHER =
  /^(?:mix|stir|whisk|combine) (?:the )?([a-z]+) and (?:the )?[a-z]+ together(?: in (?:an? )?(?:\w+ ){0,2}(?:bowl|cup|dish))?$/i
/** "Dissolve the coffee in the boiling water": what is put in later by its own name. */
const MIXED = /^(?:mix|dissolve|stir|blend|whisk|beat|mash|loosen) (?:the )?([a-z]+) (?:in|into|with|until|till)\b/i

/** "Whisk together powdered sugar and cornstarch": nothing for the pot, but what the pieces are dusted with. */
const DUST_MIX =
  /^(?:mix|stir|whisk|combine|sift|sieve)\b.{0,30}\b(?:icing|powdered|confectioners['’]?) sugar\b.{0,20}\b(?:corn ?starch|cornflour|starch)\b|^(?:mix|stir|whisk|combine|sift|sieve)\b.{0,30}\b(?:corn ?starch|cornflour|starch)\b.{0,20}\b(?:icing|powdered|confectioners['’]?) sugar\b/i
const DUSTS = /\b(?:toss|dust|roll|coat)\b(?!.{0,20}\b(?:base|bottom|pan|sides|tin|tray)\b)/i

function mixedInAt(said: readonly string[], at: number): number {
  if (!MIXES.test(said[at] ?? '')) return -1
  const sentence = said[at] as string
  // "pour on starch" later on speaks of another
  const slurry = STARCH.test(sentence) ? said.findIndex((s, i) => i > at && PUTS_IN.test(s) && SLURRY.test(s)) : -1
  if (slurry >= 0) return slurry
  const own = SUGAR.test(sentence) ? undefined : (TOGETHER.exec(sentence) ?? MIXED.exec(sentence))?.[1]?.toLowerCase()
  const later = putInAt(said, at, own === undefined ? [] : [own])
  if (later >= 0) return later
  return said.findIndex((s, i) => {
    const [, mixed, dry] = (i > at && PUTS_IN.test(s) && CALLED.exec(s)) || []
    const called = mixed ?? dry
    return called !== undefined && !SUGAR.test(called) && mentions(said[at] as string, [called.toLowerCase()])
  })
}

/** What is popped apart goes in with what is poured over it. */
const POPS =
  /^(?:pop\b|(?:once|when) they(?:['’]ve)? pop|(?:put|place|tip|heat|cook|keep|spread|add|drop|pour|shake)\b.*\bpop(?:s|ping|ped)?\b)/i
const PUTS_CORN = /^(?:add|put|tip)\b.*\b(?:corn|kernels)\b/i
const OILS = /^(?:heat|warm|put|pour|add)\b.*\boil\b/i
const OVER_CORN = /\b(?:over|with|onto|into) (?:the )?(?:popped )?(?:pop)?corn\b/i

/** "Pour the syrup into a jug": there it only waits. */
export const NO_JUG = /(?!.{0,20}\binto (?:an? |the )?(?:[\w-]+ )?(?:jug|pitcher)(?:$|[;,(]))/.source

/** What is whipped waits for the syrup. */
export const SYRUP_IN = new RegExp(
  `^stream(?=,)|(?:^|\\bsyrup off(?:,| and| then) )(?:slowly )?(?:drizzle|stream|trickle) (?:it )?in(?=$|[,;]| (?:at|gradually|on|slowly|while|whipping|whisking)\\b)|\\b(?:pour|run|trickl|drizzl|stream|add)(?:e|ing)?\\b(?:(?!\\bsugars?\\b(?! syrup)).){0,30}(?<!\\b(?:corn|glucose|golden|maple|rice) )\\b(?:syrup|meringue)\\b${NO_JUG}`,
  'i',
)

/** "Whisk the miso into the cream; set aside": what is put in later by one of its names. */
const SETS_ASIDE =
  /^(?:mix|whisk|stir|combine|beat|blend|dissolve|mash|sieve|sift)\b(?!.*\b(?:pan|pot|saucepan|heat|boil)\b)(.*?)[,;]? (?:and )?set aside$/i
/** "Add the dry mixture": what was set aside, by what it is. */
const THE_MIXTURE = /\b(?:dry|reserved|sieved|sifted) (?:ingredients|mix(?:ture)?)\b/i

/** "Simmer the passion fruit until reduced by half; set aside": in a pan of its own. */
const COOKED_ASIDE =
  /^(?:boil|cook|heat|reduce|simmer|warm) (?:the )?(.*?)(?:,| (?:by|down|for|in|on|over|to|till|until)\b).*[,;]? (?:and )?(?:reserve|set aside)$/i

/** "Make the ripple: simmer the raspberries and sugar until jammy, sieve, set aside": what is put in later by what it is called. */
const MADE_ASIDE = /^(?:make|prepare) (?:the )?(?:\w+ )?(\w{4,})[:,] .*[,;]? (?:and )?(?:reserve|set aside)$/i

/** "Mix cashews, zest and salt in a bowl": what is put in later by one of its names, or as nuts. */
const IN_A_BOWL =
  /^(?:mix|combine|toss|stir)\b(?!.*\b(?:pan|pot|saucepan|heat|boil)\b)(.*?) (?:together )?in (?:an? )?(?:\w+ )?bowl$/i
/** "Pour over, mix fast": over what lies in the bowl. */
const POURS_OVER = /^(?:then )?pour (?:it |the (?:hot )?\w+ )?over(?=$|[,;]| and\b| (?:it|that|them|this)\b)/i
const A_NUT = /\b(?:almonds|cashews|hazelnuts|macadamias|peanuts|pecans|pistachios|walnuts)\b/i

/** "The day before, put the raisins and rum in a jar": what is put in later by one of its names. */
const SOAKS =
  /^(?:(?:the )?(?:day|night|evening) before(?:[,:]? (?:cover|mix|place|pour|put|soak|steep|stir)|: .*\bin\b)|(?:cover|mix|place|pour|put|stir)(?=.*\b(?:for (?:\d+|several|a few|two|three|six|twelve) hours|overnight)$))\b(?!.*\b(?:pan|pot|saucepan|heat|boil|oven)\b)/i

/** "Steep the lavender in 80 ml hot water and strain" */
const STEEPS = /^(?:brew|infuse|soak|steep) (?:the )?(?:dried )?([\p{L}-]{3,})\b.*\b(?:in|with)\b.*\bwater\b/iu

/** The sentence that puts in what sentence `at` makes by itself, by what it is called then: the lavender water; -1 for no such thing. */
export function steepedGoesInAt(said: readonly string[], at: number): number {
  const steeped = STEEPS.exec(said[at] ?? '')?.[1]?.toLowerCase()
  if (steeped === undefined) return -1
  const names = [...['water', 'tea', 'infusion', 'liquid'].map((of) => `${steeped} ${of}`), 'infusion', 'infused water']
  return said.findIndex((s, i) => i > at && mentions(s, names))
}

const nounsIn = (words: string): string[] =>
  (words.toLowerCase().match(/\p{L}{4,}/gu) ?? []).filter((w) => !/^(?:into|with|together|until|smooth|sugar)$/.test(w))

const HOLDS = /^(?:gently )?(?:warm|heat|melt) (?:the )?(?!the |honey|sugar|syrup|glucose)(\w{3,})\b/i

/** "Warm the fat phase": what is put in later by those words. */
const PHASE = /^(?:meanwhile,? )?(?:gently )?(?:warm|heat|melt) (?:the )?(\w{3,} (?:phase|part))\b/i

/** "Put the honey in a bowl over a pan of simmering water to liquefy" */
const OVER_WATER =
  /^(?:put|place|set|stand|warm|heat|melt) (?:the )?(\w{3,}) in (?:an? )?(?:\w+ )?bowl (?:set )?over\b.{0,45}\bwater\b/i

/** "Add the milk powder" adds no milk. */
const OTHER_DAIRY = /\b(?:milk|butter|cream) (?:chocolate|powder|solids)\b|\bcream of tartar\b/gi

const SOAKED = /\b(?:albumen|egg whites?)\b/i
const BEATS = /^(?:beat|whip|whisk)\b/i

/** "Warm the cream and half the glucose … boil the sugar … add the hot cream": whether what sentence `at` warms goes hot into another pot. */
function isMetHot(said: readonly string[], at: number, what: string): boolean {
  const again = new RegExp(`\\b(?:hot|warm(?:ed)?) (?:\\w+ )?${what}\\b`, 'i')
  return said.some(
    (s, i) => i > at && PUTS_IN.test(s) && again.test(s) && said.slice(at + 1, i).some((t) => SUGAR.test(t)),
  )
}

/** The sentence that puts in what sentence `at` warms, mixes or pops apart; -1 where that one does nothing apart. */
export function goesInAt(written: readonly string[], at: number): number {
  const said = written.map((s) => s.replace(OTHER_DAIRY, ' '))
  const sentence = said[at] ?? ''
  if (DUST_MIX.test(sentence)) return said.findIndex((s, i) => i > at && DUSTS.test(s) && !isGotReady(s))
  const popsNext = (i: number): boolean =>
    POPS.test(said[i] ?? '') || (PUTS_CORN.test(said[i] ?? '') && POPS.test(said[i + 1] ?? ''))
  const pops = popsNext(at) || (OILS.test(sentence) && popsNext(at + 1))
  if (pops) return said.findIndex((s, i) => i > at && OVER_CORN.test(s))
  // "soak the albumen in water. Beat with the glucose until light": what the syrup is poured onto
  const soaks = (i: number): boolean => isGotReady(said[i] ?? '') && SOAKED.test(said[i] ?? '')
  if ([at, at + 1].some((i) => soaks(i - 1) && BEATS.test(said[i] ?? '')))
    return said.findIndex((s, i) => i > at && !BEATS.test(s) && (SYRUP_IN.test(s) || ONTO_FOAM.test(s)))
  const own = steepedGoesInAt(said, at)
  if (own >= 0) return own
  const mixed = mixedInAt(said, at)
  if (mixed >= 0) return mixed
  const [, aside = ''] = SETS_ASIDE.exec(sentence) ?? []
  const cooked = SUGAR.test(sentence) ? '' : (COOKED_ASIDE.exec(sentence)?.[1] ?? '')
  const made = MADE_ASIDE.exec(sentence)?.[1]?.toLowerCase()
  const madeIn = made === undefined ? -1 : said.findIndex((s, i) => i > at && mentions(s, [made]))
  if (madeIn >= 0) return madeIn
  const asideIn = putInAt(said, at, nounsIn(aside === '' ? cooked : aside))
  if (asideIn >= 0) return asideIn
  const mixtureIn = aside === '' ? -1 : said.findIndex((s, i) => i > at && PUTS_IN.test(s) && THE_MIXTURE.test(s))
  if (mixtureIn >= 0) return mixtureIn
  const [, bowled = ''] = IN_A_BOWL.exec(sentence) ?? []
  const called = [...nounsIn(bowled), ...(A_NUT.test(bowled) ? ['nuts'] : [])]
  const bowledIn =
    bowled !== '' && !SUGAR.test(bowled)
      ? said.findIndex((s, i) => i > at && PUTS_IN.test(s) && !FOAMS.test(s) && mentions(s, called))
      : -1
  if (bowledIn >= 0) return bowledIn
  const overIt = bowled !== '' && !SUGAR.test(bowled) ? said.findIndex((s, i) => i > at && POURS_OVER.test(s)) : -1
  if (overIt >= 0) return overIt
  const stands = SOAKS.test(sentence) && !SUGAR.test(sentence)
  const soakedIn = putInAt(said, at, stands ? nounsIn(sentence) : [])
  if (soakedIn >= 0) return soakedIn
  const bathed = OVER_WATER.exec(sentence)?.[1]?.toLowerCase()
  const bathedIn = putInAt(said, at, bathed ? [bathed] : [])
  if (bathedIn >= 0) return bathedIn
  const phase = PHASE.exec(sentence)?.[1]
  const phaseIn = phase
    ? said.findIndex((s, i) => i > at && PUTS_IN.test(s) && s.toLowerCase().includes(phase.toLowerCase()))
    : -1
  if (phaseIn >= 0) return phaseIn
  const warmed = WARMS.exec(sentence)
  const what = lettersOf(warmed?.[0].split(/\s+/).at(-1) ?? '')
  // "warm the tahini in a small pan", that the syrup is poured into
  const held = HOLDS.exec(sentence)?.[1]
  if (!warmed && held && !SUGAR.test(sentence) && !inOven(sentence)) {
    const foldsInto = new RegExp(`\\b(?:fold|mix|stir|work)\\b.{0,60}\\binto (?:the )?(?:warm )?${held}\\b`, 'i')
    const onto = said.findIndex(
      (s, i) => i > at && ((SYRUP_IN.test(s) && mentions(s, [held.toLowerCase()])) || foldsInto.test(s)),
    )
    if (onto >= 0) return onto
    // "in another pan boil the sugar": what stands in the first goes in by its name, or has the syrup poured onto it
    const isFirst = said.slice(at + 1).some((s) => inOtherPot(s) && SUGAR.test(s.replace(WAITS_FOR, '')))
    if (isFirst)
      return said.findIndex(
        (s, i) => i > at && (SYRUP_IN.test(s) || (PUTS_IN.test(s) && mentions(s, [held.toLowerCase()]))),
      )
  }
  // "brown the butter, pour it into the cream and keep warm"
  if (!warmed && (KEEPS.test(sentence) || TO_WARM.test(sentence)) && !SUGAR.test(sentence)) {
    const later = said.findIndex(
      (s, i) =>
        i > at &&
        DAIRY.some((d) => mentions(sentence, [d]) && (comesIn(s, d) || (PUTS_IN.test(s) && mentions(s, [d])))),
    )
    if (later >= 0) return later
  }
  const isThenWarmed = MIXES.test(sentence) && WARMED_TO.test(said[at + 1] ?? '')
  const standsApart = IN_PAN.test(sentence) || OPENS.test(sentence) || PUT_ON.test(sentence) || isThenWarmed
  if (!warmed && standsApart && !SUGAR.test(sentence)) {
    // "melt the butter in a small pan. Pour in the cream": what goes into that before anything sweet is spoken of
    const sweetAt = said.findIndex((s, i) => i > at && SUGAR.test(s))
    const inIt = said.slice(at, Math.max(at + 1, sweetAt)).join('. ')
    const later = said.findIndex(
      (s, i) =>
        i > at &&
        (PUTS_IN.test(s) || COMBINES.test(s) || DAIRY.some((d) => comesIn(s, `${d} mix(?:ture)?`))) &&
        mentions(i < sweetAt ? sentence : inIt, [
          (STOPS_WITH.exec(s) ??
            HEATED.exec(s) ??
            MIXTURE.exec(s) ??
            OWN_MIXTURE.exec(s) ??
            FLAVOURED.exec(s))?.[1]?.toLowerCase() ?? '-',
        ]),
    )
    // what stands on the stove already is the pot
    return later >= 0 && !said.slice(0, at).some((s) => SUGAR.test(s) && IN_PAN.test(s)) ? later : -1
  }
  // whites are whipped with some sugar; whatever else has any is the pot itself
  if (!warmed) return -1
  // what is warmed meanwhile is not the pot, whatever is in it, where that stands on the heat already
  const isFoam = FOAMS.test(warmed[0])
  const sweet =
    !isFoam && SUGAR.test(said.some((s, i) => i > at && MELTS.test(s)) ? sentence.replace(WITH_SYRUP, ' ') : sentence)
  if (
    sweet &&
    !KEEPS.test(sentence) &&
    !(MEANWHILE.test(sentence) && said.slice(0, at).some((s) => SUGAR.test(s) && !isGotReady(s))) &&
    !isMetHot(said, at, what)
  )
    return -1
  const named = said.findIndex(
    (s, i) =>
      i > at &&
      (comesIn(s, what) ||
        (COMBINES.test(s) && IN_PAN.test(s) && mentions(s, [what])) ||
        (PUTS_IN.test(s) && mentions(sentence, [OWN_MIXTURE.exec(s)?.[1] ?? '-'])) ||
        (PUTS_IN.test(s) && (mentions(s, [what]) || MIXTURE.test(s) || (i === at + 1 && WITH_IT.test(s))))),
  )
  if (named >= 0) return named
  return said.findIndex((s, i) => i > at && (isFoam ? SYRUP_IN.test(s) || ONTO_FOAM.test(s) : STOPS_WITH_IT.test(s)))
}

/** "Deglaze, slowly": with what was warmed for it. */
const STOPS_WITH_IT = /^(?:deglaze|decook)\b(?! with\b(?! (?:step )?\d$))/i

/** Sugar that is melted by itself. */
const MELTS =
  /\b(?:melt|carameli[sz]e|dry caramel|caramel (?:of|with))\b.*\bsugar\b|\bsugar\b.*\b(?:melt|dry|carameli[sz]e|amber)\b/i

const FOAMS = new RegExp(`\\b${FOAM}`, 'i')
