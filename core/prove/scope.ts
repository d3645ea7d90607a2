import type { Job, Leg } from '../job/job'
import { siteId } from '../job/site-id'
import type { System } from '../job/system'
import { watersOf } from '../job/waters'
import type { PlanJoint } from '../pipework/planned'
import { layOut } from '../run/layout'
import { holdsWater } from '../run/states'

/** What of a job is under test: whole runs, or the legs of parts that are closed off; all where nothing is said. */
export interface Scope {
  readonly runs?: readonly string[] | undefined
  /** Each as its run and its id there. */
  readonly legs?: readonly string[] | undefined
}
/** All that is drawn and can be filled. */
export const everything: Scope = {}

/** What a scope takes in, asked of many legs, joints and nodes. */
export interface UnderTest {
  readonly leg: (leg: Leg) => boolean
  /** Of a joint without a leg, between two fittings or with existing pipe: where all that meets there is under test. */
  readonly joint: (joint: Pick<PlanJoint, 'run' | 'node' | 'leg'>) => boolean
  /** A node that anything under test meets. */
  readonly node: (node: string, run: string) => boolean
  readonly system: (system: System) => boolean
}

function byLegs(job: Job, legs: ReadonlySet<string>): UnderTest {
  const leg = (of: Leg) => legs.has(siteId(of))
  const within = new Map(job.legs.map((of) => [of.id, leg(of)]))
  const met = new Map<string, boolean[]>()
  for (const of of job.legs)
    if (of.state !== 'comes out') for (const end of [of.from, of.to]) met.set(end, [...(met.get(end) ?? []), leg(of)])
  return {
    leg,
    joint: (of) => (of.leg === null ? (met.get(of.node)?.every(Boolean) ?? false) : (within.get(of.leg) ?? false)),
    node: (node) => met.get(node)?.some(Boolean) ?? false,
    system: (system) => system.legs.some(leg),
  }
}

function byRuns(has: (run: string) => boolean): UnderTest {
  return {
    leg: ({ run }) => has(run),
    joint: ({ run }) => has(run),
    node: (_, run) => has(run),
    system: (system) => system.runs.some(({ id }) => has(id)),
  }
}

/** What of a job a scope takes in. */
export function underTest(job: Job, { runs, legs }: Scope): UnderTest {
  if (legs) return byLegs(job, new Set(legs))
  const filled = new Set(watersOf(job).flatMap((water) => water.runs.map(({ id }) => id)))
  return byRuns((run) => filled.has(run) && (runs?.includes(run) ?? true))
}

/**
 * The nodes at which what is under test is not closed off from the rest: pipe leads on, and no valve stands there.
 *
 * @remarks for instance: of two legs that meet at a tee, with one under test: the tee
 */
export function leaksOn(job: Job, scope: Scope): string[] {
  if (!scope.legs) return []
  const of = underTest(job, scope)
  return watersOf(job).flatMap((system) => {
    const { arms } = layOut(system)
    return system.nodes.flatMap(({ id, kind }) => {
      const held = arms.get(id)!.filter(({ leg }) => holdsWater(leg) || leg.state === 'no pipe')
      const isSplit = held.some(({ leg }) => of.leg(leg)) && held.some(({ leg }) => !of.leg(leg))
      return kind !== 'valve' && isSplit ? [id] : []
    })
  })
}
