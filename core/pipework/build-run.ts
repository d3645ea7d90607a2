import type { Catalogue } from '../catalogue/catalogue'
import type { Layout } from '../run/layout'
import { directJointsOf, type DirectJoint } from './take-off/direct-joint'
import { existingEnds, isExistingLeg, tiedInto } from '../run/states'
import type { Leg, Node } from '../job/job'
import { siteId } from '../job/site-id'
import { fittingsAt } from './fittings/fittings-at'
import type { PipeEnds } from './pipe-ends'
import type { FittingsAt, Part, PortRef } from './fittings/part'
import { pipeIdIn } from '../job/leg-defaults'

/** What a piece of pipe must tell to have its place among the parts. */
export interface BuiltPiece {
  readonly id: string
  readonly run: string
  readonly pipe: string
  readonly legs: readonly string[]
  readonly ends: readonly [BuiltEnd, BuiltEnd]
}
interface BuiltEnd {
  readonly node: string
  readonly takeOff: number | null
}

/** A system as it will stand: its parts, and the ports at which they meet. */
export interface BuiltRun {
  readonly parts: readonly Part[]
  readonly at: ReadonlyMap<string, FittingsAt>
  /** Fittings that stand straight one in the other, by their leg. */
  readonly directJoints: ReadonlyMap<string, DirectJoint>
}

/** The existing pipe of a tie-in, by its node; a length of existing pipe in a run, by its leg. */
export const existingId = (at: Node | Leg): string => `existing ${siteId(at)}`

const legAt = ({ legs }: BuiltPiece, end: 0 | 1): string => (end === 0 ? legs[0]! : legs.at(-1)!)

/** The port of a piece at one of its ends. */
export const piecePort = ({ id }: BuiltPiece, end: 0 | 1): PortRef => ({ part: id, port: end })

type TakeOffs = ReadonlyMap<string, ReadonlyMap<string, number | null>>

/** From each node to where the pipe of each leg stops, in mm: of pieces, of existing pipe, of fittings one in the other. */
function takeOffsOf({ layout, ends, pieces }: Unbuilt, directJoints: BuiltRun['directJoints']): TakeOffs {
  const found = new Map<string, Map<string, number | null>>()
  const set = (node: string, leg: string, mm: number | null) => {
    const there = found.get(node) ?? new Map<string, number | null>()
    found.set(node, there.set(leg, mm))
  }
  for (const piece of pieces)
    for (const end of [0, 1] as const) set(piece.ends[end].node, legAt(piece, end), piece.ends[end].takeOff)
  for (const { leg, node } of existingEnds(layout)) set(node.id, leg.id, ends(node.id, leg).takeOff?.mm ?? null)
  for (const { leg, ends: faces } of directJoints.values())
    for (const [at, node] of [leg.from, leg.to].entries()) set(node, leg.id, faces[at]!.length?.mm ?? null)
  return found
}

/** A port as what goes into it has it: at the same place, looking the other way. */
type Facing = (port: PortRef) => Part['ports'][number] | undefined

/** Existing pipe that is tied into, and that lies in the run. */
function existingParts(catalogue: Catalogue, layout: Layout, at: BuiltRun['at'], facing: Facing): Part[] {
  const tied = layout.system.nodes.flatMap((node): Part[] => {
    const pipe = catalogue.pipe(tiedInto(node, layout.arms.get(node.id) ?? []) ?? '')
    if (!pipe) return []
    const there = facing(at.get(node.id)!.existingPort)
    const ports = [{ at: there?.at ?? null, out: turned(there?.out), end: pipe.label }]
    return [{ id: existingId(node), kind: 'existing', label: pipe.label, run: node.run, node: node.id, ports }]
  })
  const lying = layout.system.legs.filter(isExistingLeg).map((leg): Part => {
    const label = catalogue.pipe(pipeIdIn(layout.system, leg))?.label ?? ''
    const ports = [leg.from, leg.to].map((node) => {
      const joined = facing(at.get(node)!.legPort(leg.id))
      const arm = layout.arms.get(node)!.find((of) => of.leg === leg)!
      return { at: joined?.at ?? layout.places.get(node) ?? null, out: turned(arm.away), end: label }
    })
    return { id: existingId(leg), kind: 'existing', label, run: leg.run, leg: leg.id, ports }
  })
  return [...tied, ...lying]
}

/** A system of which the parts are wanted: where it lies, what its pipe meets, its pieces. */
export interface Unbuilt {
  readonly layout: Layout
  readonly ends: PipeEnds
  readonly pieces: readonly BuiltPiece[]
}

/** The parts of a system: pieces, existing pipe and every fitting, each with its ports. */
export function buildRun(catalogue: Catalogue, of: Unbuilt): BuiltRun {
  const { layout, pieces } = of
  const directJoints = directJointsOf({ catalogue, layout })
  const takeOffs = takeOffsOf(of, directJoints)
  const none = new Map<string, number | null>()
  const at = new Map(
    layout.system.nodes.map((node) => {
      const [arms, stops] = [layout.arms.get(node.id) ?? [], takeOffs.get(node.id) ?? none]
      return [node.id, fittingsAt({ catalogue, layout, node, arms, takeOffs: stops, directJoints })]
    }),
  )
  const parts = [...at.values()].flatMap((there) => there.parts)
  const portsById = new Map(parts.map((part) => [part.id, part.ports]))
  const facing: Facing = ({ part, port }) => portsById.get(part)?.[port]
  const lengths = pieces.map((piece): Part => {
    const label = catalogue.pipe(piece.pipe)?.label ?? piece.pipe
    const ports = ([0, 1] as const).map((end) => {
      const { node } = piece.ends[end]
      const there = facing(at.get(node)!.legPort(legAt(piece, end)))
      return { at: there?.at ?? layout.places.get(node) ?? null, out: turned(there?.out), end: label }
    })
    return { id: piece.id, kind: 'piece', label, run: piece.run, leg: piece.legs[0], ports }
  })
  return { parts: [...lengths, ...existingParts(catalogue, layout, at, facing), ...parts], at, directJoints }
}

const turned = (out: Part['ports'][number]['out'] | undefined) => (out ? ([-out[0], -out[1], -out[2]] as const) : null)
