import { isPlastic } from '../materials'
import type { Catalogue } from '../catalogue/catalogue'
import { pipeIdIn } from '../job/leg-defaults'
import type { Layout } from '../run/layout'
import { isNewLeg } from '../run/states'
import type { SundryCount } from './list/sundries'

/**
 * The bend supports of some pipework, by the size of their pipe: where a bend of new plastic pipe is to be held by one.
 *
 * @remarks for instance: two bends of 16 PEX that are held: 16 bend support, 2
 */
export function countBendSupports(catalogue: Catalogue, layouts: readonly Layout[]): SundryCount[] {
  const counts = new Map<string, number>()
  for (const { system, arms } of layouts)
    for (const { id, kind, held } of system.nodes) {
      const leg = arms.get(id)?.[0]?.leg
      const pipe = leg && catalogue.pipe(pipeIdIn(system, leg))
      if (kind !== 'bend' || !held || !leg || !isNewLeg(leg) || !pipe || !isPlastic(pipe.material)) continue
      const label = `${pipe.nominal} bend support`
      counts.set(label, (counts.get(label) ?? 0) + 1)
    }
  return [...counts].map(([label, count]) => ({ label, count }))
}
