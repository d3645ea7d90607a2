import type { Catalogue } from '../catalogue/catalogue'
import type { Job } from '../job/job'
import { isHeating } from '../job/place'
import type { SiteState } from '../log/site-state'
import type { Message } from '../quantity/words/message'
import { profileWith } from '../workshop/profile'
import { flushings, measuredAt } from './flushing'
import { outletsOf } from './outlets'
import { commissionSays } from './sayings'

const heatingKinds = [
  ['heating-filled', 'heating not filled'],
  ['vented', 'not vented'],
  ['balanced', 'not balanced'],
] as const

function heatingDue(water: SiteState['water']): Message[] {
  const lacks = heatingKinds.flatMap(([kind, message]) =>
    water.some((entry) => entry.kind === kind) ? [] : [commissionSays(message)],
  )
  const last = water.findLast((entry) => entry.kind === 'warm-look')
  const isDry = last?.kind === 'warm-look' && last.body.dry
  return isDry ? lacks : [...lacks, commissionSays('not inspected warm')]
}

/**
 * What is still to be done after the test passed: flushing always, the rest as the settings ask for it.
 *
 * @remarks for instance: two outlets, one flushed: not flushed: the other
 */
export function commissionDue(catalogue: Catalogue, job: Job, state: Pick<SiteState, 'water'>): Message[] {
  const profile = profileWith(job.profile, job.own?.changes)
  const outlets = outletsOf(catalogue, job, profile)
  const { water } = state
  const named = (of: readonly { readonly name: string }[]) => of.map(({ name }) => name).join('; ')
  const unflushed = flushings(outlets, profile, state).filter(({ isDone }) => !isDone)
  const isFlushed = water.some(({ kind }) => kind === 'flushed')
  const lacksAt = (
    lacks: (of: ReturnType<typeof measuredAt>[number]) => boolean,
    of: readonly (typeof outlets)[number][],
  ) => of.filter(({ id }) => !measuredAt(state, id).some((body) => !lacks(body)))
  const found: Message[] = []
  if (!isFlushed) found.push(commissionSays('not flushed'))
  else if (unflushed.length > 0) found.push(commissionSays('not flushed at', { where: named(unflushed) }))
  if (profile.disinfect === 'asked' && outlets.length > 0 && !water.some(({ kind }) => kind === 'disinfected'))
    found.push(commissionSays('not disinfected'))
  const unmeasured = lacksAt(({ litresPerMinute }) => litresPerMinute === undefined, outlets)
  if (profile.outletFlow === 'asked' && unmeasured.length > 0)
    found.push(commissionSays('no flow at', { where: named(unmeasured) }))
  const hot = outlets.filter(({ service }) => service === 'hot')
  const cold = lacksAt(({ celsius }) => celsius === undefined, hot)
  if (profile.hotWater === 'asked' && cold.length > 0)
    found.push(commissionSays('no degrees at', { where: named(cold) }))
  const heats = job.runs.some(({ service }) => isHeating(service))
  return profile.heatingWarm === 'asked' && heats ? [...found, ...heatingDue(water)] : found
}
