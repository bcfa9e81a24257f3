/** Builds the app when what it is made from has changed since the last build. */
import { createHash } from 'node:crypto'
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { bundle, bundleThread } from './bundle'
import { run } from './processes'

/** What serves the app once it is built. */
export const SERVER = '.next/imbry-serve.mjs'
const MARK = '.next/imbry-sources'
const SOURCES = [
  'src',
  'scripts/serve.ts',
  'package.json',
  'package-lock.json',
  'next.config.ts',
  'tsconfig.json',
  'postcss.config.mjs',
]

function files(path: string): string[] {
  return readdirSync(path, { withFileTypes: true }).flatMap((e) =>
    e.isDirectory() ? files(join(path, e.name)) : [join(path, e.name)],
  )
}

function fingerprint(): string {
  const hash = createHash('sha256')
  const all = SOURCES.flatMap((s) => (s === 'src' ? files(s) : [s])).filter((f) => !f.endsWith('.test.ts'))
  for (const f of all.sort()) hash.update(f).update(readFileSync(f))
  return hash.digest('hex')
}

export async function build(): Promise<void> {
  const mark = fingerprint()
  if (existsSync(MARK) && readFileSync(MARK, 'utf8') === mark) return
  console.log('Building …')
  const code = await run('node', ['node_modules/next/dist/bin/next', 'build'], {
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', BUILT_BEFORE: existsSync('.next') ? 'yes' : 'no' },
  })
  if (code !== 0) throw new Error('The app did not build: see above.')
  await bundle('scripts/serve.ts', SERVER)
  await bundleThread()
  writeFileSync(MARK, mark)
}
