import { sealsOnWasher } from '../catalogue/fitting'
import { methods } from '../methods'
import { type Vector, dot } from '../quantity/vector'
import type { Catalogue } from '../catalogue/catalogue'
import type { Pipe } from '../catalogue/pipe'
import type { Costs } from '../workshop/costs'
import type { Job, Leg, Node } from '../job/job'
import { profileWith, type Profile } from '../workshop/profile'
import type { AssemblyJoint, AssemblyQuestion, Extent } from './question'
import { unknownSays } from './sayings'
import { deflection } from './deflection'
import { namedFittingAt } from '../run/named-fitting'
import { unitVector } from '../job/direction'
import { layoutsByRun, type Layout } from '../run/layout'
import { namesOf } from '../run/names'
import { heatReach, type PlacedJoint } from './heat-reach'
import type { PlanJoint, PlanPiece } from '../pipework/planned'
import type { Part } from '../pipework/fittings/part'
import { whatMeets } from '../pipework/what-meets'
import { drawnLength } from '../job/system'

/** Where a depth is not known, more than any is taken, so that no room is promised that is not there. */
const deepest = 60
/** A leg within about 6 degrees of square to a joint's axis springs along it. */
const square = 0.1

/** Minutes until water may stand on a joint; null where no wait is known at this temperature. */
function waitMinutes({ method }: PlanJoint, od: number, celsius: number, profile: Profile): number | null {
  const seconds = methods[method].wait({ ...profile, od, celsius })
  return seconds === null ? null : seconds / 60
}

/** By how much the pipe about a joint gives along its axis: the longest leg square to it at either end of the piece. */
function springAt(layout: Layout, pipe: Pipe, ends: readonly string[], axis: Vector): number {
  const legs = new Set(ends.flatMap((node) => (layout.arms.get(node) ?? []).map(({ leg }) => leg)))
  const lengths = [...legs]
    .filter(({ direction }) => Math.abs(dot(unitVector(direction), axis)) < square)
    .map(drawnLength)
  return deflection(pipe, Math.max(0, ...lengths))
}

/** What comes apart in its middle, drawn so or chosen by its name. */
const isUnion = (node: Node): boolean =>
  node.kind === 'union' || (namedFittingAt(node)?.kind.includes('union') ?? false)

/** A nut that turns by itself and is tight on its washer: what it joins need not move. */
const isSwivel = ({ inner }: PlanJoint): boolean => inner?.meeting.kind === 'thread' && sealsOnWasher(inner.meeting)

function extentOf(places: readonly (Vector | undefined)[]): Extent | null {
  const known = places.flatMap((place) => (place ? [place] : []))
  if (known.length === 0) return null
  const side = (least: (...of: number[]) => number): Vector => [
    least(...known.map(([x]) => x)),
    least(...known.map(([, y]) => y)),
    least(...known.map(([, , z]) => z)),
  ]
  return { from: side(Math.min), to: side(Math.max) }
}

/** Of a plan, what is put together. */
export interface BuiltPlan {
  readonly pieces: readonly PlanPiece[]
  readonly joints: readonly PlanJoint[]
  readonly parts: readonly Part[]
}

/**
 * The question of the order of assembly: every joint of the plan with the parts that it brings together.
 *
 * @param celsius how warm it is where it sets
 */
export function assemblyQuestion(
  catalogue: Catalogue,
  job: Job,
  plan: BuiltPlan,
  { costs, celsius }: { readonly costs: Costs; readonly celsius: number },
): AssemblyQuestion {
  const profile = profileWith(job.profile, job.own?.changes)
  const layouts = layoutsByRun(job)
  const pieces = new Map(plan.pieces.map((piece) => [piece.id, piece]))
  const legs = new Map(job.legs.map((leg) => [leg.id, leg]))
  const names = namesOf(job)
  const partsById = new Map(plan.parts.map((of) => [of.id, of]))
  const fixed = new Set(plan.parts.flatMap(({ id, kind }) => (kind === 'existing' ? [id] : [])))
  const placed: PlacedJoint[] = []
  const joints = plan.joints.map((joint): AssemblyJoint => {
    const layout = layouts.get(joint.run)!
    const node = layout.node.get(joint.node)!
    const piece = pieces.get(joint.piece ?? '')
    const [{ part, port }] = joint.between
    const axis = partsById.get(part)!.ports[port]!.out ?? [0, 0, 1]
    const parts = [joint.between[0].part, joint.between[1].part] as const
    // A tie-in of which nobody said what is there stands fast itself.
    if (node.kind === 'tie-in' && !node.existing && piece) fixed.add(parts[0])
    const pipe = catalogue.pipe(joint.pipe)!
    const wait = waitMinutes(joint, pipe.od, celsius, profile)
    const place = layout.places.get(joint.node)
    placed.push({ joint, pipe, run: joint.run, place: place ?? null, wet: isWrapped(job, joint.run) })
    return {
      id: joint.id,
      parts,
      method: joint.method,
      axis,
      insertion: joint.insertion ?? deepest,
      // As it was measured on the spot, where it was.
      spring: node.play ?? springAt(layout, pipe, piece ? piece.ends.map((end) => end.node) : [joint.node], axis),
      needsNoPlay: isUnion(node) || isSwivel(joint),
      slides: joint.slips,
      inPlace: joint.slips,
      turnsAlone: isUnion(node) || isSwivel(joint),
      minutes: costs.methods[joint.method].minutes,
      wait: wait ?? 0,
      unknown: [
        ...(joint.insertion === null
          ? [{ of: 'depth' as const, message: unknownSays('depth', { taken: deepest }) }]
          : []),
        ...(wait === null ? [{ of: 'wait' as const, message: unknownSays('wait') }] : []),
      ],
      where: `joint ${joint.number}, ${names.get(joint.run)!.node(joint.node)}, ${whatMeets(joint)}`,
    }
  })
  return {
    joints,
    fixed,
    straight: straightPieces(plan.pieces, legs),
    swings: new Set(plan.parts.flatMap(({ id, kind }) => (kind === 'fitting' && !fixed.has(id) ? [id] : []))),
    near: heatReach(placed, profile),
    extents: new Map([...extentsOf(plan.pieces, legs, layouts), ...roomOfFixtures(plan.parts, profile.benchLength)]),
    mostCarried: profile.benchLength,
  }
}

/** A fixture is never carried about with pipe on it: it takes more room than the bench has. */
const roomOfFixtures = (parts: readonly Part[], bench: number): (readonly [string, Extent])[] =>
  parts.flatMap(({ id, kind, ports }) => {
    const [x, y, z] = ports[0]?.at ?? [0, 0, 0]
    return kind === 'fixture' ? [[id, { from: [x, y, z], to: [x + bench + 1, y, z] }] as const] : []
  })

/** What is near a flame is wet-wrapped in this run, as its place says. */
function isWrapped({ place, runs }: Job, run: string): boolean {
  const order = runs.find(({ id }) => id === run)?.place?.heatOrder ?? place?.heatOrder
  return order === 'wet-wrapped'
}

type LegsById = ReadonlyMap<string, Leg>

function straightPieces(pieces: readonly PlanPiece[], legs: LegsById) {
  return new Map(
    pieces.flatMap((piece) => {
      const [only, more] = piece.legs
      const leg = legs.get(only ?? '')
      return leg && !more ? [[piece.id, unitVector(leg.direction)] as const] : []
    }),
  )
}

function extentsOf(
  pieces: readonly PlanPiece[],
  legs: LegsById,
  layouts: ReadonlyMap<string, Layout>,
): Map<string, Extent> {
  return new Map(
    pieces.flatMap((piece) => {
      const { places } = layouts.get(piece.run)!
      const nodes = piece.legs.map((id) => legs.get(id)!).flatMap(({ from, to }) => [from, to])
      const extent = extentOf(nodes.map((node) => places.get(node)))
      return extent ? [[piece.id, extent] as const] : []
    }),
  )
}
