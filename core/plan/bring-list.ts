import type { Catalogue } from '../catalogue/catalogue'
import { layPieces } from '../cut/lay-pieces'
import type { Job } from '../job/job'
import { countBendSupports } from '../pipework/bend-supports'
import { countFittings } from '../pipework/list/count-fittings'
import { countFixtures } from '../pipework/list/count-fixtures'
import { countSundries } from '../pipework/list/sundries'
import { suppliesFor, usedUpBy } from '../pipework/list/supplies'
import { resolve } from '../pipework/resolve'
import type { Layout } from '../run/layout'
import { countClips } from '../support/leg-clips'
import { usualWire } from '../workshop/solder-wire'
import type { Plan } from './types'

/** What a job is made from. */
export type BringList = Pick<Plan, 'fittings' | 'sundries' | 'fixtures' | 'supplies' | 'clipCounts' | 'stock'>
type Built = Pick<Plan, 'pieces' | 'joints' | 'parts' | 'supports'>

/** What all of this is made from, counted. */
export function bringListOf(
  catalogue: Catalogue,
  { job, layouts }: { readonly job: Job; readonly layouts: readonly Layout[] },
  { pieces, joints, parts, supports }: Built,
): BringList {
  const usedUp = joints.map((joint) => usedUpBy(catalogue, joint))
  return {
    fittings: countFittings(parts),
    sundries: [...countSundries(usedUp), ...countBendSupports(catalogue, layouts)],
    fixtures: countFixtures(layouts),
    supplies: suppliesFor(usedUp, usualWire(job.profile), job.units),
    clipCounts: countClips(catalogue, supports),
    stock: layPieces(catalogue, pieces, job.stock),
  }
}

/** Of a layout only what stands in some runs. */
const within = (layout: Layout, runs: ReadonlySet<string>): Layout => ({
  ...layout,
  system: { ...layout.system, nodes: layout.system.nodes.filter(({ run }) => runs.has(run)) },
})

/**
 * What some runs of a job are made from; a fitting that another run shares with them is among it.
 *
 * @param plan that of the whole job
 * @returns a function of the runs' ids
 * @remarks for instance: a branch whose tee stands in a run that is made later: the tee is brought for the branch
 */
export function bringListByRuns(
  catalogue: Catalogue,
  decided: Job,
  plan: Built,
): (runs: readonly string[]) => BringList {
  const { job, systems } = resolve(decided, catalogue)
  return (ids) => {
    const runs = new Set(ids)
    const isIn = ({ run }: { readonly run: string }) => runs.has(run)
    const joints = plan.joints.filter(isIn)
    const joined = new Set(joints.flatMap(({ between }) => between.map(({ part }) => part)))
    const layouts = systems.map(({ layout }) => within(layout, runs))
    return bringListOf(
      catalogue,
      { job, layouts },
      {
        ...{ joints, pieces: plan.pieces.filter(isIn), supports: plan.supports.filter(isIn) },
        parts: plan.parts.filter((part) => isIn(part) || joined.has(part.id)),
      },
    )
  }
}
