/** What a line of a list is called in the sentences of a method. */
import { measureAt } from '../matter/amount'
import type { Ingredient } from '../matter/ingredient'
import { everyNameOf, standsForMany } from '../matter/synonyms'
import type { Line } from './document'

/** What sentences are compared by: lower case, and letters alone, "crème" as "creme". */
export const lettersOf = (text: string): string =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[^a-z]+/g, ' ')
    .trim()

const FLAVOURING = ['flavouring', 'flavoring', 'flavour', 'flavor', 'flav']
const FLAVOURS = /^(?:flavour|extract|almond-extract)$/
const isSpice = (word: string): boolean =>
  word.length > 3 && !/^(?:ground|powder|finely|tsps?|tbsps?|teaspoons?|tablespoons?|drops?|pure|natural)$/.test(word)

/** What an ingredient is called, of a kind of goods the one that was written: "add the cinnamon" speaks of no ginger. */
function everyNameFor(ingredient: Ingredient, typed: string): string[] {
  if (!standsForMany.has(ingredient.id)) return everyNameOf(ingredient)
  const words = new Set(lettersOf(typed).split(' '))
  return everyNameOf(ingredient).filter(
    (n) =>
      n === ingredient.name ||
      lettersOf(n)
        .split(' ')
        .every((w) => words.has(w)),
  )
}

/** Names of the lines of a list: every sentence is asked for them. */
const named = new WeakMap<Line, { readonly ingredient: Ingredient; readonly names: readonly string[] }>()

/** Words that name an ingredient in a sentence: the last of its name, and what people call it. */
export function namesOf(line: Line, ingredient: Ingredient): readonly string[] {
  const known = named.get(line)
  if (known?.ingredient === ingredient) return known.names
  const names = namesFor(line, ingredient)
  named.set(line, { ingredient, names })
  return names
}

function namesFor(line: Line, ingredient: Ingredient): string[] {
  const isFruit = /^(?:dried|candied|crystallised)-|^(?:prunes|raisins)$/.test(ingredient.id)
  const isGlucose = /^glucose-\d/.test(ingredient.id)
  // "zest of two lemons" is not what "lemon juice" speaks of
  const zestOf = /^(.+)-zest$/.exec(ingredient.id)?.[1]
  return [
    // "rose water" is no water
    ...namesIn([...everyNameFor(ingredient, line.typed ?? ''), typedName(line.typed ?? '')]).filter(
      (n) =>
        (zestOf === undefined || !new RegExp(`^(?:\\w+ )?${zestOf}s?$`).test(n)) &&
        (n !== 'water' || ingredient.id === 'water'),
    ),
    ...nutsOf(ingredient),
    ...(/^gelatin/.test(ingredient.id) ? ['gelatin', 'gelatine', 'gel'] : []),
    ...(FLAVOURS.test(ingredient.id)
      ? [...FLAVOURING, ...(/\b(?:pepper|spear)mint\b/i.test(line.typed ?? '') ? ['mint'] : [])]
      : []),
    ...(ingredient.id === 'spice' || FLAVOURS.test(ingredient.id)
      ? lettersOf(line.typed ?? '')
          .split(' ')
          .filter(isSpice)
      : []),
    ...(isFruit ? ['fruit'] : []),
    ...(ingredient.id === 'creme-fraiche' || ingredient.id === 'cream-12' ? ['cream'] : []),
    // one flavouring may be another; several are all of them
    ...(/^vanilla/.test(ingredient.id) ? ['vanilla', 'flavourings', 'flavorings', 'flavours', 'flavors'] : []),
    // "seeds of 1 vanilla bean"
    ...(ingredient.id === 'vanilla-pod' && /\bseeds\b/i.test(line.typed ?? '') ? ['seeds'] : []),
    ...(isGlucose ? ['glucose', 'gluc'] : []),
    ...(ingredient.id === 'maple-syrup' ? ['maple'] : []),
    ...(/^(?:condensed|evaporated)-milk/.test(ingredient.id) ? ['tin of milk', 'can of milk'] : []),
    ...(ingredient.id === 'marshmallow-creme' ? ['marshmallow'] : []),
    ...acidOf(ingredient),
    ...(/berr(?:y|ies)\b/i.test(ingredient.name) ? ['berries'] : []),
  ]
}

/** Whatever nuts they are */
const nutsOf = ({ whole, allergens }: Ingredient): string[] =>
  whole && allergens.some((a) => a === 'nuts' || a === 'peanuts') ? ['nuts', 'nutmeats'] : []

/** "Add the citric" */
const acidOf = ({ id }: Ingredient): string[] => (id.endsWith('-acid') ? [id.replace('-acid', '')] : [])

/** A line by what it is called and how it is written. */
interface Called {
  readonly names: readonly string[]
  readonly typed: string
}
const isFlavouring = (names: readonly string[]): boolean =>
  names.includes('flavouring') || names.includes('flavourings')

/** The names of a line without what it only tastes of, where that stands in the list itself: "the coconut" is no coconut extract. */
export const withoutTastes = (names: readonly string[], list: readonly Called[]): readonly string[] =>
  isFlavouring(names) ? names.filter((n) => !list.some((l) => !isFlavouring(l.names) && mentions(l.typed, [n]))) : names

/** What an ingredient is called, in full. */
export const fullNames = (ingredient: Ingredient): string[] => everyNameOf(ingredient).map(lettersOf)

/** "Hot cream", "coarsely chopped roasted almonds" */
const MADE =
  /\b((?:coarsely|finely|roughly) (?:chopped|crushed|grated|ground)|chopped|hot|cold|boiling|warm|melted|softened|ground|flaked|slivered|whole)\b(?: \w+){0,2}? (\w+)$/i

/** What a sentence calls a line by besides its name: the amount it begins or ends with, "25 g", what it is marked by, "(A)", how warm or fine it is. */
export const callsTyped = (typed: string): string[] =>
  [
    /^\d[\d./]* ?[a-z]+(?= )|\d[\d./]* ?[a-z]+$/i.exec(typed)?.[0],
    /\([A-Z1-9]\)/.exec(typed)?.[0],
    /\((for [a-z ]+)\)/.exec(typed)?.[1],
    ...madeTyped(typed),
  ].filter((c): c is string => c !== undefined)

/** "Finely chopped almonds", and what they are called where no others are chopped: "chopped almonds". */
const madeTyped = (typed: string): string[] => {
  const [, how, name] = MADE.exec(typedName(typed)) ?? []
  return how === undefined ? [] : [`${how} ${name}`, `${how.split(' ').at(-1)} ${name}`]
}

/** Whether a sentence calls a line by its amount or its mark: "with the 25 g of sugar", "boil sugar (2)". */
export const callsIn = (sentence: string, call: string): boolean =>
  closed(` ${sentence} `.replace(/,/g, ' ')).includes(closed(` ${call} `))
/** "150 ml" as "150ml". */
const closed = (words: string): string => words.replace(/(?<=\d) (?=(?:k?g|[mc]?l|oz|lbs?)\b)/g, '')

/** What a line of the list calls what it measures, as names are compared. */
export const fullTyped = (typed: string): string => lettersOf(typedName(typed)).trim()

/** Words that name in a sentence what a line speaks of that is not known for sure yet: its own, and those of what it most likely is. */
export const namesTyped = (typed: string, likely: Ingredient | undefined): string[] => [
  ...namesIn([typedName(typed), ...(likely ? everyNameOf(likely) : [])]),
  ...(likely ? [...acidOf(likely), ...nutsOf(likely)] : []),
  ...(/\bflavou?r/i.test(typed) ? FLAVOURING : []),
  ...(/\bcolou?r/i.test(typed) ? ['colouring', 'coloring', 'colour', 'color'] : []),
]

/** "Evaporated milk 410 g tin", "evap 1 tin": what it comes in is no name of it. */
const PACKED =
  /(?:(?<=\d\s?\p{L}{1,3})|(?<=\p{L}{3})\s+(?:\d+|½|half an?|an?))\s+(?:bag|block|bottle|box|can|carton|jar|pack|packet|pot|sachet|tin|tub|tube)s?\s*$/iu

/** What a line of the list calls what it measures, without amount, brackets and note. */
export const typedName = (typed: string): string =>
  (measureAt(typed, [])?.rest ?? typed)
    .replace(/\(.*?\)|,.*$|\.$/g, '')
    .replace(PACKED, '')
    .replace(/[\s:–-]+\d[\d.,/]*\s?\p{L}*\.?$/u, '')

/** "Chopped almonds" are whatever almonds are chopped. */
const HOW_CUT = /^(?:chopped|crushed|grated)$/i

function namesIn(names: readonly string[]): string[] {
  const own = names.map(lettersOf)
  const tails = own.flatMap((n) => {
    const words = n.split(/\s+/).filter((w) => w.length > 2)
    // "dark chips", of dark chocolate chips
    const ends = words.length > 2 ? [`${words[0]} ${words.at(-1)}`] : []
    const [short] = words.slice(-2)
    // "raw liquorice powder" is put in as liquorice
    // and passion fruit pulp as passion fruit
    const pure =
      /^(?:paste|powder|pulp|pur[ée]?e)$/i.test(words.at(-1) ?? '') && short
        ? [short, words.slice(0, -1).join(' ')]
        : []
    return [...pure, ...(HOW_CUT.test(short ?? '') ? [] : [words.slice(-2).join(' ')]), ...ends, ...words.slice(-1)]
  })
  // "cream, 36 % fat" is no fat, and "the rest of the powder" no gelatin
  return [...new Set([...own, ...tails])].filter((n) => n.length > 2 && n !== 'fat' && n !== 'powder')
}

/** What is named after a line and is none: syrup that is boiled, a sugar thermometer, water a bowl stands over, water of a drop test, what is dissolved or taken out. */
export const NO_LINES =
  /\b(?:stir|swirl)(?:ring|ling|ing)?(?: \w+)? to dissolve (?:the )?(?:\w+ )?sugars?\b|\b(?:discard|(?:fish|lift|pick|take) out|remove) (?:the )?(?:\w+ )?(?:bay lea(?:f|ves)|beans?|pods?|sticks?|anise|cloves|sprigs?)\b|\b(?:base|bottom|pan|pot)\b.{0,15}\bin(?:to)? (?:[\w-]+ )?water\b|\b(?:hot|boiling|cooked)\s+(?:sugar\s+)?syrup\b|\bsyrup(?= water\b)|\b\w+-sugar mix(?:ture)?\b|\b(?:sugar|syrup) mix(?:ture)?\b|\bsugar syrup\b|\b(?:till|until) the sugar melts again\b|\bcolou?r of (?:\w+ )?\w+|\b\w+-(?:brown|colou?red)\b|\b(?:looks?|feels?|smells?|thick) like (?:\w+ )?\w+|\b(?:turns?|till|until)(?: it(?: is|['’]s))? (?:\w+ )?white\b|\b(?:cover|dip|drop|dunk|plunge|pop|put|rinse|wash|scald|blanch) (?:the )?(?:apples|fruit|pears|peel|nuts|almonds)\b (?:(?:\w+ly )?(?:in(?:to)?|under|with) (?:(?:an? |the )?(?:bowl|pan|pot|saucepan) of )?|[^.]*?\b(?:cover|pour)\b[^.]*?)(?:[\w-]+ ){0,2}water\b|\b(?:make|making|until|till|when|once|while|as) the syrup\b|\b(?:sugar|candy) thermometer\b|\b(?:splash|spray|wet(?! caramel)|damp(?:en)?|moisten|sprinkled?(?=.{0,20}\bwith (?:\w+ )?water)|brush(?:ed|ing)?|wipe|wrung out)\b[^,;.]{0,40}\bwater\b|\bcover (?:it |them )?with (?:\w+ )?water\b|\bleaves(?= (?:an?|it|no|the)\b)|\b(?:chang(?:e|ing)|in fresh) (?:the |their |boiling |cold )?water\b|(?<!\bgelatine?\b.{0,20})\bover (?:\w+ )?(?:boiling|simmering|hot) water\b|(?<!\b(?:add|and|with) an? |[\d¼½¾⅓⅔] ?)\b(?:pan|pot|bowl|glass|cup|jug|basin) of (?:[\w-]+ ){0,2}water\b|\b(?:drop\w*|bit|little|\w*spoonful|balls?|brittle|cracks?|snaps?|stop|stand(?! back)|dip|dunk|plunge|test(?:ed)?)\b.{0,30}\bin(?:to)? (?:[\w-]+ ){0,2}water\b/gi

/** Sentences without names that hold a shorter one: "condensed milk" speaks of no milk. */
export function withoutNames(said: readonly string[], names: readonly string[]): readonly string[] {
  if (names.length === 0) return said
  const pattern = new RegExp(`\\b(?:${names.map((n) => n.split(/\s+/).join(`[ '’-]+`)).join('|')})\\b`, 'gi')
  return said.map((s) => s.replace(pattern, ' '))
}

/** ◊ No method has more sentences. */
export const MOST_SENTENCES = 400
/** Sentences as they are compared: every line of a list asks them all for its names. */
const compared = new Map<string, string>()

/** What a sentence is compared by; what has been boiled is no line of the list any more. */
function comparedBy(sentence: string): string {
  const known = compared.get(sentence)
  if (known !== undefined) return known
  if (compared.size >= MOST_SENTENCES) compared.clear()
  const words = ` ${lettersOf(sentence.replace(NO_LINES, ' '))} `
  compared.set(sentence, words)
  return words
}

/** What is a verb without its s: "sprinkle the nuts on" puts no sprinkles there, nor "leave 5 min" any leaves. */
const AS_IT_IS = new Set(['leaves', 'sprinkles'])

/** Whether a sentence speaks of something by one of its names, one of it or several. */
export function mentions(sentence: string, names: readonly string[]): boolean {
  const words = comparedBy(sentence)
  return names.some((n) => {
    const one = n.endsWith('s') && !AS_IT_IS.has(n) ? n.slice(0, -1) : n
    return words.includes(` ${one}`) && [`${one} `, `${n} `, `${n}s `].some((form) => words.includes(` ${form}`))
  })
}
