/**
 * Clip positions on a straight leg: one at each end as near to the joint as is allowed, and between them as few as keep
 * every span within the greatest distance, evenly spread.
 *
 * @param length centre-to-centre length of the leg, in mm
 * @param keepFrom distances from the leg's two node centres within which no clip may be, in mm
 * @param spacing greatest distance between two clips, in mm, above 0
 * @returns distances from the leg's first node, ascending; one clip in the middle where two have no room; none where
 *   even one has not
 * @throws RangeError when the spacing is not above nought
 * @example clipPositions(3400, [80, 80], 1800) // [80, 1700, 3320]
 */
export function clipPositions(length: number, keepFrom: readonly [number, number], spacing: number): number[] {
  if (!(spacing > 0)) throw new RangeError('a support spacing is more than 0 mm')
  const first = keepFrom[0]
  const last = length - keepFrom[1]
  if (last < first) return []
  const span = last - first
  // Two clips closer than this hold nothing that one does not.
  if (span < closest) return [round((first + last) / 2)]
  const spans = Math.ceil(span / spacing - 1e-9)
  return Array.from({ length: spans + 1 }, (_, index) => round(first + (span * index) / spans))
}

const closest = 100
const round = (mm: number): number => Math.round(mm * 10) / 10
