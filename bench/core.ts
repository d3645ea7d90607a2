import { shippedCatalogue } from '../core/catalogue/catalogue'
import { identify } from '../core/survey/identify'
import type { Observation } from '../core/job/observation'
import { planJob } from '../core/plan/plan-job'
import { longJob } from '../core/testing/sample-run'
import { medianTimes } from './median'

const observations: Observation[] = [
  { kind: 'circumference', mm: 69.4 },
  { kind: 'scratch', value: 'reddish' },
]

/** The core's speed as ratios of two things timed in one run. */
export function benchCore(): void {
  const [small, large] = [longJob(100), longJob(1000)]
  let sum = 0
  const [plan100, plan1000, clone, pass, ask] = medianTimes([
    () => planJob(small, shippedCatalogue),
    () => planJob(large, shippedCatalogue),
    () => structuredClone(small),
    () => {
      for (const pipe of shippedCatalogue.pipes) sum += Math.exp(-((pipe.od - 22) ** 2))
    },
    () => identify(shippedCatalogue, { observations }),
  ]) as [number, number, number, number, number]
  if (!Number.isFinite(sum)) throw new Error('the pass over the catalogue gave no number')
  console.log(`planJob, 1000 legs / 100 legs:          ${(plan1000 / plan100).toFixed(1)}   (at most 12)`)
  console.log(`planJob 100 legs / structuredClone:     ${(plan100 / clone).toFixed(1)}   (at most 25)`)
  console.log(`identify with next checks / one pass:   ${(ask / pass).toFixed(0)}   (${ask.toFixed(2)} ms)`)
}
