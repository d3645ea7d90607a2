import { formatDiameter } from './format-diameter'
import { formatLength } from './format-length'
import { inch, type Units } from '../units'

/** What lies this little above a step is the error of reckoning, not more tolerance. */
const slack = 1e-6

/**
 * A tolerance as people read it, never rounded down: to the tenth of a millimetre; to the sixteenth of an inch,
 * and below half a sixteenth in thousandths.
 *
 * @example formatTolerance(0.2, 'metric') // '0.2 mm'
 * @example formatTolerance(2, 'imperial') // '1/8″'
 */
export function formatTolerance(mm: number, units: Units): string {
  if (units === 'metric') return `${Math.ceil(mm * 10 - slack) / 10}\u2009mm`
  const sixteenth = inch / 16
  if (mm > 0 && mm < sixteenth / 2) return formatDiameter(mm, units)
  return formatLength(Math.ceil(mm / sixteenth - slack) * sixteenth, units)
}

/**
 * A limit as people read it, never rounded up: to the tenth of a millimetre, or to the sixteenth of an inch.
 *
 * @example formatAtMost(3.08, 'metric') // '3 mm'
 * @example formatAtMost(3.08, 'imperial') // '1/16″'
 */
export function formatAtMost(mm: number, units: Units): string {
  if (units === 'metric') return `${Math.floor(mm * 10 + slack) / 10}\u2009mm`
  const sixteenth = inch / 16
  return formatLength(Math.floor(mm / sixteenth + slack) * sixteenth, units)
}
