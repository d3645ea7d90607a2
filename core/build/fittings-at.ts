import type { Catalogue } from '../catalogue/catalogue'
import { fittingNamed } from '../catalogue/chain-length'
import { endLabel, meetingOf, type Fitting } from '../catalogue/fitting'
import { endLength, takeUpOf } from '../catalogue/fitting-length'
import type { Leg, Node } from '../job/job'
import { plus, type Vector } from '../quantity/vector'
import { siteId } from '../job/site-id'
import { opposite } from '../run/direction'
import { bodyOf } from '../run/body'
import { fittingLabels } from '../run/fittings'
import type { Arm, Layout } from '../run/layout'
import { methodAt } from '../run/end'
import { isNewFitting, isNewLeg } from '../run/states'
import type { Part, Port, PortRef } from './part'
import { runOf } from '../job/system'
import { pipeIdIn } from '../job/leg-defaults'

/** The fittings that stand at a node, and which of their ports each thing there goes into. */
export interface FittingsAt {
  readonly parts: readonly Part[]
  /** Where a leg's pipe goes in. */
  legPort(leg: string): PortRef
  /** Where a tie-in's existing pipe goes in. */
  readonly existingPort: PortRef
}

const along = (from: Vector | undefined, direction: Vector | null, mm: number | null): Vector | null =>
  from && direction && mm !== null ? plus(from, direction, mm) : null

/** The end of a chain's fitting that looks back along the chain, and the one that looks on. */
function inOrder(chain: readonly (Fitting | undefined)[], index: number): readonly [number, number] {
  const [before, fitting, next] = [chain[index - 1], chain[index], chain[index + 1]]
  if (!fitting) return [0, 1]
  const meets = (other: Fitting, end: number): boolean =>
    meetingOf({ ...fitting, ends: [fitting.ends[end]!] }, other) !== null
  if (before) return meets(before, 0) ? [0, 1] : [1, 0]
  return next && meets(next, 0) && !meets(next, 1) ? [1, 0] : [0, 1]
}

/** How far along its line each fitting of a chain begins and ends, from where the first pipe stops; null beyond what is known. */
function stretches(catalogue: Catalogue, chain: readonly (Fitting | undefined)[]): readonly (number | null)[][] {
  let reached: number | null = 0
  return chain.map((fitting, index) => {
    const start: number | null = reached
    const lengths = fitting
      ? inOrder(chain, index).map((end) => endLength(catalogue, fitting, end)?.mm ?? null)
      : [null]
    const end = lengths.reduce((sum, mm) => (sum === null || mm === null ? null : sum + mm), start)
    const next = chain[index + 1]
    const meeting = fitting && next ? meetingOf(fitting, next) : null
    reached = end === null ? null : end + (meeting?.kind === 'thread' ? takeUpOf(meeting.male).mm : 0)
    return [start, end]
  })
}

/** A node's chain: its fittings one after another, each with the end before it and the one after it. */
function chainAt(
  catalogue: Catalogue,
  layout: Layout,
  node: Node,
  arms: readonly Arm[],
  takeOffs: ReadonlyMap<string, number | null>,
): FittingsAt {
  const ids = node.chain!.fittings
  const chain = ids.map(fittingNamed)
  const isTieIn = node.kind === 'tie-in'
  const arriving = isTieIn ? undefined : arms.find(({ leg }) => leg.to === node.id)
  const leaving = arms.find((arm) => arm !== arriving)
  const onward = leaving?.away ?? (arriving ? opposite(arriving.away) : null)
  const back = onward && opposite(onward)
  const place = layout.places.get(node.id)
  // A tie-in stands where the existing pipe stops; else a chain begins where the pipe that arrives stops.
  const before = arriving ? (takeOffs.get(arriving.leg.id) ?? null) : 0
  const from = (mm: number | null | undefined): Vector | null =>
    along(place, onward, mm === null || mm === undefined || before === null ? null : mm - before)
  const stretch = stretches(catalogue, chain)
  const id = (index: number): string => (ids.length > 1 ? `${siteId(node)}#${index}` : siteId(node))
  const last = ids.length - 1
  const parts = ids.map((label, index): Part => {
    const fitting = chain[index]
    const [first, second] = inOrder(chain, index)
    const end = (of: number): string => (fitting ? endLabel(fitting.ends[of]!) : label)
    const stop = leaving && takeOffs.get(leaving.leg.id)
    return {
      id: id(index),
      kind: 'fitting',
      label: fitting?.label ?? label,
      run: node.run,
      node: node.id,
      ports: [
        { at: from(stretch[index]![0]), out: back, end: end(first) },
        {
          // Where the pipe stops that goes on from the last: as it was measured, where it was.
          at: index === last && typeof stop === 'number' ? along(place, onward, stop) : from(stretch[index]![1]),
          out: onward,
          end: end(second),
        },
      ],
    }
  })
  const atStart: PortRef = { part: id(0), port: 0 }
  const atEnd: PortRef = { part: id(last), port: 1 }
  return {
    parts,
    existingPort: atStart,
    legPort: (leg) => (leg === arriving?.leg.id ? atStart : atEnd),
  }
}

/**
 * The fittings at a node with their ports, made once: cut lengths, joints, the list and the order of work go by these.
 *
 * @param takeOffs of the legs that meet there, by leg, in mm
 */
export function fittingsAt(
  catalogue: Catalogue,
  layout: Layout,
  node: Node,
  takeOffs: ReadonlyMap<string, number | null>,
): FittingsAt {
  const arms = layout.arms.get(node.id) ?? []
  const isNew = isNewFitting(node, arms)
  if (node.chain && !node.fitting && isNew) return chainAt(catalogue, layout, node, arms, takeOffs)
  const id = siteId(node)
  const place = layout.places.get(node.id)
  const endOf = (leg: Leg | undefined): string => {
    const pipe = catalogue.pipe(leg ? pipeIdIn(layout.system, leg) : runOf(layout.system, node).pipe)
    const socket = pipe && catalogue.socketFor(methodAt(layout.system, node, leg), pipe)
    return socket?.label ?? ''
  }
  const ports = arms.map(({ leg, away }): Port => ({
    at: along(place, away, takeOffs.get(leg.id) ?? null),
    out: away,
    end: endOf(leg),
  }))
  // What is screwed on later has a port too.
  const threads = (bodyOf(node)?.ends ?? [])
    .filter(({ type }) => type === 'thread')
    .map((end): Port => ({ at: place ?? null, out: null, end: endLabel(end) }))
  const back: Port = { at: place ?? null, out: arms[0] ? opposite(arms[0].away) : null, end: endOf(arms[0]?.leg) }
  return {
    // What is there already stands among the parts only where something new goes into it.
    parts: (isNew || arms.some(({ leg }) => isNewLeg(leg)) ? fittingLabels(catalogue, layout, node) : []).map(
      (label) => ({
        id,
        kind: isNew ? 'fitting' : 'existing',
        label,
        run: node.run,
        node: node.id,
        ports: node.kind === 'tie-in' ? [...ports, back] : [...ports, ...threads],
      }),
    ),
    existingPort: { part: id, port: arms.length },
    legPort: (leg) => ({ part: id, port: arms.findIndex((arm) => arm.leg.id === leg) }),
  }
}
