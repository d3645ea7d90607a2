import { radians } from '../quantity/angle'
import { threadDiameter } from '../catalogue/thread-size'
import { endLabel, type Fitting, type FittingEnd } from '../catalogue/fitting'

/** One arm of a fitting's line drawing: from its centre outward, with its end's name. */
export interface DrawnArm {
  readonly x: number
  readonly y: number
  /** Half the end's diameter as drawn, square across the arm. */
  readonly half: number
  readonly label: string
  readonly end: FittingEnd['type']
}

const armLength = 34

/** Which way each end of a kind looks, in degrees: 0 to the right, 90 up. */
function directionsOf({ kind, ends }: Fitting): readonly number[] {
  if (ends.length === 1) return [180]
  if (kind === 'tee') return [180, 0, 90]
  if (kind === 'elbow 45' || kind === 'street elbow 45') return [180, 45]
  if (kind === 'elbow 90' || kind === 'street elbow 90' || kind === 'drop-ear elbow') return [180, 90]
  return [180, 0]
}

const diameterOf = (end: FittingEnd): number => (end.type === 'thread' ? threadDiameter(end.size) : end.socket.od)

/**
 * A fitting as a line drawing: an arm for each end, in the direction in which it looks, its diameter in proportion.
 *
 * @remarks for instance: a tee has its run to the left and right, and its branch up
 */
export function drawFitting(fitting: Fitting): readonly DrawnArm[] {
  const directions = directionsOf(fitting)
  const largest = Math.max(...fitting.ends.map(diameterOf))
  return fitting.ends.map((end, index) => {
    const angle = radians(directions[index] ?? 0)
    return {
      x: Math.cos(angle) * armLength,
      y: -Math.sin(angle) * armLength,
      half: (diameterOf(end) / largest) * 11,
      label: endLabel(end),
      end: end.type,
    }
  })
}
