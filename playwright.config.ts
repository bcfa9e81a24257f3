import { defineConfig } from '@playwright/test'
import { chromiumOptions } from './scripts/lib/chromium'

export default defineConfig({
  testDir: 'tests',
  globalSetup: './tests/workshop.ts',
  outputDir: '.imbry-test/browser-results',
  // each has an app, a hub and a database server of its own, which begin cold: a third took as long on two cores, and a tenth more of them
  workers: 2,
  // a machine that stalls makes a journey of one minute one of two
  timeout: 240_000,
  expect: { timeout: 15_000 },
  reporter: [['list'], ['json']],
  use: {
    viewport: { width: 1280, height: 800 },
    screenshot: 'only-on-failure',
    launchOptions: chromiumOptions,
  },
})
