import type { Leg } from '../../job/job'
import { pipeIdIn } from '../../job/leg-defaults'
import { siteId } from '../../job/site-id'
import { runOf } from '../../job/system'
import { namedFittingAt } from '../../run/named-fitting'
import { opposite } from '../../job/direction'
import { fixtureTakingPipe } from '../../run/fixture-end'
import { methodAt } from '../../run/method-at'
import { askedForAt } from '../take-off/fitting-label'
import { portAt } from '../../run/layout'
import { hasNoPipe, isNewFitting, isNewLeg } from '../../run/states'
import { namedAt } from './named-at'
import { chainAt } from './chain-at'
import type { NodeAt } from './node-at'
import { along, type FittingsAt, type Port } from './part'
import { chainChosen } from '../../job/chosen'

/** The fittings at a node with their ports, made once: cut lengths, joints, the list and the order of work go by these. */
export function fittingsAt(at: NodeAt): FittingsAt {
  const { catalogue, layout, node, arms, takeOffs } = at
  const isNew = isNewFitting(node, arms)
  if (chainChosen(node) && isNew) return chainAt(at)
  const named = namedFittingAt(node)
  if (named && isNew) return namedAt(at, named)
  const id = siteId(node)
  const place = layout.places.get(node.id)
  const endOf = (leg: Leg | undefined): string => {
    const pipe = catalogue.pipe(leg ? pipeIdIn(layout.system, leg) : runOf(layout.system, node).pipe)
    const socket = pipe && catalogue.socketFor(methodAt(layout.system, node, leg), pipe)
    return socket?.label ?? ''
  }
  const ports = arms.map(({ leg, away }): Port => ({
    at: along(portAt(layout, node.id, leg), away, takeOffs.get(leg.id) ?? null),
    out: away,
    end: endOf(leg),
  }))
  const back: Port = { at: place ?? null, out: arms[0] ? opposite(arms[0].away) : null, end: endOf(arms[0]?.leg) }
  // What is there already stands among the parts only where something new goes into it.
  const stands = isNew || arms.some(({ leg }) => isNewLeg(leg) || hasNoPipe(leg))
  const taking = fixtureTakingPipe(node, layout.system.fixtures)
  const asked = !stands ? null : taking ? { label: taking.name } : askedForAt(catalogue, layout, node)
  return {
    parts: asked
      ? [
          {
            id,
            kind: !isNew ? 'existing' : taking ? 'fixture' : 'fitting',
            ...asked,
            run: node.run,
            node: node.id,
            ports: node.kind === 'tie-in' ? [...ports, back] : ports,
          },
        ]
      : [],
    inner: [],
    existingPort: { part: id, port: arms.length },
    legPort: (leg) => ({ part: id, port: arms.findIndex((arm) => arm.leg.id === leg) }),
  }
}
