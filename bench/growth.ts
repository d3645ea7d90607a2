import { shippedCatalogue } from '../core/catalogue/catalogue'
import { flowPaths } from '../core/flow/path'
import { shippedCosts } from '../core/workshop/costs'
import { profiles } from '../core/workshop/profile'
import { assemblyOrder } from '../core/assembly/order'
import { planJob } from '../core/plan/plan-job'
import { assemblyQuestion } from '../core/assembly/assembly-question'
import { layOut } from '../core/run/layout'
import { levelsOf } from '../core/run/levels'
import { longJob } from '../core/testing/sample-run'
import { medianTimes } from './median'
import { systemsOf } from '../core/job/system'

const rounds = 9
const most = 14

/** How the core's time grows from 200 legs to 2000: ten times the legs take at most fourteen times as long. */
export function benchGrowth(): void {
  const sizes = [longJob(200), longJob(2000)].map((job) => {
    const plan = planJob(job, shippedCatalogue)
    const assembly = assemblyQuestion(shippedCatalogue, job, plan, { costs: shippedCosts, celsius: 20 })
    return { job, plan, assembly, layout: layOut(systemsOf(job)[0]!) }
  })
  type Size = (typeof sizes)[number]
  const works: Readonly<Record<string, (of: Size) => unknown>> = {
    plan: ({ job }) => planJob(job, shippedCatalogue),
    levels: ({ layout }) => levelsOf(layout),
    'flow paths': ({ layout }) => flowPaths(shippedCatalogue, layout, 0.2, profiles.metric),
    'question of assembly': ({ job, plan }) =>
      assemblyQuestion(shippedCatalogue, job, plan, { costs: shippedCosts, celsius: 20 }),
    'order of assembly': ({ assembly }) => assemblyOrder(assembly),
  }
  for (const [name, work] of Object.entries(works)) {
    const [small, large] = medianTimes(
      sizes.map((size) => () => work(size)),
      rounds,
    ) as [number, number]
    console.log(
      `${`${name}, 2000 legs / 200 legs:`.padEnd(46)}${(large / small).toFixed(1)}   (at most ${most}; ${large.toFixed(0)} ms)`,
    )
  }
}
