import { siteId } from '../job/site-id'
import { groupBy } from '../quantity/group-by'
import type { Catalogue } from '../catalogue/catalogue'
import { existingId, piecePort, type BuiltRun } from './build-run'
import type { MethodId } from '../methods/ids'
import type { Pipe } from '../catalogue/pipe'
import type { Job, Node, Run, Leg } from '../job/job'
import { serviceIn, pipeIdIn } from '../job/leg-defaults'
import type { Profile } from '../workshop/profile'
import { judge, judgeInSocket, type Circumstances } from '../join/judge'
import type { Verdict } from '../join/verdict'
import { fittingJoints, standingJoints } from './fitting-joints'
import { jointId } from './joint-id'
import type { PipeEnds } from './pipe-ends'
import type { PlanJoint, PlanPiece } from './planned'
import { bodyOf } from '../run/body'
import { methodAt } from '../run/method-at'
import { existingEnds, tiedInto } from '../run/states'
import type { Layout } from '../run/layout'
import { socketAt } from '../run/socket-at'
import { runOf, type System } from '../job/system'

/** What the rules say of a pipe at a node, in the socket that it goes into there. */
function judgeAt(catalogue: Catalogue, node: Node, pipe: Pipe, method: MethodId, here: Circumstances): Verdict {
  const socket = socketAt(catalogue, node, method, pipe)
  return socket ? judgeInSocket(pipe, socket, here) : judge(catalogue, pipe, method, here)
}

/** The joint on a tie-in's existing pipe, which no new piece goes into. */
function existingJoint(
  catalogue: Catalogue,
  { system, arms }: Layout,
  node: Node,
  built: BuiltRun,
  circumstances: Circumstances,
): PlanJoint[] {
  const run = runOf(system, node)
  const existing = catalogue.pipe(tiedInto(node, arms.get(node.id) ?? []) ?? '')
  if (!existing) return []
  const method = node.chain?.joints[0] ?? methodAt(system, node)
  const insertion = socketAt(catalogue, node, method, existing)?.insertion ?? null
  const here: Circumstances = { ...circumstances, condition: node.condition, other: catalogue.pipe(run.pipe) }
  const verdict = judgeAt(catalogue, node, existing, method, here)
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
      ...verdict,
      insertion: insertion?.mm ?? null,
      insertionTolerance: insertion?.tolerance ?? null,
      insertionBasis: insertion?.basis ?? null,
    },
  ]
}

/** The joints of existing pipe in the run with the fittings that are put in. */
function existingLegJoints(
  catalogue: Catalogue,
  layout: Layout,
  built: BuiltRun,
  ends: PipeEnds,
  circumstancesIn: (run: Run) => Circumstances,
): PlanJoint[] {
  const { system } = layout
  return existingEnds(layout).flatMap(({ leg, node }): PlanJoint[] => {
    const pipe = catalogue.pipe(pipeIdIn(system, leg))!
    const { method, insertion } = ends(node.id, leg)
    if (method === null) return []
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
        ...judgeAt(catalogue, node, pipe, method, {
          ...circumstancesIn(runOf(system, leg)),
          service: serviceIn(system, leg),
          condition: node.condition,
        }),
        insertion: insertion?.mm ?? null,
        insertionTolerance: insertion?.tolerance ?? null,
        insertionBasis: insertion?.basis ?? null,
      },
    ]
  })
}

/** Fittings that hold what comes through a wall. */
const heldAtWall: ReadonlySet<string> = new Set(['drop-ear elbow', 'stub-out'])

/** Of a run that comes through a finished wall its outlets do, but for those on a fitting that is fixed there. */
const comesThroughWall = (node: Node): boolean => node.kind === 'outlet' && !heldAtWall.has(bodyOf(node)?.kind ?? '')

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

/** A function that lists the joints of a system with their verdicts; each pair of pipe and method is judged once a place. */
export function jointMaker(
  catalogue: Catalogue,
  job: Job,
  profile: Profile,
): (built: BuiltRun, layout: Layout, ends: PipeEnds, pieces: readonly PlanPiece[]) => PlanJoint[] {
  let number = 0
  return (built, layout, ends, pieces) => {
    const { system, node: nodes, leg: legs } = layout
    const verdicts = new Map<string, Verdict>()
    const circumstancesIn = ({ service, place, condition }: Run): Circumstances => ({
      service,
      place: { ...job.place, ...place },
      profile,
      tools: job.tools,
      condition,
    })
    const judged = (pipe: Pipe, method: MethodId, leg: Leg, node: Node): Verdict => {
      const service = serviceIn(system, leg)
      const atWall = comesThroughWall(node)
      const key = `${leg.run}|${pipe.id}|${method}|${service}|${atWall}|${node.chain !== undefined}`
      const here = circumstancesIn(runOf(system, leg))
      const place = atWall ? here.place : { ...here.place, stubOut: undefined }
      const known = verdicts.get(key) ?? judgeAt(catalogue, node, pipe, method, { ...here, place, service })
      verdicts.set(key, known)
      return known
    }
    const fromPieces = pieces.flatMap((piece) =>
      piece.ends.flatMap((end, at): PlanJoint[] => {
        if (end.method === null) return []
        const { insertion, insertionTolerance, insertionBasis } = end
        const node = nodes.get(end.node)!
        const leg = legs.get(at === 0 ? piece.legs[0]! : piece.legs.at(-1)!)!
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
    const atNodes = system.nodes.flatMap((node) => {
      const run = runOf(system, node)
      const leg = layout.arms.get(node.id)?.[0]?.leg
      const service = leg ? serviceIn(system, leg) : run.service
      const here = circumstancesIn(run)
      return [
        ...existingJoint(catalogue, layout, node, built, {
          ...here,
          place: { ...here.place, stubOut: undefined },
          service,
        }),
        ...fittingJoints(catalogue, run, node, built),
      ]
    })
    const found = [
      ...atNodes,
      ...standingJoints(catalogue, layout, built),
      ...existingLegJoints(catalogue, layout, built, ends, circumstancesIn),
      ...fromPieces,
    ]
    const order = walkOrder(system)
    return found
      .toSorted((a, b) => order.get(a.node)! - order.get(b.node)!)
      .map((joint) => ({ ...joint, number: (number += 1) }))
  }
}
