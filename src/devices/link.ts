/** What every stand-in has in common: where the app is, who it is, and how a stream is read. */

export interface DeviceFacts {
  readonly app: string
  readonly channel: string
  readonly token: string
}

/** Settings from the environment; ends the process with a sentence when the token is missing. */
export function deviceFacts(usual: string): DeviceFacts {
  const token = process.env.IMBRY_HUB_TOKEN
  if (!token) {
    console.error('The device needs IMBRY_HUB_TOKEN, the token its channel was set up with.')
    process.exit(1)
  }
  return { app: process.env.IMBRY_APP ?? 'http://127.0.0.1:3210', channel: process.env.IMBRY_CHANNEL ?? usual, token }
}

/** Calls `onData` with each event of a stream of server-sent events. */
export async function readEvents(body: ReadableStream<Uint8Array>, onData: (data: string) => void): Promise<void> {
  let text = ''
  const decoder = new TextDecoder()
  const reader = body.getReader()
  for (;;) {
    const { done, value } = await reader.read()
    if (done) return
    text += decoder.decode(value, { stream: true })
    for (let end = text.indexOf('\n\n'); end >= 0; end = text.indexOf('\n\n')) {
      const block = text.slice(0, end)
      text = text.slice(end + 2)
      if (block.startsWith('data: ')) onData(block.slice(6))
    }
  }
}
