import { methods } from '../methods'
import type { Catalogue } from '../catalogue/catalogue'
import { sumOf } from '../catalogue/fitting-length'
import type { MethodId } from '../methods/ids'
import { toolSpace } from '../catalogue/tool-space'
import type { Leg, Node } from '../job/job'
import type { Figure } from '../quantity/basis'
import type { Layout } from '../run/layout'
import { existingEnds } from '../run/states'
import { pipeIdIn } from '../job/leg-defaults'
import { drawnLength } from '../job/system'
import type { PipeEnds } from './pipe-ends'

/** An end of existing pipe that is cut for a fitting which is put in. */
export interface CutEnd {
  readonly leg: string
  /** The pipe's id. */
  readonly pipe: string
  /** Where to cut, from the fitting's centre along the pipe. */
  readonly cut: Figure | null
  /** Where to mark, from the cut: how far the pipe goes in. */
  readonly mark: Figure | null
  /** Bare pipe that is left to the next fitting of this leg, in mm; null where its length is not known or does not matter. */
  readonly stub: number | null
  /** What the joint and its tool want of it, in mm. */
  readonly stubNeeded: number | null
}

/** A fitting that is put into, or onto, pipe that is there. */
export interface CutIn {
  readonly run: string
  readonly node: string
  readonly ends: readonly CutEnd[]
  /** To take out between two cuts; null where there is one cut, or a figure is missing. */
  readonly remove: Figure | null
  /** How far one of two held ends must come back along the pipe; null where none must. */
  readonly playNeeded: number | null
  /** By how much they can be sprung apart, as it was measured; null while nobody has said. */
  readonly play: number | null
}

/** Room that a joint wants on a stub: what the tool's table has between two mouths, else what its method has, in mm. */
const roomFor = (method: MethodId, od: number): number => toolSpace(method, od)?.mouths ?? methods[method].stubRoom

/** Fittings that close between two held ends: one slides over the gap, the other is made up across it. */
const closesItself = ({ kind }: Node): boolean => kind === 'slip-coupling' || kind === 'union'

/** Where pipe lies, and what its ends meet. */
interface Resolved {
  readonly layout: Layout
  readonly ends: PipeEnds
}

function cutEnd(catalogue: Catalogue, { layout, ends }: Resolved, node: Node, leg: Leg): CutEnd {
  const pipe = catalogue.pipe(pipeIdIn(layout.system, leg))!
  const here = ends(node.id, leg)
  const there = ends(leg.from === node.id ? leg.to : leg.from, leg)
  const isKnown = leg.length !== null && here.takeOff !== null && there.takeOff !== null && there.insertion !== null
  // An open end of existing pipe is where it goes on out of sight.
  const stub =
    isKnown && there.method !== null
      ? drawnLength(leg) - here.takeOff!.mm - there.takeOff!.mm - there.insertion!.mm
      : null
  const needed = here.insertion && here.method ? here.insertion.mm + roomFor(here.method, pipe.od) : null
  return { leg: leg.id, pipe: pipe.id, cut: here.takeOff, mark: here.insertion, stub, stubNeeded: needed }
}

/**
 * What is cut of existing pipe for the fittings that are put into it: where, how far each end goes in, what is taken out,
 * and by how much a held end must come back.
 *
 * @remarks for instance: a soldered 22 tee between two lengths of existing copper: cuts 12.5 from its centre either way,
 * 25 taken out, marks 15.4 from the cuts, 15.4 of play
 */
export function cutInsOf(catalogue: Catalogue, system: Resolved): CutIn[] {
  const at = new Map<Node, Leg[]>()
  for (const { node, leg } of existingEnds(system.layout)) at.set(node, [...(at.get(node) ?? []), leg])
  return [...at].map(([node, legs]): CutIn => {
    const ends = legs.map((leg) => cutEnd(catalogue, system, node, leg))
    const [one, other] = ends
    const depths = ends.flatMap(({ mark }) => (mark ? [mark.mm + mark.tolerance] : []))
    const isHeld = ends.length > 1 && !closesItself(node)
    return {
      run: node.run,
      node: node.id,
      ends,
      remove: ends.length === 2 && one!.cut && other!.cut ? sumOf(one!.cut, other!.cut) : null,
      // The end that goes in last comes back by its own depth: the shorter of them.
      playNeeded: isHeld && depths.length > 0 ? Math.min(...depths) : null,
      play: node.play ?? null,
    }
  })
}
