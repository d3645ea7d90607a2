import type { Catalogue } from '../catalogue/catalogue'
import { methods } from '../methods'
import { methodAt } from '../run/method-at'
import { askedForAt } from './take-off/fitting-label'
import type { Layout } from '../run/layout'
import { pipeIdIn } from '../job/leg-defaults'

/** What comes out of what is there. */
export interface Removed {
  readonly run: string
  readonly leg?: string
  readonly node?: string
  readonly label: string
  /** Of pipe, as measured; null where its length does not matter. */
  readonly mm: number | null
  /** Whether it serves again: pipe does where it is cut clear of its joints, a fitting where its joints come apart. */
  readonly again: boolean
}

/** Pipe and fittings of a run that come out, in the order of its legs and nodes. */
export function removedFrom(catalogue: Catalogue, layout: Layout): Removed[] {
  const { system, arms } = layout
  const pipes = system.legs
    .filter(({ state }) => state === 'comes out')
    .map((leg): Removed => ({
      run: leg.run,
      leg: leg.id,
      label: catalogue.pipe(pipeIdIn(system, leg))?.label ?? '',
      mm: leg.length,
      again: true,
    }))
  const fittings = system.nodes
    .filter(({ id, state }) => {
      const at = arms.get(id) ?? []
      return state ? state === 'comes out' : at.length > 0 && at.every(({ leg }) => leg.state === 'comes out')
    })
    .flatMap((node): Removed[] => {
      const asked = askedForAt(catalogue, layout, node)
      const again = methods[methodAt(system, node)].demountable
      return asked ? [{ run: node.run, node: node.id, label: asked.label, mm: null, again }] : []
    })
  return [...pipes, ...fittings]
}
