/** The second half of `npm test`: lint, types, unit, database and browser tests, what failed told again, and one line that counts them. */
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { resolve } from 'node:path'
import { stripVTControlCharacters } from 'node:util'
import { build } from './lib/build'
import { openMariadb } from './lib/mariadb'
import { run, stopAll } from './lib/processes'

/** How many tests held, and which did not, with what they said. */
interface Tally {
  passed: number
  failed: string[]
}

/** As much of one failure as is told again at the end. */
const LINES_OF_A_FAILURE = 12

const folder = resolve('.imbry-test')
const bin = (name: string): string => resolve('node_modules/.bin', name)

/** Has a command take only what others leave of the machine: by its group where the system shares time out among groups, else by itself. */
const BEHIND = ['sh', '-c', 'echo 10 2>/dev/null > /proc/self/autogroup; exec nice -n 10 "$@"', 'behind'] as const

/** Runs a command on what the tests in the browser leave of the machine: those take longest, and a cook in them must not be late. */
const runBehind: typeof run = (command, args, options) => {
  const [file, ...rest] = [...BEHIND, command, ...args]
  return run(file, rest, options)
}

async function command(name: string, args: readonly string[]): Promise<Tally> {
  const code = await runBehind(bin(name), args)
  return code === 0 ? { passed: 1, failed: [] } : { passed: 0, failed: [`${name} ended with ${code}`] }
}

/** Reads a JSON report; a runner that ended badly without a failure in it counts as one. */
function report(runner: string, file: string, code: number, read: (json: unknown) => Tally): Tally {
  const tally = existsSync(file) ? read(JSON.parse(readFileSync(file, 'utf8'))) : { passed: 0, failed: [] }
  return code !== 0 && tally.failed.length === 0 ? { ...tally, failed: [`${runner} ended with ${code}`] } : tally
}

interface VitestReport {
  numPassedTests: number
  testResults: {
    name: string
    message: string
    assertionResults: { status: string; fullName: string; failureMessages: string[] }[]
  }[]
}

async function vitest(projects: readonly string[], env: Record<string, string> = {}): Promise<Tally> {
  const file = resolve(folder, `${projects.join('-')}.json`)
  rmSync(file, { force: true })
  const args = ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${file}`]
  const code = await runBehind(bin('vitest'), [...args, ...projects.flatMap((p) => ['--project', p])], {
    env: { ...process.env, ...env },
  })
  return report('vitest', file, code, (json) => {
    const { numPassedTests, testResults } = json as VitestReport
    const failed = testResults.flatMap(({ name, message, assertionResults }) => [
      ...(message ? [`${name}\n${message}`] : []),
      ...assertionResults
        .filter((a) => a.status === 'failed')
        .map((a) => `${name} › ${a.fullName}\n${a.failureMessages.join('\n')}`),
    ])
    return { passed: numPassedTests, failed }
  })
}

interface PlaywrightSuite {
  suites?: PlaywrightSuite[]
  specs: {
    file: string
    title: string
    tests: { status: string; results: { error?: { message: string } }[] }[]
  }[]
}

const unexpected = ({ suites = [], specs }: PlaywrightSuite): string[] => [
  ...suites.flatMap(unexpected),
  ...specs.flatMap(({ file, title, tests }) =>
    tests
      .filter((t) => t.status === 'unexpected' || t.status === 'flaky')
      .map((t) => `${file} › ${title}\n${t.results.map((r) => r.error?.message ?? '').join('\n')}`),
  ),
]

/** The build that goes on, if one was begun. */
let building: Promise<void> | null = null

async function browser(): Promise<Tally> {
  const file = resolve(folder, 'browser.json')
  rmSync(file, { force: true })
  building = build()
  await building
  const code = await run(bin('playwright'), ['test'], {
    env: { ...process.env, PLAYWRIGHT_JSON_OUTPUT_NAME: file },
  })
  return report('playwright', file, code, (json) => {
    const { stats, suites } = json as { stats: { expected: number }; suites: PlaywrightSuite[] }
    return { passed: stats.expected, failed: suites.flatMap(unexpected) }
  })
}

const parts: Record<string, () => Promise<Tally>> = {
  lint: () => command('biome', ['check', '.']),
  unused: () => command('knip', []),
  types: async () => {
    // it writes types of its own, which are half there meanwhile; that it failed is said by the browser's part
    await building?.catch(() => null)
    return command('tsc', ['--noEmit'])
  },
  'core types': () => command('tsc', ['--noEmit', '-p', 'src/core']),
  core: () => vitest(['core', 'windows', 'feed']),
  db: async () => vitest(['db'], { DATABASE_URL: (await openMariadb(resolve(folder, 'db'), 'imbry_test')).keeperUrl }),
  browser,
}

/** What is begun at once, and what comes after it: the browser's tests are the longest, and those of the database wait more than they work. */
const LANES = [['browser'], ['db'], ['types'], ['lint', 'unused', 'core types', 'core']]

/** Its first lines, plain, without the way through the test runner. */
const inShort = (failure: string): string =>
  stripVTControlCharacters(failure)
    .split('\n')
    .filter((line) => !line.includes('node_modules'))
    .slice(0, LINES_OF_A_FAILURE)
    .join('\n  ')

async function main(): Promise<void> {
  const wanted = process.argv.slice(2)
  const names = Object.keys(parts).filter((p) => wanted.length === 0 || wanted.includes(p))
  // a run of its own: nothing of an earlier one is there
  rmSync(folder, { recursive: true, force: true })
  mkdirSync(folder, { recursive: true })
  const total: Tally = { passed: 0, failed: [] }
  const runPart = async (name: string): Promise<void> => {
    console.log(`\n── ${name}`)
    const { passed, failed } = await (parts[name] as () => Promise<Tally>)().catch((error: Error) => {
      console.error(error.message)
      return { passed: 0, failed: [`${name}\n${error.message}`] }
    })
    total.passed += passed
    total.failed.push(...failed)
  }
  await Promise.all(
    LANES.map(async (lane) => {
      for (const name of lane.filter((n) => names.includes(n))) await runPart(name)
    }),
  )
  await stopAll()
  // at the end, where whoever sees only the end of a long log finds it
  for (const failure of total.failed) console.log(`\n✗ ${inShort(failure)}`)
  console.log(`\n${total.passed} passed, ${total.failed.length} failed`)
  process.exit(total.failed.length === 0 && total.passed > 0 ? 0 : 1)
}

for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => void stopAll().then(() => process.exit(130)))

void main()
