import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { Entry } from '../log/entry'
import type { Sought } from '../leak/belief'
import { everywhere, type CheckResult } from '../log/leak-check'
import { siteState } from '../log/site-state'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob } from './sample-run'
import { leakSearch, type LeakSearch } from '../leak/search'
import type { Spot } from '../leak/spots'
import { suspectsOf, type Suspect } from '../leak/suspects'
import type { ValveSides } from '../leak/valve-sides'

/** For tests: a crimped line with a valve, planned. */
export const job = sampleJob({
  pipe: pipeId('ASTM F876', '1/2', 'pex-b'),
  method: 'crimp',
  legs: [
    ['cap:s', 'east', 1000, 'valve:v'],
    ['valve:v', 'east', 2000, 'elbow:a'],
    ['elbow:a', 'north', 500, 'outlet:e'],
  ],
})
export const plan = planJob(job, catalogue)
let count = 0
/** What was written down of it, at a minute past ten. */
export const entry = (kind: string, minute: number, more: Partial<Entry>): Entry => ({
  id: `entry-${++count}-long`,
  kind,
  subject: {},
  at: `2026-05-04T10:${String(minute).padStart(2, '0')}:00Z`,
  by: 'I. Marl',
  jobVersion: 1,
  body: {},
  ...more,
})
export const made = (joint: string, body: Entry['body'] = { gauge: 'goes', atShoulder: true, ringPlaced: true }) =>
  entry('joint-made', 1, { subject: { joint }, body })
export const ids = plan.joints.map(({ id }) => id)
export const suspects = (entries: Entry[]) => suspectsOf(job, plan, siteState(plan, entries))
/** A joint that is suspected so much. */
export const plain = (id: string, weight: number, more: Partial<Suspect> = {}): Suspect => ({
  id,
  joint: id,
  run: 'r',
  leg: null,
  node: null,
  weight,
  isHidden: false,
  length: 0,
  why: [],
  ...more,
})
/** A fitting of its own for each suspect, a metre apart. */
export const spotsOfEach = (of: readonly Suspect[]): Spot[] =>
  of.map((suspect, at) => ({
    id: suspect.id,
    suspects: [suspect],
    isHidden: suspect.isHidden,
    length: suspect.length,
    place: [0, 0, 1000 * at],
  }))
/** Lost: 1 ml of water a minute, where a valve takes two minutes. */
export const slowDrip = { medium: 'water', mlPerMinute: 1, barPerMinute: 0.2 } as const
export const sought = (of: readonly Suspect[], valves: readonly ValveSides[] = []): Sought => ({
  spots: spotsOfEach(of),
  valves,
  loss: slowDrip,
})
/** After a walk round in vain. */
export const search = (
  ...[of, valves, results]: [readonly Suspect[], readonly ValveSides[], readonly CheckResult[]]
): LeakSearch => leakSearch(sought(of, valves), [walked, ...results])
export const walked: CheckResult = { check: 'walk', at: everywhere, result: 'dry' }
export const dry = (check: CheckResult['check'], at: string): CheckResult => ({ check, at, result: 'dry' })
