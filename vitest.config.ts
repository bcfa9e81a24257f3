import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const alias = { '@': fileURLToPath(new URL('src', import.meta.url)) }

export default defineConfig({
  resolve: { alias },
  test: {
    projects: [
      {
        resolve: { alias },
        test: { name: 'core', include: ['{src/{core,demo,devices,contract,ui,workers},scripts}/**/*.test.ts'] },
      },
      {
        resolve: { alias },
        test: { name: 'db', include: ['src/{db,server}/**/*.test.ts'], fileParallelism: false, testTimeout: 20_000 },
      },
    ],
  },
})
