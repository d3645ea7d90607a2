import { endLabel, type Fitting } from '../../catalogue/fitting'
import { endLength } from '../../catalogue/fitting-length'
import { itemName } from '../../catalogue/counter-name'
import { idInRun, siteId } from '../../job/site-id'
import { armStretches, type ArmFittings } from '../take-off/arm'
import { endsByLeg } from '../take-off/ends-by-leg'
import { opposite } from '../../job/direction'
import { fixtureAt } from './fixture-at'
import { askedForAs } from '../take-off/fitting-label'
import type { Arm } from '../../run/layout'
import type { NodeAt } from './node-at'
import { along, type FittingsAt, type InnerMeeting, type Part, type Port, type PortRef } from './part'

/** The fittings of an arm, outwards, with the joints between them and with the fitting. */
interface ArmParts {
  readonly parts: readonly Part[]
  readonly inner: readonly InnerMeeting[]
  /** Where the pipe goes in. */
  readonly last: PortRef
}

/** An end of a fitting that a leg goes into, or what stands on its arm. */
interface ArmEnd {
  readonly index: number
  readonly arm?: ArmFittings | null
  readonly label: string
}

/** An arm that stands in a fitting: at which port, and how far from the node its pipe stops. */
interface ArmInBody extends ArmEnd {
  readonly arm: ArmFittings
  readonly bodyPort: PortRef
  readonly stop: number | null
}

function armAt(
  { catalogue, layout, node }: NodeAt,
  named: Fitting,
  { leg, away }: Arm,
  { index: end, arm, bodyPort, stop }: ArmInBody,
): ArmParts {
  const place = layout.places.get(node.id)
  const stretch = armStretches(catalogue, named, end, arm)
  const id = (at: number): string => `${siteId(node)}/${idInRun(leg)}#${at}`
  const last = arm.fittings.length - 1
  const parts = arm.fittings.map((fitting, at): Part => {
    const { ends } = fitting
    const [start, finish] = stretch[at]!
    const first = arm.inwards[at]!
    return {
      id: id(at),
      kind: 'fitting',
      ...askedForAs(fitting),
      run: node.run,
      node: node.id,
      ports: [
        { at: along(place, away, start?.mm ?? null), out: opposite(away), end: endLabel(ends[first]!) },
        // Where the pipe stops: as it was measured, where it was.
        {
          at: along(place, away, at === last ? stop : (finish?.mm ?? null)),
          out: away,
          end: endLabel(ends[1 - first]!),
        },
      ],
    }
  })
  const inner = arm.fittings.map((fitting, at): InnerMeeting => ({
    id: `${siteId(node)}/${idInRun(leg)}/between-${at}`,
    between: [at === 0 ? bodyPort : { part: id(at - 1), port: 1 }, { part: id(at), port: 0 }],
    fittings: [at === 0 ? named : arm.fittings[at - 1]!, fitting].map(itemName) as [string, string],
    index: at,
    meeting: arm.meetings[at]!,
  }))
  return { parts, inner, last: { part: id(last), port: 1 } }
}

/** A fitting that was chosen by its name, with a port for each leg and each thread that is left, and the fittings of its arms. */
export function namedAt(at: NodeAt, named: Fitting): FittingsAt {
  const { catalogue, layout, node, arms: legs, takeOffs, directJoints } = at
  const id = siteId(node)
  const place = layout.places.get(node.id)
  const taken = new Map(
    [...endsByLeg(at, named, legs, node)].map(([leg, { index, arm, socket }]): [string, ArmEnd] => [
      leg,
      { index, arm, label: socket.label },
    ]),
  )
  for (const { leg } of legs) {
    const end = directJoints.get(leg.id)?.ends[leg.from === node.id ? 0 : 1]
    if (typeof end?.index === 'number') taken.set(leg.id, { index: end.index, arm: end.arm, label: endLabel(end.end) })
  }
  const arms = new Map<string, ArmParts>()
  const ports = legs.map((leg, port): Port => {
    const stop = takeOffs.get(leg.leg.id) ?? null
    const end = taken.get(leg.leg.id)
    if (!end?.arm) return { at: along(place, leg.away, stop), out: leg.away, end: end?.label ?? '' }
    const { index, arm } = end
    arms.set(leg.leg.id, armAt(at, named, leg, { ...end, arm, bodyPort: { part: id, port }, stop }))
    const own = endLength(catalogue, named, index)?.mm ?? null
    return { at: along(place, leg.away, own), out: leg.away, end: endLabel(named.ends[index]!) }
  })
  const used = new Set([...taken.values()].map(({ index }) => index))
  // What is screwed on later has a port too.
  const left = named.ends.filter(({ type }, index) => !used.has(index) && (type === 'thread' || node.fixture))
  const threads = left.map((end): Port => ({ at: place ?? null, out: null, end: endLabel(end) }))
  const { fixtures } = layout.system
  const fixture = fixtureAt(node, { named, left, firstPort: ports.length, at: place ?? null, fixtures })
  const own: Part = {
    id,
    kind: 'fitting',
    ...askedForAs(named),
    run: node.run,
    node: node.id,
    ports: [...ports, ...threads],
  }
  return {
    parts: [own, ...[...arms.values()].flatMap(({ parts }) => parts), ...fixture.parts],
    inner: [...[...arms.values()].flatMap(({ inner }) => inner), ...fixture.inner],
    existingPort: { part: id, port: legs.length },
    legPort: (leg) => arms.get(leg)?.last ?? { part: id, port: legs.findIndex((arm) => arm.leg.id === leg) },
  }
}
