import { siteId } from '../job/site-id'
import { groupBy } from '../quantity/group-by'
import type { Catalogue } from '../catalogue/catalogue'
import { existingId, piecePort, type BuiltRun } from './build-run'
import type { MethodId } from '../methods/ids'
import type { Pipe } from '../catalogue/pipe'
import type { Job, Node, Run, Leg } from '../job/job'
import { serviceIn, pipeIdIn } from '../job/leg-defaults'
import type { Figure } from '../quantity/basis'
import type { Profile } from '../workshop/profile'
import { judge, judgeInSocket, type Circumstances } from '../join/judge'
import type { Verdict } from '../join/verdict'
import { fittingJoints, directPlanJoints } from './fittings/fitting-joints'
import { jointId } from './joint-id'
import type { PipeEnds } from './pipe-ends'
import type { PlanJoint, PlanPiece } from './planned'
import { namedFittingAt } from '../run/named-fitting'
import { methodAt } from '../run/method-at'
import { existingEnds, tiedInto } from '../run/states'
import type { Layout } from '../run/layout'
import { socketAt } from './take-off/socket-at'
import { runOf, type System } from '../job/system'
import { chainChosen } from '../job/chosen'

/** What the joints of a system follow from. */
interface JointsOf {
  readonly catalogue: Catalogue
  readonly layout: Layout
  readonly built: BuiltRun
  readonly ends: PipeEnds
  readonly circumstancesIn: (run: Run) => Circumstances
}

/** What the rules say of a pipe at a node, in the socket that it goes into there. */
function judgeAt(catalogue: Catalogue, node: Node, { pipe, method, here }: Judged): Verdict {
  const socket = socketAt(catalogue, node, method, pipe)
  return socket ? judgeInSocket(pipe, socket, here) : judge(catalogue, pipe, method, here)
}
interface Judged {
  readonly pipe: Pipe
  readonly method: MethodId
  readonly here: Circumstances
}

const depthOf = (insertion: Figure | null) => ({
  insertion: insertion?.mm ?? null,
  insertionTolerance: insertion?.tolerance ?? null,
  insertionBasis: insertion?.basis ?? null,
})

/** The joint on a tie-in's existing pipe, which no new piece goes into. */
function existingJoint({ catalogue, layout, built, circumstancesIn }: JointsOf, node: Node): PlanJoint[] {
  const { system, arms } = layout
  const run = runOf(system, node)
  const existing = catalogue.pipe(tiedInto(node, arms.get(node.id) ?? []) ?? '')
  if (!existing) return []
  const method = chainChosen(node)?.joints[0] ?? methodAt(system, node)
  const leg = arms.get(node.id)?.[0]?.leg
  const circumstances = circumstancesIn(run)
  const here: Circumstances = {
    ...circumstances,
    place: { ...circumstances.place, stubOut: undefined },
    service: leg ? serviceIn(system, leg) : run.service,
    condition: node.condition,
    other: catalogue.pipe(run.pipe),
  }
  return [
    {
      id: `${siteId(node)}/existing`,
      number: 0,
      run: run.id,
      node: node.id,
      leg: null,
      piece: null,
      pipe: existing.id,
      between: [built.at.get(node.id)!.existingPort, { part: existingId(node), port: 0 }],
      inner: null,
      slips: false,
      ...judgeAt(catalogue, node, { pipe: existing, method, here }),
      ...depthOf(socketAt(catalogue, node, method, existing)?.insertion ?? null),
    },
  ]
}

/** The joints of existing pipe in the run with the fittings that are put in. */
function existingLegJoints({ catalogue, layout, built, ends, circumstancesIn }: JointsOf): PlanJoint[] {
  const { system } = layout
  return existingEnds(layout).flatMap(({ leg, node }): PlanJoint[] => {
    const pipe = catalogue.pipe(pipeIdIn(system, leg))!
    const { method, insertion } = ends(node.id, leg)
    if (method === null) return []
    const here = {
      ...circumstancesIn(runOf(system, leg)),
      service: serviceIn(system, leg),
      condition: node.condition,
    }
    return [
      {
        id: jointId(node, leg),
        number: 0,
        run: leg.run,
        node: node.id,
        leg: leg.id,
        piece: null,
        pipe: pipe.id,
        between: [
          built.at.get(node.id)!.legPort(leg.id),
          { part: existingId(leg), port: leg.from === node.id ? 0 : 1 },
        ],
        inner: null,
        slips: node.kind === 'slip-coupling',
        ...judgeAt(catalogue, node, { pipe, method, here }),
        ...depthOf(insertion),
      },
    ]
  })
}

/** Fittings that hold what comes through a wall. */
const heldAtWall: ReadonlySet<string> = new Set(['drop-ear elbow', 'stub-out'])

/** Of a run that comes through a finished wall its outlets do, but for those on a fitting that is fixed there. */
const comesThroughWall = (node: Node): boolean =>
  node.kind === 'outlet' && !heldAtWall.has(namedFittingAt(node)?.kind ?? '')

/** Which node is met when, along the run from its first one and into each branch as it comes; what hangs on nothing last. */
function walkOrder({ nodes, legs }: System): Map<string, number> {
  const onwards = groupBy(legs, ({ from }) => from)
  const order = new Map<string, number>()
  for (const { id } of nodes) {
    const open = [id]
    for (let at = open.pop(); at !== undefined; at = open.pop()) {
      if (order.has(at)) continue
      order.set(at, order.size)
      for (const { to } of (onwards.get(at) ?? []).toReversed()) open.push(to)
    }
  }
  return order
}

/** What the rules say of new pipe, each pair of pipe and method judged once a place. */
function judgedOnce({ catalogue, layout: { system }, circumstancesIn }: JointsOf) {
  const verdicts = new Map<string, Verdict>()
  return (pipe: Pipe, method: MethodId, leg: Leg, node: Node): Verdict => {
    const service = serviceIn(system, leg)
    const atWall = comesThroughWall(node)
    const key = `${leg.run}|${pipe.id}|${method}|${service}|${atWall}|${chainChosen(node) !== undefined}`
    const known = verdicts.get(key)
    if (known) return known
    const { place, ...here } = circumstancesIn(runOf(system, leg))
    const there = atWall ? place : { ...place, stubOut: undefined }
    const verdict = judgeAt(catalogue, node, { pipe, method, here: { ...here, place: there, service } })
    verdicts.set(key, verdict)
    return verdict
  }
}

/** The joints of the pieces with what they go into. */
function pieceJoints(of: JointsOf, pieces: readonly PlanPiece[]): PlanJoint[] {
  const { catalogue, layout, built } = of
  const judged = judgedOnce(of)
  return pieces.flatMap((piece) =>
    piece.ends.flatMap((end, at): PlanJoint[] => {
      if (end.method === null) return []
      const { insertion, insertionTolerance, insertionBasis } = end
      const node = layout.node.get(end.node)!
      const leg = layout.leg.get(at === 0 ? piece.legs[0]! : piece.legs.at(-1)!)!
      const { method, verdict, reasons } = judged(catalogue.pipe(piece.pipe)!, end.method, leg, node)
      return [
        {
          // By its leg: a piece’s number shifts when a leg is drawn before it.
          id: jointId(node, leg),
          number: 0,
          run: leg.run,
          node: node.id,
          leg: leg.id,
          piece: piece.id,
          pipe: piece.pipe,
          between: [built.at.get(node.id)!.legPort(leg.id), piecePort(piece, at === 0 ? 0 : 1)],
          inner: null,
          slips: node.kind === 'slip-coupling',
          method,
          insertion,
          insertionTolerance,
          insertionBasis,
          verdict,
          reasons,
        },
      ]
    }),
  )
}

/** A system of which the joints are wanted. */
interface Unjoined {
  readonly layout: Layout
  readonly built: BuiltRun
  readonly ends: PipeEnds
  readonly pieces: readonly PlanPiece[]
}

/** A function that lists the joints of a system with their verdicts, numbered on from those of the systems before. */
export function jointMaker(catalogue: Catalogue, job: Job, profile: Profile): (of: Unjoined) => PlanJoint[] {
  let number = 0
  const circumstancesIn = ({ service, place, condition }: Run): Circumstances => ({
    service,
    place: { ...job.place, ...place },
    profile,
    tools: job.tools,
    condition,
  })
  return ({ layout, built, ends, pieces }) => {
    const of: JointsOf = { catalogue, layout, built, ends, circumstancesIn }
    const { system } = layout
    const found = [
      ...system.nodes.flatMap((node) => [
        ...existingJoint(of, node),
        ...fittingJoints(catalogue, runOf(system, node), node, built),
      ]),
      ...directPlanJoints(catalogue, layout, built),
      ...existingLegJoints(of),
      ...pieceJoints(of, pieces),
    ]
    const order = walkOrder(system)
    return found
      .toSorted((a, b) => order.get(a.node)! - order.get(b.node)!)
      .map((joint) => ({ ...joint, number: (number += 1) }))
  }
}
