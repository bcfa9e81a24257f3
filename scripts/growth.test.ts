/** What the docs promise of the code's growth, tried on a copy of it. */
import { spawnSync } from 'node:child_process'
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'

const ROOMS = ['core', 'contract', 'words', 'demo', 'devices']

let copy: string

beforeEach(() => {
  copy = mkdtempSync(join(tmpdir(), 'imbry-growth-'))
  for (const room of ROOMS)
    cpSync(join('src', room), join(copy, 'src', room), {
      recursive: true,
      filter: (path) => !/\.(?:test|table)\.ts$/.test(path),
    })
  cpSync('tsconfig.json', join(copy, 'tsconfig.json'))
  cpSync('package.json', join(copy, 'package.json'))
  symlinkSync(resolve('node_modules'), join(copy, 'node_modules'))
})

afterEach(() => rmSync(copy, { recursive: true, force: true }))

const run = (...args: string[]) => {
  const { status, stdout, stderr } = spawnSync(process.execPath, args, { cwd: copy, encoding: 'utf8' })
  return { status, said: `${stdout}${stderr}` }
}

const compile = () => run('node_modules/typescript/bin/tsc', '--noEmit', '--incremental', 'false')

/** Changes one line of a file of the copy. */
function change(file: string, from: string, to: string): void {
  const path = join(copy, 'src', file)
  const text = readFileSync(path, 'utf8')
  expect(text).toContain(from)
  writeFileSync(
    path,
    text.replace(from, () => to),
  )
}

describe('a family', () => {
  it('is one file, and one line with its import', () => {
    const popcorn = readFileSync('src/core/craft/families/popcorn.ts', 'utf8')
    const families = 'core/craft/families'
    writeFileSync(
      join(copy, 'src', families, 'sherbet.ts'),
      popcorn.replace('const popcorn', 'const sherbet').replace('Popcorn balls', 'Sherbet'),
    )
    change(`${families}/index.ts`, 'import { toffee', "import { sherbet } from './sherbet'\nimport { toffee")
    change(`${families}/index.ts`, '  popcorn,\n', '  popcorn,\n  sherbet,\n')
    expect(compile()).toMatchObject({ status: 0, said: '' })
    const use = `
      import { analyse, blankFormula, schoolsOf } from '@/core'
      import { testConditions } from '@/core/testing'
      import { bookQuerySchema } from '@/contract/book'
      import { formulaSchema } from '@/contract/formula'
      const formula = formulaSchema.parse({ ...blankFormula, family: 'sherbet', school: 'crisp' })
      console.log(JSON.stringify({
        schools: Object.keys(schoolsOf('sherbet')),
        found: bookQuerySchema.parse({ family: 'sherbet' }).family,
        target: Math.round(analyse(formula, testConditions).targetC) > 90,
      }))`
    writeFileSync(join(copy, 'use.ts'), use)
    const { said } = run('--import', 'tsx', 'use.ts')
    expect(JSON.parse(said)).toEqual({ schools: ['soft-chew', 'crisp'], found: 'sherbet', target: true })
  })
})

describe('a field of a document', () => {
  it('that is added to the core’s type or to the schema alone does not compile', () => {
    change('core/formula/document.ts', 'export interface Step {', 'export interface Step {\n  readonly colour?: string')
    change('core/log/log.ts', "{ readonly type: 'note'; ", "{ readonly type: 'note'; readonly loud: boolean; ")
    change(
      'contract/formula.ts',
      'export const ingredientSchema = z.object({',
      'export const ingredientSchema = z.object({\n  shade: z.string().optional(),',
    )
    const { status, said } = compile()
    expect(status).not.toBe(0)
    // the steps of a formula and what it is made of are two proofs of one file
    expect(said.match(/^src\/contract\/formula\.ts\(\d+,\d+\)/gm)).toHaveLength(2)
    expect(said).toMatch(/^src\/contract\/cook\.ts/m)
  })
})
