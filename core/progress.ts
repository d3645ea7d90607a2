import type { Catalogue } from './catalogue/catalogue'
import type { Job, Node, Run } from './job/job'
import type { Plan } from './plan/types'
import { methodAt, takesBoth } from './route/end'

export const steps = ['survey', 'join', 'route', 'cut', 'make'] as const
export type StepId = (typeof steps)[number]
export type StepState = 'not begun' | 'in hand' | 'reservation' | 'done'

/** Where one step of the work stands, and how much is open in it. */
export interface StepProgress {
  readonly step: StepId
  readonly state: StepState
  readonly open: number
  /** The next thing to do in it, in words; empty when nothing is open. */
  readonly next: string
}

const progress = (step: StepId, state: StepState, open: number, next: string): StepProgress => ({
  step,
  state,
  open,
  next,
})

/** The tie-ins whose fittings are still to be chosen: what joins old to new is not plain. */
function openTieIns(job: Job, catalogue: Catalogue): { readonly run: Run; readonly node: Node }[] {
  return job.runs.flatMap((run) =>
    run.nodes
      .filter((node) => node.kind === 'tie-in' && node.existing !== undefined && !node.chain)
      .filter((node) => {
        const pipe = catalogue.pipe(run.pipe)
        return !pipe || !takesBoth(catalogue, node, catalogue.socketFor(methodAt(node, run.method), pipe))
      })
      .map((node) => ({ run, node })),
  )
}

function surveyProgress(job: Job): StepProgress {
  const untold = job.surveys.filter(({ pipe }) => pipe === undefined)
  if (job.surveys.length === 0) return progress('survey', 'not begun', 0, 'look at the pipe that is there')
  if (untold.length > 0) return progress('survey', 'in hand', untold.length, `tell what “${untold[0]!.name}” is`)
  return progress('survey', 'done', 0, '')
}

function joinProgress(job: Job, plan: Plan, catalogue: Catalogue): StepProgress {
  const tieIns = job.runs.flatMap(({ nodes }) => nodes.filter(({ kind }) => kind === 'tie-in'))
  if (tieIns.length === 0) return progress('join', 'not begun', 0, 'choose what joins old to new')
  const open = openTieIns(job, catalogue)
  if (open.length > 0)
    return progress('join', 'in hand', open.length, `choose the fittings of the tie-in in “${open[0]!.run.name}”`)
  const refused = plan.joints.filter(({ verdict }) => verdict === 'refuse').length
  return refused > 0
    ? progress('join', 'reservation', refused, 'a joint is refused: see why')
    : progress('join', 'done', 0, '')
}

const routeRules = new Set(['connected', 'open-end', 'too-many-legs', 'closing', 'height'])

function routeProgress(job: Job, plan: Plan): StepProgress {
  if (job.runs.every(({ legs }) => legs.length === 0)) return progress('route', 'not begun', 0, 'draw the run')
  const open = plan.checks.filter(({ rule }) => routeRules.has(rule))
  if (open.length === 0) return progress('route', 'done', 0, '')
  const worst = open.some(({ verdict }) => verdict === 'refuse')
  return progress('route', worst ? 'reservation' : 'in hand', open.length, `${open[0]!.where}: ${open[0]!.text}`)
}

const cutRules = new Set(['unknown-figure', 'least-piece', 'stock'])

function cutProgress(plan: Plan): StepProgress {
  if (plan.pieces.length === 0) return progress('cut', 'not begun', 0, '')
  const open = plan.checks.filter(({ rule }) => cutRules.has(rule))
  if (open.length === 0) return progress('cut', 'done', 0, '')
  const worst = open.some(({ verdict }) => verdict === 'refuse')
  return progress('cut', worst ? 'reservation' : 'in hand', open.length, `${open[0]!.where}: ${open[0]!.text}`)
}

function makeProgress(plan: Plan): StepProgress {
  if (plan.joints.length === 0) return progress('make', 'not begun', 0, '')
  const doubtful = plan.joints.filter(({ verdict }) => verdict !== 'fits').length
  return doubtful > 0
    ? progress('make', 'reservation', doubtful, `${doubtful} of ${plan.joints.length} joints have a reservation`)
    : progress('make', 'in hand', 0, `make ${plan.joints.length} joints`)
}

/** Where each step of a job stands, in the order of the work. */
export function progressOf(job: Job, plan: Plan, catalogue: Catalogue): StepProgress[] {
  return [
    surveyProgress(job),
    joinProgress(job, plan, catalogue),
    routeProgress(job, plan),
    cutProgress(plan),
    makeProgress(plan),
  ]
}

/** The step to go on with: the first that is neither done nor empty of things to do. */
export function nextStep(all: readonly StepProgress[]): StepProgress {
  return all.find(({ state }) => state !== 'done') ?? all.at(-1)!
}
