import { and, asc, eq, gt, inArray, max, sql } from 'drizzle-orm'
import type { Entry } from '~~/core/log/entry'
import { groupBy } from '~~/core/quantity/group-by'
import { useDatabase } from './connection/connection'
import { isThere } from './jobs'
import { jobs, logEntries } from './schema'
import type { Transaction } from './connection/transaction'

/** Entries of a job's log, and the place of the last of them. */
export interface LogPage {
  readonly entries: readonly Entry[]
  readonly last: number
}

const mostAtOnce = 5000

/** An entry with what was noted as it came. */
const asKept = ({ entry, at, ahead }: { entry: unknown; at: Date; ahead: number | null }): Entry => ({
  ...(entry as Entry),
  arrived: at.toISOString(),
  ...(ahead === null ? {} : { ahead }),
})

/** The entries of a job that were taken after a cursor, in the order in which they were; null where there is no such job. */
export async function logAfter(job: string, after: number): Promise<LogPage | null> {
  const database = await useDatabase()
  const [there] = await database
    .select({ id: jobs.id })
    .from(jobs)
    .where(and(eq(jobs.id, job), isThere))
  if (!there) return null
  const rows = await database
    .select({ seq: logEntries.seq, entry: logEntries.entry, at: logEntries.at, ahead: logEntries.ahead })
    .from(logEntries)
    .where(and(eq(logEntries.job, job), gt(logEntries.seq, after)))
    .orderBy(asc(logEntries.seq))
    .limit(mostAtOnce)
  return { entries: rows.map(asKept), last: rows.at(-1)?.seq ?? after }
}

/** What was written down of one kind in each of these jobs, in its order, with the corrections of any kind. */
export async function entriesOfKind(kind: string, ids: readonly string[]): Promise<ReadonlyMap<string, Entry[]>> {
  if (ids.length === 0) return new Map()
  const database = await useDatabase()
  const rows = await database
    .select({ job: logEntries.job, entry: logEntries.entry, at: logEntries.at, ahead: logEntries.ahead })
    .from(logEntries)
    .where(
      and(
        inArray(logEntries.job, [...new Set(ids)]),
        inArray(sql`json_value(${logEntries.entry}, '$.kind')`, [kind, 'correction']),
      ),
    )
    .orderBy(asc(logEntries.seq))
  return new Map([...groupBy(rows, ({ job }) => job)].map(([job, of]) => [job, of.map(asKept)]))
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
    cursor = page.last
  }
}

/** What stands already under one of these ids: of which job, and saying what. */
export interface Known {
  readonly id: string
  readonly job: string
  readonly entry: Entry
}

/** When entries came, by the server's clock, and how far their sender's was ahead of it in ms; null where it did not tell. */
export interface Came {
  readonly at: Date
  readonly ahead: number | null
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
 * @param came when they came by the server's clock, and how far the sender's was ahead of it
 * @param refuse told what stands already of what the entries name, and the job's version; throws to add nothing
 * @returns the entries that were added, as they are kept; null where there is no such job
 */
export async function addEntries(
  transaction: Transaction,
  job: string,
  { entries, came: { at, ahead } }: { readonly entries: readonly Entry[]; readonly came: Came },
  refuse: (held: Held, version: number) => void,
): Promise<Entry[] | null> {
  const [there] = await transaction
    .select({ version: jobs.version })
    .from(jobs)
    .where(and(eq(jobs.id, job), isThere))
    .for('update')
  if (!there) return null
  const ids = [...new Set(entries.flatMap(({ id, replaces, body }) => [id, replaces, body.of].filter(isId)))]
  const known = await knownWith(transaction, ids)
  const named = [...new Set(entries.flatMap(({ subject }) => subject.test ?? []))]
  refuse({ known, tests: await begunTests(transaction, job, named) }, there.version)
  const fresh = [...new Map(entries.map((entry) => [entry.id, entry])).values()].filter(({ id }) => !known.has(id))
  if (fresh.length > 0)
    await transaction.insert(logEntries).values(fresh.map((entry) => ({ id: entry.id, job, entry, at, ahead })))
  return fresh.map((entry) => asKept({ entry, at, ahead }))
}

const isId = (named: unknown): named is string => typeof named === 'string'
