import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'
import { QuickFirst } from './quick-first'

const root = fileURLToPath(new URL('../..', import.meta.url))

/** The core's own tests alone: the boundaries are held by the linter, which sees no changed code. */
export default defineConfig({
  root,
  resolve: { alias: { '~~': root, '~': `${root}app` } },
  test: {
    include: ['core/**/*.test.ts'],
    exclude: ['core/boundaries.test.ts'],
    sequence: { sequencer: QuickFirst },
    // Each change has a thread of its own anyway: within it the modules need loading once.
    isolate: false,
    pool: 'threads',
    testTimeout: 120_000,
    globalSetup: 'scripts/tests/seed.ts',
    setupFiles: 'scripts/tests/use-seed.ts',
  },
})
