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

const THREAD = 'src/server/long/thread.ts'

/** The thread the server does long work on, as part of a build. */
export const bundleThread = (): Promise<void> => bundle(THREAD, '.next/imbry-thread.mjs')

/** Before tests of the server: apart from the build, which may be made beside them. */
export default (): Promise<void> => bundle(THREAD, 'node_modules/.cache/imbry-thread.mjs')
