/** The second half of `npm test`: lint, types, unit, database and browser tests, and one line that counts them. */
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { resolve } from 'node:path'
import { build } from './lib/build'
import { openMariadb } from './lib/mariadb'
import { run, stopAll } from './lib/processes'

interface Count {
  passed: number
  failed: number
}

const folder = resolve('.imbry-test')
const bin = (name: string): string => resolve('node_modules/.bin', name)

async function command(name: string, args: readonly string[]): Promise<Count> {
  const code = await run(bin(name), args)
  return { passed: code === 0 ? 1 : 0, failed: code === 0 ? 0 : 1 }
}

/** Reads a JSON report; a runner that ended badly without one counts as a failure. */
function report(file: string, code: number, read: (json: unknown) => Count): Count {
  const count = existsSync(file) ? read(JSON.parse(readFileSync(file, 'utf8'))) : { passed: 0, failed: 0 }
  return code !== 0 && count.failed === 0 ? { ...count, failed: 1 } : count
}

async function vitest(projects: readonly string[], env: Record<string, string> = {}): Promise<Count> {
  const file = resolve(folder, `${projects.join('-')}.json`)
  rmSync(file, { force: true })
  const args = ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${file}`]
  const code = await run(bin('vitest'), [...args, ...projects.flatMap((p) => ['--project', p])], {
    env: { ...process.env, ...env },
  })
  return report(file, code, (json) => {
    const { numPassedTests, numFailedTests } = json as { numPassedTests: number; numFailedTests: number }
    return { passed: numPassedTests, failed: numFailedTests }
  })
}

/** The build that was begun early, if one was. */
let built: Promise<void> | null = null

async function browser(): Promise<Count> {
  const file = resolve(folder, 'browser.json')
  rmSync(file, { force: true })
  await (built ?? build())
  const code = await run(bin('playwright'), ['test'], {
    env: { ...process.env, PLAYWRIGHT_JSON_OUTPUT_NAME: file },
  })
  return report(file, code, (json) => {
    const { stats } = json as { stats: { expected: number; unexpected: number; flaky: number } }
    return { passed: stats.expected, failed: stats.unexpected + stats.flaky }
  })
}

const parts: Record<string, () => Promise<Count>> = {
  lint: () => command('biome', ['check', '.']),
  unused: () => command('knip', []),
  types: () => command('tsc', ['--noEmit']),
  'core types': () => command('tsc', ['--noEmit', '-p', 'src/core']),
  core: () => vitest(['core', 'edges', 'windows']),
  db: async () => vitest(['db'], { DATABASE_URL: (await openMariadb(resolve(folder, 'db'), 'imbry_test')).keeperUrl }),
  browser,
}

const READING = ['lint', 'unused', 'types', 'core types']

async function main(): Promise<void> {
  const wanted = process.argv.slice(2)
  const names = Object.keys(parts).filter((p) => wanted.length === 0 || wanted.includes(p))
  // a run of its own: nothing of an earlier one is there
  rmSync(folder, { recursive: true, force: true })
  mkdirSync(folder, { recursive: true })
  const total: Count = { passed: 0, failed: 0 }
  const runPart = async (name: string): Promise<void> => {
    console.log(`\n── ${name}`)
    const { passed, failed } = await (parts[name] as () => Promise<Count>)().catch((error: Error) => {
      console.error(error.message)
      return { passed: 0, failed: 1 }
    })
    total.passed += passed
    total.failed += failed
  }
  const asked = (all: readonly string[]) => all.filter((n) => names.includes(n))
  // tests of the database wait more than they work: all else goes on beside them
  const beside = async (): Promise<void> => {
    await Promise.all(asked(READING).map(runPart))
    if (names.includes('browser') && names.includes('core')) built = build()
    await Promise.all(asked(['core']).map(runPart))
    await Promise.all(asked(['browser']).map(runPart))
  }
  await Promise.all([beside(), ...asked(['db']).map(runPart)])
  await stopAll()
  console.log(`\n${total.passed} passed, ${total.failed} failed`)
  process.exit(total.failed === 0 && total.passed > 0 ? 0 : 1)
}

for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => void stopAll().then(() => process.exit(130)))

void main()
