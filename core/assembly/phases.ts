import TinyQueue from 'tinyqueue'
import { DisjointSets } from '../quantity/disjoint-sets'
import type { Vector } from '../quantity/vector'
import type { AssemblyJoint, AssemblyQuestion, Extent } from './question'

/** Where and when a joint is made: at the bench, in its place while the water is still on, or with the water off. */
export const phases = ['bench', 'in place', 'water off'] as const
export type Phase = (typeof phases)[number]

export interface AssemblyStep {
  readonly joint: string
  readonly phase: Phase
}

const together = (a: Extent | undefined, b: Extent | undefined): Extent | undefined => {
  if (!a || !b) return a ?? b
  const pick = (of: (a: number, b: number) => number, [x, y, z]: Vector, [u, v, w]: Vector): Vector => [
    of(x, u),
    of(y, v),
    of(z, w),
  ]
  return { from: pick(Math.min, a.from, b.from), to: pick(Math.max, a.to, b.to) }
}

const longestSide = (extent: Extent | undefined): number =>
  extent ? Math.max(...extent.to.map((to, axis) => to - extent.from[axis]!)) : 0

/** What is put together so far, each part's assembly with the room that it takes. */
class Benched {
  private readonly assemblies = new DisjointSets()
  private readonly extents = new Map<string, Extent | undefined>()

  constructor(private readonly question: AssemblyQuestion) {}

  private extentOf(part: string): Extent | undefined {
    const root = this.assemblies.root(part)
    return this.extents.has(root) ? this.extents.get(root) : this.question.extents.get(root)
  }

  private together([a, b]: AssemblyJoint['parts']): Extent | undefined {
    return together(this.extentOf(a), this.extentOf(b))
  }

  /** Longest side of what a joint would make. */
  sizeWith({ parts }: AssemblyJoint): number {
    return longestSide(this.together(parts))
  }

  join({ parts }: AssemblyJoint): void {
    const extent = this.together(parts)
    this.assemblies.tie(...parts)
    this.extents.set(this.assemblies.root(parts[0]), extent)
  }
}

/**
 * What of the joints made before the water is off is made at the bench: the joint that makes the smallest assembly
 * first, as long as it can still be carried. The others, which join these assemblies, are made in their place, and so is
 * what cannot be made elsewhere.
 *
 * @param early joints that are made before the water is off
 * @remarks for instance: two pieces of 1500 in line and 2000 that can be carried: the joint that makes 3000 of them is made in place
 */
export function benchOrPlace(question: AssemblyQuestion, early: readonly AssemblyJoint[]): Phase[] {
  const benched = new Benched(question)
  const bench = new Set<AssemblyJoint>()
  const left = new TinyQueue(
    early.flatMap((joint, turn) => (joint.inPlace ? [] : [{ joint, turn, size: benched.sizeWith(joint) }])),
    (a, b) => a.size - b.size || a.turn - b.turn,
  )
  for (let next = left.pop(); next && next.size <= question.mostCarried; next = left.pop()) {
    // What it belongs to may have grown since it was measured; it never becomes smaller.
    const size = benched.sizeWith(next.joint)
    if (size > next.size) {
      left.push({ ...next, size })
      continue
    }
    benched.join(next.joint)
    bench.add(next.joint)
  }
  return early.map((joint) => (bench.has(joint) ? 'bench' : 'in place'))
}
