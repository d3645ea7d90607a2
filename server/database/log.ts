import { and, asc, eq, gt, inArray, max, sql } from 'drizzle-orm'
import type { Entry } from '~~/core/log/entry'
import { useDatabase } from './connection'
import { isThere } from './jobs'
import { jobs, logEntries } from './schema'
import type { Transaction } from './transaction'

/** Entries of a job's log, and where the next are read from. */
export interface LogPage {
  readonly entries: readonly Entry[]
  readonly cursor: string
}

const mostAtOnce = 5000

/** The entries of a job that were taken after a cursor, in the order in which they were; null where there is no such job. */
export async function logAfter(job: string, after: number): Promise<LogPage | null> {
  const database = await useDatabase()
  const [there] = await database
    .select({ id: jobs.id })
    .from(jobs)
    .where(and(eq(jobs.id, job), isThere))
  if (!there) return null
  const rows = await database
    .select({ seq: logEntries.seq, entry: logEntries.entry })
    .from(logEntries)
    .where(and(eq(logEntries.job, job), gt(logEntries.seq, after)))
    .orderBy(asc(logEntries.seq))
    .limit(mostAtOnce)
  return { entries: rows.map(({ entry }) => entry as Entry), cursor: String(rows.at(-1)?.seq ?? after) }
}

/** The newest entry of each of these jobs, by its place in the log; a job of which nothing was written down is missing. */
export async function newestEntries(ids: readonly string[]): Promise<ReadonlyMap<string, number>> {
  if (ids.length === 0) return new Map()
  const database = await useDatabase()
  const rows = await database
    .select({ job: logEntries.job, seq: max(logEntries.seq) })
    .from(logEntries)
    .where(inArray(logEntries.job, [...ids]))
    .groupBy(logEntries.job)
  return new Map(rows.map(({ job, seq }) => [job, seq ?? 0]))
}

/** All entries of a job; null where there is no such job. */
export async function wholeLog(job: string): Promise<Entry[] | null> {
  const entries: Entry[] = []
  for (let cursor = 0; ;) {
    const page = await logAfter(job, cursor)
    if (!page) return null
    entries.push(...page.entries)
    if (page.entries.length < mostAtOnce) return entries
    cursor = Number(page.cursor)
  }
}

/** What stands already under one of these ids: of which job, and saying what. */
export interface Known {
  readonly id: string
  readonly job: string
  readonly entry: Entry
}

/** What a job's log holds already of what new entries name. */
export interface Held {
  /** Entries under the ids that they have, that they replace, and that these replace in turn. */
  readonly known: ReadonlyMap<string, Known>
  /** Tests that were begun. */
  readonly tests: ReadonlySet<string>
}

/** The entries of these ids, and those that the corrections among them stand for. */
async function knownWith(transaction: Transaction, wanted: readonly string[]): Promise<Map<string, Known>> {
  const known = new Map<string, Known>()
  for (let ids = wanted; ids.length > 0;) {
    const rows = await transaction
      .select({ id: logEntries.id, job: logEntries.job, entry: logEntries.entry })
      .from(logEntries)
      .where(inArray(logEntries.id, [...ids]))
    for (const row of rows) known.set(row.id, row as Known)
    ids = rows.flatMap(({ entry }) => (entry as Entry).replaces ?? []).filter((id) => !known.has(id))
  }
  return known
}

/** Which of these tests were begun in a job. */
async function begunTests(transaction: Transaction, job: string, wanted: readonly string[]): Promise<Set<string>> {
  if (wanted.length === 0) return new Set()
  const test = sql<string>`json_value(${logEntries.entry}, '$.subject.test')`
  const rows = await transaction
    .select({ test })
    .from(logEntries)
    .where(
      and(
        eq(logEntries.job, job),
        sql`json_value(${logEntries.entry}, '$.kind') = 'test-begun'`,
        inArray(test, [...wanted]),
      ),
    )
  return new Set(rows.map((row) => row.test))
}

/**
 * Adds entries to a job's log, all or none; those that stand there already are not added again. Writers of one job take
 * turns, so that whoever reads on from a cursor misses none.
 *
 * @param refuse told what stands already of what the entries name, and the job's version; throws to add nothing
 * @returns whether there is such a job
 */
export async function addEntries(
  transaction: Transaction,
  job: string,
  entries: readonly Entry[],
  refuse: (held: Held, version: number) => void,
): Promise<boolean> {
  const [there] = await transaction
    .select({ version: jobs.version })
    .from(jobs)
    .where(and(eq(jobs.id, job), isThere))
    .for('update')
  if (!there) return false
  const ids = [...new Set(entries.flatMap(({ id, replaces, body }) => [id, replaces, body.of].filter(isId)))]
  const known = await knownWith(transaction, ids)
  const named = [...new Set(entries.flatMap(({ subject }) => subject.test ?? []))]
  refuse({ known, tests: await begunTests(transaction, job, named) }, there.version)
  const at = new Date()
  const fresh = [...new Map(entries.map((entry) => [entry.id, entry])).values()].filter(({ id }) => !known.has(id))
  if (fresh.length > 0)
    await transaction.insert(logEntries).values(fresh.map((entry) => ({ id: entry.id, job, entry, at })))
  return true
}

const isId = (named: unknown): named is string => typeof named === 'string'
