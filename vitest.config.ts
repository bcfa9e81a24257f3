import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const alias = { '@': fileURLToPath(new URL('src', import.meta.url)) }

/** Tests of scripts that start a MariaDB of their own. */
const BY_DATABASE = ['scripts/lib/backup.test.ts', 'scripts/lib/mariadb.test.ts']

/** Tests that put another feed in the place of the window's own: it is nobody else's. */
const WITH_A_FEED = ['src/ui/stove/followed.test.tsx']

/** What puts away after each test of a window. */
const TIDIES = 'src/ui/testing-setup.ts'

/** A slow machine is no fault of the code: this only ends what hangs. */
const patience = { testTimeout: 240_000, hookTimeout: 240_000 }

export default defineConfig({
  resolve: { alias },
  test: {
    // both cores: what runs beside it waits more than it works
    maxWorkers: 2,
    projects: [
      {
        resolve: { alias },
        // what is pure, and what minds its own: one world for all, begun once. Patterns are compiled at once, and not interpreted first
        test: {
          name: 'core',
          include: ['{src/{core,demo,contract,words,devices,door,ui,workers},scripts}/**/*.test.ts'],
          exclude: BY_DATABASE,
          isolate: false,
          execArgv: ['--no-regexp-tier-up'],
          ...patience,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'windows',
          environment: 'happy-dom',
          include: ['src/ui/**/*.test.tsx'],
          exclude: WITH_A_FEED,
          setupFiles: TIDIES,
          // a window each, and all of them with the same modules: those are dearer than most of the tests
          isolate: false,
          ...patience,
        },
      },
      {
        resolve: { alias },
        test: { name: 'feed', environment: 'happy-dom', include: WITH_A_FEED, setupFiles: TIDIES, ...patience },
      },
      {
        resolve: { alias },
        test: {
          name: 'db',
          globalSetup: 'scripts/lib/bundle.ts',
          include: ['src/{db,server}/**/*.test.ts', ...BY_DATABASE],
          fileParallelism: false,
          // what they share is a database each makes for itself
          isolate: false,
          ...patience,
        },
      },
    ],
  },
})
