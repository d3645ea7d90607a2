import type { Fitting } from '../catalogue/fitting'
import type { Node } from '../job/job'

/**
 * A part in line as it is described where it stands: by its own name and length. Every other fitting as it is.
 *
 * @remarks for instance: the 22 compression part in line, a filter 120 mm long: a 22 compression filter of 120
 */
export function asDescribed(fitting: Fitting, { inLine }: Pick<Node, 'inLine'>): Fitting {
  if (!inLine || fitting.kind !== 'part in line') return fitting
  const { name, length, tolerance, basis } = inLine
  return { ...fitting, described: { name, whole: length === undefined ? null : { mm: length, tolerance, basis } } }
}
