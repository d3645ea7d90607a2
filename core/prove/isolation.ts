import { fixtureCalled, heatsWater } from '../catalogue/fixture'
import { serviceIn } from '../job/leg-defaults'
import type { Job } from '../job/job'
import { isHeating } from '../job/place'
import { watersOf } from '../job/waters'
import { everything, underTest, type Scope } from './scope'

/** What was done with a thing that may not bear the test. */
export const isolations = ['shut off', 'plugged', 'taken off', 'left on', 'not there'] as const
export type Isolation = (typeof isolations)[number]
/** It is to be opened or put on again after the test. */
export const isShutAway = (did: Isolation): boolean => did !== 'left on' && did !== 'not there'

/** A thing that may not bear the test, and what was done with it. */
export interface Isolated {
  readonly what: string
  readonly did: Isolation
  /** Of what is left on: what it bears, in bar. */
  readonly bar?: number | undefined
}

/** What a heating circuit has, drawn or not. */
const ofHeating = ['heat source', 'safety valve of the heating', 'expansion vessel of the heating'] as const
/** What hangs on a water heater, drawn or not. */
const ofHotWater = ['safety valve of the hot water', 'expansion vessel of the hot water'] as const

/** The fixtures under test that have a limit of their own, each once, in the order in which they were drawn. */
function appliancesIn(job: Job, scope: Scope): string[] {
  const of = underTest(job, scope)
  const found = new Map<string, string>()
  for (const { id, run, fixture } of job.nodes) {
    const led = fixture && fixtureCalled(fixture, job.fixtures ?? [])
    if (led?.isShutOff && of.node(id, run)) found.set(fixture!.id, led.name)
  }
  const names = [...found.values()]
  return names.map((name, at) => {
    const like = names.filter((other) => other === name).length
    return like > 1 ? `${name} ${names.slice(0, at + 1).filter((other) => other === name).length}` : name
  })
}

/**
 * What is shut off, plugged or taken off before a line is raised, thing by thing: appliances that were drawn, and what a
 * heating circuit or a water heater has whether it was drawn or not.
 *
 * @remarks for instance: two radiators on a heating run: radiator 1, radiator 2, heat source, safety valve, expansion vessel
 */
export function toShutOff(job: Job, scope: Scope = everything): string[] {
  const of = underTest(job, scope)
  const heats = watersOf(job).some((system) =>
    system.legs.some((leg) => of.leg(leg) && isHeating(serviceIn(system, leg))),
  )
  const isHeated = job.nodes.some(
    ({ id, run, fixture }) => fixture && fixture.kind !== 'own' && heatsWater(fixture.kind) && of.node(id, run),
  )
  return [...appliancesIn(job, scope), ...(heats ? ofHeating : []), ...(isHeated ? ofHotWater : [])]
}

/** What of all this nobody has answered yet; of what was left on, what it bears. */
export const unanswered = (asked: readonly string[], isolated: readonly Isolated[]): string[] => [
  ...asked.filter((what) => !isolated.some((of) => of.what === what)),
  ...isolated.flatMap(({ what, did, bar }) => (did === 'left on' && bar === undefined ? [what] : [])),
]
