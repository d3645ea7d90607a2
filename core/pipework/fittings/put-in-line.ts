import type { MethodId } from '../../methods/ids'
import type { Direction, Leg, Node } from '../../job/job'
import { longerBy } from '../../job/moved-in-line'
import type { System } from '../../job/system'
import { thousandths } from '../../quantity/thousandths'
import type { Stretch } from './chain-stretches'

/** An id made from another one, the same whoever makes it, that stands for nothing yet. */
function idAfter(of: string, at: number, taken: ReadonlySet<string>): string {
  let id = `${of}~${at}`
  while (taken.has(id)) id += '~'
  return id
}

/** From where in a system stretches of a chain are to stand. */
export interface Anchor {
  readonly node: string
  readonly run: string
  /** mm from the node to where what stands there ends. */
  readonly reach: number
  /** Which way they go on. */
  readonly direction: Direction
  /** The leg that went on from the node; undefined where nothing did. */
  readonly outer: string | undefined
  /** What the ids of what is new begin with, and those that stand for something in the job already. */
  readonly name: string
  readonly taken: ReadonlySet<string>
  /** How the pipe that goes on from the last is joined. */
  readonly last: MethodId
}

/**
 * A system with stretches of a chain beyond a node, each at the end of its short piece, a leg of new pipe. The leg that
 * went on from the node goes on from the last, shorter by what stands before it.
 *
 * @returns null where that leg is too short
 */
export function putInLine(system: System, anchor: Anchor, stretches: readonly Stretch[]): System | null {
  const { run, direction, name, taken, last } = anchor
  const nodes: Node[] = []
  const legs: Leg[] = []
  let [from, stop, gone] = [anchor.node, anchor.reach, 0]
  for (const [index, { fittings, length, methods, piece }] of stretches.entries()) {
    if (!piece) return null
    const isLast = index === stretches.length - 1
    const id = idAfter(name, index + 1, taken)
    const centre = stop + piece.cut + length.mm / 2
    const joints: [MethodId, MethodId] = [methods[0], isLast ? last : methods[1]]
    nodes.push({ id, run, kind: 'adapter', fitting: { by: 'chain', fittings: [...fittings], joints } })
    legs.push({
      id: idAfter(name, index + 1, taken),
      run,
      from,
      to: id,
      direction,
      length: thousandths(centre - gone),
      pipe: piece.pipe.id,
      madeUp: true,
    })
    ;[from, stop, gone] = [id, centre + length.mm / 2, centre]
  }
  const outer = system.legs.find(({ id }) => id === anchor.outer)
  const rest = outer && longerBy(outer, anchor.node, -gone)
  if (rest === null) return null
  return {
    ...system,
    nodes: system.nodes.flatMap((node) => (node.id === anchor.node ? [node, ...nodes] : [node])),
    // In the order in which one goes along the line.
    legs: rest
      ? system.legs.flatMap((leg) => {
          if (leg !== outer) return [leg]
          const kept = reattached(rest, anchor.node, from)
          return kept.from === from ? [...legs, kept] : [kept, ...legs]
        })
      : [...system.legs, ...legs],
  }
}

const reattached = (leg: Leg, before: string, now: string): Leg => ({
  ...leg,
  [leg.from === before ? 'from' : 'to']: now,
})
