import type { Catalogue } from '../catalogue/catalogue'
import type { PipeStock } from '../cut/lay-pieces'
import { groupBy } from '../quantity/group-by'
import type { Job } from '../job/job'
import type { CutIn } from '../pipework/cut-ins'
import type { PlanJoint, PlanPiece } from '../pipework/planned'
import type { PlanCheck } from './rule'
import type { LegClips } from '../support/leg-clips'
import type { ClosingError } from '../run/closing'
import type { Layout } from '../run/layout'
import { namesOf } from '../run/names'
import { runChecks } from './rules'
import { jointChecks } from './rules/joint'
import { stock as stockRule } from './rules/stock'

interface Checked {
  readonly catalogue: Catalogue
  readonly job: Job
  readonly layouts: readonly Layout[]
  readonly pieces: readonly PlanPiece[]
  readonly joints: readonly PlanJoint[]
  readonly supports: readonly LegClips[]
  readonly stock: readonly PipeStock[]
  readonly closing: readonly ClosingError[]
  readonly cutIns: readonly CutIn[]
}

/** What is wrong or open in a plan, worst first; run by run, in the order of the rules. */
export function checkPlan({ catalogue, job, layouts, stock, ...plan }: Checked): PlanCheck[] {
  const names = namesOf(job)
  const systemIds = new Map(layouts.flatMap(({ system }) => system.runs.map(({ id }) => [id, system.id])))
  const bySystem = <Item extends { readonly run: string }>(items: readonly Item[]) =>
    groupBy(items, ({ run }) => systemIds.get(run)!)
  const pieces = bySystem(plan.pieces)
  const joints = bySystem(plan.joints)
  const supports = bySystem(plan.supports)
  const closing = bySystem(plan.closing)
  const cutIns = bySystem(plan.cutIns)
  const found = layouts.flatMap((layout) => {
    const { id } = layout.system
    const subject = {
      catalogue,
      job,
      layout,
      names,
      pieces: pieces.get(id) ?? [],
      joints: joints.get(id) ?? [],
      supports: supports.get(id) ?? [],
      closing: closing.get(id) ?? [],
      cutIns: cutIns.get(id) ?? [],
    }
    return [...runChecks.flatMap(({ check }) => check(subject)), ...jointChecks(subject)]
  })
  const all = [...found, ...stockRule.checkStock(stock)]
  return [...all.filter(({ verdict }) => verdict === 'refuse'), ...all.filter(({ verdict }) => verdict !== 'refuse')]
}
