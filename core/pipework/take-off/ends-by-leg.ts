import type { Laid } from './laid'
import { fitsBySize } from '../../catalogue/fit'
import type { Fitting, FittingKind } from '../../catalogue/fitting'
import type { Socket } from '../../catalogue/socket'
import type { Leg, Node, NodeKind } from '../../job/job'
import { fittedArm, type FittedArm } from './arm'
import { branchOf, turnAt, type Arm } from '../../run/layout'
import { pipeIdIn } from '../../job/leg-defaults'
import { isSocket } from '../../run/named-fitting'
import { hasNoPipe } from '../../run/states'
import { armsChosen } from '../../job/chosen'

/** Which end of a fitting each leg's pipe goes into, by leg; on an arm, into the arm's last fitting. */
export type EndsByLeg = ReadonlyMap<string, LegEnd>
export interface LegEnd {
  readonly index: number
  readonly socket: Socket
  readonly arm?: FittedArm
}

/** Whether a leg may go into an end of what stands at a node: a tee's branch goes into its last, and nothing else does. */
export function mayGoInto(kind: NodeKind, legs: readonly Arm[], leg: Leg, index: number): boolean {
  const branch = kind === 'tee' ? branchOf(legs)?.leg : undefined
  return branch === undefined || (index === 2) === (leg === branch)
}

/**
 * Which ends of a fitting the pipes at a node go into, each the first that is free and takes its pipe, itself or by the arm
 * that stands there; a tee's branch is its last. A leg that no end takes is missing.
 *
 * @remarks for instance: a 22 × 15 solder reducer between 15 and 22: the 15 in its second end, the 22 in its first
 */
export function endsByLeg(
  { catalogue, layout: { system } }: Laid,
  fitting: Fitting,
  arms: readonly Arm[],
  node: Pick<Node, 'kind' | 'fitting'>,
): EndsByLeg {
  const onArms = armsChosen(node)
  const free = new Set(fitting.ends.keys())
  const taken = new Map<string, LegEnd>()
  const endFor = (leg: Leg, at: number): Omit<LegEnd, 'index'> | null => {
    const pipe = catalogue.pipe(pipeIdIn(system, leg))
    const end = fitting.ends[at]!
    if (!pipe || !free.has(at) || !mayGoInto(node.kind, arms, leg, at)) return null
    const onArm = onArms[leg.id]
    if (onArm) {
      const arm = fittedArm(fitting, at, onArm, pipe)
      return arm && { socket: arm.socket, arm }
    }
    return isSocket(end) && fitsBySize(pipe, end.socket) ? { socket: end.socket } : null
  }
  for (const { leg } of arms) {
    if (hasNoPipe(leg)) continue
    for (const index of fitting.ends.keys()) {
      const end = endFor(leg, index)
      if (!end) continue
      free.delete(index)
      taken.set(leg.id, { index, ...end })
      break
    }
  }
  return taken
}

const angleOf: Readonly<Partial<Record<FittingKind, number>>> = {
  'elbow 90': 90,
  'elbow 45': 45,
  'street elbow 90': 90,
  'street elbow 45': 45,
}

/** Whether a fitting turns as the pipe does at a node; what does not turn, or has no second leg yet, does. */
export function turnsAlike({ kind }: Fitting, arms: readonly Arm[]): boolean {
  const [angle, turn] = [angleOf[kind], turnAt(arms)]
  return angle === undefined || turn === null || Math.abs(turn - angle) <= 1
}
