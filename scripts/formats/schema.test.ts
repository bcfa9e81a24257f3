import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { schemaBlock, withSchema } from './schema'

it('the published schema is the one that is checked', () => {
  const doc = readFileSync('docs/formats.md', 'utf8')
  expect(withSchema(doc, schemaBlock())).toBe(doc)
})

it('does not write into a document without its marks', () => {
  expect(() => withSchema('nothing here', schemaBlock())).toThrow(/marks/)
})
