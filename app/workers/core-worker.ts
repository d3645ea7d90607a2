import { expose } from 'comlink'
import loadHighs from 'highs'
import wasm from 'highs/runtime?url'
import { catalogueWith, shippedCatalogue } from '~~/core/catalogue/catalogue'
import type { Part } from '~~/core/catalogue/part'
import { cutStock, type StockProgress } from '~~/core/cut/cut-stock'
import type { StockQuestion } from '~~/core/cut/cutting-problem'
import { highsSolver } from '~~/core/cut/highs-solver'
import type { Solver } from '~~/core/cut/solver'
import type { Job } from '~~/core/job/job'
import { seekOrder, type AssemblyOrder } from '~~/core/assembly/order'
import type { AssemblyQuestion } from '~~/core/assembly/question'
import type { JobTime, JobTimeAsked } from '~~/core/day/time-of-job'
import { needsByVisit, type NeedsByVisit } from '~~/core/day/needs-by-visit'
import { timesOfJob, timesOfVisits } from '~~/core/day/time-of-visits'
import { leakSearch } from '~~/core/leak/search'
import { patterns } from '~~/core/patterns'
import type { Answers, DrawnFor } from '~~/core/patterns/pattern'
import { planJob } from '~~/core/plan/plan-job'
import { shareThatCloses, type Chain } from '~~/core/plan/closure'
import { prove, type ProofAnswer } from '~~/core/prove/prove'
import { jobAsDrawn, jobByMethod, type CompareAsked, type JobByMethod } from '~~/core/compare/whole-job'
import type { MethodId } from '~~/core/methods/ids'
import type { ProveRequest } from '~~/core/prove/prove-schema'
import type { Units } from '~~/core/quantity/units'
import { problemText } from '~~/core/quantity/words/refusal'
import { speakerFor } from '~~/core/quantity/words/speaker'
import { randomStream } from '~~/core/quantity/random-stream'
import { randomIds } from '~/composables/random-ids'

/** By what a job is timed. */
interface TimeAsked extends JobTimeAsked {
  readonly parts: readonly Part[]
}

/** And in whose units its list is. */
interface VisitsAsked extends TimeAsked {
  readonly units: Units
}

/** How long each visit takes, by its id, and what to bring to them. */
export interface VisitsWorked {
  readonly times: ReadonlyMap<string, JobTime | null>
  readonly needs: NeedsByVisit
}

/** By whose prices methods are compared. */
export interface ByMethodAsked extends Omit<CompareAsked, 'ids'> {
  readonly parts: readonly Part[]
}

/** For whom a pattern draws. */
export interface PatternFor extends Pick<DrawnFor, 'units' | 'costs' | 'title'> {
  readonly parts: readonly Part[]
}

/** Hears how far it is. @returns whether the answer is still wanted */
type Report<Progress> = (progress: Progress) => boolean | Promise<boolean>

let solver: Promise<Solver> | undefined

const builds = 20_000
/** The same builds every time, so that a figure changes only when the job does. */
const seed = 1
/** So often it is said how many orders were tried, in ms; in between others have their turn. */
const pause = 100

/** What takes longer than a moment, for all of the page: each is done in steps, and given up where nobody waits for it. */
const coreWorker = {
  /** Lays pieces on stock to the end, handing out every better plan on the way; the last one where it is given up. */
  async stock(question: StockQuestion, report: Report<StockProgress>): Promise<StockProgress> {
    solver ??= loadHighs({ locateFile: () => wasm }).then(highsSolver)
    const search = cutStock(question, await solver)
    let step = search.next()
    while (!step.done && (await report(step.value))) step = search.next()
    return step.value
  },

  /** Seeks the order of assembly, telling how many were tried; null where it is given up. */
  async order(question: AssemblyQuestion, report: Report<number>): Promise<AssemblyOrder | null> {
    const search = seekOrder(question)
    let step = search.next()
    let told = performance.now()
    for (let tried = 1; !step.done; tried += 1) {
      if (performance.now() - told > pause) {
        if (!(await report(tried))) return null
        told = performance.now()
      }
      step = search.next()
    }
    return step.value
  },

  /** The plan of a job, as text. */
  plan: (job: Job, parts: readonly Part[]): string => JSON.stringify(planJob(job, catalogueWith(parts))),

  /** The job that a pattern draws from its answers, with its plan, as text; or what the answers lack. */
  pattern(id: string, answers: Answers, { parts, ...to }: PatternFor): string {
    const catalogue = catalogueWith(parts)
    const pattern = patterns.find((of) => of.id === id)!
    try {
      const job = pattern.draw(answers, { ...to, catalogue, ids: randomIds })
      return JSON.stringify({ job, plan: planJob(job, catalogue) })
    } catch (error) {
      return JSON.stringify({ problem: problemText(error, speakerFor(to.units)) })
    }
  },

  /** How long a job takes, by its visits; null where no order of work was found. */
  times(job: Job, { parts, ...asked }: TimeAsked): JobTime[] | null {
    const catalogue = catalogueWith(parts)
    return timesOfJob(catalogue, job, planJob(job, catalogue), asked)
  },

  /** How long each visit of a job takes, and what to bring to it. */
  visits(job: Job, { parts, units, ...asked }: VisitsAsked): VisitsWorked {
    const catalogue = catalogueWith(parts)
    const plan = planJob(job, catalogue)
    return {
      times: timesOfVisits(catalogue, job, plan, asked),
      needs: needsByVisit(catalogue, job, plan, { units, say: speakerFor(units) }),
    }
  },

  /** What the whole job comes to as it is drawn, or by another method; null where it cannot be made so. */
  byMethod(job: Job, method: MethodId | null, { parts, ...asked }: ByMethodAsked): JobByMethod | null {
    const catalogue = catalogueWith(parts)
    const plan = planJob(job, catalogue)
    const to = { ...asked, ids: randomIds }
    return method === null ? jobAsDrawn(catalogue, job, plan, to) : jobByMethod(catalogue, { job, plan }, method, to)
  },

  prove: (request: ProveRequest): ProofAnswer => prove(shippedCatalogue, request),

  /** Where a leak is, and what to check next. */
  leak: leakSearch,

  share: (chain: Chain, spring: number): number => shareThatCloses(chain, spring, randomStream(seed), builds),
}
export type CoreWorker = typeof coreWorker

expose(coreWorker)
