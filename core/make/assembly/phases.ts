import type { AssemblyJoint, AssemblyQuestion, Extent } from './question'

/** Where and when a joint is made: at the bench, in its place while the water is still on, or with the water off. */
export const phases = ['bench', 'in place', 'water off'] as const
export type Phase = (typeof phases)[number]

const together = (a: Extent | undefined, b: Extent | undefined): Extent | undefined => {
  if (!a || !b) return a ?? b
  const pick = (least: (...of: number[]) => number, side: 'from' | 'to') =>
    [0, 1, 2].map((axis) => least(a[side][axis]!, b[side][axis]!)) as unknown as Extent['from']
  return { from: pick(Math.min, 'from'), to: pick(Math.max, 'to') }
}

const longestSide = (extent: Extent | undefined): number =>
  extent ? Math.max(...extent.to.map((to, axis) => to - extent.from[axis]!)) : 0

/**
 * What of the joints made before the water is off is made at the bench: as long as what is put together can still be
 * carried. A joint that would make it longer is made in its place, and so is every later one on the same assembly.
 *
 * @param early joints in the order in which they are made
 * @example two pieces of 1500 in line and 2000 that can be carried: the joint that makes 3000 of them is made in place
 */
export function benchOrPlace(question: AssemblyQuestion, early: readonly AssemblyJoint[]): Phase[] {
  interface Assembly {
    readonly extent: Extent | undefined
    readonly inPlace: boolean
  }
  const of = new Map<string, string>()
  const root = (part: string): string => {
    const up = of.get(part)
    return up === undefined ? part : root(up)
  }
  const assemblies = new Map<string, Assembly>()
  const at = (part: string): Assembly =>
    assemblies.get(part) ?? { extent: question.extents.get(part), inPlace: question.fixed.has(part) }
  return early.map(({ parts }) => {
    const [a, b] = [root(parts[0]), root(parts[1])]
    const extent = together(at(a).extent, at(b).extent)
    const inPlace = at(a).inPlace || at(b).inPlace || longestSide(extent) > question.mostCarried
    if (a !== b) of.set(b, a)
    assemblies.set(a, { extent, inPlace })
    return inPlace ? 'in place' : 'bench'
  })
}
