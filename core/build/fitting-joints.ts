import type { BuiltRun } from './build-run'
import type { Catalogue } from '../catalogue/catalogue'
import type { Meeting } from '../catalogue/fitting'
import { takeUpOf } from '../catalogue/fitting-length'
import { fitsBySize } from '../catalogue/fit'
import type { Node, Run } from '../job/job'
import { judgeSpigot, judgeThreads } from '../join/judge'
import type { PlanJoint } from './planned'

const depthOf = (meeting: Meeting) => (meeting.kind === 'thread' ? takeUpOf(meeting.male) : meeting.socket.insertion)

/**
 * The joints between the fittings of a node's chain, or of a body and its arms, in their order: each thread that is screwed in, each spigot that goes
 * into a socket. What the catalogue does not know of a chain has none.
 *
 * @remarks for instance: an adapter 22 solder × 3/4 M and one 3/4 F × 28 press: one joint, screwed, 14 taken up
 */
export function fittingJoints(catalogue: Catalogue, run: Run, node: Node, built: BuiltRun): PlanJoint[] {
  return built.at.get(node.id)!.inner.map(({ id, between, fittings, index, meeting }): PlanJoint => {
    const insertion = depthOf(meeting)
    const verdict =
      meeting.kind === 'thread' ? judgeThreads(meeting.male, meeting.female) : judgeSpigot(meeting.socket.method)
    const beside =
      meeting.kind === 'spigot' ? catalogue.pipes.find((pipe) => fitsBySize(pipe, meeting.socket))?.id : undefined
    return {
      id,
      number: 0,
      run: run.id,
      node: node.id,
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
  })
}
