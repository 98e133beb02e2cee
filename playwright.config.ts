import { defineConfig } from '@playwright/test'

const folder = process.env.NB_VAR ? `${process.env.NB_VAR}/browser` : 'test-results'

export default defineConfig({
  testDir: 'tests/Browser',
  outputDir: folder,
  workers: 2,
  timeout: 180_000,
  expect: { timeout: 20_000 },
  reporter: [['list']],
  use: {
    baseURL: process.env.NB_ADDRESS ?? 'http://127.0.0.1:8420',
    viewport: { width: 1280, height: 800 },
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
})
