/** Long work beside the request's thread: one thread, begun when it is first needed, that does one job after the other. */
import { pathToFileURL } from 'node:url'
import { Worker } from 'node:worker_threads'
import { Problem } from '../problem'
import type { Answered, JobName, Jobs } from './jobs'

/** ◊ s after which a job is given up and the thread with it: the largest file that is taken needs a tenth of this. */
const LONGEST_S = 60

/** ◊ Jobs that wait or run at once: more are turned away while each can still be answered. */
const MOST = 50

/** The thread's script as `scripts/lib/bundle.ts` makes it, with a build or before tests: a thread has no compiler of its own. */
const script = (): URL =>
  pathToFileURL(
    process.env.NODE_ENV === 'production' ? '.next/imbry-thread.mjs' : 'node_modules/.cache/imbry-thread.mjs',
  )

interface Waiting {
  readonly resolve: (made: never) => void
  readonly reject: (error: Error) => void
  readonly giveUp: NodeJS.Timeout
}

interface Thread {
  readonly worker: Worker
  readonly waiting: Map<number, Waiting>
}

let thread: Thread | null = null
let asked = 0

function begin(): Thread {
  const worker = new Worker(script(), { execArgv: [] })
  const waiting = new Map<number, Waiting>()
  // nobody waits for it to end
  worker.unref()
  worker.on('message', (answered: Answered) => {
    const who = waiting.get(answered.n)
    if (!who) return
    settle(waiting, answered.n)
    if ('made' in answered) who.resolve(answered.made as never)
    else if ('problem' in answered) {
      const { status, message, kept } = answered.problem
      who.reject(new Problem(status as Problem['status'], message, kept))
    } else who.reject(new Error(answered.fault))
  })
  worker.on('error', (error) => end({ worker, waiting }, error))
  worker.on('exit', () => end({ worker, waiting }, new Error('The thread for long work ended')))
  return { worker, waiting }
}

function settle(waiting: Map<number, Waiting>, n: number): void {
  clearTimeout(waiting.get(n)?.giveUp)
  waiting.delete(n)
  // while something is asked of it the process stays for the answer
  if (waiting.size === 0) thread?.worker.unref()
}

/** Everybody who waits for it is told; the next job begins another. */
function end({ worker, waiting }: Thread, why: Error): void {
  if (thread?.worker === worker) thread = null
  for (const [n, who] of [...waiting]) {
    settle(waiting, n)
    who.reject(why)
  }
  void worker.terminate()
}

/** What a job makes of `input`, which is copied. @throws Problem as the job does; and 422 for what takes longer than a minute. */
export function offThread<N extends JobName>(job: N, ...input: Parameters<Jobs[N]>): Promise<ReturnType<Jobs[N]>> {
  thread ??= begin()
  const { worker, waiting } = thread
  if (waiting.size >= MOST)
    throw new Problem(429, 'Too many long things are being worked out at once', 'Nothing was changed. Try again.')
  const n = ++asked
  return new Promise((resolve, reject) => {
    const giveUp = setTimeout(() => {
      const tooLong = new Problem(422, `It takes longer than ${LONGEST_S} s to work this out`)
      settle(waiting, n)
      reject(tooLong)
      end({ worker, waiting }, new Problem(422, 'Something asked before this took too long', 'Try again.'))
    }, 1000 * LONGEST_S)
    waiting.set(n, { resolve: resolve as Waiting['resolve'], reject, giveUp })
    worker.ref()
    worker.postMessage({ n, job, input })
  })
}
