/** What becomes of a script's children once it was killed without a word. */
import { type ChildProcess, spawn } from 'node:child_process'
import { once } from 'node:events'
import { existsSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, expect, it } from 'vitest'
import { until } from './processes'

const scratch = mkdtempSync(join(tmpdir(), 'imbry-children-'))
afterAll(() => rmSync(scratch, { recursive: true, force: true }))

/** A script with a child that says its number, and ends only by the signal it is given. */
async function child(shell: string, signal: 'TERM' | 'KILL'): Promise<{ script: ChildProcess; pid: number }> {
  const code = `const { start } = await import('./scripts/lib/processes.ts')
    start('sh', ['-c', ${JSON.stringify(`${shell}; echo $$; while :; do sleep 0.1; done`)}], { stdio: ['ignore', 'inherit', 'inherit'] }, () => {}, '${signal}')`
  const script = spawn('node', ['--import', 'tsx', '--input-type=module', '-e', code], {
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  const [said] = await once(script.stdout as NonNullable<typeof script.stdout>, 'data')
  return { script, pid: Number(String(said)) }
}

const isThere = (pid: number): boolean => {
  try {
    return process.kill(pid, 0)
  } catch {
    return false
  }
}
const gone = (pid: number) =>
  until(
    async () => !isThere(pid),
    60,
    () => `still running: ${pid}`,
  )

it('ends a child that is deaf to a polite word', async () => {
  const { script, pid } = await child("trap '' TERM", 'KILL')
  expect(isThere(pid)).toBe(true)
  script.kill('SIGKILL')
  await gone(pid)
})

it('lets a child that hears it put its things away', async () => {
  const mark = join(scratch, 'put-away')
  const { script, pid } = await child(`trap 'touch ${mark}; exit' TERM`, 'TERM')
  script.kill('SIGKILL')
  await gone(pid)
  expect(existsSync(mark)).toBe(true)
})
