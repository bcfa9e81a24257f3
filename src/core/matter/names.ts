/** Finding an ingredient by what people call it. */
import type { Ingredient } from './ingredient'
import { ingredients } from './ingredients'
import { bloomOf, gelatinPowders } from './pantry/setting'
import { everyNameOf } from './synonyms'

/** Words that say how it is prepared or how good it is, not what it is. */
const descriptors = new Set(
  `softened melted tempered soft cold warm hot cool chilled room temperature temp at to in of the a an into
  chopped finely coarsely roughly diced cubed cut sliced slivered grated broken crushed pieces piece chunks chunk cubes dice
  sifted packed unpacked firmly lightly loosely level heaped good best quality organic pure real proper unsulphured unsulfured plain natural finest fine-quality
  culinary strained squeezed filtered boiled boiling freshly large medium small extra toasted roasted raw blanched unroasted shelled skinned
  chips buttons drops block squares callets couverture warmed halved optional additional divided
  pouring beaten lukewarm halves lightly-beaten with their on skin skins skin-on redskin
  plus more for coat coating dip dipping dust dusting greasing roll rolling sweetened unsweetened tinned canned ground`
    .split(/\s+/)
    .filter(Boolean)
    .map(singular),
)

const strip = (s: string): string =>
  s
    .toLowerCase()
    .replace(/\bhalf[-\s](?:and|&)[-\s]half\b/g, 'halfandhalf')
    .replace(/\bsemi[-\s](?=sweet)/g, 'semi')
    .replace(/\bbr\b\.?(?= sugar)/g, 'brown')
    .replace(/\bextr\b\.?/g, 'extract')
    .replace(/(?<= )col\b\.?$/g, 'colour')
    // "pecan meats", "nutmeats"
    .replace(/\b(\w*nut|almond|pecan)s?[-\s]?meats?\b/g, '$1s')
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[’']s\b/g, '')
    .replace(/[’']/g, '')
    .replace(/(\d)\s*%/g, '$1pct')
    .replace(/\b(\d{2,3})[ -]bloom\b/g, '$1bloom')
    .replace(/[^\p{L}\p{N}.-]+/gu, ' ')
    .replace(/(?<!\d)\.|\.(?!\d)/g, ' ')
    .trim()

/** One of a plural word; close enough for kitchen English. */
function singular(word: string): string {
  if (word.length < 4 || /(ss|us|is|molasses)$/.test(word)) return word
  if (/ies$/.test(word)) return `${word.slice(0, -3)}y`
  if (/(ches|shes|xes|oes)$/.test(word)) return word.slice(0, -2)
  if (/leaves$/.test(word)) return `${word.slice(0, -6)}leaf`
  return word.endsWith('s') ? word.slice(0, -1) : word
}

const spelling: Readonly<Record<string, string>> = {
  yoghurt: 'yogurt',
  gelatine: 'gelatin',
  flavor: 'flavour',
  flavoring: 'flavouring',
  color: 'colour',
  coloring: 'colouring',
  caster: 'caster',
  castor: 'caster',
  pistachioe: 'pistachio',
  tartare: 'tartar',
  soy: 'soya',
  choc: 'chocolate',
}

const wordsOf = (name: string): string[] =>
  strip(name)
    .split(' ')
    .map(singular)
    .map((w) => spelling[w] ?? w)
    .filter(Boolean)

const keyOf = (words: readonly string[]): string => [...words].sort().join(' ')

export interface Found {
  readonly ingredient: Ingredient | null
  /** What it may be, best first, where it is not certain. */
  readonly candidates: readonly Ingredient[]
}

export interface Pantry {
  /** The ingredient whose name or synonym is just this, in any order of words. */
  called(name: string): Ingredient | null
  /** A cream, chocolate, gelatin or glucose syrup by the figure in its name. */
  percent(name: string): Ingredient | null
  find(name: string): Found
}

/** The words of each name of an ingredient: the pantry's are asked for again with every kitchen. */
const worded = new WeakMap<Ingredient, readonly (readonly string[])[]>()
function namesWorded(ingredient: Ingredient): readonly (readonly string[])[] {
  const known = worded.get(ingredient)
  if (known) return known
  const names = everyNameOf(ingredient).map(wordsOf)
  worded.set(ingredient, names)
  return names
}

/** An index over the pantry and the kitchen's own ingredients, whose names win. */
export function pantryOf(own: readonly Ingredient[] = []): Pantry {
  const all = [...own, ...ingredients.filter((i) => !own.some((o) => o.id === i.id))]
  const exact = new Map<string, Ingredient>()
  const bags = all.map((ingredient) => {
    const names = namesWorded(ingredient)
    return {
      ingredient,
      words: new Set(names.flat()),
      ends: new Set(names.flatMap((n) => n.slice(-1))),
      called: couldMean(names),
    }
  })
  for (const i of all)
    for (const words of namesWorded(i)) {
      const key = keyOf(words)
      if (!exact.has(key)) exact.set(key, i)
    }
  return {
    called: (name) => exact.get(keyOf(wordsOf(name))) ?? null,
    percent: (name) => byFigure(wordsOf(name), exact),
    find: (name) => findIn(name, exact, bags),
  }
}

/** What a cream or a chocolate with a share is called beside; with any other word it is another thing, a cream liqueur of 17 %. */
const RATED = new Set(
  'bitter bittersweet chocolate cocoa couverture cream dairy dark double fat fresh heavy light liquid semi-sweet semisweet single solid thick uht whipping'
    .split(' ')
    .map(singular),
)
const isOfRated = (word: string): boolean => RATED.has(word) || descriptors.has(word) || /^\d/.test(word)

const byFigure = (words: readonly string[], exact: ReadonlyMap<string, Ingredient>): Ingredient | null => {
  const percent = Number(words.find((w) => /^\d+(\.\d+)?pct$/.test(w))?.replace('pct', ''))
  const has = (w: string): boolean => words.includes(w)
  const family = has('cream')
    ? /^cream-(\d+)$/
    : has('chocolate') && !has('milk') && !has('white')
      ? /^dark-chocolate-(\d+)$/
      : null
  if (family && percent > 0) return words.every(isOfRated) ? nearest(exact.values(), offIn(family, percent), 5) : null
  const bloom = Number(words.find((w) => BLOOM.test(w))?.replace('bloom', ''))
  const gelatin = bloom > 0 ? exact.get(keyOf(words.filter((w) => !BLOOM.test(w) && !descriptors.has(w)))) : undefined
  if (gelatin && bloomOf[gelatin.id] !== undefined && !words.some((w) => GRADES.has(w)))
    return nearest(ingredients, offBloom(bloom, gelatin), ALIKE)
  const de = has('de') || words.some((w) => /^de\d+$/.test(w)) || words.some((w) => /^\d+de$/.test(w))
  const dextrose = Number(words.find((w) => /^(de)?\d\d(de)?$/.test(w))?.replace('de', ''))
  return de && has('glucose') && dextrose > 0 ? nearest(exact.values(), offIn(/^glucose-(\d+)$/, dextrose), 4) : null
}

/** "200bloom" */
const BLOOM = /^\d+bloom$/
/** Sheets by another name than their strength. */
const GRADES = new Set(['bronze', 'silver', 'gold', 'platinum'])
/** ◊ Gelatin of another strength than this share sets noticeably otherwise. */
const ALIKE = 0.08
/** How far a gelatin is off a bloom, in sheets or as a powder as `gelatin` is: a share. */
const offBloom =
  (bloom: number, gelatin: Ingredient) =>
  ({ id }: Ingredient): number | null => {
    const own = bloomOf[id]
    const isOfKind = gelatinPowders.includes(id) === gelatinPowders.includes(gelatin.id)
    return own !== undefined && isOfKind ? Math.abs(Math.log(own / bloom)) : null
  }
/** How far the figure in an id is off another. */
const offIn =
  (id: RegExp, wanted: number) =>
  (i: Ingredient): number | null => {
    const found = id.exec(i.id)
    return found ? Math.abs(Number(found[1]) - wanted) : null
  }

/** What is off the least, and by no more than `within`; null for nothing. */
function nearest(
  list: Iterable<Ingredient>,
  offOf: (i: Ingredient) => number | null,
  within: number,
): Ingredient | null {
  const rated = [...new Set(list)].flatMap((i) => {
    const off = offOf(i)
    return off === null ? [] : [{ i, off }]
  })
  const best = rated.sort((a, b) => a.off - b.off)[0]
  return best && best.off <= within ? best.i : null
}

/** What chocolate is sold as; anything else so called is a thing of its own: cinnamon chips are no cinnamon. */
const SHAPES = new Set(['chip', 'button', 'drop', 'callet', 'couverture', 'bit', 'morsel'])

/** Words that may stand last without saying what it is. */
const AFTER = /^(?:\d|extract|essence|powder|syrup)/

const endsAlike = (words: readonly string[], ingredient: Ingredient): boolean => {
  const last = words.at(-1) ?? ''
  return AFTER.test(last) || namesWorded(ingredient).some((n) => n.at(-1) === last) || !NOUNS.has(last)
}

/** Words that, standing last, name the thing whatever stands before them. */
const NOUNS = new Set(['milk', 'cream', 'water', 'butter', 'sugar', 'flour', 'oil', 'juice', 'cake'])

/** The words an ingredient is called by, those that stand last in a name of it, and those that alone could mean it. */
interface Bag {
  readonly ingredient: Ingredient
  readonly words: ReadonlySet<string>
  readonly ends: ReadonlySet<string>
  readonly called: ReadonlySet<string>
}

/** Words of a shape, a colour or a kind: what shares no more with another thing is not that. Beet powder is no baking powder, red wine no red colour. */
const SHAPELESS = new Set(
  `bag baking bean bit black blue bought brown candy canned chip crystal dark de dried drop edible flake flower free gold granule green half leaf light liquid low
  paste pink powder puffed red root salted sauce sheet silver stick sweet white whole yellow`.split(/\s+/),
)

/** Words that could mean an ingredient by themselves: those of its own name, and what a synonym ends in. "Chestnut" alone is no chestnut honey. */
const couldMean = ([own = [], ...others]: readonly (readonly string[])[]): Set<string> =>
  new Set([...own, ...others.flatMap((n) => n.slice(-1))].filter((w) => !SHAPELESS.has(w)))

function findIn(name: string, exact: ReadonlyMap<string, Ingredient>, bags: readonly Bag[]): Found {
  const words = wordsOf(name)
  const direct = exact.get(keyOf(words)) ?? byFigure(words, exact)
  // "chocolate milk" is another thing than milk chocolate: the word that stands last says what it is
  if (direct && endsAlike(words, direct)) return { ingredient: direct, candidates: [] }
  const graded = words.some((w) => GRADES.has(w))
  const plain = words.filter((w) => !descriptors.has(w) && !/^\d+(?:\.\d+)?pct$/.test(w) && !(graded && BLOOM.test(w)))
  // "60 % dark chocolate" is not the one of 70 %: a share that none of them has makes it unsure
  const rated =
    words.some((w) => /pct$/.test(w)) &&
    (words.includes('cream') || (words.includes('chocolate') && !words.includes('milk') && !words.includes('white')))
  const bare = plain.length > 0 && !rated ? exact.get(keyOf(plain)) : undefined
  const shaped = words.some((w) => SHAPES.has(w))
  if (bare && endsAlike(plain, bare) && (!shaped || /chocolate/.test(bare.id)))
    return { ingredient: bare, candidates: [] }
  const unbroken = exact.get(keyOf(plain.filter((w) => w !== 'whole')))
  if (unbroken?.whole && words.includes('whole')) return { ingredient: unbroken, candidates: [] }
  const candidates = bags
    .filter(({ called }) => plain.some((w) => called.has(w)))
    .map(({ ingredient, words: bag, ends }) => ({
      ingredient,
      // the word that stands last says what it is: salted peanuts are peanuts sooner than salted butter
      score: plain.filter((w) => bag.has(w)).length + (ends.has(plain.at(-1) ?? '') ? 0.5 : 0) - 0.01 * bag.size,
    }))
    .sort((a, b) => b.score - a.score)
    .slice(0, 5)
    .map((c) => c.ingredient)
  return { ingredient: null, candidates }
}
