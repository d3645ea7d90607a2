import type { Catalogue } from '../catalogue/catalogue'
import type { PipeStock } from '../cut/lay-pieces'
import { groupBy } from '../group-by'
import type { Job } from '../job/job'
import type { Plan, PlanCheck, PlanJoint, PlanPiece } from '../plan/types'
import type { ClosingError } from '../route/closing'
import type { Layout } from '../route/layout'
import { namesOf } from '../route/names'
import { runChecks } from './rules'
import { jointChecks } from './rules/joint'
import { stock as stockRule } from './rules/stock'

interface Checked {
  readonly catalogue: Catalogue
  readonly job: Job
  readonly layouts: readonly Layout[]
  readonly pieces: readonly PlanPiece[]
  readonly joints: readonly PlanJoint[]
  readonly supports: Plan['supports']
  readonly stock: readonly PipeStock[]
  readonly closing: readonly ClosingError[]
}

/** What is wrong or open in a plan, worst first; run by run, in the order of the rules. */
export function checkPlan({ catalogue, job, layouts, stock, ...plan }: Checked): PlanCheck[] {
  const names = namesOf(job)
  const pieces = groupBy(plan.pieces, ({ run }) => run)
  const joints = groupBy(plan.joints, ({ run }) => run)
  const supports = groupBy(plan.supports, ({ run }) => run)
  const closing = groupBy(plan.closing, ({ run }) => run)
  const found = layouts.flatMap((layout) => {
    const { id } = layout.run
    const subject = {
      catalogue,
      job,
      layout,
      names: names.get(id)!,
      pieces: pieces.get(id) ?? [],
      joints: joints.get(id) ?? [],
      supports: supports.get(id) ?? [],
      closing: closing.get(id) ?? [],
    }
    return [...runChecks.flatMap(({ check }) => check(subject)), ...jointChecks(subject)]
  })
  const all = [...found, ...stockRule.checkStock(stock)]
  return [...all.filter(({ verdict }) => verdict === 'refuse'), ...all.filter(({ verdict }) => verdict !== 'refuse')]
}
