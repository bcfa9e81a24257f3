/** A recipe whose list stands under headings, "for the base", "for the caramel", made into a whole of parts. */

import type { FormulaDocument, Part, PartState, Shape, SingleFormula, Step } from '../../formula/document'
import { idFor } from '../../formula/edit'
import { capital } from '../../formula/sentence'
import type { Ingredient } from '../../matter/ingredient'
import { tenths } from '../../quantity/number'
import type { Answers, Ask, Draft, Lexicon, Question, WrittenPiece } from '../draft/draft'
import { calledByPurpose, groupIdsAt } from '../lines/groups'
import { asUsed, ownOf, readLines } from '../lines/lines'
import { placesOf } from '../lines/places'
import { readyByHand } from '../method/beside-the-pot'
import { plainSteps, readySaid } from '../method/by-hand'
import { sentences } from '../method/clauses'
import { boilsTo, endingOf } from '../method/end'
import { CUT, isMoulded, MOULD, madeFrom, sharedOf } from '../method/shape'
import { label } from '../sentence/endings'
import { handworkSaid } from '../sentence/handwork'
import { heatIn } from '../sentence/heats'
import { depthSaid, pieceIn, tinSaid } from '../sentence/lengths'
import { inOven, isGotReady, takesOff } from '../sentence/moves'
import { temperedAsListed } from '../sentence/works'
import { alike } from '../text/headings'
import { isMark } from '../text/lettered'
import { isOutside } from '../text/listed'
import type { Headed, SplitRecipe } from '../text/split'
import { heatUnitOf, readPiece } from './piece'
import { alsoSaid } from './same-way'
import { type Layer, ONTO_LAYER, sharedOut, toldOf } from './shared-out'

/** ◊ What only layers are called, and what only bases are made of. */
const LAYER =
  /\b(?:base|crust|shortbread|shortcake|biscuit|sponge|topping|filling|glaze|coating|ganache|layer|icing|frosting)s?\b/i
/** What only begins a sweet is called a base as well: it is a layer where the method speaks of one. */
const ONLY_BASE = /^(?!.*\b(?:crust|shortbread|biscuit|sponge|layer)s?\b).*\S base\b/i
const BASE = /\bbase\b(?! of the (?:pan|pot))/i
/** What is put around it is a sweet of its own: a caramel, and no shell that it is laid into. */
const CENTRE = /\bcent(?:er|re)\b/i
/** What is a sweet by itself: told of apart, two of them are made apart. */
const SWEET = /\b(?:brittle|caramel|fondant|fudge|jelly|marshmallow|nougat|toffee)(?: (?:layer|wrap))?$/i
export const BAKED = /\b(?:flour|oats|crumbs|biscuits?|crackers?|cookies)\b/i

/** Headings of what goes on a sweet that is made, and is no layer of it. */
const FINISHES =
  /^to (?:add|fold|stir)|\b(?:finish\w*|dip\w*|dust\w*|roll\w*|garnish\w*|serv\w*|decorat\w*|sprinkl\w*)\b/i

/** What sweets are tossed in. */
const DUST = /\bsugar\b|\b(?:citric|tartaric|malic) acid\b|\b(?:corn ?starch|cornflour|potato starch|starch)\b/i

/** What goes into a sweet by the drop, whatever it stands under. */
const FLAVOURS =
  /\b(?:colou?r(?:ing)?s?|essence|extract|flavou?r(?:ing)?s?|(?:anise\w*|cinnamon|cloves?|lemon|lime|\w*mint|orange|rose) oil)\b/i

const isFinish = ({ heading, lines }: Layer): boolean =>
  FINISHES.test(heading) ||
  (/\bcoat/i.test(heading) && lines.every((line) => DUST.test(line))) ||
  lines.every((line) => FLAVOURS.test(line))

/** The headed lists of a recipe that are parts of their own; null where they are only groups of one pot. */
export function layersIn({ list, method }: Pick<SplitRecipe, 'list' | 'method'>): readonly Layer[] | null {
  const layers = list.filter((s): s is Layer => s.heading !== null)
  if (layers.filter((l) => !isFinish(l)).length < 2 || layers.length < list.length) return null
  if (layers.filter((l) => !isMark(l.heading) && isBoiledApart(l, method)).length > 1 || areTwins(layers)) return layers
  if (layers.every((l) => SWEET.test(l.heading) && toldOf(l, method).length > 0)) return layers
  if (layers.some((l) => CENTRE.test(l.heading)) && layers.some((l) => SWEET.test(l.heading))) return layers
  // "the caramel base", which something is poured into, lies under nothing
  const told = method.flatMap((m) => m.lines).join(' ')
  const isLayer = ({ heading }: Layer): boolean => LAYER.test(heading) && (!ONLY_BASE.test(heading) || BASE.test(told))
  return layers.some((l) => (isLayer(l) && !isFinish(l)) || l.lines.some((line) => BAKED.test(line))) ? layers : null
}

/** ◊ Lists that have so many lines in common are two boils of nearly the same: nobody lists one pot's sugar, milk and butter twice. */
const IN_COMMON = 3

function areTwins(layers: readonly Layer[]): boolean {
  const [first, second] = layers.filter((l) => !isFinish(l)).map((l) => l.lines.map((s) => s.toLowerCase()))
  return first !== undefined && second !== undefined && first.filter((s) => second.includes(s)).length >= IN_COMMON
}

const setsOven = (s: string): boolean => inOven(s) && heatIn(s) !== null
/** What is said of a part that is baked, with the heat of its oven where only another part speaks of that. */
function withOven(said: readonly string[], all: readonly string[]): readonly string[] {
  const oven = all.find(setsOven)
  if (!oven || said.some(setsOven) || !said.some((s) => handworkSaid(s)?.kind === 'bake')) return said
  // of what another part is baked for only the heat is said of this one
  return [isGotReady(oven) ? oven : `Heat the oven to ${heatIn(oven)?.text ?? ''}`, ...said]
}

const isBoiledApart = (layer: Layer, method: readonly Headed[]): boolean =>
  sentences(toldOf(layer, method)).some((s) => boilsTo(s, 'C'))

/** What is boiled to a temperature has one of these in it; icing sugar is stirred in cold. */
const SYRUP = /\b(?<!\b(?:icing|powdered|confectioners) )(?:sugar|syrup|glucose|honey|molasses|treacle)\b/
/** What is a sweet without a boil. */
const MELTED = /\b(?:chocolate|chips|condensed milk|marshmallows)\b/
/** "Until it steams, do not boil". */
const UNBOILED = /\b(?:do not|don.?t|without|never|not letting)\b.{0,12}\bboil/i
const HEATS =
  /\b(?:boil|simmer|cook|heat|melt|warm|carameli[sz]e|hot\b|pans?\b|pots?\b|saucepan|stove|flame|oven|bake|thermometer|microwave|degrees)|°/i
const BOILS = /\b(?:boil(?!er)|simmer|thermometer|microwave)/i

/** What melts chocolate and boils nothing, whatever syrup is melted with it. */
const GENTLY =
  /\b(?:bain[- ]marie|double boiler|(?:over|above) (?:\w+ ){0,4}(?:hot|simmering) water)\b|^melt (?:and temper )?(?:the )?(?:(?:dark|milk|white) )?(?:choc(?:olate)?|chips|coating)\b(?! (?:and|with)\b(?! (?:half-?)?(?:coat|dip|drizzle)))/i
/** "Heat to 88 °F": nothing boils at that, and chocolate does not stand more. ◊ */
const TEMPERS = { C: 55, F: 130 }
function isTempered(sentence: string): boolean {
  const heat = heatIn(sentence)
  return heat !== null && heat.high <= TEMPERS[heat.unit ?? 'C']
}
/** "Cool in the pan": of a pan nothing is heated in. */
const LETS_COOL = /^(?:press|pour|tip|spread|turn|cool|chill|leave|line|grease|cut)\b/i

/** What all of a list is called, but for what goes around the sweet once it is made. */
const calledIn = (list: readonly Headed[], lexicon: Lexicon): string[] =>
  readLines(list, lexicon).written.flatMap((w) => (isOutside(w) ? [] : w.full))
const holds = (called: readonly string[], what: RegExp): boolean => called.some((n) => what.test(n))

/** Whether it says how far it is boiled, in the unit the rest of it speaks in. */
// a figure of which it is still asked what it counts ends a boil as well
const isEnded = (piece: WrittenPiece): boolean =>
  !isSlowCooked(piece) && endingOf(piece.said, heatUnitOf(piece, {}) ?? 'C') !== null

/** Of these only the cream is boiled, where no more than a little glucose is with it. */
const OF_GANACHE = /\b(?:ganache|truffles?)\b/i
const BOILED_SWEET = /\b(?:(?<!\b(?:confectioners|icing|powdered) )sugar|golden syrup|honey|molasses|treacle)\b/
const isGanache = ({ name, list }: WrittenPiece, lexicon: Lexicon): boolean =>
  OF_GANACHE.test(name) && !holds(calledIn(list, lexicon), BOILED_SWEET)

/** Whether it is boiled: it says how far, or heats something sweet. Cream that is scalded for a ganache is not. */
const isBoiledBy = (piece: WrittenPiece, lexicon: Lexicon): boolean =>
  isEnded(piece) ||
  (!isGanache(piece, lexicon) &&
    piece.said.some((s) => BOILS.test(s.replace(UNBOILED, '')) && !inOven(s) && !GENTLY.test(s)) &&
    holds(calledIn(piece.list, lexicon), SYRUP))

/** "Put all in the slow cooker on low for an hour": nobody watches a thermometer there. */
const SLOW_COOKER = /\b(?:crock-?pot|slow cooker)\b/i
const isSlowCooked = ({ said }: WrittenPiece): boolean =>
  said.some((s) => SLOW_COOKER.test(s)) && !said.some((s) => boilsTo(s, 'C'))

/** Whether a recipe has a method, and that boils nothing: truffles, bark, what must not boil, what is only kneaded. */
export function isMadeByHand(piece: WrittenPiece, lexicon: Lexicon): boolean {
  const { list, said } = piece
  if (said.length === 0 || list.every((s) => s.lines.length === 0)) return false
  if (isSlowCooked(piece)) return true
  if (isEnded(piece)) return false
  if (said.some((s) => UNBOILED.test(s)) || isGanache(piece, lexicon)) return true
  if (!said.some((s) => HEATS.test(s.replace(/\bmelted\b/gi, ' ')) && !inOven(s))) return true
  const called = calledIn(list, lexicon)
  const melts = said.every(
    (s) => !HEATS.test(s) || inOven(s) || GENTLY.test(s) || LETS_COOL.test(s) || takesOff(s) || isTempered(s),
  )
  const isMelted = holds(called, MELTED)
  // of icing sugar, and dipped: the chocolate around it is all that is warmed
  return (melts && (isMelted || said.some((s) => GENTLY.test(s)))) || (isMelted && !holds(called, SYRUP))
}

/** A part made by hand or baked, in the words it was written in. */
function unboiled(
  { name, list, said, tin }: WrittenPiece,
  lexicon: Lexicon,
): Omit<Draft, 'formula'> & { readonly formula: SingleFormula } {
  const { lines, questions, known, written } = readLines(list, lexicon)
  // each line goes in with the first sentence that takes it, and what is got ready with the next
  const ready = readyByHand(said)
  const done = said.flatMap((_, i) => (ready.has(i) ? [] : [i]))
  const [first = 0] = done
  // nothing is beside a pot where there is none
  const found = placesOf(said, { ready, apart: new Map(), paste: null }, written, -1, new Map())
  const placeOf = (id: string): number => {
    const at = found.get(id) ?? (written.some((w) => w.id === id && isOutside(w)) ? said.length - 1 : first)
    return done.find((i) => i >= at) ?? done.at(-1) ?? first
  }
  const places = [...lines, ...questions].map(({ id }) => placeOf(id))
  const groupAt = groupIdsAt(places.length > 0 ? places : [first], first)
  const formula: SingleFormula = {
    version: 1,
    name,
    family: 'layered',
    school: 'baked',
    about: '',
    groups: [...groupAt].map(([at, id]) => {
      const called = calledByPurpose(written.filter((w) => placeOf(w.id) === at))
      return { id, label: called ?? (groupAt.size === 1 ? 'All of it' : label(said[at] ?? '')), celsius: 20 }
    }),
    lines: lines.map((l) => ({
      ...asUsed(l, known.get(l.ingredient) as Ingredient, said),
      group: groupAt.get(placeOf(l.id)) ?? 'pot',
    })),
    target: null,
    ...readySaid(
      said.filter((_, i) => ready.has(i)),
      null,
    ),
    steps: temperedAsListed(plainSteps(said, name, ready, groupAt), lines),
    shape: { kind: 'cut', lengthMm: 25, widthMm: 25, heightMm: LAYER_MM },
    waste: 0.03,
    boils: [],
    ...ownOf(known),
  }
  const made = lines.length > 0 && questions.length === 0 ? madeFrom(formula) : null
  return {
    questions: questions.map((q) => ({ ...q, group: groupAt.get(placeOf(q.id)) ?? 'pot' })),
    asks: [],
    formula: {
      ...formula,
      shape: {
        ...CUT,
        kind: 'cut',
        heightMm: depthSaid(said, tin ? [...said, tin] : said, made?.litres ?? null) ?? LAYER_MM,
      },
    },
  }
}

/** What a part is called whose heading says what is done with it. */
const CALLED: Readonly<Record<string, string>> = {
  'to coat': 'coating',
  'to cover': 'coating',
  'to dip': 'dip',
  'to fill': 'filling',
  'to glaze': 'glaze',
  'to top': 'topping',
  'to decorate': 'decoration',
}

/** ◊ How thick a layer is until somebody says. */
const LAYER_MM = 8

/** ◊ A part is marked by no more letters than these, so that no id under it is longer than an id may be. */
const MARK = 5
/** What stands before the ids of a part's lines, not among `taken`: its own id where that is short. */
export const markOf = (part: string, taken: readonly string[]): string =>
  part.length <= MARK && !taken.includes(part) ? part : idFor(part.slice(0, 3), taken)

/** A formula with its groups and lines named after its part (by its mark): ids are unique over the whole. */
export const under = (part: string, f: SingleFormula): SingleFormula => ({
  ...f,
  groups: f.groups.map((g) => ({ ...g, id: `${part}-${g.id}` })),
  lines: f.lines.map((l) => ({ ...l, id: `${part}-${l.id}`, group: `${part}-${l.group}` })),
  steps: f.steps.map((s) => (s.adds === undefined ? s : { ...s, adds: `${part}-${s.adds}` })),
})

/** Questions named after their part, as its groups are. */
export const questionsUnder = (part: string, questions: readonly Question[]): Question[] =>
  questions.map((q) => ({ ...q, id: `${part}-${q.id}`, group: `${part}-${q.group}` }))

/** In which order layers lie on each other: as they are listed, but where one is said to go over another. */
function stacked(layers: readonly Layer[], of: readonly (readonly string[])[]): number[] {
  const lies = layers.map((_, i) => {
    const onto = (of[i] ?? []).flatMap((s) => ONTO_LAYER.exec(s)?.[0] ?? [])
    return layers.flatMap(({ heading }, below) => (below !== i && onto.some((o) => alike(heading, o)) ? [below] : []))
  })
  const order: number[] = []
  while (order.length < layers.length) {
    const left = layers.flatMap((_, i) => (order.includes(i) ? [] : [i]))
    const next = left.find((i) => lies[i]?.every((below) => order.includes(below)))
    order.push(next ?? (left[0] as number))
  }
  return order
}

/** Reads layers, each as a part that waits for the one below it. */
export function readLayers(
  { name, makes, method }: Pick<SplitRecipe, 'name' | 'makes' | 'method'>,
  written: readonly Layer[],
  lexicon: Lexicon,
  answers: Answers,
): Draft {
  const shared = sharedOut(written, method, lexicon)
  const order = stacked(written, shared.of)
  const layers = order.map((i) => written[i] as Layer)
  const of = order.map((i) => shared.of[i] as string[])
  const { ends } = shared
  // the whole is cut, and its layers with it
  const cuts = [
    ...ends,
    ...of
      .flatMap((said) => said.filter((s, i) => handworkSaid(s)?.kind === 'cut' && !inOven(said[i + 1] ?? '')))
      .reverse(),
  ]
  const piece = cuts.flatMap((s) => pieceIn(s) ?? [])[0] ?? sharedOf([...of.flat(), ...ends], makes) ?? CUT
  const taken: string[] = []
  const marks: string[] = []
  const questions: Question[] = []
  const asks: Ask[] = []
  const parts: Part[] = []
  const tin = tinSaid(of.flat())
  for (const [i, { heading, lines }] of layers.entries()) {
    const id = idFor(heading, taken)
    taken.push(id)
    const mark = markOf(id, marks)
    marks.push(mark)
    const called = capital(CALLED[heading.toLowerCase()] ?? heading)
    const said = withOven(alsoSaid(of, i), of.flat())
    const layer = { name: called, list: [{ heading, lines }], said, tin, ...(areTwins(layers) && { layerOf: name }) }
    const read = isBoiledBy(layer, lexicon) ? readPiece(layer, lexicon, answers.parts?.[id]) : unboiled(layer, lexicon)
    questions.push(...questionsUnder(mark, read.questions))
    asks.push(...read.asks.map((a) => ({ ...a, part: { id, label: called } })))
    const below = parts.at(-1)
    const mm = thicknessOf(read.formula.shape)
    const state: PartState = below && below.formula.target === null ? 'cold' : 'firm'
    parts.push({
      id,
      label: called,
      formula: under(mark, {
        ...read.formula,
        shape: { kind: 'cut', ...piece, heightMm: mm ?? LAYER_MM },
      }),
      needs: below ? [{ part: below.id, state }] : [],
      celsius: 20,
    })
  }
  return { questions, asks, formula: wholeOf(name, parts, { said: of.flat(), ends }, piece) }
}

/** How thick a layer lies, mm; null for what is in a mould. */
const thicknessOf = (shape: Shape): number | null =>
  shape.kind === 'cut' ? shape.heightMm : shape.kind === 'broken' ? shape.thicknessMm : null

/** ◊ How a whole ends where nothing says: out of its moulds, left to set once it is dipped, else cut. */
const DIPS = /\b(?:dip|enrobe)\b/i
const endOf = (said: readonly string[]): string =>
  isMoulded(said) ? 'Turn them out' : said.some((s) => DIPS.test(s)) ? 'Leave them to set' : 'Cut it'

/** `said`: all that is said of its parts; `ends`: what ends the whole. */
function wholeOf(
  name: string,
  parts: readonly Part[],
  { said, ends }: { readonly said: readonly string[]; readonly ends: readonly string[] },
  piece: typeof CUT,
): FormulaDocument {
  const joins = parts.map(({ id, label }, i): Step => {
    // a part may be called by what is done: "To finish"
    const made = /^to /i.test(label)
      ? `Get ready what is needed ${label.toLowerCase()}`
      : `Make ${/\d$/.test(label) ? '' : 'the '}${label.toLowerCase()}`
    return {
      id: `join-${id}`,
      label,
      when: { on: 'word', word: 'it is ready' },
      say: i === 0 ? made : `${made}, then put it together with what is made already`,
      why: '',
      act: 'It is on',
      joins: id,
    }
  })
  const ending = ends.length > 0 || parts.length === 1 ? ends : [endOf(said)]
  const last = ending.length > 0 ? plainSteps(ending, name, readyByHand(ending)) : []
  const steps = [...joins, ...last]
  return {
    version: 1,
    name: name || 'A pasted recipe',
    family: 'layered',
    school: 'layered',
    about: '',
    groups: [],
    lines: [],
    target: null,
    steps: steps.map((s, i) => (i === steps.length - 1 ? { ...s, empties: true } : s)),
    shape: isMoulded([...said, ...ends])
      ? MOULD
      : {
          kind: 'cut',
          ...piece,
          heightMm: tenths(parts.reduce((sum, p) => sum + (thicknessOf(p.formula.shape) ?? 0), 0)),
        },
    waste: 0.05,
    boils: [],
    parts: [...parts],
  }
}
