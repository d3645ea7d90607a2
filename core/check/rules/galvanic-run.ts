import { materialOf } from '../../materials'
import { fittingNamed } from '../../catalogue/chain-length'
import type { Fitting } from '../../catalogue/fitting'
import type { Pipe } from '../../catalogue/pipe'
import type { Leg, Node } from '../../job/job'
import { pipeIdIn, serviceIn } from '../../job/leg-defaults'
import { runOf } from '../../job/system'
import { galvanicReason } from '../../join/chains/galvanic-chain'
import { namedFittingAt } from '../../run/named-fitting'
import { profileWith } from '../../workshop/profile'
import { atPlace, checkRule, nodePlace } from '../rule'
import { armsChosen, chainChosen } from '../../job/chosen'

/** What stands between the pipes at a node: its chain, or its fitting with what is on its arms. */
function fittingsAt(node: Node): Fitting[] {
  const names = chainChosen(node)?.fittings ?? Object.values(armsChosen(node)).flatMap(({ fittings }) => fittings)
  const named = namedFittingAt(node)
  return [...(named ? [named] : []), ...names.flatMap((name) => fittingNamed(name) ?? [])]
}

export const galvanicRun = checkRule({
  meta: {
    id: 'galvanic-run',
    statement: 'Within a run too, copper and galvanised steel must not touch, and no copper upstream of zinc.',
    why: 'What holds between existing and new pipe holds at every fitting after it.',
    basis: 'guidance',
    settings: ['dielectric'],
    step: 'route',
    todo: false,
    messages: {},
  },
  check: (subject) => {
    const { catalogue, job, layout } = subject
    const { system } = layout
    const profile = profileWith(job.profile, job.own?.changes)
    const pipeOf = (leg: Leg): Pipe => catalogue.pipe(pipeIdIn(system, leg))!
    /** Null of what neither eats nor is eaten. */
    const isCopper = (leg: Leg): boolean | null => {
      const { galvanic } = materialOf(pipeOf(leg))
      return galvanic && galvanic === 'copper'
    }
    const end = (leg: Leg, node: Node): Parameters<typeof galvanicReason>[0] => {
      const run = runOf(system, leg)
      // Water comes by the leg that leads here.
      const condition = { upstream: leg.to === node.id }
      return {
        pipe: pipeOf(leg),
        circumstances: { service: serviceIn(system, leg), place: { ...job.place, ...run.place }, profile, condition },
      }
    }
    return system.nodes.flatMap((node) => {
      const legs = (layout.arms.get(node.id) ?? []).map(({ leg }) => leg)
      const copper = legs.find((leg) => isCopper(leg) === true)
      const other = legs.find((leg) => isCopper(leg) === false)
      const reason = copper && other && galvanicReason(end(copper, node), end(other, node), fittingsAt(node))
      return reason ? [atPlace(nodePlace(subject, node.id), reason)] : []
    })
  },
})
