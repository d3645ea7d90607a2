import type { Catalogue } from '../catalogue/catalogue'
import { fixtureNamed, hoseBetween, type Fixture } from '../catalogue/fixture'
import { meetingOfEnds, type FittingEnd, type FittingKind, type ThreadEnd } from '../catalogue/fitting'
import type { KeptFixture } from '../catalogue/own-fixture'
import type { FixtureAt, Job, Node } from '../job/job'
import { runOf, systemOf } from '../job/system'
import type { MethodId } from '../methods/ids'
import { chosenByName, type NamedFitting } from '../pipework/take-off/named-fittings'
import { usableFittings } from '../pipework/take-off/usable-fittings'
import { layOut, type Layout } from '../run/layout'
import { methodOf, takesPipe } from '../run/named-fitting'
import { setNode } from './edit-run'

/** What an outlet is mostly made of: in line on a tail, fixed to the wall where the fixture hangs on it. */
function outletKinds({ outlet }: Fixture, { sex, form }: ThreadEnd): readonly FittingKind[] {
  if (outlet === 'radiator valve') return ['radiator valve', 'adapter']
  if (outlet === 'on the wall') return ['drop-ear elbow', 'adapter']
  return [sex === 'M' && form === 'parallel' ? 'swivel connector' : 'adapter']
}

/** The ends of an outlet that no pipe goes into. */
const outletEnds = ({ named }: NamedFitting): FittingEnd[] => named.ends.filter((_, index) => !takesPipe(named, index))

/** The fittings that meet a fixture's thread straight: of the usual kind first, then by the run's own method. */
function straightTo(
  found: readonly NamedFitting[],
  fixture: Fixture,
  thread: ThreadEnd,
  own: MethodId,
): NamedFitting[] {
  const kinds = outletKinds(fixture, thread)
  const rank = ({ named }: NamedFitting) => kinds.indexOf(named.kind) * 2 + (methodOf(named) === own ? 0 : 1)
  return found
    .filter(({ named }) => kinds.includes(named.kind))
    .filter((of) => outletEnds(of).some((end) => meetingOfEnds(end, thread) !== null))
    .toSorted((a, b) => rank(a) - rank(b))
}

/** What a stop's outlet mostly is: 3/8 for a supply tube, else a thread. */
const outletRank = (end: FittingEnd): number => (end.type === 'thread' ? 1 : end.socket.size === '3/8' ? 0 : 2)

/** The stops from which a hose leads there: the usual outlet first, then by the run's own method. */
function stopsFor(found: readonly NamedFitting[], thread: ThreadEnd, own: MethodId): NamedFitting[] {
  const rank = (of: NamedFitting) =>
    Math.min(...outletEnds(of).map(outletRank)) * 2 + (methodOf(of.named) === own ? 0 : 1)
  return found
    .filter(({ named }) => named.kind === 'angle stop')
    .filter((of) => outletEnds(of).some((end) => hoseBetween(end, thread) !== null))
    .toSorted((a, b) => rank(a) - rank(b))
}

/**
 * What an outlet becomes to meet its fixture: pipe that goes into it, a fitting straight on it, else a stop and a hose.
 *
 * @returns nothing where no fitting that is made meets it
 * @remarks for instance: 15 copper to a basin's tail: a 15 × 1/2 swivel connector; half-inch PEX: a stop and a hose
 */
export function outletFor(catalogue: Catalogue, layout: Layout, node: Node): Partial<Node> {
  const { end, hose } = node.fixture!
  const fixture = fixtureNamed(node.fixture!, layout.system.fixtures)
  const led = fixture?.ends.find(({ id }) => id === end)
  if (led?.takes) return { method: 'compression' }
  const thread = led?.thread
  if (!fixture || !thread) return {}
  const found = usableFittings(catalogue, layout, node)
  const own = runOf(layout.system, node).method
  const [straight] = hose ? [] : straightTo(found, fixture, thread, own)
  if (straight) return { fitting: chosenByName(straight) }
  const [stop] = stopsFor(found, thread, own)
  return stop ? { fitting: chosenByName(stop), fixture: { ...node.fixture!, hose: true } } : {}
}

/** The ends of a fixture that outlets lead to already, by the fixture. */
function endsTaken({ nodes }: Job, { kind, made }: Pick<FixtureAt, 'kind' | 'made'>): Map<string, Set<string>> {
  const taken = new Map<string, Set<string>>()
  for (const { fixture } of nodes)
    if (fixture?.kind === kind && fixture.made === made)
      taken.set(fixture.id, (taken.get(fixture.id) ?? new Set()).add(fixture.end))
  return taken
}

/**
 * The job with what is described of one of its own fixtures, and at each outlet that leads to it the fitting that meets it
 * now; an outlet whose end is gone leads to nothing.
 */
export function describeAnew(catalogue: Catalogue, job: Job, fixture: KeptFixture): Job {
  const ends = new Set(fixture.ends.map(({ id }) => id))
  const led = job.nodes.filter((node) => node.fixture?.kind === 'own' && node.fixture.id === fixture.id)
  return led.reduce(
    (now, { id: node, run, fixture: at }) => {
      const { id: _, ...to } = at!
      return leadTo(catalogue, now, { run, node, to: ends.has(to.end) ? to : null, described: fixture })
    },
    describing(job, fixture),
  )
}

/**
 * What the next fixture of a kind goes by: the kind, or the first number after it that no other has.
 *
 * @example newFixtureId('basin', ['basin', 'basin 3']) // 'basin 2'
 */
export function newFixtureId(kind: string, taken: Iterable<string>): string {
  const others = new Set(taken)
  let id = kind
  for (let number = 2; others.has(id); number += 1) id = `${kind} ${number}`
  return id
}

/** The fixture of this kind whose end is still free, else a new one. */
function fixtureIdFor(job: Job, of: Omit<FixtureAt, 'id'>): string {
  const taken = endsTaken(job, of)
  const free = [...taken].find(([, ends]) => !ends.has(of.end))?.[0]
  return free ?? newFixtureId(of.kind, fixtureIds(job))
}

/** What the fixtures of a job go by. */
export const fixtureIds = ({ nodes }: Pick<Job, 'nodes'>): string[] => nodes.flatMap(({ fixture }) => fixture?.id ?? [])

/** The job with a fixture that somebody described, in place of what it was before. */
const describing = (job: Job, fixture: KeptFixture): Job => ({
  ...job,
  fixtures: [...(job.fixtures ?? []).filter(({ id }) => id !== fixture.id), { ...fixture, ends: [...fixture.ends] }],
})

/** What somebody described, or one more of it where another outlet leads to this end already. */
const freeOf = ({ nodes }: Job, described: KeptFixture, end: string): KeptFixture => ({
  ...described,
  id: newFixtureId(
    described.id,
    nodes.flatMap(({ fixture }) => (fixture?.kind === 'own' && fixture.end === end ? [fixture.id] : [])),
  ),
})

interface LeadTo {
  readonly run: string
  readonly node: string
  readonly to: Omit<FixtureAt, 'id'> | null
  /** The fixture, where somebody described it. */
  readonly described?: KeptFixture | undefined
}

/**
 * The job with an outlet that leads to an end of a fixture, and the fitting that meets it; with null it leads to none, and
 * its fitting stays.
 *
 * @remarks for instance: hot of a basin where cold is led to already: the same basin
 */
export function leadTo(catalogue: Catalogue, job: Job, { run, node: id, to, described }: LeadTo): Job {
  const away = setNode(job, run, id, { fixture: undefined })
  if (!to) return away
  const own = described && freeOf(away, described, to.end)
  const fixture = { id: own?.id ?? fixtureIdFor(away, to), ...to }
  const led = setNode(own ? describing(away, own) : away, run, id, {
    ...{ fixture, fitting: undefined, measured: undefined, method: undefined },
  })
  const layout = layOut(systemOf(led, run)!)
  return setNode(led, run, id, outletFor(catalogue, layout, layout.node.get(id)!))
}
