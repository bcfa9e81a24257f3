/** A list and its method as one formula: what is sure is taken, what is not is asked. */

import { type BoiledFamilyId, boiledFamilies, type FamilyId } from '../../craft/families'
import { fullTyped, mentions, namesOf } from '../../formula/called'
import type { FormulaDocument, Line, Target } from '../../formula/document'
import { blankFormula } from '../../formula/edit'
import { secondsIn, short } from '../../formula/sentence'
import type { Ingredient } from '../../matter/ingredient'
import { SPOILED } from '../../matter/ingredient'
import { type Mix, massOf } from '../../matter/mix'
import { mixOf } from '../../matter/portions'
import type { Answers, Ask, Draft, Lexicon, Question, WrittenPiece } from '../draft/draft'
import { targetDoubt } from '../draft/end-doubts'
import { doubtful, lateIn } from '../draft/line-doubts'
import { calledByPurpose, groupIdsAt, groupsFor } from '../lines/groups'
import { asUsed, ownOf, readLines, strainedNote } from '../lines/lines'
import { LIES_AROUND, probablyAt } from '../lines/place-of'
import { namedLater, placesOf } from '../lines/places'
import { inPortions } from '../lines/portions'
import { isStrainedOut } from '../lines/strained'
import { unlistedIn } from '../lines/unlisted'
import { withWhites } from '../lines/whites'
import { type Beside, besideIn } from '../method/beside-the-pot'
import { readySaid } from '../method/by-hand'
import { boilsTo, type Done, endingOf, inOrder, targetOf, WITHIN } from '../method/end'
import { SYRUP_IN } from '../method/made-apart'
import { madeFrom, shapeSaid, WASTE } from '../method/shape'
import { stepsFrom } from '../method/steps'
import { SLOW_S } from '../sentence/due'
import { endingsIn, endsFirst, MEANWHILE } from '../sentence/endings'
import { type HeatUnit, heatIn, ovenUnitOf, recipeUnit, unitOf } from '../sentence/heats'
import { inOtherPot, inOtherVessel, isGotReady, ONTO_FOAM, pours } from '../sentence/moves'
import { temperedAsListed } from '../sentence/works'
import { FLEETING, isOutside, purposeIn } from '../text/listed'
import { familyOf, schoolOf } from './family'
import { cooledOnTheWay, onlyCools } from './only-cools'

/** The unit the temperatures of a piece are in, as far as it says, or as was answered. */
export function heatUnitOf({ said, list }: WrittenPiece, answers: Answers): HeatUnit | null {
  const listed = list.flatMap((s) => s.lines)
  // without a list the method itself says in what it is measured
  return answers.unit ?? recipeUnit(said, listed.length > 0 ? listed : said)
}

/** ◊ Less sugar than this share of it, and a thing sweetens nothing. */
const SWEET = 0.2
const SUGARS = ['sucrose', 'monosaccharide', 'glucoseSolids'] as const
const isSweet = ({ per100 }: Ingredient): boolean => SUGARS.some((part) => per100[part] > 100 * SWEET)
/** Nobody sweetens a syrup by the spoon. */
const SPOONFUL = /\b(?:drops?|pinch|tbsps?|tsps?|(?:table|tea)spoon(?:ful)?s?)\b/i
/** Whether nothing of all that was read, or is asked about, could make a syrup: its sugar was not read, and is asked about. */
const isUnsweetened = ({ lines, questions, known }: ReturnType<typeof readLines>): boolean =>
  !lines.some((l) => isSweet(known.get(l.ingredient) as Ingredient)) &&
  !questions.some(
    ({ text, reading }) =>
      ((reading.question.id === 'unknown' || reading.question.id === 'unreckoned') && !SPOONFUL.test(text)) ||
      [...(reading.ingredient ? [reading.ingredient] : []), ...reading.candidates].some(isSweet),
  )

/** Reads what is boiled in one pot. */
export function readPiece(piece: WrittenPiece, lexicon: Lexicon, answers: Answers = {}): Draft {
  const { name } = piece
  const own = readLines(piece.list, lexicon)
  const unlisted = unlistedIn(piece.said, own.lines, [...own.written, ...(piece.others ?? [])], lexicon)
  const all = unlisted.length > 0 ? readLines([...piece.list, { heading: null, lines: unlisted }], lexicon) : own
  const read =
    piece.said.length > 0 && isUnsweetened(all)
      ? readLines([...piece.list, { heading: null, lines: [...unlisted, 'sugar'] }], lexicon)
      : all
  const { lines: listed, questions, known } = read
  const written = withWhites(read.written, piece.said)
  const ingredientOf = (l: Line): Ingredient => known.get(l.ingredient) as Ingredient
  const unit = heatUnitOf(piece, answers)
  const said = inOrder(piece.said, unit)
  const done = endingOf(said, unit)
  const {
    all: lines,
    places,
    shared,
  } = inPortions(
    said,
    listed,
    ingredientOf,
    questions.map((q) => q.text),
  )
  const beside = besideIn(said, done?.at)
  // what is still asked about is in it all the same
  const whole = [...lines, ...questions.map(asLine)]
  const guessed = familyOf(`${name} ${piece.layerOf ?? ''}`, whole, said.join(' '))
  const family = answers.family ?? guessed
  const facts = boiledFamilies[family as keyof typeof boiledFamilies]
  const unclear = answers.unit
    ? undefined
    : said
        .flatMap((s, i) => (beside.ready.has(i) ? [] : (heatIn(s) ?? [])))
        .find((h) => (h.oven ? ovenUnitOf(h, null) : unitOf(h, unit)) === null)

  // what a sentence gets ready is met by a later one: it is no step of its own
  const metAt = (at: number): number => {
    const next = beside.ready.has(at) ? said.findIndex((_, i) => i > at && !beside.ready.has(i)) : at
    return next < 0 ? at : next
  }
  const found = placesOf(said, beside, written, done?.at ?? -1, places)
  const goesIn = whole.flatMap((l) => {
    const at = answers.places?.[l.id] ?? found.get(l.id)
    return at === undefined || (done && at > done.at) ? [] : [metAt(at)]
  })
  const first =
    goesIn.length > 0
      ? Math.min(...goesIn)
      : Math.max(
          0,
          said.findIndex((_, i) => !beside.ready.has(i)),
        )
  const outside = new Set(written.flatMap((w) => (isOutside(w) ? [w.id] : [])))
  const guessOf = ({ id, ingredient, typed = '' }: Line): number => {
    if (outside.has(id)) return said.length - 1
    const names = written.find((w) => w.id === id)?.names ?? []
    const probably = probablyAt(said, names)
    if (probably >= 0) return probably
    // what the paper is dusted with is met where it is poured out
    const lies = said.some((s, i) => beside.ready.has(i) && LIES_UNDER.test(s) && mentions(s, names))
    const poured = lies && done ? said.findIndex((s, i) => i > done.at && pours(s)) : -1
    if (poured >= 0) return poured
    const dusted = DUST.test(ingredient) ? said.findLastIndex((s, i) => i > (done?.at ?? 0) && LIES_AROUND.test(s)) : -1
    if (dusted >= 0) return dusted
    const dipped = CHOCOLATE.test(ingredient) ? said.findIndex((s, i) => i > (done?.at ?? 0) && DIPS.test(s)) : -1
    if (dipped >= 0) return dipped
    // what a boil would spoil, and what it would drive off, goes in after it
    return done && (SPOILED.test(ingredient) || FLEETING.test(typed)) ? Math.min(done.at + 1, said.length - 1) : first
  }
  const named = new Map([...found].map(([id, at]) => [id, namedLater(said, beside, id, at, written)]))
  const isNamedLater = ({ id }: Line): boolean => (named.get(id) ?? -1) >= 0
  const ownOrGuess = (l: Line): number => metAt((isNamedLater(l) ? named.get(l.id) : found.get(l.id)) ?? guessOf(l))
  const placeOf = (l: Line): number => answers.places?.[l.id] ?? ownOrGuess(l)
  const askedAt = (q: Omit<Question, 'group'>): number => Math.max(first, placeOf(asLine(q)))
  const groupAt = groupIdsAt([...lines.map(placeOf), ...questions.map(askedAt)], first)
  const placed = lines.map((l) => ({
    ...asUsed(l, ingredientOf(l), said),
    group: groupAt.get(placeOf(l)) ?? 'pot',
  }))
  const stays = placed.filter((l) => !l.strained)
  // what was poured onto whites is not cooked on: what is boiled after that is in another pot
  const foamAt = said.findIndex((s) => SYRUP_IN.test(s) && ONTO_FOAM.test(s))
  const isAfterFoam = (at: number): boolean => foamAt >= 0 && done !== null && at > foamAt && at <= done.at
  // what is melted or boiled after it was poured is another pot's
  const pouredAt = done
    ? said.findIndex((s, i) => pours(s) && (i > done.at || (IN_ITS_TIN.test(s) && hasBoiled(said.slice(0, i), unit))))
    : -1
  const nextAt = pouredAt < 0 ? -1 : said.findIndex((s, i) => i > pouredAt && BOILS_SUGAR.test(s))
  // "honey to 130 °C; meanwhile make a dry caramel": beside what boils already
  const isMeanwhile = (at: number): boolean =>
    MEANWHILE.test(said[at] ?? '') && /\bcaramel/i.test(said[at] ?? '') && hasBoiled(said.slice(0, at), unit)
  const isElsewhere = (at: number): boolean =>
    isMeanwhile(at) ||
    (nextAt >= 0 && at >= nextAt) ||
    inOtherPot(said[at] ?? '') ||
    inOtherVessel(said[at] ?? '', said[first] ?? '') ||
    isAfterFoam(at)
  const doubts = doubtful(
    lines.flatMap((l) => {
      const at = found.get(l.id)
      // none of what lies around the pieces is in the sweet, however it is shared out
      const isShared = shared.has(l.id) && !outside.has(l.id)
      const placed = {
        id: l.id,
        ingredient: ingredientOf(l),
        grams: l.grams,
        shared: isShared,
        outside: outside.has(l.id),
      }
      if (at === undefined) return []
      return [{ ...placed, at, elsewhere: isElsewhere(at), namedLater: isNamedLater(l) }]
    }),
    { doneAt: done?.at ?? null, hotterAt: done ? hotterBefore(done, said, beside, unit) : null },
  )

  // what is asked about counts as what it probably is
  const strained = new Set(
    questions.flatMap(({ id, reading }) => {
      const names = written.find((w) => w.id === id)?.names ?? []
      return isStrainedOut(said, names, reading.ingredient ?? reading.candidates[0] ?? null) ? [id] : []
    }),
  )
  const probably = questions.flatMap((q) => {
    if (strained.has(q.id)) return []
    const [ingredient, ...others] = q.reading.ingredient ? [q.reading.ingredient] : q.reading.candidates
    return ingredient && q.reading.grams !== null
      ? [{ ingredient, others, grams: q.reading.grams, at: askedAt(q) }]
      : []
  })
  const mixAt = (at: number, asked: readonly { ingredient: Ingredient; grams: number; at: number }[] = probably): Mix =>
    mixOf([
      ...stays.filter((l) => placeOf(l) <= at).map((l) => ({ ingredient: ingredientOf(l), grams: l.grams })),
      ...asked.filter((p) => p.at <= at),
    ])
  const mix = mixAt(done?.at ?? said.length)
  /** At which heat a syrup looks so depends on all that is in it: null where what is asked about would make it another. */
  const endAt = ({ at, ending }: Done): Target | null => {
    const target = targetOf(ending, mix)
    if (target === null || ending.by === 'heat') return target
    if (questions.some((q) => gramsAsked(q) === Number.POSITIVE_INFINITY && askedAt(q) <= at)) return null
    const others = probably.flatMap((p) =>
      p.others.map((ingredient) => probably.map((o) => (o === p ? { ...p, ingredient } : o))),
    )
    const isSame = (other: Target | null): boolean =>
      other !== null && Math.abs(other.celsius - target.celsius) < ALIKE_C
    return others.every((asked) => isSame(targetOf(ending, mixAt(at, asked)))) ? target : null
  }
  const computed = done && (done.ending.by === 'heat' || massOf(mix) > 0) ? endAt(done) : null
  const usual = (facts.usual.low + facts.usual.high) / 2
  const doubt = targetDoubt({ name, said, beside, done, unit, usual: facts.usual, computed })
  const target =
    computed && !(doubt && answers.target) ? computed : { celsius: answers.target ?? usual, within: WITHIN.heat }
  const formula: FormulaDocument = onlyCools(
    cooledOnTheWay({
      version: 1,
      name: short(name || 'A pasted recipe', 120),
      family,
      school: schoolOf(family, `${name}. ${said.join('. ')}`, lines, (l) =>
        (groupAt.get(placeOf(l)) ?? 'pot') === 'pot'
          ? 'first'
          : !done || placeOf(l) < done.at || (placeOf(l) === done.at && !endsFirst(said[done.at] ?? ''))
            ? 'boiled'
            : 'off',
      ),
      about: '',
      groups: groupsFor(groupAt, { said, unit, beside, pullAt: done?.at ?? said.length }, (at) => {
        const there = stays.filter((l) => placeOf(l) === at)
        const called = calledByPurpose(written.filter((w) => there.some((l) => l.id === w.id)))
        return { names: there.flatMap((l) => namesOf(l, ingredientOf(l))), lines: there, called }
      }),
      lines: placed,
      target,
      ...readySaid(
        said.filter((_, i) => beside.ready.has(i)),
        unit,
      ),
      steps: temperedAsListed(
        stepsFrom({
          said,
          ready: beside.ready,
          unit,
          pullAt: done?.at ?? -1,
          endings: done ? [done.ending, ...done.others] : [],
          groupAt,
          whips: whippedIn(family, whole),
          stageC: (drop, at) => (massOf(mixAt(at)) > 0 ? (targetOf(drop, mixAt(at))?.celsius ?? null) : null),
        }),
        placed,
      ),
      shape: blankFormula.shape,
      waste: WASTE,
      boils: [],
      ...ownOf(known),
    }),
  )
  const late = lateIn(formula, ingredientOf, outside)
  const asks: Ask[] = [
    { id: 'family', guess: guessed },
    ...(unclear ? [{ id: 'unit' as const, text: unclear.text, ends: doubt !== null }] : []),
    ...(doubt && unclear === undefined
      ? [{ id: 'target' as const, because: doubt, guess: computed?.celsius ?? usual, usual }]
      : []),
    ...whole.flatMap((l): Ask[] =>
      // the only line there is goes in first
      said.length === 0 || whole.length === 1 || (found.has(l.id) && !doubts.has(l.id) && !late.has(l.id))
        ? []
        : [
            {
              id: 'place',
              line: l.id,
              name: known.get(l.ingredient)?.name ?? fullTyped(l.typed ?? ''),
              doubt: doubts.get(l.id) ?? (late.has(l.id) ? 'late' : null),
              guess: ownOrGuess(l),
              sentences: said,
            },
          ],
    ),
  ]
  // with much of it still to ask nobody knows how much it makes
  const made = placed.length === 0 || askedShare(questions, placed) > LITTLE ? null : madeFrom(formula)
  return {
    questions: questions.map((q) => ({
      ...q,
      // as a note, so that it is so of whatever is answered
      reading: strained.has(q.id) ? { ...q.reading, note: strainedNote(q.reading.note) } : q.reading,
      group: groupAt.get(askedAt(q)) ?? 'pot',
    })),
    asks,
    formula: {
      ...formula,
      shape: shapeSaid({
        family: family as BoiledFamilyId,
        name,
        said,
        doneAt: done?.at ?? -1,
        made,
        makes: piece.makes ?? null,
        yields: piece.yields ?? null,
        vessel: piece.vessel ?? null,
        tin: piece.tin ?? null,
      }),
    },
  }
}

/** ◊ A pot that was so much hotter before its end was caramel, and was then stopped with something wet, °C. */
const HOTTER = { by: 25, least: 145 }

/** The last sentence before the end by which the pot is much hotter than at its end; null where there is none. */
function hotterBefore(
  { at, ending }: Done,
  said: readonly string[],
  { ready }: Beside,
  unit: HeatUnit | null,
): number | null {
  if (ending.by !== 'heat') return null
  const hotter = Math.max(HOTTER.least, ending.high + HOTTER.by)
  const found = said.findLastIndex(
    (s, i) =>
      i < at &&
      !ready.has(i) &&
      (secondsIn(s) ?? 0) < SLOW_S &&
      endingsIn(s, unit).some((e) => (e.by === 'heat' && e.low > hotter) || (e.by === 'colour' && e.celsius > hotter)),
  )
  return found < 0 ? null : found
}

/** ◊ So little of a sweet changes nothing that is seen of its size. */
const LITTLE = 0.1

/** ◊ Two ends are one that are nearer to each other than what is seen of them, °C. */
const ALIKE_C = 3

/** How much is asked about; infinite where nobody knows how much it is. */
function gramsAsked({ text, reading }: Omit<Question, 'group'>): number {
  // which pint of water it is tells nothing once that has boiled away
  if (reading.question.id === 'which-pint' && reading.ingredient?.id === 'water') return 0
  // "a few drops", "salt", "for dusting": nobody leaves out how much there is of what a sweet is made of
  const isLittle = ['vague', 'how-much'].includes(reading.question.id) || purposeIn(text) !== null
  return reading.grams ?? (isLittle ? 0 : Number.POSITIVE_INFINITY)
}

/** How much is asked about, as a share of what is known. */
const askedShare = (questions: readonly Omit<Question, 'group'>[], lines: readonly Line[]): number =>
  questions.reduce((sum, q) => sum + gramsAsked(q), 0) / lines.reduce((sum, l) => sum + l.grams, 0)

/** "Sprinkle the foil with icing sugar" */
const LIES_UNDER =
  /^(?:cover|dust|flour|sprinkle)\b.*\bwith\b|^(?:evenly )?(?:arrange|divide|lay|place|put|scatter|spread)\b.*\b(?:among|between|on|over)\b.*\b(?:bottom|parchment|pans|paper|sheets?|trays?)\b/i

/** What was boiled and lies in its tin stays there, whatever is boiled then. */
const IN_ITS_TIN = /\b(?:in|into) (?:an? |the )?(?:[\w-]+ ){0,4}(?:frame|mou?lds?|tin|tray)\b/i
const hasBoiled = (said: readonly string[], unit: HeatUnit | null): boolean =>
  said.some((s) => !isGotReady(s) && boilsTo(s, unit))
/** "Sauce: melt sugar dry": another pot is begun. */
const BOILS_SUGAR = /\b(?:boil|carameli[sz]e|cook|melt)\b(?!.*\bchocolate\b).{0,20}\b(?:honey|sugar|syrup)\b/i

/** What a sweet is dusted with. */
const DUST = /^(?:icing-sugar|cornflour)|starch/

/** What a sweet is dipped in, and how that is said. */
const CHOCOLATE = /chocolate|couverture/
const DIPS = /\b(?:dip|coat|cover|enrobe|drizzle)\b/i

/** What whips a family up: gelatin before egg white, where there are both. */
function whippedIn(family: FamilyId, lines: readonly Line[]): 'gelatin' | 'egg' | null {
  if (family !== 'marshmallow' && family !== 'nougat') return null
  const has = (what: RegExp): boolean => lines.some((l) => what.test(`${l.ingredient} ${l.typed ?? ''}`))
  return has(/\bgelatin/i) ? 'gelatin' : has(/\begg[- ]white/i) ? 'egg' : null
}

/** What is asked about, as far as it is known. */
const asLine = ({ id, text, reading }: Omit<Question, 'group'>): Line => ({
  id,
  group: '',
  ingredient: reading.ingredient?.id ?? '',
  grams: reading.grams ?? 0,
  typed: text,
})
