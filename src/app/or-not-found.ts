import { notFound } from 'next/navigation'
import { Problem } from '@/server/problem'
import { UnreadableRow } from '@/server/unreadable'

/** The value, or the not-found page where the server says there is none, or none that can be read. */
export async function orNotFound<T>(value: Promise<T>): Promise<T> {
  try {
    return await value
  } catch (error) {
    if (error instanceof UnreadableRow || (error instanceof Problem && error.status === 404)) notFound()
    throw error
  }
}
