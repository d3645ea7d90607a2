import loadHighs from 'highs'
import { catalogueWith, shippedCatalogue } from '~~/core/catalogue/catalogue'
import type { Part } from '~~/core/catalogue/part'
import type { Costs } from '~~/core/workshop/costs'
import type { Workshop } from '~~/core/workshop/workshop'
import { cutStock } from '~~/core/cut/cut-stock'
import type { StockQuestion } from '~~/core/cut/cutting-problem'
import { highsSolver } from '~~/core/cut/highs-solver'
import type { Solver } from '~~/core/cut/solver'
import { join, type JoinRequest } from '~~/core/join/join'
import { planJob } from '~~/core/plan/plan-job'
import type { FieldProblem } from '~~/core/quantity/words/field-problem'
import { siteState } from '~~/core/log/site-state'
import { prove, type ProofAnswer } from '~~/core/prove/prove'
import type { ProveRequest } from '~~/core/prove/prove-schema'
import { proofRequest } from '~~/core/record/proof-request'
import type { PaperLists } from '~~/core/record/lists-schema'
import { recordOf } from '~~/core/record/record'
import type { SiteTexts } from '../database/site'
import { checkJobText } from '../http/check-job'
import { spokenJoin, spokenPlan, spokenProof, spokenRecord } from '../http/spoken'
import { estimateDocument } from '../print/estimate-document'
import { labelsDocument } from '../print/labels-document'
import { listsDocument } from '../print/lists-document'
import { makePdf } from '../print/make-pdf'
import { recordDocument } from '../print/record-document'
import { recordTable } from '../print/record-table'
import { testsTable } from '../print/tests-table'
import type { Seal } from '~~/core/record/seal'
import { sealed, type SigningKey } from '../record/sign'
import { openSite, type OpenSite } from './open-site'
import { statusOf } from './status'

let solver: Promise<Solver> | undefined

/** What a thread answers of a text: what was asked, or what is wrong in the text. */
export type OfText<Answer> = { readonly answer: Answer } | { readonly fields: readonly FieldProblem[] }

/** The record in words. */
function recordIn({ id, version, job, plan, catalogue, entries }: OpenSite) {
  const proofs = new Map<string, ProofAnswer>()
  for (const [test, state] of Object.entries(siteState(plan, entries).tests)) {
    const request = proofRequest(job, state)
    if (request) proofs.set(test, prove(catalogue, request))
  }
  return spokenRecord(recordOf(catalogue, { id, version, job }, { plan, entries, proofs }), job.units)
}

/** Does something with a job as a database has it. */
async function ofSite<Answer>(texts: SiteTexts, work: (site: OpenSite) => Answer): Promise<OfText<Awaited<Answer>>> {
  const opened = openSite(texts)
  return opened.ok ? { answer: await work(opened.site) } : { fields: opened.fields }
}

/** What is written in a seal beside its hash. */
export type SealWords = Pick<Seal, 'sealedAt' | 'catalogueVersion' | 'previous'>

/**
 * What is done on threads: each takes what can be sent there, and may tell the best that it has so far. Jobs come and
 * answers go as texts, so that the loop that answers others neither reads nor writes them.
 */
export const tasks = {
  /** A plan as JSON. */
  plan({ text, parts }: { text: string; parts: readonly Part[] }): OfText<string> {
    const read = checkJobText(text)
    if (!read.ok) return { fields: read.fields }
    return { answer: JSON.stringify(spokenPlan(planJob(read.job, catalogueWith(parts)), read.job.units)) }
  },

  join({ request, costs }: { request: JoinRequest; costs: Costs }) {
    const { a, b, units, ...circumstances } = request
    const ends = { a: shippedCatalogue.pipe(a)!, b: shippedCatalogue.pipe(b)! }
    return spokenJoin(join(shippedCatalogue, ends, circumstances, costs), units)
  },

  prove: (request: ProveRequest) => spokenProof(prove(shippedCatalogue, request), request.units),

  state: (texts: SiteTexts) => ofSite(texts, ({ plan, entries }) => JSON.stringify(siteState(plan, entries))),

  status: statusOf,

  record: (texts: SiteTexts) => ofSite(texts, (site) => JSON.stringify(recordIn(site))),

  /** The joints of a record as a table. */
  recordCsv: (texts: SiteTexts) => ofSite(texts, (site) => recordTable(recordIn(site))),

  /** The readings of a record's tests as a table. */
  testsCsv: (texts: SiteTexts) => ofSite(texts, (site) => testsTable(recordIn(site))),

  /** The record as it is handed over, with its seal, as JSON. */
  sealedRecord: ({ seal, key, ...texts }: SiteTexts & { seal: SealWords; key: SigningKey }) =>
    ofSite(texts, (site) => {
      const { version: jobVersion, decided: document, entries } = site
      const words = { ...seal, jobVersion, entries: entries.length }
      const whole = sealed({ ...recordIn(site), document, entries }, words, key)
      return { sha256: whole.seal.sha256, text: JSON.stringify(whole) }
    }),

  /** The record as a PDF. @param fonts folder of the fonts @param pictures files of photos, by their SHA-256 */
  recordPdf: ({
    fonts,
    pictures,
    seal,
    ...texts
  }: SiteTexts & { fonts: string; pictures: Readonly<Record<string, string>>; seal: Seal | null }) =>
    ofSite(texts, (site) => {
      const print = { record: recordIn(site), ...site, seal, pictures }
      return makePdf(recordDocument(print), fonts, Object.values(print.pictures))
    }),

  /** Labels for valves and for joints that cannot be seen, as a PDF. */
  labelsPdf: ({ fonts, ...texts }: SiteTexts & { fonts: string }) =>
    ofSite(texts, (site) => makePdf(labelsDocument(recordIn(site), site.job.units), fonts)),

  /** The estimate for the customer, as a PDF. */
  estimatePdf: ({
    fonts,
    workshop,
    minutes,
    visits,
    ...texts
  }: SiteTexts & {
    fonts: string
    workshop: Workshop
    minutes: readonly (readonly [joint: string, minutes: number])[]
    visits: number | undefined
  }) =>
    ofSite(texts, (site) =>
      makePdf(estimateDocument(site, { workshop, minutes: new Map(minutes), ...(visits && { visits }) }), fonts),
    ),

  /** Lists as a PDF, to be ticked by hand. */
  listsPdf: ({ fonts, lists }: { fonts: string; lists: PaperLists }) => makePdf(listsDocument(lists), fonts),

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
