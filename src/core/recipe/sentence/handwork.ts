/** Which work a sentence of a written recipe asks for, once it is off the heat. */
import type { Handwork } from '../../craft/handwork'
import { DRIES_AT } from './heats'
import { withoutForbidden } from './not-yet'

/** A mould, as the source of a pattern: a "mould 18 x 18 cm" is a tin. */
export const A_MOULD = String.raw`mou?lds?\b(?! (?:of )?\d+ ?(?:cm )?[x×])`

/** What is put in film, as the source of a pattern; "white in the middle, wrap in red" is shaped. */
const WRAPS = String.raw`\bwrap\b(?!.*\b(?:in|with) (?:the )?(?:black|blue|colou?red|green|pink|red|white|yellow)(?=[,.;]|$))`

/** The more exact first. */
const SAID: readonly (readonly [RegExp, Handwork])[] = [
  [
    new RegExp(`^${WRAPS}(?!.*\\b(?:baking paper|greaseproof|parchment|wax))`, 'i'),
    { kind: 'wrap', film: 'cellulose' },
  ],
  [/\bscrape\b.*\bback\b.*\b(?:bowl|rest|remaining)\b/i, { kind: 'gather' }],
  [/\bchocolate\b.*\bon(?:to)? (?:a|the) (?:cold )?(?:marble|stone|slab|granite)\b/i, { kind: 'table' }],
  // what is let cool to a heat no chocolate bears is none, nor are yolks
  [/\btemper\b(?! (?:it )?(?:at|to) [5-9]\d| (?:the )?(?:egg|yolk))/i, { kind: 'temper', chocolate: 'dark' }],
  [new RegExp(`\\bbake\\b|\\b${DRIES_AT} \\d`, 'i'), { kind: 'bake', celsius: 170 }],
  [/\bscor(?:e|ing)\b|\bmark (?:it )?(?:into|in|the|with an? (?:[\w-]+ )*knife)\b|^mark\b/i, { kind: 'score' }],
  [
    /^(?!(?:gently )?(?:heat|melt)\b).*\bchips\b.*\b(?:over|top|sprinkle|scatter|cover)\b|\b(?:sprinkle|scatter|cover|top)\b.*\bchips\b/i,
    { kind: 'cover-chips' },
  ],
  [/\b(?:whip|whisk on high|beat on high)\b/i, { kind: 'whip', on: 'gelatin' }],
  [
    /\bbeat (?:it )?(?:hard|like mad|vigorously)\b|\bbeat\b.*\b(?:gloss|sheen|shine|dull|matt|thick|grain|opaque|(?:until|till) (?:it is |it's )?(?:white|cold|cool|creamy))/i,
    { kind: 'beat' },
  ],
  [
    /\b(?:agitate|turn (?:it )?over and over)\b.*\b(?:till?|until)\b|\bwork (?:it )?with (?:an? )?(?:\w+ )?(?:scraper|paddle|spatula|spoon)\b.*\b(?:until|till?)\b|\b(?:beat|paddle|stir(?! in))\b.*\b(?:until|till?)\b.*\b(?:gloss|sheen|shine|shiny|dull|matt|cloudy|opaque|grain\w*|sugary|thickens and (?:clouds|dulls|turns)|turns (?:cloudy|creamy|lighter|opaque|pale)|(?:begins?|starts?) to (?:thicken|set|look|candy|sugar|turn)|holds? its shape)/i,
    { kind: 'beat' },
  ],
  [
    /\b(?:begin|start|keep) (?:pulling|stretching)\b|\bstretch\b.*\b(?:gloss|light|opaque|pale|satiny?|white)|\bhandle,? pull\b|\bpull (?!.{0,20}\b(?:from|off) the\b)(?:(?:[\w-]+,? ){0,5})(?:until|till|and fold|for|(?:\d+ ?(?:–|-|to) ?)?\d+ ?(?:min\w*|pulls|times))\b|\bgather\b.*\band pull(?=;|$)|^pull (?!.{0,20}\b(?:from|off)\b)(?:it )?(?:as soon as|once|when|while)\b/i,
    { kind: 'pull' },
  ],
  [/\bfor pulling\b/i, { kind: 'pull' }],
  [/\b(?:form|shape|roll|press)\b.*\bballs?\b/i, { kind: 'form', into: 'balls' }],
  [/\b(?:form|shape)\b.*\bclusters?\b/i, { kind: 'form', into: 'clusters' }],
  [
    new RegExp(`\\bsticks?\\b.*\\bmou?lds?\\b|\\b(?:pour|fill|spoon)\\b.*\\b${A_MOULD}`, 'i'),
    { kind: 'fill', by: 'jug', level: 1 },
  ],
  [
    /\b(?:decant|fill|funnel|ladle|pour|scoop|spoon|transfer)\b.*\b(?:jars?|bottles?)\b/i,
    { kind: 'fill', by: 'funnel', level: 0.95 },
  ],
  [/\bpipe\b/i, { kind: 'pipe', depthMm: 15 }],
  [/\b(?:de|un)mou?ld\b(?!,? and cut\b)|\bturn (?:them |it )?out of the mou?lds?\b/i, { kind: 'unmould' }],
  [/\b(?:dip|coat|enrobe)\b.*\bchocolate\b|\bchocolate\b.*\b(?:dip|coat|enrobe)\b/i, { kind: 'coat' }],
  [
    /\b(?:dust|toss|roll)\b.*\b(?:starch|icing sugar|powdered sugar|confectioners|cornflour|cornstarch|cocoa)\b/i,
    { kind: 'dust' },
  ],
  [/^spread\b(?=.*\b(?:pan|tin|tray|frame|sheet)\b)/i, { kind: 'spread' }],
  [
    /\b(?:sprinkle|scatter)\b(?!.*\b(?:bicarb\w*|gelatine?|soda)\b| (?:it )?with (?:\w+ )?water\b)|\b(?:flip|turn|invert)\b.*\brepeat\b/i,
    { kind: 'sprinkle' },
  ],
  [
    /\b(?:let|leave)\b.*\b(?:get|go) (?:quite |completely )?cold\b|\bcool (?:completely|in the (?:tin|pan))\b/i,
    { kind: 'cool' },
  ],
  [/^freeze\b/i, { kind: 'chill', celsius: -18 }],
  [/\b(?:refrigerate|chill|in(?:to)? the (?:fridge|refrigerator|freezer))\b/i, { kind: 'chill', celsius: 4 }],
  [/\bsnip\b|\bwith (?:\w+ )?(?:scissors|shears)\b/i, { kind: 'cut', tool: 'scissors' }],
  [/\b(?:cut|slice)\b.*\b(?:hot|warm) knife\b/i, { kind: 'cut', tool: 'hot-knife' }],
  [/\b(?:cut|slice)\b.*\b(?:oiled|greased|buttered) knife\b/i, { kind: 'cut', tool: 'oiled-knife' }],
  [
    /\b(?:cut(?! (?:the )?(?:flame|gas|heat)\b| (?:\w+ )?(?:papers?|parchment|cellophane|foil)\b)|guillotine|guitar(?! (?:sheet|film))|slice)\b|^(?:chop|saw) (?:(?:it )?into\b|\d)|\bsaw (?:it |them )?into\b|^detail (?:it )?in(?:to)?\b/i,
    { kind: 'cut', tool: 'knife' },
  ],
  [/^(?:lift (?:it |them )?out and )?(?:break|crack|snap)\b/i, { kind: 'break' }],
  [/^\W*(?:lightly |generously )?(?:dust|coat)\b.*\b(?:all sides|each|pieces|remaining)\b/i, { kind: 'dust' }],
  [
    /\bdust(?: (?:it|them))?(?: well| all over| generously)?$|\b(?:roll|toss)\b.*\b(?:coating|dusting)\b/i,
    { kind: 'dust' },
  ],
  [
    /\b(?:break|crack|snap)\b.*\b(?:pieces|shards|apart|up|it)\b|(?:^|[,;] )(?:break|crack|snap)\b|\b(?:smash|bash|hammer)\b|\bhit (?:it )?with\b/i,
    { kind: 'break' },
  ],
  [/\bwrap\b.*\b(?:baking paper|greaseproof|parchment|wax)/i, { kind: 'wrap', film: 'waxed-paper' }],
  [/\b(?:airtight|sealed|lidded) (?:jar|tin|container|box)\b/i, { kind: 'wrap', film: 'jar' }],
  [new RegExp(WRAPS, 'i'), { kind: 'wrap', film: 'cellulose' }],
  [/\bpour\b.*\bover the (?:base|crust|shortbread|nuts|biscuit)/i, { kind: 'pour-over' }],
  [/(?<!\broom to )\bspread\b|\bsmooth (?:the|it|over|down)\b|\broll (?:it )?(?:out|thin)\b/i, { kind: 'spread' }],
  [/\bfold\b/i, { kind: 'fold-in' }],
]

/** "Once cut, dust all sides", "to cut, oil a board": what was done before, or is done later. */
const DONE_BEFORE =
  /^(?:after|once|when) (?:it is |they are )?(?:cut|cutting|broken|sliced|whipped|wrapped),?|^to cut,/i

/** The work of a sentence; null where it names none. */
export function handworkSaid(sentence: string): Handwork | null {
  const told = withoutForbidden(sentence).replace(DONE_BEFORE, '')
  return SAID.find(([words]) => words.test(told))?.[1] ?? null
}
