import type { TestProject } from 'vitest/node'

declare module 'vitest' {
  export interface ProvidedContext {
    seed: number
  }
}

/** A fresh seed for the property tests of a run, printed so that a run can be repeated with `SEED=… npm test`. */
export default function provideSeed(project: TestProject): void {
  const seed = process.env.SEED ? Number(process.env.SEED) : Math.floor(Math.random() * 2 ** 31)
  if (!Number.isInteger(seed)) throw new RangeError(`SEED: a whole number, not “${process.env.SEED}”`)
  project.provide('seed', seed)
  console.log(`Property tests use seed ${seed}; the same again: SEED=${seed}`)
}
