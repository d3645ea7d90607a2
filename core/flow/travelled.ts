import { materialOf } from '../materials'
import { serviceIn, pipeIdIn } from '../job/leg-defaults'
import type { Catalogue } from '../catalogue/catalogue'
import { boreOf } from '../catalogue/pipe'
import type { Leg } from '../job/job'
import { methodAt } from '../run/method-at'
import { branchOf, turnAt, type Layout } from '../run/layout'
import { jointBore, lossCoefficients, roughnessOf } from './coefficients'
import { contentOf } from './content'
import { fittingLoss, pipeLoss, waterStateOf } from './loss'
import { velocityOf } from './velocity'

/** The loss where water goes on into a leg: at a tee it turns when it comes from the branch, or leaves by it. */
function coefficientAt(layout: Layout, node: string, from: Leg | undefined, leg: Leg): number {
  const { kind } = layout.node.get(node)!
  const arms = layout.arms.get(node) ?? []
  const branch = kind === 'tee' ? branchOf(arms)?.leg : undefined
  if (branch && (branch === leg || branch === from)) return lossCoefficients['tee-branch']
  const turn = turnAt(arms)
  if (kind === 'elbow' && turn !== null && turn <= 50) return lossCoefficients['elbow-45']
  return lossCoefficients[kind]
}

/** What water has gone through from where it is fed to a node. */
export interface Travelled {
  readonly by: Leg | undefined
  readonly length: number
  readonly content: number
  readonly bore: number
  readonly velocity: number
  readonly copperVelocity: number
  readonly insertVelocity: number
  readonly loss: number
}

export const noneYet: Travelled = {
  by: undefined,
  length: 0,
  content: 0,
  bore: Infinity,
  velocity: 0,
  copperVelocity: 0,
  insertVelocity: 0,
  loss: 0,
}

/** A flow in litres a minute that goes on from a node through a leg. */
export type GoOn = (
  before: Travelled,
  through: { readonly from: string; readonly leg: Leg; readonly to: string },
  flow: number,
) => Travelled

/** How water goes on through the legs of a run. */
export function goingOnIn(catalogue: Catalogue, layout: Layout): GoOn {
  const { system } = layout
  return (before, { from, leg, to }, flow) => {
    const state = waterStateOf(serviceIn(system, leg))
    const pipe = catalogue.pipe(pipeIdIn(system, leg))!
    const bore = boreOf(pipe)
    const narrowest = Math.min(...[from, to].map((id) => jointBore(pipe, methodAt(system, layout.node.get(id)!, leg))))
    const coefficient = coefficientAt(layout, from, before.by, leg)
    const velocity = velocityOf(flow, bore)
    // Existing pipe whose length does not matter leads from elsewhere: nothing is reckoned for it.
    const length = leg.length ?? 0
    return {
      by: leg,
      length: before.length + length,
      content: before.content + contentOf(pipe, length),
      bore: Math.min(before.bore, bore),
      velocity: Math.max(before.velocity, velocity),
      copperVelocity: Math.max(before.copperVelocity, materialOf(pipe).wornByFastWater ? velocity : 0),
      insertVelocity: Math.max(before.insertVelocity, velocityOf(flow, narrowest)),
      loss:
        before.loss +
        pipeLoss(flow, bore, { length, roughness: roughnessOf(pipe), state }) +
        fittingLoss(flow, narrowest, coefficient, state),
    }
  }
}
