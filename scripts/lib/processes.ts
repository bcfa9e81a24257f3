/** Children of a script: started in groups of their own, stopped in the reverse order, politely first. */
import { type ChildProcess, type SpawnOptions, spawn } from 'node:child_process'
import { once } from 'node:events'
import { existsSync } from 'node:fs'
import { createServer } from 'node:net'

const GRACE_MS = 6000
const children: ChildProcess[] = []

// where the system can, it ends a child whose script was killed without a word
const SETPRIV = '/usr/bin/setpriv'
/** Begins nothing where the script has gone before the system could be told to mind it. */
const IF_THERE = '[ "$PPID" = "$0" ] && exec "$@"'
const withScript = (signal: DeathSignal): readonly string[] =>
  existsSync(SETPRIV) ? [SETPRIV, '--pdeathsig', signal, '--', 'sh', '-c', IF_THERE, String(process.pid)] : []

/** What ends a child whose script was killed: it is asked, or, where it may not hear that, made to. */
type DeathSignal = 'TERM' | 'KILL'

/** Starts a child that is stopped with the script. `onExit` hears of an end nobody asked for. */
export function start(
  command: string,
  args: readonly string[],
  options: SpawnOptions,
  onExit: (code: number | null) => void = () => {},
  deathSignal: DeathSignal = 'TERM',
): ChildProcess {
  const [file, ...rest] = [...withScript(deathSignal), command, ...args] as [string, ...string[]]
  const child = spawn(file, rest, { detached: true, stdio: ['ignore', 'inherit', 'inherit'], ...options })
  child.on('exit', (code) => {
    const at = children.indexOf(child)
    if (at < 0) return
    children.splice(at, 1)
    onExit(code)
  })
  children.push(child)
  return child
}

export async function stop(child: ChildProcess, signal: NodeJS.Signals = 'SIGTERM'): Promise<void> {
  const at = children.indexOf(child)
  if (at >= 0) children.splice(at, 1)
  if (child.exitCode !== null || child.signalCode !== null || child.pid === undefined) return
  const gone = once(child, 'exit')
  send(child.pid, signal)
  const late = setTimeout(() => child.pid && send(child.pid, 'SIGKILL'), GRACE_MS)
  await gone
  clearTimeout(late)
}

/** To the whole group, for a child may have children of its own. */
function send(pid: number, signal: NodeJS.Signals): void {
  try {
    process.kill(-pid, signal)
  } catch {
    // gone already
  }
}

export async function stopAll(): Promise<void> {
  for (const child of [...children].reverse()) await stop(child)
}

/** Runs a command to its end; its exit code. It is stopped with the script, like any child. */
export async function run(command: string, args: readonly string[], options: SpawnOptions = {}): Promise<number> {
  const child = start(command, args, options)
  const [code] = (await once(child, 'exit')) as [number | null]
  return code ?? 1
}

/** A port of loopback that is free now; the wanted one, or any when that is 0. Null when the wanted one is taken. */
export function freePort(wanted = 0): Promise<number | null> {
  return new Promise((resolve) => {
    const server = createServer()
    server.once('error', () => resolve(null))
    server.listen(wanted, '127.0.0.1', () => {
      const { port } = server.address() as { port: number }
      server.close(() => resolve(port))
    })
  })
}

/** Waits until `probe` answers true, or throws what `onFail` says after `seconds`. */
export async function until(probe: () => Promise<boolean>, seconds: number, onFail: () => string): Promise<void> {
  const end = Date.now() + seconds * 1000
  while (Date.now() < end) {
    if (await probe().catch(() => false)) return
    await new Promise((r) => setTimeout(r, 100))
  }
  throw new Error(onFail())
}
