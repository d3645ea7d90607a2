import { hoseBetween } from '../../catalogue/fixture'
import { endLabel, meetingOfEnds, type Fitting, type FittingEnd, type ThreadEnd } from '../../catalogue/fitting'
import type { KeptFixture } from '../../catalogue/own-fixture'
import { itemName } from '../../catalogue/counter-name'
import { siteId } from '../../job/site-id'
import type { Node } from '../../job/job'
import type { Vector } from '../../quantity/vector'
import { fixtureEndAt, fixtureEndName } from '../../run/fixture-end'
import type { InnerMeeting, Part, PortRef } from './part'

/** The joint's id by which an outlet meets its fixture. */
export const fixtureJointId = (node: Pick<Node, 'id' | 'run' | 'began'>): string => `${siteId(node)}/fixture`

/** An outlet with the ends that no pipe goes into. */
interface Outlet {
  readonly named: Fitting
  readonly left: readonly FittingEnd[]
  /** Of its ports, the first that is one of these. */
  readonly firstPort: number
  readonly at: Vector | null
  /** Those that somebody described. */
  readonly fixtures: readonly KeptFixture[]
}

interface Led {
  readonly parts: readonly Part[]
  readonly inner: readonly InnerMeeting[]
}

/** An end that waits for a fixture: the port that it is, and what it and its part are called. */
interface Waiting {
  readonly port: PortRef
  readonly end: FittingEnd
  readonly name: string
}

/**
 * What an outlet leads to, and the joint between: straight, or by a hose. Where the ends do not meet there is no joint, and
 * a check says so.
 *
 * @remarks for instance: a 15 × 1/2 swivel connector on a basin's cold tail: the basin, and one joint on its washer
 */
export function fixtureAt(node: Node, { named, left, firstPort, at, fixtures }: Outlet): Led {
  const led = fixtureEndAt(node, fixtures)
  if (!led) return { parts: [], inner: [] }
  const { thread } = led.end
  if (!thread) return { parts: [], inner: [] }
  const site = siteId(node)
  const part = (id: string, kind: Part['kind'], label: string, ends: readonly ThreadEnd[]): Part => ({
    id,
    kind,
    label,
    run: node.run,
    node: node.id,
    ports: ends.map((of) => ({ at, out: null, end: endLabel(of) })),
  })
  const what = part(`${site}#fixture`, 'fixture', fixtureEndName(led), [thread])
  const outlet = left.map((of, index): Waiting => ({
    port: { part: site, port: firstPort + index },
    end: of,
    name: itemName(named),
  }))
  const parts: Part[] = []
  const inner: InnerMeeting[] = []
  const meet = (id: string, { port, end: from, name }: Waiting, to: Waiting): boolean => {
    const meeting = meetingOfEnds(from, to.end)
    if (meeting) inner.push({ id, between: [port, to.port], fittings: [name, to.name], index: inner.length, meeting })
    return meeting !== null
  }
  let last = outlet[0]
  const hose = node.fixture!.hose && last ? hoseBetween(last.end, thread) : null
  if (hose && last) {
    const id = `${site}#hose`
    const first = hose.first && { port: { part: id, port: 0 }, end: hose.first, name: hose.label }
    if (first) meet(`${site}/hose`, last, first)
    const ends = hose.first ? [hose.first, hose.last] : [hose.last]
    parts.push(part(id, 'fitting', hose.label, ends))
    last = { port: { part: id, port: ends.length - 1 }, end: hose.last, name: hose.label }
  }
  const own: Waiting = { port: { part: what.id, port: 0 }, end: thread, name: what.label }
  if (last && meet(fixtureJointId(node), last, own)) parts.push(what)
  return { parts, inner }
}
