import { defineConfig } from 'vitest/config'

// The page's own logic: plain functions, without a browser. What is drawn is tried in Chromium, under tests/Browser.
export default defineConfig({ test: { include: ['web/**/*.test.ts'], environment: 'node' } })
