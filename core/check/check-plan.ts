import type { Catalogue } from '../catalogue/catalogue'
import type { PipeStock } from '../cut/lay-pieces'
import type { Job } from '../job/job'
import { namesOf } from '../run/names'
import type { PlanCheck, SystemSubject } from './rule'
import { runChecks } from './rules'
import { jointChecks } from './rules/joint'
import { stock as stockRule } from './rules/stock'

interface Checked {
  readonly catalogue: Catalogue
  readonly job: Job
  readonly systems: readonly Omit<SystemSubject, 'catalogue' | 'job' | 'names'>[]
  readonly stock: readonly PipeStock[]
}

/** What is wrong or open in a plan, worst first; run by run, in the order of the rules. */
export function checkPlan({ catalogue, job, systems, stock }: Checked): PlanCheck[] {
  const names = namesOf(job)
  const found = systems.flatMap((system) => {
    const subject = { ...system, catalogue, job, names }
    return [...runChecks.flatMap(({ check }) => check(subject)), ...jointChecks(subject)]
  })
  const all = [...found, ...stockRule.checkStock(stock)]
  return [...all.filter(({ verdict }) => verdict === 'refuse'), ...all.filter(({ verdict }) => verdict !== 'refuse')]
}
