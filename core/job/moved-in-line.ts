import { plus, type Vector } from '../quantity/vector'
import { thousandths } from '../quantity/thousandths'
import { fixingsFrom } from './fixings'
import type { Leg, Node } from './job'

/**
 * A leg so much longer at one of its nodes; null where nothing would be left of it. What has no length of its own gives
 * any. What it is fixed to stays where it is, and so does what is kept free of clips.
 *
 * @param node which of its two gives or takes
 */
export function longerBy(leg: Leg, node: string, mm: number): Leg | null {
  const length = leg.length === null ? null : thousandths(leg.length + mm)
  if (length !== null && length <= 0) return null
  const isAtStart = leg.from === node
  const { fixings, free } = leg
  const moved = (kept: number | undefined) => (kept === undefined ? undefined : Math.max(0, kept + mm))
  return {
    ...leg,
    length,
    ...(fixings && isAtStart ? { fixings: fixingsFrom(fixings, -mm) } : {}),
    ...(free ? { free: isAtStart ? { ...free, start: moved(free.start) } : { ...free, end: moved(free.end) } } : {}),
  }
}

const withLeg = (legs: readonly Leg[], changed: Leg): Leg[] =>
  legs.map((leg) => (leg.id === changed.id ? changed : leg))

/** Nodes and the legs between them. */
export interface Drawn {
  readonly nodes: readonly Node[]
  readonly legs: readonly Leg[]
}

/**
 * What is drawn, with a node moved along the line that it stands in: the leg that leads to it grows, the one that goes on
 * from it gives as much.
 *
 * @param on the way from the one leg to the other
 * @returns null where a leg is too short
 */
export function movedInLine<Of extends Drawn>(
  drawn: Of,
  node: Node,
  {
    by,
    on,
    along: { arriving, leaving },
  }: {
    readonly by: number
    readonly on: Vector
    readonly along: { readonly arriving: Leg | undefined; readonly leaving: Leg | undefined }
  },
): Of | null {
  const changed = [arriving && longerBy(arriving, node.id, by), leaving && longerBy(leaving, node.id, -by)]
  if (changed.includes(null)) return null
  const moved: Node = {
    ...node,
    ...(node.at ? { at: [...plus(node.at, on, by)] as [number, number, number] } : {}),
    ...(node.height === undefined ? {} : { height: node.height + on[2] * by }),
    ...(node.overFloor === undefined ? {} : { overFloor: node.overFloor + on[2] * by }),
  }
  return {
    ...drawn,
    nodes: drawn.nodes.map((of) => (of.id === node.id ? moved : of)),
    legs: changed.reduce<readonly Leg[]>((legs, leg) => (leg ? withLeg(legs, leg) : legs), drawn.legs),
  }
}
