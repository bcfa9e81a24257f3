/** The thread long work is done on: one job after the other. */
import { parentPort } from 'node:worker_threads'
import { Problem } from '../problem'
import { type Answered, type Asked, jobs } from './jobs'

const answer = ({ n, job, input }: Asked): Answered => {
  try {
    return { n, made: (jobs[job] as (...input: readonly unknown[]) => unknown)(...input) }
  } catch (error) {
    if (error instanceof Problem) {
      const { status, message, kept } = error
      return { n, problem: { status, message, kept } }
    }
    return { n, fault: error instanceof Error ? (error.stack ?? error.message) : String(error) }
  }
}

parentPort?.on('message', (asked: Asked) => parentPort?.postMessage(answer(asked)))
