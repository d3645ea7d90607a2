import { methods } from '../../methods'
import { heatNearJointSays } from '../rules/heat-near-joint'
import type { Verdict } from '../verdict'

/** Methods whose joint a flame at the other end of its fitting would spoil. */
const spoiltByHeat = ({ method }: Verdict): boolean => methods[method].byFlame === 'spoilt'

/**
 * The joints of a chain, in order, where a fitting has one end that is made with a flame and another that heat spoils:
 * the hot one then says that it is made and cooled first.
 *
 * @param joints one more than there are fittings: fitting number n stands between joint n and joint n + 1
 */
export function cooledFirst(joints: readonly Verdict[]): Verdict[] {
  return joints.map((joint, index) => {
    if (!methods[joint.method].hot) return joint
    const beside = [joints[index - 1], joints[index + 1]]
    return beside.some((other) => other && spoiltByHeat(other))
      ? { ...joint, reasons: [...joint.reasons, heatNearJointSays.fits('cooled')] }
      : joint
  })
}
