import { watersOf } from '../job/waters'
import type { Job } from '../job/job'
import type { Plan } from '../plan/types'
import { fewestReadings } from '../prove/inference/fewest'
import { testProfileOf } from '../prove/profiles'
import { secondsOf, type ProfileMeta } from '../prove/profile'
import { everything, leaksOn, underTest, type Scope } from '../prove/scope'
import { layOut } from '../run/layout'
import { isNewLeg } from '../run/states'
import type { JointState } from './joint-states'
import type { SiteState, TestState } from './site-state'
import { secondsAt, timeKey } from './time-key'

/** Why a test says nothing for a joint; nothing of it is left out in a record. */
export const testFaults = [
  'not tested',
  'made since',
  'unmade',
  'open end',
  'leak',
  'inflow',
  'weeps',
  'too few',
  'too early',
  'ahead of time',
  'simulated',
  'not looked twice',
  'fails',
  'undecided',
] as const
export type TestFault = (typeof testFaults)[number]

/** A joint is proven by a test, or that is what is lacking. */
export type JointProof = { readonly by: string } | { readonly lacks: TestFault }

/** A reading comes so long after its moment at most, and its clock is so far off at most: seconds. */
const mostAhead = 120
/** The profile's time is up where the last reading is so near its end: seconds. */
const nearEnd = 20

const metaOf = ({ begun }: TestState): ProfileMeta => testProfileOf(begun!.body).meta

/** When the pressure was put on, in seconds since 1970. */
const raisedAt = ({ begun }: TestState): number => secondsAt(begun!.body.raisedAt ?? begun!.at)

/** Ends at which water runs out: of new pipe nothing is on, of a fitting no pipe is in. Each by its node. */
export function openEnds(job: Job, plan: Plan, scope: Scope = everything): string[] {
  const of = underTest(job, scope)
  const unfinished = plan.checks.flatMap(({ rule, run, node }) =>
    rule === 'open-end' && node && of.node(node, run ?? '') ? [node] : [],
  )
  const bare = watersOf(job).flatMap((system) => {
    const { arms } = layOut(system)
    return system.nodes.flatMap(({ id, run, kind }) =>
      kind === 'open' && of.node(id, run) && arms.get(id)!.some(({ leg }) => isNewLeg(leg)) ? [id] : [],
    )
  })
  return [...new Set([...unfinished, ...bare, ...leaksOn(job, scope)])]
}

/** What is wrong with the readings of a test by a gauge, before anybody asks what they say. */
export function readingFaults(test: TestState): TestFault[] {
  const { readings } = test
  const [first, last] = [readings[0], readings.at(-1)]
  const span = first && last ? last.seconds - first.seconds : 0
  const isAhead = readings.some(({ seconds, at }) => raisedAt(test) + seconds > secondsAt(at) + mostAhead)
  return [
    ...(readings.length < fewestReadings.count || span < fewestReadings.seconds ? (['too few'] as const) : []),
    ...((last?.seconds ?? 0) < secondsOf(metaOf(test)) - nearEnd ? (['too early'] as const) : []),
    ...(readings.some(({ from }) => from === 'simulated')
      ? (['simulated'] as const)
      : isAhead
        ? (['ahead of time'] as const)
        : []),
  ]
}

/** Joints of what is under test that nobody has made: they cannot hold. */
export function unmadeIn(job: Job, plan: Plan, { joints }: SiteState, scope: Scope = everything): string[] {
  const of = underTest(job, scope)
  return plan.joints.filter((joint) => of.joint(joint) && !joints[joint.id]?.made).map(({ id }) => id)
}

/** Whether all of these joints were looked at twice and dry, with the profile's time between. */
export function isLookedTwice({ looks, ...test }: TestState, joints: readonly string[]): boolean {
  const pause = metaOf({ looks, ...test }).lookAgainAfter ?? 0
  return joints.every((joint) => {
    const dry = looks.filter((of) => of.dry.includes(joint)).map(({ at }) => secondsAt(at))
    return dry.length > 1 && Math.max(...dry) - Math.min(...dry) >= pause
  })
}

/**
 * Of a joint that was made, whether the making that holds was there as the pressure was put on: it was as the test began,
 * and where the pressure stood before that, by a file of readings, it was by then.
 */
function wasThere({ begun }: TestState, making: { readonly entry: string; readonly at: string }): boolean {
  const { raisedAt: raised, made } = begun!.body
  if (raised !== undefined && secondsAt(making.at) > secondsAt(raised) + mostAhead) return false
  return made ? made.includes(making.entry) : timeKey(making.at) <= timeKey(begun!.at)
}

interface Whole {
  readonly joints: readonly { readonly id: string; readonly state: JointState | undefined }[]
  readonly hasOpenEnd: boolean
}

/** What a test that was ended lacks for all that hangs together with a joint; nothing where it counts. */
function faultOfWhole(test: TestState, { joints, hasOpenEnd }: Whole): TestFault | null {
  const { verdict, passes, why } = test.ended!.body
  if (verdict === 'leak' || test.looks.some(({ wet }) => wet.length > 0)) return 'leak'
  if (verdict === 'inflow') return 'inflow'
  if (metaOf(test).isFirstLook) return 'not tested'
  if (hasOpenEnd) return 'open end'
  if (joints.some(({ state }) => !state?.makings.some((making) => wasThere(test, making)))) return 'unmade'
  if (metaOf(test).lookAgainAfter !== undefined) {
    const isSeen = isLookedTwice(
      test,
      joints.map(({ id }) => id),
    )
    return isSeen ? null : 'not looked twice'
  }
  const [fault] = readingFaults(test)
  if (fault) return fault
  if (verdict === 'weep' && why === undefined) return 'weeps'
  if (passes !== true && why === undefined) return passes === false ? 'fails' : 'undecided'
  return null
}

/**
 * What each joint of a plan is proven by: a test that was ended after the joint was last made, of a part that was closed
 * off and held all its joints, whose time was up, whose readings were taken in it, and that passed or was signed with a
 * reason. Else what is lacking, by the last test that was made of it. A relief pipe stands empty: its joints are not among
 * them.
 *
 * @remarks for instance: a joint made anew after the test that passed: { lacks: 'made since' }
 */
export function provenJoints(job: Job, plan: Plan, { joints, tests }: SiteState): ReadonlyMap<string, JointProof> {
  const ended = Object.entries(tests)
    .filter(([, { begun, ended: end }]) => begun && end)
    .sort(([, a], [, b]) => (timeKey(a.ended!.at) < timeKey(b.ended!.at) ? 1 : -1))
  const open = new Set(openEnds(job, plan))
  const taken = new Map(ended.map(([, test]) => [test, takenIn(job, test)]))
  const found = new Map<string, JointProof>()
  for (const system of watersOf(job)) {
    const runs = new Set(system.runs.map(({ id }) => id))
    const planned = plan.joints.filter(({ run }) => runs.has(run))
    const faults = new Map<TestState, TestFault | null>()
    for (const [, test] of ended) {
      const { of, joins, ends } = taken.get(test)!
      if (!of.system(system)) continue
      const held = planned.filter(joins).map(({ id }) => ({ id, state: joints[id] }))
      const hasOpenEnd = system.nodes.some(({ id, run }) => ends.has(id) || (open.has(id) && of.node(id, run)))
      faults.set(test, faultOfWhole(test, { joints: held, hasOpenEnd }))
    }
    for (const joint of planned) {
      const state = joints[joint.id]
      const proofs = ended.flatMap(([name, test]): JointProof[] => {
        if (!faults.has(test) || !taken.get(test)!.joins(joint)) return []
        if (!state?.made) return [{ lacks: 'unmade' }]
        if (!wasThere(test, { entry: state.made.entry, at: state.made.at })) return [{ lacks: 'made since' }]
        const fault = faults.get(test)!
        return [fault ? { lacks: fault } : { by: name }]
      })
      found.set(joint.id, deciding(proofs))
    }
  }
  return found
}

/** What a test took in: by runs a whole system hangs together, by legs no more than what they close in. */
function takenIn(job: Job, { begun }: TestState) {
  const { body } = begun!
  const of = underTest(job, body)
  return { of, joins: body.legs ? of.joint : () => true, ends: new Set(leaksOn(job, body)) }
}

/** The last test decides where it found something against; else any that counts. */
function deciding(proofs: readonly JointProof[]): JointProof {
  const [last] = proofs
  if (!last) return { lacks: 'not tested' }
  if ('lacks' in last && last.lacks === 'leak') return last
  return proofs.find((proof) => 'by' in proof) ?? last
}

/** How many joints no test has proven, of all that can be filled. */
export const unprovenCount = (proofs: ReadonlyMap<string, JointProof>): number =>
  [...proofs.values()].filter((proof) => 'lacks' in proof).length
