import type { Catalogue } from '../catalogue/catalogue'
import type { Job, Node, Run } from '../job/job'
import { checkMetas } from '../check/rules'
import type { CheckedStep, CheckMeta } from '../check/rule'
import type { Plan } from './types'
import { todo } from './progress-sayings'
import type { Message } from '../quantity/words/message'
import { plainMethodAt } from '../pipework/take-off/end'
import { layOut } from '../run/layout'
import { tiedInto } from '../run/states'
import { systemsOf, runOf } from '../job/system'
import { chainChosen } from '../job/chosen'

export const steps = ['survey', 'join', 'route', 'cut', 'make', 'prove', 'hand-over'] as const
export type StepId = (typeof steps)[number]
export type StepState = 'not begun' | 'in hand' | 'reservation' | 'done'

/** Where one step of the work stands, and how much is open in it. */
export interface StepProgress {
  readonly step: StepId
  readonly state: StepState
  readonly open: number
  /** The next thing to do in it; null when nothing is open. */
  readonly next: Message | null
}

const progress = (step: StepId, state: StepState, open: number, next: Message | null): StepProgress => ({
  step,
  state,
  open,
  next,
})

/** The tie-ins whose fittings are still to be chosen: what joins old to new is not plain. */
function openTieIns(job: Job, catalogue: Catalogue): { readonly run: Run; readonly node: Node }[] {
  return systemsOf(job).flatMap((system) => {
    const { arms } = layOut(system)
    return system.nodes
      .filter((node) => !chainChosen(node) && tiedInto(node, arms.get(node.id) ?? []) !== undefined)
      .map((node) => ({ run: runOf(system, node), node }))
      .filter(({ node }) => plainMethodAt(catalogue, system, node) === null)
  })
}

function surveyProgress(job: Job): StepProgress {
  const untold = job.surveys.filter(({ pipe }) => pipe === undefined)
  // A job of new pipe alone has nothing to look at.
  if (job.surveys.length === 0 && job.runs.length > 0) return progress('survey', 'done', 0, null)
  if (job.surveys.length === 0) return progress('survey', 'not begun', 0, todo('look'))
  if (untold.length > 0)
    return progress('survey', 'in hand', untold.length, todo('identify', { name: untold[0]!.name }))
  return progress('survey', 'done', 0, null)
}

function joinProgress(job: Job, plan: Plan, catalogue: Catalogue): StepProgress {
  if (job.runs.length === 0) return progress('join', 'not begun', 0, todo('join'))
  const open = openTieIns(job, catalogue)
  if (open.length > 0) return progress('join', 'in hand', open.length, todo('fittings', { run: open[0]!.run.name }))
  const refused = plan.joints.filter(({ verdict }) => verdict === 'refuse').length
  return refused > 0 ? progress('join', 'reservation', refused, todo('refused')) : progress('join', 'done', 0, null)
}

const metaOf: ReadonlyMap<string, CheckMeta> = new Map(checkMetas.map((meta) => [meta.id, meta]))

/** A step that is done as soon as no check of its own is open: refused, or a caution that is still to be seen to. */
function checkedProgress(step: CheckedStep, plan: Plan): StepProgress {
  const open = plan.checks.filter(({ rule, verdict }) => {
    const meta = metaOf.get(rule)
    return meta?.step === step && (verdict === 'refuse' || meta.todo)
  })
  const [first] = open
  if (!first) return progress(step, 'done', 0, null)
  const state = open.some(({ verdict }) => verdict === 'refuse') ? 'reservation' : 'in hand'
  return progress(step, state, open.length, todo('check', { where: first.where, check: first }))
}

function routeProgress(job: Job, plan: Plan): StepProgress {
  return job.legs.length === 0 ? progress('route', 'not begun', 0, todo('draw')) : checkedProgress('route', plan)
}

const cutProgress = (plan: Plan): StepProgress =>
  plan.pieces.length === 0 ? progress('cut', 'not begun', 0, null) : checkedProgress('cut', plan)

/** How many of the planned joints are made, and how many of those were looked at and are sound. */
export interface JointsDone {
  readonly made: number
  readonly inspected: number
  readonly all: number
  /** Of those that a test can prove, how many none has yet; a relief pipe is never under pressure. */
  readonly unproven: number
  /** What the last test under pressure found; nothing while there was none, or none is ended. */
  readonly tested?: 'running' | 'leak' | 'ended'
  readonly handedOver?: boolean
}

function makeProgress(plan: Plan, done: JointsDone | undefined): StepProgress {
  const all = plan.joints.length
  if (all === 0) return progress('make', 'not begun', 0, null)
  if (done && done.made === all)
    return done.inspected === all
      ? progress('make', 'done', 0, null)
      : progress('make', 'in hand', all - done.inspected, todo('inspect', { joints: all - done.inspected }))
  if (done && done.made > 0)
    return progress('make', 'in hand', all - done.made, todo('left', { left: all - done.made, all }))
  const doubtful = plan.joints.filter(({ verdict }) => verdict !== 'fits').length
  return doubtful > 0
    ? progress('make', 'reservation', doubtful, todo('reserved', { count: doubtful, all }))
    : progress('make', 'in hand', 0, todo('make', { joints: all }))
}

function proveProgress(plan: Plan, done: JointsDone | undefined): StepProgress {
  const isMade = done !== undefined && done.all > 0 && done.made === done.all
  if (isMade && done.unproven === 0) return progress('prove', 'done', 0, null)
  if (plan.joints.length === 0 || !done?.tested) return progress('prove', 'not begun', 0, isMade ? todo('test') : null)
  return done.tested === 'leak'
    ? progress('prove', 'reservation', 1, todo('leaks'))
    : done.tested === 'running'
      ? progress('prove', 'in hand', 1, todo('testing'))
      : progress('prove', 'in hand', done.unproven, todo('unproven', { joints: done.unproven }))
}

function handOverProgress(done: JointsDone | undefined): StepProgress {
  if (done?.handedOver) return progress('hand-over', 'done', 0, null)
  const isReady = done !== undefined && done.all > 0 && done.unproven === 0 && done.inspected === done.all
  return progress('hand-over', 'not begun', 0, isReady ? todo('hand over') : null)
}

/** Where each step of a job stands, in the order of the work. @param done by the log; nothing where it is not known */
export function progressOf(job: Job, plan: Plan, catalogue: Catalogue, done?: JointsDone): StepProgress[] {
  return [
    surveyProgress(job),
    joinProgress(job, plan, catalogue),
    routeProgress(job, plan),
    cutProgress(plan),
    makeProgress(plan, done),
    proveProgress(plan, done),
    handOverProgress(done),
  ]
}

/** The step to go on with: the first that is neither done nor empty of things to do. */
export function nextStep(all: readonly StepProgress[]): StepProgress {
  return all.find(({ state }) => state !== 'done') ?? all.at(-1)!
}
