import { z } from 'zod'
import { formulaFileSchema } from '@/contract/files'

const BEGIN = '<!-- schema: written by npm run formats -->'
const END = '<!-- end of schema -->'

/** The published JSON Schema of a file of formulas. */
export const schemaBlock = (): string =>
  `\`\`\`json\n${JSON.stringify(z.toJSONSchema(formulaFileSchema, { io: 'input' }), null, 1)}\n\`\`\``

/** A document with the block between its marks replaced. @throws Error when the marks are not there. */
export function withSchema(doc: string, block: string): string {
  const from = doc.indexOf(BEGIN)
  const to = doc.indexOf(END)
  if (from < 0 || to < from) throw new Error('The marks of the schema are missing')
  return `${doc.slice(0, from + BEGIN.length)}\n\n${block}\n\n${doc.slice(to)}`
}
