import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const alias = {
  '~~': fileURLToPath(new URL('.', import.meta.url)),
  '~': fileURLToPath(new URL('app', import.meta.url)),
}

const unit = {
  testTimeout: 120_000,
  globalSetup: 'scripts/tests/seed.ts',
  setupFiles: 'scripts/tests/use-seed.ts',
  pool: 'threads',
  maxWorkers: 2,
} as const

export default defineConfig({
  resolve: { alias },
  test: {
    coverage: {
      include: ['core/**/*.ts', 'app/{asked,composables,open-job,open-log,saving,stores,sync}/**/*.ts'],
      reporter: ['text-summary'],
    },
    projects: [
      {
        extends: true,
        test: {
          ...unit,
          name: 'unit',
          include: ['core/**/*.test.ts'],
          // What one file imports the next finds loaded: most of the time would go there.
          isolate: false,
        },
      },
      {
        extends: true,
        // Each file is a browser or a server of its own.
        test: { ...unit, name: 'unit-around', include: ['{app,server,scripts}/**/*.test.ts'] },
      },
      {
        extends: true,
        test: {
          name: 'api',
          include: ['e2e/api/**/*.test.ts'],
          globalSetup: 'scripts/tests/built.ts',
          testTimeout: 180_000,
          hookTimeout: 300_000,
          maxWorkers: 2,
        },
      },
      {
        extends: true,
        test: {
          name: 'page',
          include: ['e2e/page/**/*.test.ts'],
          globalSetup: 'scripts/tests/built.ts',
          testTimeout: 300_000,
          hookTimeout: 300_000,
          // Each file has its own server, database and browser, and mostly waits for them.
          maxWorkers: 2,
        },
      },
    ],
  },
})
