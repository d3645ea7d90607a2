import type { Catalogue } from '../../catalogue/catalogue'
import type { MethodId } from '../../methods/ids'
import type { Node } from '../../job/job'
import { pipeIdIn } from '../../job/leg-defaults'
import type { ArmChain } from './arm'
import { endsTaken } from './ends-taken'
import { armChoices, bodiesFor, chosenByName, type BodyChoice } from './named-choices'
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
export function bodiesAtHome(catalogue: Catalogue, layout: Layout, node: Node): BodyChoice[] {
  const legs = layout.arms.get(node.id) ?? []
  return bodiesFor(catalogue, layout, node).filter((choice) =>
    [...endsTaken({ catalogue, layout }, choice.body, legs, { ...node, fitting: chosenByName(choice) })].every(
      ([leg, { socket }]) => isMade(catalogue, layout, leg, socket.method),
    ),
  )
}

/** What may stand on the arm of a leg at a node whose fitting was chosen by its name, of those that are made on its pipe. */
export const armsAtHome = (catalogue: Catalogue, layout: Layout, node: Node, leg: string): ArmChain[] =>
  armChoices(catalogue, layout, node, leg).filter(({ method }) => isMade(catalogue, layout, leg, method))
