import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const alias = { '@': fileURLToPath(new URL('src', import.meta.url)) }

export default defineConfig({
  resolve: { alias },
  test: {
    projects: [
      {
        resolve: { alias },
        // pure functions need no world of their own
        test: { name: 'core', include: ['src/{core,demo,contract}/**/*.test.ts'], isolate: false },
      },
      {
        resolve: { alias },
        test: { name: 'edges', include: ['{src/{devices,ui,workers},scripts}/**/*.test.ts'] },
      },
      {
        resolve: { alias },
        test: { name: 'db', include: ['src/{db,server}/**/*.test.ts'], fileParallelism: false, testTimeout: 20_000 },
      },
    ],
  },
})
