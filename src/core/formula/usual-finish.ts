/** The usual finish of a family as steps: what a formula begins with, and what a recipe that stops at the pour is given. */
import { type FamilyId, families } from '../craft/families'
import type { FamilyFacts, UsualWork } from '../craft/families/family'
import type { HandworkKind } from '../craft/handwork'
import { type FormulaDocument, pourIndex, type Step } from './document'
import { idFor } from './edit'

type Words = Pick<Step, 'label' | 'say' | 'why' | 'act' | 'meanwhile' | 'test'>

/** Plain words for every work; a formula that knows better says so. */
export const plainWork: Readonly<Record<HandworkKind, Words>> = {
  'lay-under': {
    label: 'Lay under',
    say: 'Lay it out in the lined tray',
    why: 'Everything stands on it.',
    act: 'Laid out',
  },
  spread: { label: 'Pour, spread', say: 'Pour and spread it level', why: 'It stiffens as it cools.', act: 'Spread' },
  leave: { label: 'Pour', say: 'Pour it, and leave it undisturbed', why: 'Moving it starts grain.', act: 'Poured' },
  score: {
    label: 'Score',
    say: 'Mark the cuts',
    why: 'The line stays now.',
    act: 'Scored',
    meanwhile: { say: 'Leave it alone', why: 'A line drawn now closes again.' },
    test: 'A line drawn at the edge stays open',
  },
  cut: {
    label: 'Cut',
    say: 'Cut it',
    why: 'It is as cool as the room: it cuts square.',
    act: 'Cut',
    meanwhile: { say: 'Let it set where it lies', why: 'Warm it smears.' },
  },
  break: {
    label: 'Break',
    say: 'Break it under paper',
    why: 'It is cold through: it snaps clean.',
    act: 'Broken',
    meanwhile: { say: 'Let it cool flat', why: 'Moved while soft it bends.' },
  },
  pull: {
    label: 'Pull',
    say: 'Pull it, fold it, pull again',
    why: 'Air makes it pale and light; once it shines like satin it is enough.',
    act: 'It shines like satin',
    meanwhile: { say: 'Fold the edges in as they firm', why: 'The rim sets first; hot it runs through the hands.' },
    test: 'A strand shines like satin',
  },
  table: {
    label: 'On the stone',
    say: 'Spread it on the stone, and keep the rest warm in its bowl',
    why: 'The stone brings it down to where its crystals form.',
    act: 'It is on the stone',
  },
  gather: {
    label: 'Back in',
    say: 'Scrape it up, back into the bowl, stir',
    why: 'It thickens: its crystals are there, and the warm rest brings it to where it works.',
    act: 'Back in the bowl',
    meanwhile: { say: 'Spread it out and scrape it together, without pause', why: 'What lies still sets in lumps.' },
    test: 'It thickens and loses its shine',
  },
  form: { label: 'Form', say: 'Form it with greased hands', why: 'It stiffens within minutes.', act: 'All formed' },
  fill: { label: 'Fill', say: 'Fill them now', why: 'It stops flowing within minutes.', act: 'Filled' },
  pipe: { label: 'Pipe', say: 'Pipe it', why: 'It holds its shape now.', act: 'Piped' },
  unmould: {
    label: 'Unmould',
    say: 'Turn them out',
    why: 'They are hard through.',
    act: 'Unmoulded',
    meanwhile: { say: 'Let them set, dry and undisturbed', why: 'Soft they bend and stick.' },
  },
  beat: {
    label: 'Beat',
    say: 'Beat until it turns matt and thickens',
    why: 'Cool and fast makes many small crystals.',
    act: 'It has turned',
    meanwhile: { say: 'Let it cool undisturbed', why: 'A stir or a knock starts coarse grain.' },
    test: 'The gloss is gone',
  },
  whip: {
    label: 'Whip',
    say: 'Stop: the bowl is just warm',
    why: 'Hot it collapses, cold it will not spread.',
    act: 'Whipped',
    meanwhile: { say: 'Whip on high', why: 'It grows, and cools as it does.' },
  },
  'fold-in': { label: 'Fold in', say: 'Fold it in', why: 'Stirring lets the air go.', act: 'Folded in' },
  'pour-over': { label: 'Pour over', say: 'Pour it over, level it once', why: 'It films over at once.', act: 'Poured' },
  'cover-chips': { label: 'Chips on', say: 'Chips over it, and cover', why: 'Its heat melts them.', act: 'Covered' },
  temper: { label: 'Temper', say: 'Temper the chocolate', why: 'Untempered it dulls and blooms.', act: 'In temper' },
  coat: { label: 'Coat', say: 'Dip them and set them down', why: 'The bowl cools as you work.', act: 'Coated' },
  dust: { label: 'Dust', say: 'Dust them and sift off', why: 'Bare sides stick to each other.', act: 'Dusted' },
  sprinkle: { label: 'Sprinkle', say: 'Sprinkle while it is wet', why: 'Dry, nothing holds on it.', act: 'Sprinkled' },
  chill: { label: 'Chill', say: 'Into the cold', why: 'It firms.', act: 'Cold' },
  bake: { label: 'Bake', say: 'Bake it', why: 'It sets through.', act: 'Baked' },
  cool: {
    label: 'Cold',
    say: 'Check that it is cold to the middle',
    why: 'What is poured on a warm base soaks in.',
    act: 'It is cold',
    meanwhile: { say: 'Let it get cold in its tin', why: 'It crisps as it cools.' },
  },
  wrap: { label: 'Wrap', say: 'Wrap the pieces', why: 'Bare sides take up or lose water.', act: 'Wrapped' },
}

/** The step of a usual work. */
function stepOf({ work, minutes, now, pours }: UsualWork, family: FamilyId, taken: ReadonlySet<string>): Step {
  const { windows, work: worked } = families[family] as FamilyFacts
  const windowed = windows[work.kind] !== undefined || worked === 'tempered'
  return {
    id: idFor(work.kind, taken),
    when:
      minutes !== undefined
        ? { on: 'after', seconds: 60 * minutes }
        : windowed && !pours && !now
          ? { on: 'window' }
          : { on: 'ready' },
    ...plainWork[work.kind],
    handwork: work,
    ...(pours && { empties: true, cautions: ['hotSugar'] }),
  }
}

/** What is usually done to a sweet of `family` in `school` once it is off the heat, beside steps of the ids `taken`. */
export function usualFinish(family: FamilyId, school: string, taken: readonly string[] = []): Step[] {
  const { finish } = families[family] as FamilyFacts
  const ids = new Set(taken)
  return (finish[school] ?? finish.usual).map((usual) => {
    const step = stepOf(usual, family, ids)
    ids.add(step.id)
    return step
  })
}

/** Whether a formula says what is done after the pour. */
export const hasFinish = ({ steps }: FormulaDocument): boolean => steps.some((s) => s.handwork)

/**
 * The formula with the usual finish of its family: its own pour keeps its words, what comes before it (beating, whipping) is
 * put before it, the rest after it. What it says of its own after the pour stays in place of that.
 */
export function withUsualFinish(formula: FormulaDocument): FormulaDocument {
  const { family, school, steps } = formula
  const at = pourIndex(formula)
  const own = steps[at]
  const done = new Set(steps.flatMap((s) => (s.handwork ? [s.handwork.kind] : [])))
  const usual = usualFinish(
    family,
    school,
    steps.map((s) => s.id),
  )
  const pour = usual.findIndex((s) => s.empties)
  if (!own) return { ...formula, steps: [...steps, ...usual] }
  const first = usual.slice(0, pour).filter((s) => !done.has(s.handwork?.kind as HandworkKind))
  const poured: Step = own.handwork ? own : { ...own, handwork: usual[pour]?.handwork }
  const after = steps.slice(at + 1)
  return {
    ...formula,
    steps: [...steps.slice(0, at), ...first, poured, ...(after.length > 0 ? after : usual.slice(pour + 1))],
  }
}
