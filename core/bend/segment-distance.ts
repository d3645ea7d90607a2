import { dot, minus, type Vector } from '../quantity/vector'

const within = (share: number): number => Math.min(1, Math.max(0, share))
const nothing = 1e-12

/**
 * The least distance between two straight lines of finite length, in mm (Ericson, Real-Time Collision Detection, 5.1.9).
 *
 * @remarks for instance: from 0, 0, 0 to 10, 0, 0, and from 5, -5, 3 to 5, 5, 3: 3
 */
export function segmentDistance(a: readonly [Vector, Vector], b: readonly [Vector, Vector]): number {
  const [alongA, alongB, between] = [minus(a[1], a[0]), minus(b[1], b[0]), minus(a[0], b[0])]
  const [aa, bb] = [dot(alongA, alongA), dot(alongB, alongB)]
  const [ab, ac, bc] = [dot(alongA, alongB), dot(alongA, between), dot(alongB, between)]
  const spread = aa * bb - ab * ab
  let s = spread > nothing ? within((ab * bc - ac * bb) / spread) : 0
  let t = bb > nothing ? (ab * s + bc) / bb : 0
  if (t < 0 || t > 1) {
    t = within(t)
    s = aa > nothing ? within((ab * t - ac) / aa) : 0
  }
  return Math.hypot(...[0, 1, 2].map((axis) => between[axis]! + alongA[axis]! * s - alongB[axis]! * t))
}
