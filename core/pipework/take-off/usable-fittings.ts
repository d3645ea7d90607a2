import type { Catalogue } from '../../catalogue/catalogue'
import type { MethodId } from '../../methods/ids'
import type { Node } from '../../job/job'
import { pipeIdIn } from '../../job/leg-defaults'
import type { ArmChain } from './arm'
import { endsByLeg } from './ends-by-leg'
import { armChoices, namedFittingsFor, chosenByName, type NamedFitting } from './named-fittings'
import type { Layout } from '../../run/layout'
import { tableFinding } from '../../join/method-table'

/** Whether a method is made on a leg's pipe at all. */
function isMade(catalogue: Catalogue, { system, leg }: Layout, legId: string, method: MethodId): boolean {
  const pipe = catalogue.pipe(pipeIdIn(system, leg.get(legId)!))!
  return tableFinding(method, pipe).verdict !== 'refuse'
}

/**
 * The fittings of the catalogue that can stand at a node, without those whose method is never made on a pipe there, though
 * the sizes agree: no cement on steel, no solder on PEX.
 */
export function usableFittings(catalogue: Catalogue, layout: Layout, node: Node): NamedFitting[] {
  const legs = layout.arms.get(node.id) ?? []
  return namedFittingsFor(catalogue, layout, node).filter((choice) =>
    [...endsByLeg({ catalogue, layout }, choice.named, legs, { ...node, fitting: chosenByName(choice) })].every(
      ([leg, { socket }]) => isMade(catalogue, layout, leg, socket.method),
    ),
  )
}

/** What may stand on the arm of a leg at a node whose fitting was chosen by its name, of those that are made on its pipe. */
export const usableArms = (catalogue: Catalogue, layout: Layout, node: Node, leg: string): ArmChain[] =>
  armChoices(catalogue, layout, node, leg).filter(({ method }) => isMade(catalogue, layout, leg, method))
