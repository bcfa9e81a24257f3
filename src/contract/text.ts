import { z } from 'zod'

/** A client-made id: ULID, so that a retried write is the same write. */
export const ulid = z.string().regex(/^[0-9A-HJKMNP-TV-Z]{26}$/, 'must be a ULID')

/** A short handle in an address: letters, digits, hyphens. */
export const handle = z.string().regex(/^[a-z0-9][a-z0-9-]{0,79}$/, 'must be letters, digits and hyphens')

// tags, comments, and control characters other than tab and new line
const MARKUP = /<\s*(?:[/!]?\s*[a-z]|!--)|(?![\t\n\r])\p{Cc}/iu

/** Words, and nothing that a page could take for markup. */
export const plainText = (most: number) =>
  z
    .string()
    .max(most)
    .refine((s) => !MARKUP.test(s), 'must be plain words: markup is not taken')

export const shortText = plainText(200).trim().min(1)

/** An id within a document; never a name that every object has, for tables are made of them. */
export const innerId = z
  .string()
  .min(1)
  .max(40)
  .refine((id) => !(id in {}), 'is a word that cannot name a thing')

/** ISO time in UTC with milliseconds, of the years a kitchen's clock can show. */
export const instant = z.iso.datetime().refine((at) => /^2[01]\d\d-/.test(at), 'is not of this century or the next')

/** A day of the calendar: "2026-11-26". */
export const day = z.iso.date().refine((at) => /^2[01]\d\d-/.test(at), 'is not of this century or the next')

/** The number of a revision. */
export const revisionNumber = z.number().int().min(1).max(1_000_000)

const LONGEST_SAID = 300

/** The first thing wrong with a value, in one sentence that names the place. */
export function firstProblem(error: z.ZodError): string {
  const issue = error.issues[0]
  if (!issue) return 'Not valid'
  const place = issue.path.join('.')
  // what came in may stand in it, and may be long
  return (place ? `${place}: ${issue.message}` : issue.message).slice(0, LONGEST_SAID)
}

/** Addresses of one thing: by the id its maker's window gave it, by its own name, by its channel. */
export const ofUlid = z.object({ id: ulid })
/** Where a formula is found; "new" is where one is written. */
export const formulaAddress = handle.refine((id) => id !== 'new', 'cannot be "new"')
export const ofHandle = z.object({ id: handle })
export const ofChannel = z.object({ channel: handle })

/** One of the rows of a table, by its name. */
export const oneOf = <T extends string>(table: Record<T, unknown>) => z.enum(Object.keys(table) as [T, ...T[]])
