import { assemblyOrder } from '../assembly/order'
import { assemblyQuestion } from '../assembly/assembly-question'
import { drainings } from '../assembly/draining'
import { placesCut } from '../assembly/water-off'
import { asBuilt } from '../pipework/as-built'
import { jointAttitude } from '../pipework/fittings/joint-attitude'
import { facing } from '../pipework/fittings/facing'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { drawRun, drawingViews } from '../draw/drawing'
import { jointMarksOf, jointNumbers } from '../draw/joint-mark'
import { solidsOf } from '../draw/solids'
import { thumbnailOf } from '../draw/thumbnail'
import { sampleColours } from './sample-colours'
import { acrossPaper, runSheet } from '../draw/sheet'
import { flowPaths } from '../flow/path'
import { systemsOf, type System } from '../job/system'
import { leakSearch } from '../leak/search'
import { spotsOf } from '../leak/spots'
import { suspectsOf } from '../leak/suspects'
import { valveSides } from '../leak/valve-sides'
import type { Entry } from '../log/entry'
import type { EntryOf } from '../log/known-entry'
import { provenJoints } from '../log/proven'
import { siteState, type SiteState } from '../log/site-state'
import { closingChains, closureOf } from '../plan/closure'
import { planJob } from '../plan/plan-job'
import { progressOf } from '../plan/progress'
import { fittingJointCard, jointCard } from '../procedure/joint-card'
import { proofRequest } from '../record/proof-request'
import { recordOf } from '../record/record'
import { layOut } from '../run/layout'
import { levelsOf } from '../run/levels'
import { growthOf } from '../support/free-leg'
import { speakerIn } from '../speech'
import { shippedCosts } from '../workshop/costs'
import { profileWith } from '../workshop/profile'
import type { Job } from '../job/job'
import type { Plan } from '../plan/types'

const profile = profileWith('metric', undefined)
const say = speakerIn('metric')

/** Every solid has a place and a size. */
function askSolids(system: System): void {
  for (const { along, od } of solidsOf(catalogue, system))
    if (![od, ...along.flat()].every(Number.isFinite)) throw new RangeError('a solid without a place or a size')
}

/** Everything that is drawn of a job. */
function askDrawings(job: Job, plan: Plan, state: SiteState): void {
  const proofs = provenJoints(job, plan, state)
  const marks = jointMarksOf(plan, (id) => ({ ...state.joints[id]!, proof: proofs.get(id) }))
  thumbnailOf(catalogue, job)
  const pieceOf = new Map(plan.pieces.flatMap(({ id, legs }) => legs.map((leg) => [leg, id] as const)))
  const texts = {
    units: 'metric' as const,
    size: acrossPaper('a4'),
    title: 'Edited',
    length: String,
    colours: sampleColours,
    pieceOf,
    marks,
    jointsOf: jointNumbers(plan),
  }
  for (const system of systemsOf(job)) {
    for (const view of drawingViews) drawRun(layOut(system), view)
    runSheet(catalogue, system, 'isometric', texts)
    askSolids(system)
  }
}

/** For tests: everything that pages, prints and the HTTP interface ask of a job. */
export function askAll(decided: Job): void {
  const plan = planJob(decided, catalogue)
  const job = asBuilt(catalogue, decided)
  const made = plan.joints.map(({ id }, at): Entry => ({
    id: `made-${at}-of-all`,
    kind: 'joint-made',
    subject: { joint: id },
    at: '2026-05-04T10:00:00Z',
    by: 'A',
    jobVersion: 1,
    body: {},
  }))
  const state = siteState(plan, made)
  progressOf(job, plan, catalogue)
  askDrawings(job, plan, state)
  const question = assemblyQuestion(catalogue, job, plan, { costs: shippedCosts, celsius: 15 })
  if (question.joints.length <= 12) assemblyOrder(question)
  placesCut(plan.joints)
  drainings(catalogue, job)
  recordOf(catalogue, { id: 'job', version: 1, job }, { plan, entries: made, proofs: new Map() })
  const begun: EntryOf<'test-begun'> = {
    ...made[0]!,
    id: 'test-begun',
    kind: 'test-begun',
    subject: { test: 'of-all' },
    body: { profile: 'en806-a', design: 6, medium: 'water' },
  }
  proofRequest(job, {
    begun,
    readings: [],
    looks: [],
    touches: [],
    openedAgain: [],
    ended: null,
    pumped: null,
    checks: [],
  })
  const suspects = suspectsOf(job, plan, state)
  const loss = { medium: 'water', mlPerMinute: 1, barPerMinute: 0.1 } as const
  leakSearch({ spots: spotsOf(job, suspects), valves: valveSides(job, suspects), loss }, [])
  closingChains(job, plan, 0.5).forEach(closureOf)
  const parts = new Map(plan.parts.map((part) => [part.id, part]))
  for (const joint of plan.joints) {
    const pipe = catalogue.pipe(joint.pipe)!
    const here = { say, attitude: jointAttitude(parts, joint), isExisting: joint.piece === null }
    if (joint.inner) fittingJointCard(catalogue, joint.inner.meeting, pipe, { profile, here })
    else jointCard(catalogue, pipe, joint.method, { profile, here })
    facing(parts, joint)
  }
  for (const system of systemsOf(job)) {
    const layout = layOut(system)
    levelsOf(layout)
    for (const leg of system.legs) growthOf(catalogue, layout, leg, { supports: plan.supports, kelvin: 40, profile })
    flowPaths(catalogue, layout, 12, profile)
  }
}
