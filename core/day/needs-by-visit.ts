import type { Catalogue } from '../catalogue/catalogue'
import type { Job } from '../job/job'
import { runsOfVisits } from '../job/visit-runs'
import { bringListByRuns, type BringList } from '../plan/bring-list'
import type { Plan } from '../plan/types'
import { bringTable, type ListWords } from '../record/lists'
import type { Needed } from '../van/van-list'
import { neededBy } from './needed'

/** What a job needs, by the days on which somebody comes. */
export interface NeedsByVisit {
  readonly whole: readonly Needed[]
  /** By the end of each visit, one after another; null where the job is come to once, or nobody said what is made when. */
  readonly upTo: readonly { readonly on: string; readonly needed: readonly Needed[] }[] | null
}

/**
 * What a job needs by the end of each visit. Counted up to it, and not for it alone, so that pipe left over of one visit
 * serves at the next.
 *
 * @remarks for instance: 2 m of pipe roughed in, 0.8 m at the second visit, lengths of 3 m: one up to either
 */
export function needsByVisit(catalogue: Catalogue, job: Job, plan: Plan, words: ListWords): NeedsByVisit {
  const listed = (list: BringList) => neededBy(bringTable(list, new Map(), words), words.units)
  const visits = runsOfVisits(job)
  const whole = listed(plan)
  if (visits.length < 2 || visits.some(({ runs }) => runs === null)) return { whole, upTo: null }
  const listOf = bringListByRuns(catalogue, job, plan)
  const upTo = visits.map(({ visit }, at) => ({
    on: visit.on,
    needed: listed(listOf(visits.slice(0, at + 1).flatMap(({ runs }) => runs ?? []))),
  }))
  return { whole, upTo }
}

/**
 * What a job needs at its visits within some days, and what visits before them brought.
 *
 * @param from the first of these days
 * @param until the day after the last
 */
export function neededWithin({ whole, upTo }: NeedsByVisit, from: string, until: string) {
  if (!upTo) return { needed: whole, earlier: [] }
  const before = (day: string) => upTo.findLast(({ on }) => on < day)?.needed ?? []
  return { needed: before(until), earlier: before(from) }
}
