import { groupBy } from '../group-by'
import { socketInChain, type Catalogue } from '../catalogue/catalogue'
import type { MethodId } from '../catalogue/method'
import type { Pipe } from '../catalogue/pipe'
import type { Job, Node, Run } from '../job/job'
import type { Profile } from '../job/profile'
import { judge, judgeInSocket, type Circumstances } from '../join/judge'
import type { Verdict } from '../join/verdict'
import type { PlanJoint, PlanPiece } from './types'
import { methodAt } from '../route/end'
import type { Layout } from '../route/layout'

/** The joint on a tie-in's existing pipe, which no new piece goes into. */
function existingJoint(catalogue: Catalogue, run: Run, node: Node, circumstances: Circumstances): PlanJoint[] {
  const existing = node.kind === 'tie-in' && node.existing ? catalogue.pipe(node.existing) : undefined
  if (!existing) return []
  const method = node.chain?.joints[0] ?? methodAt(node, run.method)
  const socket = node.chain ? socketInChain(catalogue, method, existing) : catalogue.socketFor(method, existing)
  const insertion = socket?.insertion ?? null
  const here: Circumstances = { ...circumstances, condition: node.condition, other: catalogue.pipe(run.pipe) }
  const verdict = socket ? judgeInSocket(existing, socket, here) : judge(catalogue, existing, method, here)
  return [
    {
      id: `${run.id}/${node.id}/existing`,
      number: 0,
      run: run.id,
      node: node.id,
      piece: null,
      pipe: existing.id,
      ...verdict,
      insertion: insertion?.mm ?? null,
      insertionTolerance: insertion?.tolerance ?? null,
      insertionBasis: insertion?.basis ?? null,
    },
  ]
}

/** Which node is met when, along the run from its first one and into each branch as it comes; what hangs on nothing last. */
function walkOrder({ nodes, legs }: Run): Map<string, number> {
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

/** A function that lists the joints of a run with their verdicts; each pair of pipe and method is judged once a place. */
export function jointMaker(
  catalogue: Catalogue,
  job: Job,
  profile: Profile,
): (layout: Layout, pieces: readonly PlanPiece[]) => PlanJoint[] {
  let number = 0
  return ({ run }, allPieces) => {
    const verdicts = new Map<string, Verdict>()
    const circumstances: Circumstances = {
      service: run.service,
      place: { ...job.place, ...run.place },
      profile,
      tools: job.tools,
      condition: run.condition,
    }
    const judged = (pipe: Pipe, method: MethodId): Verdict => {
      const key = `${pipe.id}|${method}`
      const known = verdicts.get(key) ?? judge(catalogue, pipe, method, circumstances)
      verdicts.set(key, known)
      return known
    }
    const fromPieces = allPieces
      .filter((piece) => piece.run === run.id)
      .flatMap((piece) =>
        piece.ends.flatMap((end, at): PlanJoint[] => {
          if (end.method === null) return []
          const { insertion, insertionTolerance, insertionBasis, node } = end
          const { method, verdict, reasons } = judged(catalogue.pipe(piece.pipe)!, end.method)
          return [
            {
              // By its leg: a piece’s number shifts when a leg is drawn before it.
              id: `${run.id}/${node}/${at === 0 ? piece.legs[0] : piece.legs.at(-1)}`,
              number: 0,
              run: run.id,
              node,
              piece: piece.id,
              pipe: piece.pipe,
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
    const found = [...run.nodes.flatMap((node) => existingJoint(catalogue, run, node, circumstances)), ...fromPieces]
    const order = walkOrder(run)
    return found
      .toSorted((a, b) => order.get(a.node)! - order.get(b.node)!)
      .map((joint) => ({ ...joint, number: (number += 1) }))
  }
}
