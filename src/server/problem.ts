/** Something a caller did that cannot be done: a status, one clear sentence, and what was kept. */
export class Problem extends Error {
  constructor(
    readonly status: 400 | 401 | 403 | 404 | 409 | 413 | 415 | 422 | 429 | 503 | 507,
    message: string,
    readonly kept = 'Nothing was changed.',
  ) {
    super(message)
  }
}
