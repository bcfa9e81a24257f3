/** Plain script of what runs by itself beside a build: the app starts in half the time where nothing has to be translated first. */
import { build } from 'esbuild'

export async function bundle(entry: string, outfile: string): Promise<void> {
  await build({
    entryPoints: [entry],
    outfile,
    bundle: true,
    packages: 'external',
    platform: 'node',
    format: 'esm',
    splitting: false,
  })
}

/** The thread the server does long work on. */
export const bundleThread = (): Promise<void> => bundle('src/server/long/thread.ts', '.next/imbry-thread.mjs')

/** Before tests of the server. */
export default bundleThread
