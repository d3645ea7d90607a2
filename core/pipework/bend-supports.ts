import { isPlastic } from '../materials'
import type { Catalogue } from '../catalogue/catalogue'
import { pipeIdIn } from '../job/leg-defaults'
import type { Layout } from '../run/layout'
import { isNewLeg } from '../run/states'
import { countedByName, type SundryCount } from './list/sundries'

/**
 * The bend supports of some pipework, by the size of their pipe: where a bend of new plastic pipe is to be held by one.
 *
 * @remarks for instance: two bends of 16 PEX that are held: 16 bend support, 2
 */
export function countBendSupports(catalogue: Catalogue, layouts: readonly Layout[]): SundryCount[] {
  return countedByName(
    layouts.flatMap(({ system, arms }) =>
      system.nodes.flatMap(({ id, kind, held }) => {
        const leg = arms.get(id)?.[0]?.leg
        const pipe = leg && catalogue.pipe(pipeIdIn(system, leg))
        const isNeeded = kind === 'bend' && held && leg && isNewLeg(leg) && pipe && isPlastic(pipe.material)
        return isNeeded ? [`${pipe.nominal} bend support`] : []
      }),
    ),
  )
}
