/** A file of formulas, checked whole before anything of it is taken in. */
import { entrySchema, FILE_FORMAT, MOST_FORMULAS } from '@/contract/files'
import { firstProblem } from '@/contract/text'
import { faultsOf } from '@/core'
import { checkSound } from '../json'
import { Problem } from '../problem'
import { checkWorkable } from '../workable'

const KEPT = 'Nothing of it was taken in, and nothing was changed.'

/** A formula of a file; its document as text, for that is handed on whole faster than what it says. */
export interface BookEntry {
  readonly address: string
  readonly document: string
}

/** Where in a text a JSON parser gave up, in lines and columns. */
function placeIn(text: string, error: Error): string {
  const at = Number(/position (\d+)/.exec(error.message)?.[1] ?? Number.NaN)
  if (Number.isNaN(at)) return 'It ends before it is complete'
  const before = text.slice(0, at).split('\n')
  return `Line ${before.length}, column ${(before.at(-1)?.length ?? 0) + 1}`
}

/** Checks a file of formulas. @throws Problem 400 that names the place. */
export function readBook(text: string): BookEntry[] {
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch (error) {
    throw new Problem(400, `This is not JSON. ${placeIn(text, error as Error)}`, KEPT)
  }
  const head = value as { format?: unknown; version?: unknown; formulas?: unknown } | null
  if (head?.format !== FILE_FORMAT)
    throw new Problem(400, `This is not a file of formulas: its format is not "${FILE_FORMAT}"`, KEPT)
  if (head.version !== 1)
    throw new Problem(
      400,
      `This file is of version ${JSON.stringify(head.version)?.slice(0, 20)}; version 1 is understood here`,
      KEPT,
    )
  const { formulas } = head
  if (!Array.isArray(formulas) || formulas.length === 0)
    throw new Problem(400, 'formulas: there is none in the file', KEPT)
  if (formulas.length > MOST_FORMULAS)
    throw new Problem(413, `At most ${MOST_FORMULAS} formulas are taken at once, not ${formulas.length}`, KEPT)
  const addresses = new Set<string>()
  return formulas.map((one: unknown, i) => {
    checkSound(one, `formulas.${i}`)
    const parsed = entrySchema.safeParse(one)
    const name = (one as { document?: { name?: unknown } } | null)?.document?.name
    const which = typeof name === 'string' ? ` (formula ${i + 1}, “${name.slice(0, 60)}”)` : ''
    if (!parsed.success) throw new Problem(400, `formulas.${i}.${firstProblem(parsed.error)}${which}`, KEPT)
    const { address, document } = parsed.data
    if (addresses.has(address)) throw new Problem(400, `formulas.${i}.address: "${address}" stands twice`, KEPT)
    addresses.add(address)
    const fault = faultsOf(document)[0]
    if (fault) throw new Problem(400, `formulas.${i} (“${document.name}”): ${fault}`, KEPT)
    checkWorkable(document, KEPT)
    return { address, document: JSON.stringify(document) }
  })
}
