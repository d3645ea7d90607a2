import { asBuilt } from '~~/core/pipework/as-built'
import { catalogueWith, shippedCatalogue, type Catalogue } from '~~/core/catalogue/catalogue'
import type { Job } from '~~/core/job/job'
import { readJobText } from '~~/core/job/read-job'
import type { Entry } from '~~/core/log/entry'
import { planJob } from '~~/core/plan/plan-job'
import type { Plan } from '~~/core/plan/types'
import type { FieldProblem } from '~~/core/quantity/words/field-problem'
import type { SiteTexts } from '../database/site'

/** A job as a thread works on it: read, built and planned, with all that was written down. */
export interface OpenSite {
  readonly id: string
  readonly version: number
  /** As it was decided. */
  readonly decided: Job
  /** As its fittings make it. */
  readonly job: Job
  readonly plan: Plan
  readonly catalogue: Catalogue
  readonly entries: readonly Entry[]
}

export type Opened =
  { readonly ok: true; readonly site: OpenSite } | { readonly ok: false; readonly fields: readonly FieldProblem[] }

/** Reads what a database has of a job; where the job cannot be read, what is wrong in it. */
export function openSite({ id, version, document, parts, entries: rows }: SiteTexts): Opened {
  const read = readJobText(document, shippedCatalogue)
  if (!read.ok) return read
  const catalogue = catalogueWith(parts)
  const job = asBuilt(catalogue, read.job)
  const entries = rows.map(({ text, arrived, ahead }): Entry => ({
    ...(JSON.parse(text) as Entry),
    arrived,
    ...(ahead === null ? {} : { ahead }),
  }))
  return { ok: true, site: { id, version, decided: read.job, job, plan: planJob(job, catalogue), catalogue, entries } }
}
