import type { BuiltRun } from '../build-run'
import type { Catalogue } from '../../catalogue/catalogue'
import type { Meeting } from '../../catalogue/fitting'
import { takeUpOf } from '../../catalogue/fitting-length'
import { fitsBySize } from '../../catalogue/fit'
import type { Node, Run } from '../../job/job'
import { runOf } from '../../job/system'
import { judgeSpigot, judgeThreads } from '../../join/judge'
import { jointId } from '../joint-id'
import type { InnerMeeting } from './part'
import type { PlanJoint } from '../planned'
import type { Layout } from '../../run/layout'

const depthOf = (meeting: Meeting) => (meeting.kind === 'thread' ? takeUpOf(meeting.male) : meeting.socket.insertion)

function innerJoint(
  catalogue: Catalogue,
  run: Run,
  node: string,
  { id, between, fittings, index, meeting }: InnerMeeting,
): PlanJoint {
  const insertion = depthOf(meeting)
  const verdict =
    meeting.kind === 'thread' ? judgeThreads(meeting.male, meeting.female) : judgeSpigot(meeting.socket.method)
  const beside =
    meeting.kind === 'spigot' ? catalogue.pipes.find((pipe) => fitsBySize(pipe, meeting.socket))?.id : undefined
  return {
    id,
    number: 0,
    run: run.id,
    node,
    leg: null,
    piece: null,
    pipe: beside ?? run.pipe,
    between,
    slips: false,
    inner: { fittings, index, meeting },
    ...verdict,
    insertion: insertion?.mm ?? null,
    insertionTolerance: insertion?.tolerance ?? null,
    insertionBasis: insertion?.basis ?? null,
  }
}

/**
 * The joints between the fittings of a node's chain, or of a fitting and its arms, in their order: each thread that is screwed in, each spigot that goes
 * into a socket. What the catalogue does not know of a chain has none.
 *
 * @remarks for instance: an adapter 22 solder × 3/4 M and one 3/4 F × 28 press: one joint, screwed, 14 taken up
 */
export const fittingJoints = (catalogue: Catalogue, run: Run, node: Node, built: BuiltRun): PlanJoint[] =>
  built.at.get(node.id)!.inner.map((inner) => innerJoint(catalogue, run, node.id, inner))

/** The joints of fittings that stand straight one in the other, each at the first of its two nodes. */
export function directPlanJoints(catalogue: Catalogue, layout: Layout, built: BuiltRun): PlanJoint[] {
  const parts = new Map(built.parts.map((part) => [part.id, part]))
  return [...built.directJoints.values()].flatMap(({ leg, meeting }): PlanJoint[] => {
    const between = [built.at.get(leg.from)!.legPort(leg.id), built.at.get(leg.to)!.legPort(leg.id)] as const
    const [one, other] = [parts.get(between[0].part)!, parts.get(between[1].part)!]
    // Two that are there already were joined long ago.
    if (one.kind === 'existing' && other.kind === 'existing') return []
    const from = layout.node.get(leg.from)!
    const inner = { id: jointId(from, leg), between, fittings: [one.label, other.label] as const, index: 0, meeting }
    return [innerJoint(catalogue, runOf(layout.system, leg), leg.from, inner)]
  })
}
