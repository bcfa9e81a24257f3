/** Where a wrong word is no reason to go anywhere. */
const SIGNING_IN = new Set(['/api/session', '/api/owner'])

/** A line that hangs is as good as none. */
const PATIENCE_MS = 20_000

/** Sends a JSON write; resolves with the answer, or throws an error whose message can be shown as it is. */
export const send = <T>(method: 'POST' | 'PUT' | 'DELETE', path: string, body: unknown = {}): Promise<T> =>
  ask(path, {
    method,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
    signal: AbortSignal.timeout(PATIENCE_MS),
  })

/** Sends a file as it is, however long that takes; answers as `send` does. */
export const sendFile = <T>(path: string, type: string, body: string | Blob): Promise<T> =>
  ask(path, { method: 'POST', headers: { 'content-type': type }, body })

/** Reads JSON; answers as `send` does. */
export const get = <T>(path: string): Promise<T> => ask(path, { signal: AbortSignal.timeout(PATIENCE_MS) })

async function ask<T>(path: string, init: RequestInit): Promise<T> {
  let response: Response
  try {
    response = await fetch(path, init)
  } catch {
    throw new SendError('Imbry cannot be reached just now.', null)
  }
  // whoever is not known any more signs in; what was done is kept, and sent from then on
  if (response.status === 401 && !SIGNING_IN.has(path)) location.assign('/sign-in')
  const answer = (await response.json().catch(() => null)) as { error?: { message: string; kept: string } } | null
  if (!response.ok)
    throw new SendError(
      answer?.error ? `${answer.error.message}. ${answer.error.kept}` : 'Imbry could not take that.',
      response.status,
    )
  return answer as T
}

export class SendError extends Error {
  constructor(
    message: string,
    /** HTTP status; null where there was no answer. */
    readonly status: number | null,
  ) {
    super(message)
  }

  /** Away for a moment, busy, or not signed in just now: worth trying again unchanged, for as long as it takes. */
  get passing(): boolean {
    return this.status === null || [401, 429, 502, 503, 504, 507].includes(this.status)
  }

  /** A fault of the server's: it may go, but not if it comes again and again. */
  get fault(): boolean {
    return !this.passing && this.status !== null && this.status >= 500
  }
}
