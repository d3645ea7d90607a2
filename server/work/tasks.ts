import loadHighs from 'highs'
import { catalogueWith, shippedCatalogue } from '~~/core/catalogue/catalogue'
import type { Part } from '~~/core/catalogue/part'
import type { Job } from '~~/core/job/job'
import type { Costs } from '~~/core/job/costs'
import { cutStock } from '~~/core/cut/cut-stock'
import type { StockQuestion } from '~~/core/cut/cutting-problem'
import { highsSolver } from '~~/core/cut/highs-solver'
import type { Solver } from '~~/core/cut/solver'
import { join, type JoinRequest } from '~~/core/join/join'
import { planJob } from '~~/core/plan'
import { spokenJoin, spokenPlan } from '../http/spoken'

let solver: Promise<Solver> | undefined

/** What is done on threads: each takes what can be sent there, and may tell the best that it has so far. */
export const tasks = {
  plan: ({ job, parts }: { job: Job; parts: readonly Part[] }) =>
    spokenPlan(planJob(job, catalogueWith(parts)), job.units),

  join({ request, costs }: { request: JoinRequest; costs: Costs }) {
    const { a, b, units, ...circumstances } = request
    const ends = { a: shippedCatalogue.pipe(a)!, b: shippedCatalogue.pipe(b)! }
    return spokenJoin(join(shippedCatalogue, ends, circumstances, costs), units)
  },

  async stock(question: StockQuestion, soFar: (value: unknown) => void) {
    solver ??= loadHighs().then(highsSolver)
    const search = cutStock(question, await solver)
    let step = search.next()
    while (!step.done) {
      soFar(step.value)
      step = search.next()
    }
    return step.value
  },
}
export type TaskName = keyof typeof tasks
