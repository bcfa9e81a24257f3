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

interface How {
  readonly env?: Record<string, string>
  /** It only computes: it takes what those that wait for something leave of the machine. */
  readonly yields?: boolean
}

async function vitest(projects: readonly string[], { env = {}, yields = false }: How = {}): Promise<Count> {
  const file = resolve(folder, `${projects.join('-')}.json`)
  rmSync(file, { force: true })
  const reports = ['--reporter=default', '--reporter=json', `--outputFile.json=${file}`]
  const wanted = projects.flatMap((p) => ['--project', p])
  const [command, ...args] = [...(yields ? ['nice', '-n', '5'] : []), bin('vitest'), 'run', ...reports, ...wanted]
  const code = await run(command as string, args, { env: { ...process.env, ...env } })
  return report(file, code, (json) => {
    const { numPassedTests, numFailedTests } = json as { numPassedTests: number; numFailedTests: number }
    return { passed: numPassedTests, failed: numFailedTests }
  })
}

async function browser(): Promise<Count> {
  const file = resolve(folder, 'browser.json')
  rmSync(file, { force: true })
  await build()
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
  core: () => vitest(['core', 'edges', 'windows'], { yields: true }),
  db: async () => {
    const { keeperUrl } = await openMariadb(resolve(folder, 'db'), 'imbry_test')
    return vitest(['db'], { env: { DATABASE_URL: keeperUrl } })
  },
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
  await Promise.all(asked(READING).map(runPart))
  // a cook in a browser and a database wait more than they work: all goes on side by side
  await Promise.all(asked(['db', 'core', 'browser']).map(runPart))
  await stopAll()
  console.log(`\n${total.passed} passed, ${total.failed} failed`)
  process.exit(total.failed === 0 && total.passed > 0 ? 0 : 1)
}

for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => void stopAll().then(() => process.exit(130)))

void main()
