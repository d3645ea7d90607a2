import loadHighs from 'highs'
import { asBuilt } from '~~/core/build/as-built'
import { catalogueWith, shippedCatalogue } from '~~/core/catalogue/catalogue'
import type { Part } from '~~/core/catalogue/part'
import type { Job } from '~~/core/job/job'
import type { Costs } from '~~/core/workshop/costs'
import { cutStock } from '~~/core/cut/cut-stock'
import type { StockQuestion } from '~~/core/cut/cutting-problem'
import { highsSolver } from '~~/core/cut/highs-solver'
import type { Solver } from '~~/core/cut/solver'
import { join, type JoinRequest } from '~~/core/join/join'
import { planJob } from '~~/core/plan/plan-job'
import type { Entry } from '~~/core/log/entry'
import { siteState } from '~~/core/log/site-state'
import { prove, type ProofAnswer } from '~~/core/prove/prove'
import type { ProveRequest } from '~~/core/prove/prove-schema'
import { proofRequest } from '~~/core/record/proof-request'
import { recordOf } from '~~/core/record/record'
import { labelsDocument } from '../print/labels-document'
import { makePdf } from '../print/make-pdf'
import { recordDocument } from '../print/record-document'
import { spokenJoin, spokenPlan, spokenProof, spokenRecord } from '../http/spoken'

let solver: Promise<Solver> | undefined

/** A job, and what was written down of it. */
interface SiteInput {
  readonly job: Job
  readonly parts: readonly Part[]
  readonly entries: readonly Entry[]
}

type RecordInput = SiteInput & { readonly id: string; readonly version: number }

type Pictures = Readonly<Record<string, string>>

/** The pictures that can be printed: one broken photo does not keep a record from its paper. */
async function soundPictures(pictures: Pictures, fonts: string): Promise<Pictures> {
  const sound: Record<string, string> = {}
  for (const [sha, image] of Object.entries(pictures)) {
    const isSound = await makePdf({ content: [{ image }] }, fonts).then(
      () => true,
      () => false,
    )
    if (isSound) sound[sha] = image
  }
  return sound
}

/** The record in words, with what it was made from. */
function told({ id, version, job: decided, parts, entries }: RecordInput) {
  const catalogue = catalogueWith(parts)
  const job = asBuilt(catalogue, decided)
  const plan = planJob(job, catalogue)
  const proofs = new Map<string, ProofAnswer>()
  for (const [test, state] of Object.entries(siteState(plan, entries).tests)) {
    const request = proofRequest(job, state)
    if (request) proofs.set(test, prove(catalogue, request))
  }
  const record = recordOf(catalogue, { id, version, job }, plan, entries, proofs)
  return { record: spokenRecord(record, job.units), plan, catalogue }
}

/** What is done on threads: each takes what can be sent there, and may tell the best that it has so far. */
export const tasks = {
  plan: ({ job, parts }: { job: Job; parts: readonly Part[] }) =>
    spokenPlan(planJob(job, catalogueWith(parts)), job.units),

  join({ request, costs }: { request: JoinRequest; costs: Costs }) {
    const { a, b, units, ...circumstances } = request
    const ends = { a: shippedCatalogue.pipe(a)!, b: shippedCatalogue.pipe(b)! }
    return spokenJoin(join(shippedCatalogue, ends, circumstances, costs), units)
  },

  prove: (request: ProveRequest) => spokenProof(prove(shippedCatalogue, request), request.units),

  state: ({ job, parts, entries }: SiteInput) => siteState(planJob(job, catalogueWith(parts)), entries),

  record: (site: RecordInput) => told(site).record,

  /** The record as a PDF. @param fonts folder of the fonts @param pictures data addresses of photos */
  async recordPdf({ fonts, pictures, ...site }: RecordInput & { fonts: string; pictures: Pictures }) {
    const print = { ...told(site), job: site.job, pictures: await soundPictures(pictures, fonts) }
    return makePdf(recordDocument(print), fonts)
  },

  /** Labels for valves and for joints that cannot be seen, as a PDF. */
  labelsPdf: ({ fonts, ...site }: RecordInput & { fonts: string }) =>
    makePdf(labelsDocument(told(site).record, site.job.units), fonts),

  async stock(question: StockQuestion, soFar: (value: unknown) => void) {
    solver ??= loadHighs().then(highsSolver)
    const search = cutStock(question, await solver)
    let step = search.next()
    while (!step.done) {
      soFar(step.value)
      step = search.next()
    }
    return step.value
  },
}
export type TaskName = keyof typeof tasks
