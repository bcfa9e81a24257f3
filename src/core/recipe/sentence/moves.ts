/** What a sentence of a method does with the pot: gets something ready beside it, takes it off, puts it back, pours it out. */
import { mentions } from '../../formula/called'
import { DRIES_AT, WARMTH } from './heats'
import { withoutForbidden } from './not-yet'

/** Matches what is said in one of these ways, as whole words where `within` says so. */
const saidAs = (ways: readonly RegExp[], within: (all: string) => string = (all) => all): RegExp =>
  new RegExp(within(ways.map((way) => `(?:${way.source})`).join('|')), 'i')

/** How one begins who has not begun yet, and does it with care. */
const FIRST = /^(?:(?:first|meanwhile|in (?:the )?meantime|while\b[^,]{0,40}),?\s+)?/
const WELL = /(?:(?:lightly|generously|well|thoroughly)\s+)?/
const KEEPS_WARM = /keep (?!the (?:rest|other)\b).{0,30}\b(?:warm|hot)\b/
const IN_OVEN =
  /^(?!if\b|off the heat|.*\b(?:bake|cut|divide|pour|return|roll|shape)\b).{0,90}\bin (?:an? |the )?(?:\w+ )?oven\b/
/** What is got ready, by the word the sentence begins with. */
const READIES = saidAs(
  [
    /bloom/,
    /(?:re)?hydrate/,
    /(?:dissolve|combine|mix|stir) (?:the )?(?:\w+ )?gelatine? (?:into? (?:the )?(?:\w+ )?water|in|with|and)\b(?!.*\bsugar\b)/,
    /soften (?:the )?(?:\w+ )?gelatine?/,
    /(?:steep|brew|infuse)(?=.*\bwater\b.*\bstrain\b)/,
    /soak(?!.*\b(?:sugar|boil|simmer)\b)/,
    /(?:in (?:an? |the )?(?:[\w-]+ ){0,2}bowl(?: of (?:an? |the |your )?(?:[\w-]+ ){0,3}mixer)?,? )?sprinkle (?:the )?(?:powdered )?gelatine?/,
    /brush (?:an? |the |your )?(?:[\w-]+ ){0,4}(?:dish|foil|marble|mou?lds?|pan|paper|sheet|slab|tin|tray)s? with/,
    // shells are lined with chocolate, and filled: that is the work itself
    /spray(?=.*\b(?:dish|foil|mou?lds?|pan|paper|tin|tray|sheet)\b)/,
    /line\b(?! (?:it |them )?(?:along|down|up)\b)(?!.*\b(?:mou?lds?|cavities|shells)\b.*\b(?:fill|cap|seal)\b)/,
    /grease/,
    // what is filled once it is boiled
    /cast (?:the |your )?(?:\w+ )?(?:cups|shells)/,
    // the sides are washed down while it boils
    /wash (?!down\b|(?:the )?(?:sides|crystals)\b)/,
    /(?:roll|turn|fold) (?:up )?(?:the )?edges of\b.*\b(?:foil|paper|parchment)/,
    /rub (?:an? |the |your )?(?:[\w-]+ ){0,4}(?:tin|tray|pan|dish)\b.*\b(?:butter|oil)/,
    /(?:butter|oil) \d+(?:[ -]?(?:["″]|cm|in(?:ch)?))?(?: ?[x×] ?\d+| (?:pan|sheet|tin|tray))/,
    // "butter 8- or 9-inch square pan"
    /(?:butter|oil) \d+(?:[- ]|["″] ).{0,24}\b(?:dish(?:es)?|pans?|sheets?|tins?|trays?)/,
    /(?:butter|grease|oil) (?:and|then) (?:dust|flour|line)/,
    /(?:butter|oil) (?:an?|the|both|two|sides|bottom|base|(?:\w+ ){0,2}(?:sheets?|tins?|pans?|trays?|slabs?|marble|foil|dish(?:es)?|mou?lds?))/,
    /preheat/,
    /heat (?:the |your )?oven/,
    /(?:in (?:an? )?(?:[\w-]+ ){0,3}(?:pan|skillet),? )?(?:dry[- ])?(?:toast|roast)/,
    /(?:tins?|trays?|pans?|mou?lds?|sheets?) (?:must|should|has to|have to|needs? to) be (?:buttered|greased|oiled|lined|ready)/,
    /(?:sift|sieve)(?! (?:in|into|off|on|over|(?:the )?(?:remaining|rest))\b| (?:\w+ ){1,8}over\b)/,
    /arrange(?!.*\b(?:spoon|pour)\b)/,
    /chop/,
    /divide (?!the (?:caramel|fudge|mass|mixture|toffee)\b).*\b(?:between|among|over) (?:\w+ ){0,3}(?:\w+ )?(?:pans?|sheets?|tins?|trays?)/,
    /crush(?=.*\b(?:almonds|biscuits?|candy canes?|cardamom|cookies|crackers|graham|nuts|peppermints?|pretzels)\b)/,
    /grind/,
    /halve/,
    // "cut the butter small", "zest the lemon": what is boiled is cut once it lies there
    /(?:cube|cut|dice|grate|juice|peel|slice|zest) (?:up )?(?:all |the |your )*(?:cold |dried |fresh |soft )?(?:apples?|apricots?|butter|cherries|chocolate|cranberries|dates|figs|fruits?|ginger|lemons?|limes?|\w*nuts|almonds|oranges?|pecans|pistachios|raisins|vanilla (?:bean|pod))(?! (?:fudge|toffee|caramels?|squares|bars))/,
    /bring (?:the |your )?[\w ]{3,30} to room temperature/,
    /soften (?:the |your )?butter/,
    /set (?:the )?(?!it\b|this\b|(?:[\w ]+ )?(?:caramel|foam|fudge|mass|mixture|pan|pot|syrup|whites)\b)[\w ]{3,30} aside$/,
    /(?:keep|leave|place|put|set|stand) (?:the )?(?!it\b|this\b|(?:[\w ]+ )?(?:caramel|mixture|pan|pot|syrup)\b)[\w ]{3,30} (?:at hand|nearby|(?:beside|by|near|next to) the (?:burner|heat|hob|stove))/,
    /(?:check|make sure|see)(?: that)? (?:the |your )?[\w ]{3,30} (?:are|is) (?:at hand|ready|there)/,
    /split(?! off\b|(?: it| the \w+)? (?:among|between|(?:in|into) (?:two|half|halves|three))\b)/,
    /slit/,
    // "measure the sugar into a wide pan" fills the pot
    /measure(?!.*\binto (?:an? |the )?(?:[\w-]+ ){0,3}(?:pan|pot|saucepan)\b)/,
    /(?:insert|push|stick) (?:an? |the )?(?:[\w-]+ ){0,2}(?:sticks?|skewers?|dowels?)\b.*\b(?:apples?|fruits?|pears?|marshmallows?)/,
    /(?:pull|remove|twist) (?:off )?(?:the )?stalks?\b/,
    /weigh(?! (?:it |them |the \w+ )?down\b)/,
    /prepare/,
    /premix/,
    /mise en place/,
    /cover (?:an? |the |your )?(?:[\w-]+ ){0,3}(?:board|pan|sheet|tin|tray)s? with\b.*\b(?:foil|mat|paper|parchment)/,
    /have (?:ready|an?|the|your|everything|all)/,
    // "have whites beaten stiff"
    /have (?!(?:it|them)\b)[\w ]{3,40}(?<= )(?:beaten|chopped|greased|heated|lined|measured|melted|ready|toasted|warm|warmed|weighed|whipped)/,
    /set out/,
    /(?:lay|place|put) (?:an? |one |the )?(?:first )?(?:sheets? of )?(?:edible paper|rice paper|wafers?(?: paper)?) (?:at|in|into|on|over)\b/,
    /(?:lay|place|put|set) (?:out )?(?:an? |one |the |your )?(?:silicone |baking )?(?:mat|marble|silpat)s? (?:in|on|onto)\b/,
    /lay (?:out )?(?:an? |some |the )?(?:sheets? of )?(?:baking |greaseproof |silicone |wax(?:ed)? )?(?:parchment|paper|foil|mat)/,
    /get (?:the|your|all|everything)\b.*\b(?:ready|in order|together)/,
    /you(?:[’']?ll| will)? need/,
    // "take 1 lb of sugar, a cup of water"
    /take (?:\d|[¼½¾]|half|an?\b|one\b|two\b).{0,10}\b(?:lbs?|pounds?|oz|ounces?|cups?|k?g|pints?)/,
    KEEPS_WARM,
    // "hold the almonds at 80 °C"
    /hold (?!it\b)(?!.*\b(?:honey|mass|mixture|pan|pot|sugar|syrup)\b).{3,40}\bat \d{2}\b/,
  ],
  (all) => `${FIRST.source}${WELL.source}(?:${all})\\b`,
)
const GOT_READY = saidAs([
  READIES,
  // "pour half of the water into a bowl and sprinkle the gelatin over it"
  /^(?:pour|put|place|add)\b(?!.*\b(?:pan|pot|saucepan|syrup|heat|boil)\b).*\b(?:sprinkle|rain) (?:in |over )?(?:the )?(?:\w+ )?gelatine?\b/,
  // "put the raisins and rum in a small bowl, cover"
  /^(?:combine|mix|place|put|tip)\b(?!.*\b(?:heat|pan|pot|saucepan|sugar|syrup|whites?)\b).{3,60}\bin(?:to)? (?:an? )?(?:[\w-]+ ){0,2}(?:bowl|cup|dish|jar|mug)\b.{0,20}\b(?:cover|leave|soak|stand|steep)\b/,
  // "mix the sherbet, set aside", "mix the sherbet, keep dry"
  /^(?:combine|mix|sift|stir|whisk)\b(?!.*\b(?:boil|heat|pan|pot|saucepan|whites?)\b).{3,60}\b(?:set (?:it )?aside|keep (?:it )?(?:apart|dry|separate))\b/,
  // "mixer bowl: gelatin and cold water, 10 min"
  /^(?:(?:mixer|mixing|small) )?bowl: (?!.*\b(?:boil|heat|syrup)\b).*\bgelatine?\b.*\bwater\b/,
  // "put the apples in boiling water for a minute"
  /^(?:dip|drop|dunk|place|plunge|pop|put) (?:the )?(?:apples|fruit|pears)\b.{0,50}\b(?:boiling|hot|simmering|warm) water\b/,
  /^(?:the )?gelatine? (?:and|in|into|over|with)\b(?!.*\b(?:pan|pot|syrup|hot|boil)).*\bwater\b/,
  // "put the gelatine in a bowl with the cold water"
  /^(?:put|place|add|mix|stir) (?:the )?(?:\w+ )?gelatine?\b.{0,30}\b(?:bowl|jug|cup|dish)\b.{0,40}\bwater\b/,
  /^(?:leave|let|set aside|stand)\b(?!.*\bspread\b).{0,30}\b(?:bloom|soften|sponge|swell|hydrate|infuse|steep)\b/,
  IN_OVEN,
  /^(?:lightly )?(?:cover|dust|spray|coat|flour|sprinkle)\b[^,;]{0,60}\b(?:board|dish|foil|marble|mou?ld|pan|paper|parchment|sheet|slab|tin|tray)s?\b[^,;]{0,30}\bwith\b/,
  /^(?:lightly|generously|well) (?:butter|grease|oil)(?: (?:it|them))?$|^(?:butter|grease|oil) (?:it|them)\b(?: (?:lightly|well))?$/,
  // nuts that are toasted with something on them, or warmed at a heat: a pot is cooked to one
  /^(?:toss|mix|coat|spread|scatter)\b.{0,60}\b(?:toast|roast)\b/,
  /^(?:warm|heat|dry)\b(?!.*\b(?:sugar|syrup|mixture|(?:un)?till? it|amber)\b).{0,60}\bat \d{2,3}/,
  /\broast\b.{0,20}\bat \d{2,3}/,
  // what is dusted with, and no batter of anything
  /^(?:combine|mix|stir|whisk)(?: together)? (?:the )?(?:(?:icing|powdered|confectioners['’]?s?) sugar (?:and|with) (?:the )?(?:corn ?(?:flour|starch)|potato starch|starch)|(?:corn ?(?:flour|starch)|potato starch|starch) (?:and|with) (?:the )?(?:icing|powdered|confectioners['’]?s?) sugar)(?: (?:together|in an? (?:[\w-]+ ){0,2}bowl|well))*$/,
  // "add the starch mixture and move it around to coat" is what the tin is dusted with
  /^(?:add|put|tip)\b.*\b(?:move|shake|swirl|tap|tilt|turn) (?:it |the (?:pan|tin|tray) |them )?(?:all )?around\b.*\bcoat\b/,
  // "make the sherbet by sifting …": nothing that is boiled
  /^(?:make|prepare) (?:the )?[\w ]{3,20}(?: by (?:sift|mix|combin|whisk|stirr|blend)ing\b|: (?:blend|combine|mix|sieve|sift|stir|whisk)\b)/,
])
/** Whether it is done before the first flame, and never lights one. */
export const isGotReady = (sentence: string): boolean => GOT_READY.test(withoutBrackets(sentence))
/** "Add the nuts (keep them warm in the oven)" */
const BY_THE_WAY = /(?<=\S\s*)\((?:[^()]|\([^()]*\))*\)/g
/** A sentence without what it says in brackets, by the way. */
export const withoutBrackets = (sentence: string): string => sentence.replace(BY_THE_WAY, ' ')

const WARMS = new RegExp(`^${KEEPS_WARM.source}|${IN_OVEN.source}`, 'i')
/** Whether a sentence warms something in an oven or keeps it warm: before the end of a cook that is got ready, after it that is done. */
export const warms = (sentence: string): boolean => WARMS.test(sentence)

/** What a pot stands on, as the source of a pattern. */
export const RING = '(?:burner|fire|flame|gas|heat|hob|ring|stove)'
/** "Turn off the heat", "shut it off", "kill the flame": what puts a ring out, as the source of a pattern. */
export const TURNS_OFF = `(?:(?:turn|switch|shut) (?:off(?: (?:the )?${RING}\\b|(?=[,;.]|$| and\\b))|(?:it|(?:the )?${RING}) off\\b)|(?:kill|cut) (?:the )?${RING}\\b)`
/** "Off the heat", "kill the flame": the same with what only says that it is off. */
export const OFF_HEAT = `(?:off (?:the )?${RING}\\b|${TURNS_OFF})`

/** "Kettle off, vanilla" */
export const TURNED_OFF = /^(?:burner|flame|gas|heat|kettle|pan|pot) off\b/i
const TAKES_OFF = saidAs([
  /^(?:(?:immediately|quickly|at once|then|now),? )?(?:take|lift)(?: it)? off\b(?! the (?:lid|skin|foam))/,
  /^off(?: heat\b|[,:;])/,
  TURNED_OFF,
  /^(?:add|deglaze|pour|stir|whisk)\b.{0,30}\boff heat\b|\b(?:beat|mix|stir|whisk) off (?:the )?heat\b/,
  /\boff (?:of )?the (?:burner|heat|fire|flame|stove)|(?<=\S )off (?:burner|fire|flame|heat|stove)$/,
  /\baway from (?:the )?(?:burner|heat|fire|flame|stove)/,
  /\b(?:remove|take|pull|lift)\b.{0,30}\b(?:from|off) (?:the )?(?:burner|heat|fire|flame|stove)/,
  // "pull it at 300": no sugar is pulled so hot
  /^(?:pull|yank) (?:it |the (?:pan|pot|syrup) )?(?:off )?at (?:about )?(?:1[2-9]\d|[23]\d\d)\b/,
  new RegExp(`\\b${TURNS_OFF}`),
  /^remove(?: (?:it|pan|pot|the (?:pan|pot|saucepan)))?(?:$|[;,])/,
])
/** Whether it comes off the heat in this sentence. */
export const takesOff = (sentence: string): boolean => TAKES_OFF.test(sentence)

/** A sentence without the heat it comes off: nothing is heated by that. */
export const withoutHeat = (sentence: string): string => sentence.replace(COMES_OFF, '').replace(TURNED_OFF, '')
const COMES_OFF = new RegExp(`\\b(?:${TURNS_OFF}|(?:from|off) (?:the )?${RING}\\b)`, 'gi')

const PUTS_BACK = saidAs([
  /^back on\b/,
  /^(?:then )?put (?:it |the (?:pan|pot) )?back\b(?! (?:in|the lid)\b)/,
  /\b(?:return|put|set|place)\b.{0,30}\b(?:to|on|over) (?:the |a )?(?:[\w-]+ )?(?:heat|fire|flame|stove)/,
])
/** Whether it goes back on the heat in this sentence. */
export const putsBack = (sentence: string): boolean => PUTS_BACK.test(sentence)

/** What waits whipped for a syrup, as the source of a pattern. */
export const FOAM = '(?:whites|egg white|albumen|aquafaba|foam|meringue|frapp[eé])(?!\\w)'

/** "Add the honey, whisking": as the source of a pattern. */
export const WHIPPED_IN = 'honey\\b.{0,30}\\b(?:beating|whipping|whisking)\\b'

/** A syrup that goes onto whites is in their bowl, and leaves that later. */
export const ONTO_FOAM = new RegExp(
  `\\b(?:into|over|onto|on|to)\\b.*\\b${FOAM}|^(?:slowly |gradually )?(?:pour|run|stream|trickle) (?:it|(?:the )?(?:hot )?(?:honey|syrup)) on(?=$|[,;]| (?:slowly|gradually|while|whisking|beating))`,
  'i',
)

/** What may stand before whites are whipped: meanwhile, once something is so, in which bowl. */
const WHIPS_WHITES = saidAs(
  [/(?:just )?before\b[^,]{0,40},\s+/, /(?:when|while|once|as|at)\b[^,]{0,60}?,?\s+/],
  (when) =>
    `^(?:meanwhile,?\\s+)?(?:${when})?${/(?:in (?:(?:a|the|another) |(?=(?:\w+ )?(?:bowl|mixer)\b)).{0,30}?,?\s*)?(?:(?:start\s+|begin\s+)?(?:beat|whisk|whip)(?:p?ing)?\b.{0,30}\b|(?:start|begin) (?:the )?(?:egg )?|(?:get|set|start) (?:the )?(?:mixer|whisk|beaters)(?: (?:going|running) on|:|,) (?:the )?(?:egg )?)/.source}${FOAM}`,
)
/** Whether the whites are whipped in this sentence, beside a pot that goes on. */
export const whipsWhites = (sentence: string): boolean => WHIPS_WHITES.test(sentence)

/** Whether the base of the pot is stood in cold water in this sentence. */
export const bathes = (sentence: string): boolean =>
  /(?:\b(?:base|bottom|(?:sauce)?pan|pot)\b.{0,30}|(?:^|[;,:]\s+)stop )\b(?:in|into)\b.{0,20}\b(?:cold|iced?)[ -]water\b|\b(?:sauce)?(?:pan|pot) in(?:to)? (?:an? |the )?(?:basin|bowl|sink)\b[^,;]{0,30}\bwater\b|\bin(?:to)? (?:an? )?(?:cold|ice|iced?[- ]water) bath\b|^(?:shock (?:the )?(?:base|(?:sauce)?pan|pot)\b|arrest\b.{0,20}\b(?:ice|water)\b)|^(?:cool|dip|shock) (?:the )?(?:base|bottom|(?:sauce)?pan|pot)\b.{0,30}\bwater\b/i.test(
    sentence,
  )

/** How what is in the pot leaves it. */
const POURS = saidAs(
  [
    // into a jug it only waits, and in the bowl of a mixer it is worked
    /pour(?!(?: it| (?:the )?(?:hot )?\w+)? in(?:to)? (?:an? |the )?(?:[\w-]+ )?(?:jug|pitcher|(?:mixer|mixing) bowl)\b)(?!(?: the (?:slurry|paste))? in\b)(?! (?:it|that|this) in(?: (?:as well|gradually|slowly|too)\b|[,;]|$))/,
    /pour in (?:an? )?(?:thin |even |thick |single )+(?:layer|sheet)\b/,
    /pour in an? (?:[\w-]+ )?(?:stream|thread) (?:into|on|onto|over)\b/,
    /pour in (?:an? |the )?(?:[\w"″-]+ ){0,6}(?:tins?|trays?|pans?|plates?|sheets?|shells?|dish(?:es)?|frames?|jars?|bars|rings|bottles?|mou?lds?|stream)/,
    /pour in (?:an? |the )?\d+[ -]?(?:["″”]|cm|in(?:ch)?)?[ -]?(?:round|square)/,
    // "1/4 inch thick"
    /pour in (?:about )?[\d./¼½¾]+ ?-?(?:["″”]|cm|mm|in(?:ch)?(?:es)?\b) (?:deep|thick)/,
    // "in a buttered 13x9"
    /pour in (?:an? |the )?(?:(?:deep|shallow|well)[ -])?(?:buttered|greased|oiled|lined|papered|prepared)\b/,
    /pour in (?:an? )?\d+ ?[x×] ?\d+/,
    /^pour in(?: (?:all of it|the (?:fudge|marshmallow|mass|mixture|nougat|toffee)))?(?=$|, )/,
    /^drops? of \d/,
    /^(?:the )?(?:hot )?honey (?:on|onto|over) (?:the )?whites/,
    // "tin 15 x 15", "tin (18 cm sq)"
    /^(?:frames?|mat|slab|tin|tray)(?:(?=$)| \(?\d+ ?(?:mm|cm|[x×] ?\d+)(?: sq(?:uare)?)?(?=\)?$))/,
    /^(?:frame|slab|tray), \d+ ?mm\b/,
    // "18 cm tin"
    /^(?:an? )?\d+ ?(?:cm|in(?:ch)?|["″”]) (?:lined )?(?:square |round )?(?:frame|pan|tin|tray)$/,
    // "two 9x9 pans"
    /^(?:one|two|three|\d) (?:\w+ )?\d+ ?[x×] ?\d+ (?:frames?|pans?|tins?|trays?)$/,
    /^(?:hot |warm )?jars$/,
    /frame\b/,
    /cast (?:it )?(?:in|on|between)|^cast(?: it)?(?= \d+ ?mm| \d+ ?cm|$)/,
    /(?:then |quickly |straight )+into (?:an? |the )?(?:\w+ )?(?:\d+ ?x ?\d+|tin|tray|pan|dish)/,
    /tray (?:it )?(?:out|up|off)\b/,
    /sheet (?:it )?(?:out|thin(?:ly)?|at|\d+ ?mm)\b/,
    /deposit/,
    /discharge/,
    /(?:dump|empty) (?:it |the \w+ )?(?:out|on|onto|into) /,
    // "spread half the coconut in the pan": what the pot is poured onto
    /spread(?! (?:half|most|some)(?: of)? (?:the |your )?(?:almonds|cashews|coconut|hazelnuts|nuts|peanuts|pecans|pistachios|seeds|sprinkles|walnuts) (?:in|on|over)\b)/,
    /turn (?:it )?on(?:to)? (?:the )?(?:rice paper|wafers?)/,
    /turn (?:it )?on (?:buttered|greased|oiled)/,
    /(?:^|turn (?:it )?)in(?:to)? (?:an? |the )?(?:buttered|greased|lined|oiled|prepared)\b/,
    // and what is watched as it turns into something stays where it is
    /(?<!\b(?:caramel|it|mixture|sugar|syrup) )turn (?:it |half (?:of it )?|the (?:rest|other half) )?(?:out|into|onto|on an? (?!\w+ (?:heat|burner|oven|mixer)\b))/,
    // the bottom of the pot is scraped while it cooks
    /scrape(?! (?:down )?(?:the )?(?:bottom|base|sides?)\b(?! (?:of the (?:bowl|pan|pot) )?(?:in|on)to\b))/,
    // "tip the seeds in" empties the bowl they are in
    /tip(?! in\b| (?:(?!into\b)[\w-]+ ){1,6}in(?:$|[,;]| and\b))/,
    /tip (?:it |them )?in(?:to)? (?:the|a) (?:\w+ )?(?:tin|tray|pan|sheet)/,
    /put (?:it )?in(?:to)? (?:an? |the )?(?:buttered|greased|lined|oiled|prepared) (?:[\w-]+ ){0,2}(?:dish|pan|plate|platter|tin|tray)/,
    /get (?:it |everything )in(?:to)? (?:an? |the |your )?(?:buttered|greased|lined|oiled|prepared) (?:[\w-]+ ){0,2}(?:dish|pan|tin|tray)/,
    /press (?:it )?in(?:to)? (?:an? |the )?(?:\d+|(?:buttered|greased|lined|oiled|prepared)) ?(?:[\w-]+ ){0,3}(?:dish|frame|pan|square|tin|tray)/,
    /press (?:it )?in(?:to)? (?:an? |the )?(?:buttered|greased|lined|oiled|prepared) \d+(?: ?[x×] ?\d+|[ -]?(?:["″”]|cm|in(?:ch)?)?[ -](?:[\w-]+ ){0,2}(?:dish|frame|pan|square|tin|tray))/,
    /fill (?:the )?(?:mou?lds|cavities|shells)|fill at \d+/,
    // "fill 12 molds", "fill starch moulds", "fill greased lollipop moulds"
    /^fill (?:the |your )?(?:\d+ |twelve |ten )?(?:\w+ ){0,2}(?:mou?lds|cavities)\b/,
    /(?<=^)pot (?:it )?(?:(?:up )?(?:while )?(?:still )?(?:hot|warm)|in (?:the )?(?:[\w-]+ ){0,2}(?:bottles|jars|tubs))/,
    /(?:pour|ladle|spoon|funnel)ing into (?:an? |the )?(?:[\w-]+ ){0,3}(?:jars?|bottles?|tins?|trays?|mou?lds?|pans?)/,
    /pot (?:it )?into/,
    // "pan (8 x 8)"
    /(?<=^)pan(?=$| \(\d)/,
    /pack (?:it )?in(?:to)? (?:\w+ )?(?:bottles|jars|tubs)/,
    /strain (?:it )?into (?:the )?(?:\w+ )?(?:jars|bottles|tubs)/,
    /fill (?:into |the )?(?:\d+ ?ml |hot |warm |sterili[sz]ed |piping )*(?:jars|bottles|bags)/,
    /drop\b(?! (?:an? )?(?:small )?(?:spoonful|little|bit)\b).{0,30}\bon(?:to)? (?:an? |the )?(?:\w+ )?(?:parchment|paper|sheet|mat|foil|tray|slab|marble|silicone)/,
    /drop (?!(?:an? )?(?:small )?(?:spoonful|little|bit)\b)(?:(?:the )?(?:rest|remaining)\b[^,;]{0,20}\b(?:by|from)\b|by\b|from\b|(?:\w+ )?\w*spoon\w*)/,
    /(?:place|put|lay|set) (?:heaped |small |even )?\w*spoon(?:ful)?s\b.{0,40}\bon(?:to)?\b/,
    /funnel (?:it )?(?:into|\d)/,
    /transfer/,
    /decant/,
    /\w*spoon(?:ful)?s? (?:(?:\d+ ?(?:cm|mm) )?(?:blobs?|discs?|dollops?|puddles?|rounds?)) on/,
    /dip (?!(?:the )?(?:base|bottom|pan|pot)\b)/,
    // what is bottled, and no jar that something is in
    /(?<!\b(?:an?|the|each|your|clean|glass|lidded)\s)(?:bottle|jar)\b(?= it\b| at \d| hot\b| the\b| while\b| when\b| \(|,|:|$)/,
    /pipe\b(?=$| at \d|.*\b(?:in|on)(?:to)?\b)/,
    /(?<=^|[,;] )out on(?:to)?/,
    /(?<=^)over the (?:\w+ )?(?:base|biscuit|crust|short(?:bread|cake|crust))/,
    /(?:half|thirds?|(?:the )?rest|all) on(?:to)? (?:an? |the )?(?:buttered|greased|oiled)/,
    /(?<=[,;] )onto (?:an? |the )?(?:\w+ )?(?:marble|mat|paper|parchment|sheet|slab|tray)/,
    /press (?:it |the \w+ |\d+ ?mm )?(?:into|between|in (?:an? |the )?(?:[\w×-]+ ){0,6}(?:tin|tray|pan|frame|mou?lds?|rice paper|wafers?))/,
    /(?:roll|sheet) (?:it |out )*between/,
    /between (?:two )?(?:\w+ )?(?:mats|sheets|papers)\b.*(?:\broll|\d ?mm\b)/,
    /thin (?:it )?between/,
    /pat (?:it )?into/,
    /(?:drizzle|run|trickle|stream) (?:it|(?:the )?(?:\w+ )?syrup|(?:the )?honey)\b.{0,40}\b(?:into|onto|over)/,
    /(?:drizzle|run|stream|trickle) over the (?:corn|popcorn|popped corn)/,
    /(?:dribble|drizzle|spoon|trickle) (?:it )?(?:on|onto|over) (?:the )?(?:clean |fresh |packed )*(?:ice|snow)\b/,
    /(?:divide|split) (?:it )?(?:among|between) .{0,40}\b(?:tins|trays|slabs|pans|sheets|marble)/,
    /scoop\b.{0,30}\b(?:into|on(?:to)?)\b/,
    /spoon (?:out\b|in\b|.{0,25}\bon (?:the )?(?:almonds|bases|biscuits|cashews|nuts|pecans)\b|.{0,30}(?:into|onto|over|in (?:\w+ )?mou?lds|\bon (?:an? |the )?(?:\w+ )?(?:parchment|paper|mat|sheet|marble|slab)))/,
  ],
  (ways) =>
    `${/^(?:\w+ly )?onto an? /.source}|${/^(?:in|on)to (?:an? |the )?.{0,40}\b(?:tins?|trays?|pans?|frames?|mou?lds?|marble|mats?|slab|sheets?|silicone|silpat|parchment|paper)\b/.source}|\\b(?:${ways})\\b`,
)
/** Whether what is in the pot leaves it in this sentence. */
export const pours = (sentence: string): boolean => POURS.test(withoutForbidden(sentence)) && !INTO_PASTE.test(sentence)
/** "Pour the hot syrup into the paste": it is boiled on with that. */
const INTO_PASTE =
  /\bsyrup\b[^;]*\b(?:in|into|onto|over|to) (?:the )?(?:\w+ )?(?:paste|slurry|(?:corn ?starch|cornflour|starch)(?: mix(?:ture)?)?)(?=$|[,;]| (?:and|bit by bit|gradually|in an?|slowly|while|whisking|stirring)\b)/i

/** "Deglaze with the cream, brought to the boil" */
const IS_WARM = /\b(?:boiling|hot|scalded|warm)/i
const BROUGHT_UP = /\bbrought (?:up )?to (?:the|a) boil\b/i

/** How warm a sentence says that something goes in, °C. `names`: what it is called in the sentence. */
export function warmthIn(sentence: string, names: readonly string[]): number {
  if (names.length === 0 || !(IS_WARM.test(sentence) || BROUGHT_UP.test(sentence))) return WARMTH.room
  const said = (how: string): boolean =>
    new RegExp(
      `\\b${how}(?:[ -]+\\w+){0,2}?[ -]+(?:${names.join('|')})s?\\b|\\b(?:${names.join('|')})s? \\(${how}\\)`,
      'i',
    ).test(sentence)
  const isBoiled = BROUGHT_UP.test(sentence) && mentions(sentence, names)
  return isBoiled || said('(?:boiling|hot|scalded)') ? WARMTH.hot : said('warm(?:ed)?') ? WARMTH.warm : WARMTH.room
}

/** Whether a sentence speaks of a pot beside the first. */
export const inOtherPot = (s: string): boolean =>
  /\b(?:another|second|separate|other|clean|larger|bigger)\s+(?:\w+\s+)?(?:one|pan|pot|saucepan)\b|\bin another(?=$|[,;.])|\bhoney separately\b|^separately\b/i.test(
    s,
  )

/** ◊ Vessels nobody takes for one another. */
const VESSELS = [/\b(?:skillet|frying[- ]pan)\b/i, /\b(?:kettle|cauldron|saucepan|pot)\b/i]
/** Whether a sentence speaks of another vessel than sentence `first` does. */
export const inOtherVessel = (s: string, first: string): boolean =>
  VESSELS.some((one) => one.test(first) && !one.test(s) && VESSELS.some((other) => other !== one && other.test(s)))

/** Oven work is not the pot's temperature. */
export const inOven = (s: string): boolean => OVEN_WORK.test(s)
const OVEN_WORK = new RegExp(`\\b(?:oven(?! (?:dish|paper|sheet|tray)|-?proof)|bake|preheat|${DRIES_AT})\\b`, 'i')

/** "Cool completely", "leave to set", "chill until firm": what is waited for, whose end no clock or thermometer tells. */
export const GETS_COLD =
  /^(?:(?:allow|leave|let|set (?:it |this )?aside)\b.*\b(?:cold|cool|firm(?: up)?|hard(?:en)?|lukewarm|rest|set(?! aside)|sit|stand|tepid)\b|(?:chill|cool|freeze|refrigerate|set|stand)\b(?! (?:it |them )?(?:in|into) (?:the )?(?:tin|pan)s?\b$))/i
