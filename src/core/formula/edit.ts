/** Changes to a formula while it is written. Each gives a new document; ids stay, so that changes can be told apart. */
import { type FormulaDocument, type Group, type Line, type Part, type Step, stepsToPour } from './document'

const freeId = (wanted: string, taken: ReadonlySet<string>): string => {
  if (!taken.has(wanted)) return wanted
  let n = 2
  while (taken.has(`${wanted}-${n}`)) n++
  return `${wanted}-${n}`
}

/** A short id out of a name, not among `taken`. */
export const idFor = (name: string, taken: Iterable<string>): string =>
  freeId(
    name
      .toLowerCase()
      .normalize('NFD')
      .replace(/\p{M}/gu, '')
      .replace(/[^a-z0-9]+/g, '-')
      .slice(0, 32)
      .replace(/^-+|-+$/g, '') || 'x',
    taken instanceof Set ? taken : new Set(taken),
  )

/** `list` with the item of `id` moved to stand before `before`, or last. */
export function moved<T extends { readonly id: string }>(list: readonly T[], id: string, before: string | null): T[] {
  const item = list.find((x) => x.id === id)
  if (!item || id === before) return [...list]
  const others = list.filter((x) => x.id !== id)
  const at = before === null ? others.length : others.findIndex((x) => x.id === before)
  return at < 0 ? [...list] : [...others.slice(0, at), item, ...others.slice(at)]
}

const changed = <T extends { readonly id: string }>(list: readonly T[], id: string, change: Partial<T>): T[] =>
  list.map((x) => (x.id === id ? { ...x, ...change } : x))

export const addLine = (f: FormulaDocument, line: Line): FormulaDocument => ({ ...f, lines: [...f.lines, line] })
export const changeLine = (f: FormulaDocument, id: string, change: Partial<Line>): FormulaDocument => ({
  ...f,
  lines: changed(f.lines, id, change),
})
export const removeLine = (f: FormulaDocument, id: string): FormulaDocument => ({
  ...f,
  lines: f.lines.filter((l) => l.id !== id),
})

/** A line put into `group`, before another line or last. */
export const moveLine = (f: FormulaDocument, id: string, group: string, before: string | null): FormulaDocument => ({
  ...f,
  lines: moved(changed(f.lines, id, { group }), id, before),
})

/** A new group, with the step that puts it in, before the pull or, without one, last. */
export function addGroup(f: FormulaDocument, group: Group, step: Step): FormulaDocument {
  const pull = f.steps.findIndex((s) => s.when.on === 'target')
  const at = pull < 0 ? f.steps.length : pull
  return { ...f, groups: [...f.groups, group], steps: [...f.steps.slice(0, at), step, ...f.steps.slice(at)] }
}

export const changeGroup = (f: FormulaDocument, id: string, change: Partial<Group>): FormulaDocument => ({
  ...f,
  groups: changed(f.groups, id, change),
})

/** A formula that says itself what is got ready; without a word of it where nothing is. */
export function withReady(formula: FormulaDocument, ready: readonly string[]): FormulaDocument {
  const { ready: _, ...rest } = formula
  return ready.length > 0 ? { ...rest, ready } : rest
}

/** A group taken out, with its lines; the steps that put it in stay, adding nothing. */
export const removeGroup = (f: FormulaDocument, id: string): FormulaDocument => ({
  ...f,
  groups: f.groups.filter((g) => g.id !== id),
  lines: f.lines.filter((l) => l.group !== id),
  steps: f.steps.map((s) => {
    if (s.adds !== id) return s
    const { adds: _, ...rest } = s
    return rest
  }),
})

export const addStep = (f: FormulaDocument, step: Step, before: string | null): FormulaDocument => ({
  ...f,
  steps: moved([...f.steps, step], step.id, before),
})
export const changeStep = (f: FormulaDocument, id: string, change: Partial<Step>): FormulaDocument => ({
  ...f,
  steps: changed(f.steps, id, change).map((s) => dropEmpty(s)),
})
export const moveStep = (f: FormulaDocument, id: string, before: string | null): FormulaDocument => ({
  ...f,
  steps: moved(f.steps, id, before),
})
export const removeStep = (f: FormulaDocument, id: string): FormulaDocument => ({
  ...f,
  steps: f.steps.filter((s) => s.id !== id),
})

/** Fields set to undefined are gone, so that two equal documents are equal as text too. */
const dropEmpty = <T extends object>(x: T): T =>
  Object.fromEntries(Object.entries(x).filter(([, v]) => v !== undefined)) as T

/** The piece a maker is writing on: the formula itself, or one of its parts. */
export const pieceAt = (f: FormulaDocument, part: string | null): FormulaDocument =>
  part === null ? f : (f.parts?.find((p) => p.id === part)?.formula ?? f)

/** The whole, with one piece of it changed. */
export const withPiece = (f: FormulaDocument, part: string | null, piece: FormulaDocument): FormulaDocument =>
  part === null ? piece : { ...f, parts: (f.parts ?? []).map((p) => (p.id === part ? { ...p, formula: piece } : p)) }

/** A new part, and the step of the whole that it comes in with. */
export const addPart = (f: FormulaDocument, part: Part, step: Step): FormulaDocument => {
  const until = stepsToPour(f)
  return {
    ...f,
    parts: [...(f.parts ?? []), part],
    steps: [...f.steps.slice(0, until), step, ...f.steps.slice(until)],
  }
}

export const changePart = (f: FormulaDocument, id: string, change: Partial<Part>): FormulaDocument => ({
  ...f,
  parts: changed(f.parts ?? [], id, change),
})

/** A part taken out, with the step that joins it and what other parts asked of it. */
export const removePart = (f: FormulaDocument, id: string): FormulaDocument => ({
  ...f,
  parts: (f.parts ?? []).filter((p) => p.id !== id).map((p) => ({ ...p, needs: p.needs.filter((n) => n.part !== id) })),
  steps: f.steps.filter((s) => s.joins !== id),
})

/** A pull and a pour that know nothing yet of what is cooked. */
export const plainPull: Step = {
  id: 'pull',
  label: 'Pull',
  when: { on: 'target' },
  say: 'Off the heat',
  why: 'A degree too far is another sweet.',
  act: 'Pulled',
  offHeat: true,
  cautions: ['unattended'],
}
export const plainPour: Step = {
  id: 'pour',
  label: 'Pour',
  when: { on: 'ready' },
  say: 'Pour it out',
  why: 'It stiffens as it cools.',
  act: 'Poured',
  empties: true,
  cautions: ['hotSugar'],
}

/** Where a new formula begins: a wet caramel with nothing in it. */
export const blankFormula: FormulaDocument = {
  version: 1,
  name: 'A new formula',
  family: 'caramel',
  school: 'wet',
  about: '',
  groups: [
    { id: 'pot', label: 'In the pot, cold', celsius: 20 },
    { id: 'finish', label: 'Off the heat', celsius: 20 },
  ],
  lines: [],
  target: { celsius: 119, within: 1 },
  steps: [
    {
      id: 'start',
      label: 'All in',
      when: { on: 'ready' },
      say: 'Everything on',
      why: 'Every grain of sugar has to dissolve first.',
      act: 'Heat is on',
      adds: 'pot',
      heat: 7,
      cautions: ['hotSugar'],
    },
    { ...plainPull, meanwhile: { say: 'Let it boil', why: 'Water has to leave.' } },
    {
      id: 'finish',
      label: 'Last things in',
      when: { on: 'ready' },
      say: 'The last things in, stir',
      why: 'Flavour boiled is flavour lost.',
      act: 'Stirred in',
      adds: 'finish',
      cautions: ['steam'],
    },
    plainPour,
  ],
  shape: { kind: 'cut', lengthMm: 25, widthMm: 25, heightMm: 15 },
  waste: 0.05,
  boils: [],
}
