import { inch, type Units } from '../quantity/units'

/** A clip is placed to the centimetre, or to the half inch: nobody sets one finer. */
export const clipStep = (units: Units): number => (units === 'metric' ? 10 : inch / 2)

/** The place on the rule that is nearest to a clip's. */
export const onTheRule = (mm: number, step: number): number => round(Math.round(mm / step) * step)

/**
 * Clip positions on a straight leg: one at each end as near to the joint as is allowed, and between them as few as keep
 * every span within the greatest distance, evenly spread; each on a whole step of the rule.
 *
 * @param leg its centre-to-centre `length`, and the distances `keepFrom` its two node centres within which no clip may
 *   be, in mm
 * @param spacing greatest distance between two clips, in mm, above 0
 * @param step of the rule, in mm, above 0
 * @returns distances from the leg's first node, ascending; one clip in the middle where two have no room; none where
 *   even one has not
 * @throws RangeError when the spacing is not above nought
 * @example clipPositions({ length: 3400, keepFrom: [83, 83] }, 1800, 10) // [90, 1700, 3310]
 */
export function clipPositions(
  { length, keepFrom }: { readonly length: number; readonly keepFrom: readonly [number, number] },
  spacing: number,
  step: number,
): number[] {
  if (!(spacing > 0)) throw new RangeError('a support spacing is more than 0 mm')
  const [from, to] = [keepFrom[0], length - keepFrom[1]]
  if (to < from) return []
  const first = Math.ceil(from / step - slack)
  const last = Math.floor(to / step + slack)
  // Two clips closer than this hold nothing that one does not.
  if ((last - first) * step < closest) {
    const middle = onTheRule((from + to) / 2, step)
    return [middle < from || middle > to ? round((from + to) / 2) : middle]
  }
  const spans = Math.ceil((last - first) / Math.max(1, Math.floor(spacing / step + slack)))
  return Array.from({ length: spans + 1 }, (_, at) => round((first + Math.round(((last - first) * at) / spans)) * step))
}

const closest = 100
/** The tables' inches are written in whole millimetres: 4 ft as 1 219. */
const slack = 0.05
const round = (mm: number): number => Math.round(mm * 10) / 10
