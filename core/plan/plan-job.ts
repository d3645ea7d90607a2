import type { Catalogue } from '../catalogue/catalogue'
import { checkPlan } from '../check/check-plan'
import type { Job } from '../job/job'
import { cutInsOf } from '../pipework/cut-ins'
import { removedFrom } from '../pipework/removed'
import { resolve } from '../pipework/resolve'
import { closingErrors } from '../run/closing'
import { clipStep } from '../support/clips'
import { clipsOfRun } from '../support/leg-clips'
import { bringListOf } from './bring-list'
import type { Plan } from './types'

/**
 * A job goes in, a plan comes out: pieces, joints, fittings, clips, stock, checks. A pure function of the two.
 *
 * @param decided as read by `readJob`: its pipes are in the catalogue, its legs' nodes exist
 */
export function planJob(decided: Job, catalogue: Catalogue): Plan {
  const { job, profile, systems } = resolve(decided, catalogue)
  const layouts = systems.map(({ layout }) => layout)
  const pieces = systems.flatMap((system) => system.pieces)
  const joints = systems.flatMap((system) => system.joints)
  const parts = systems.flatMap((system) => system.parts)
  const inSoil = new Set(job.runs.flatMap(({ id, place }) => ({ ...job.place, ...place }).underground ? [id] : []))
  const looked = systems.map((system) => ({
    ...system,
    supports: clipsOfRun(catalogue, system, { profile, step: clipStep(job.units) }, (run) => inSoil.has(run)),
    closing: closingErrors(system.layout),
    cutIns: cutInsOf(catalogue, system),
  }))
  const supports = looked.flatMap((system) => system.supports)
  const list = bringListOf(catalogue, { job, layouts }, { pieces, joints, parts, supports })
  return {
    pieces,
    joints,
    parts,
    ...list,
    clips: supports.flatMap(({ leg, at }) => at.map((mm) => ({ leg, at: mm }))),
    supports,
    closing: looked.flatMap(({ closing }) => closing),
    cutIns: looked.flatMap(({ cutIns }) => cutIns),
    removed: layouts.flatMap((layout) => removedFrom(catalogue, layout)),
    checks: checkPlan({ catalogue, job, systems: looked, stock: list.stock }),
  }
}
