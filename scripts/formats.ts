/** Writes the JSON Schema of the file format into docs/formats.md. */
import { readFileSync, writeFileSync } from 'node:fs'
import { schemaBlock, withSchema } from './formats/schema'

const DOC = 'docs/formats.md'

writeFileSync(DOC, withSchema(readFileSync(DOC, 'utf8'), schemaBlock()))
console.log(`${DOC} is up to date`)
