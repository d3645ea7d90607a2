import type { DrawnLeg, Point } from './drawing'

/** Nearer than this along the sight they touch: neither passes behind. In mm. */
const touching = 1

interface Crossing {
  readonly leg: string
  /** How far along the leg from its first end, as a share of it. */
  readonly at: number
}

const cross = ([ax, ay]: Point, [bx, by]: Point): number => ax * by - ay * bx
const way = ({ from, to }: DrawnLeg): Point => [to[0] - from[0], to[1] - from[1]]

/** Where two legs cross on paper, as shares of each; null where they do not, or meet at an end. */
function sharesOf(one: DrawnLeg, other: DrawnLeg): readonly [number, number] | null {
  const [a, b] = [way(one), way(other)]
  const turned = cross(a, b)
  if (Math.abs(turned) < 1e-6) return null
  const between: Point = [other.from[0] - one.from[0], other.from[1] - one.from[1]]
  const shares = [cross(between, b) / turned, cross(between, a) / turned] as const
  return shares.every((share) => share > 0.01 && share < 0.99) ? shares : null
}

const nearAt = ({ near: [from, to] }: DrawnLeg, share: number): number => from + (to - from) * share

/** Which of two legs passes behind the other, and where; null where they do not cross on paper, or touch. */
function behind(one: DrawnLeg, other: DrawnLeg): Crossing | null {
  const shares = sharesOf(one, other)
  if (!shares) return null
  const apart = nearAt(one, shares[0]) - nearAt(other, shares[1])
  if (Math.abs(apart) < touching) return null
  return apart < 0 ? { leg: one.id, at: shares[0] } : { leg: other.id, at: shares[1] }
}

/**
 * Where legs pass behind others on paper: by the leg that lies behind, how far along it, in its order. Legs are looked
 * through from left to right, each against those that reach as far.
 *
 * @remarks for instance: a leg that runs under the middle of another in plan: it, at 0.5
 */
export function crossingsOf(legs: readonly DrawnLeg[]): ReadonlyMap<string, readonly number[]> {
  const found = new Map<string, number[]>()
  const reaches = legs
    .map((leg) => ({ leg, left: Math.min(leg.from[0], leg.to[0]), right: Math.max(leg.from[0], leg.to[0]) }))
    .sort((a, b) => a.left - b.left)
  let open: typeof reaches = []
  for (const reach of reaches) {
    open = open.filter(({ right }) => right >= reach.left)
    for (const other of open) {
      const crossing = behind(reach.leg, other.leg)
      if (crossing) found.set(crossing.leg, [...(found.get(crossing.leg) ?? []), crossing.at])
    }
    open.push(reach)
  }
  for (const shares of found.values()) shares.sort((a, b) => a - b)
  return found
}
