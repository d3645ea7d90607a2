import type { Catalogue } from '../catalogue/catalogue'
import { isPlastic } from '../catalogue/material'
import type { Costs } from '../job/costs'
import type { Job } from '../job/job'
import type { AssemblyJoint, AssemblyQuestion } from '../make/assembly/question'
import { expansionHold, solventSet } from '../make/wait'
import { unitVector } from '../route/direction'
import { layOut, type Layout } from '../route/layout'
import { dot } from '../route/turning'
import type { Plan, PlanJoint } from './types'

/** Minutes until a soldered joint may be touched by a cold one's work: about 5. */
const solderCools = 5
/** Rigid pipe gives a hundredth of the longest leg square to the joint; typical. */
const springShare = 0.01
/** Where a depth is not known, more than any is taken, so that no room is promised that is not there. */
const deepest = 60

function waitMinutes({ method }: PlanJoint, od: number, celsius: number): number {
  if (method === 'solder') return solderCools
  const seconds = method === 'solvent' ? solventSet(od, celsius) : method === 'expansion' ? expansionHold(celsius) : 0
  return (seconds ?? 0) / 60
}

/**
 * The question of the order of assembly: every joint of the plan with the parts that it brings together.
 *
 * @param celsius how warm it is where it sets
 */
export function assemblyQuestion(
  catalogue: Catalogue,
  job: Job,
  plan: Plan,
  costs: Costs,
  celsius: number,
): AssemblyQuestion {
  const layouts = new Map<string, Layout>(job.runs.map((run) => [run.id, layOut(run)]))
  const pieces = new Map(plan.pieces.map((piece) => [piece.id, piece]))
  const fixed = new Set<string>()
  const joints = plan.joints.map((joint): AssemblyJoint => {
    const layout = layouts.get(joint.run)!
    const node = layout.node.get(joint.node)!
    const here = `${joint.run}/${joint.node}`
    const piece = joint.piece === null ? undefined : pieces.get(joint.piece)
    const arms = layout.arms.get(joint.node) ?? []
    const axis = (arms.find(({ leg }) => piece?.legs.includes(leg.id)) ?? arms[0])?.away ?? [0, 0, 1]
    const other = piece ? piece.id : `existing ${here}`
    if (!piece) fixed.add(other)
    if (node.kind === 'tie-in' && !node.existing) fixed.add(here)
    const pipe = catalogue.pipe(joint.pipe)!
    const square = layout.run.legs
      .filter(({ direction }) => Math.abs(dot(unitVector(direction), axis)) < 0.1)
      .map(({ length }) => length)
    const bends = isPlastic(pipe.material) && pipe.material !== 'cpvc' && pipe.material !== 'pvc-u'
    return {
      id: joint.id,
      parts: [here, other],
      method: joint.method,
      axis,
      insertion: joint.insertion ?? deepest,
      spring: bends ? Infinity : springShare * Math.max(0, ...square),
      closes: node.kind === 'slip-coupling' || node.kind === 'union' || joint.method === 'compression',
      minutes: costs.methods[joint.method].minutes,
      wait: waitMinutes(joint, pipe.od, celsius),
      where: `${node.kind.replace('-', ' ')} ${joint.node}, ${piece ? `piece ${piece.id}` : 'existing pipe'}`,
    }
  })
  const straight = new Map(
    plan.pieces.flatMap((piece) => {
      const [leg, more] = piece.legs
      const found = layouts.get(piece.run)?.run.legs.find(({ id }) => id === leg)
      return found && !more ? [[piece.id, unitVector(found.direction)] as const] : []
    }),
  )
  return { joints, fixed, straight }
}
