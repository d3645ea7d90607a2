import type { Attitude } from '../../procedure/procedure'
import { attitudeOf } from '../../job/direction'
import { directionOf } from '../../run/turning'
import type { Part } from './part'
import type { PlanJoint } from '../planned'

/**
 * How a joint lies, by the way its fitting's port looks: level, or upright with the fitting above or below what goes in.
 *
 * @returns undefined for a tie-in’s existing pipe, whose lie nobody has said
 * @remarks for instance: a leg drawn up from a tee: at the tee 'upright, fitting below', at its far end 'upright, fitting above'
 */
export function jointAttitude(
  parts: ReadonlyMap<string, Part>,
  { between: [at], leg, inner }: Pick<PlanJoint, 'between' | 'leg' | 'inner'>,
): Attitude | undefined {
  const out = parts.get(at.part)?.ports[at.port]?.out
  if (!out || (leg === null && !inner)) return undefined
  if (attitudeOf(directionOf(out)) === 'horizontal') return 'level'
  return out[2] > 0 ? 'upright, fitting below' : 'upright, fitting above'
}
