import { and, desc, eq, isNotNull, max, sql } from 'drizzle-orm'
import type { VanRow } from '~~/core/van/booking-schema'
import { thereAfter, vanKey, type Van } from '~~/core/van/van'
import { useDatabase } from './connection/connection'
import type { Transaction } from './connection/transaction'
import { isThere } from './jobs'
import { jobs, vanRows } from './schema'

/** What is in the van now, and what of it is on jobs. */
export async function vanNow(): Promise<Van> {
  const database = await useDatabase()
  const newest = database
    .select({ item: vanRows.item, mm: vanRows.mm, nth: max(vanRows.nth).as('newest') })
    .from(vanRows)
    .groupBy(vanRows.item, vanRows.mm)
    .as('newest')
  const items = await database
    .select({ row: vanRows })
    .from(vanRows)
    .innerJoin(newest, and(eq(vanRows.item, newest.item), eq(vanRows.mm, newest.mm), eq(vanRows.nth, newest.nth)))
    .orderBy(vanRows.what, vanRows.mm)
  const taken = await database
    .select({
      item: vanRows.item,
      mm: vanRows.mm,
      job: vanRows.job,
      what: max(vanRows.what),
      count: sql<string>`-sum(${vanRows.count})`,
      leftOver: sql<string>`sum(if(${vanRows.leftOver}, ${vanRows.count}, 0))`,
    })
    .from(vanRows)
    .where(isNotNull(vanRows.job))
    .groupBy(vanRows.item, vanRows.mm, vanRows.job)
  return {
    items: items.map(({ row: { item, mm, what, there, least } }) => ({
      ...{ item, what, least },
      mm: mm === 0 ? null : mm,
      count: there,
    })),
    taken: taken.flatMap(({ item, mm, job, what, ...sums }) => {
      const [count, leftOver] = [Number(sums.count), Number(sums.leftOver)]
      if ((count === 0 && leftOver === 0) || job === null || what === null) return []
      return [{ item, what, job, mm: mm === 0 ? null : mm, count, leftOver }]
    }),
  }
}

/** What was to be taken, and how many of it there are. */
export interface Short {
  readonly index: number
  readonly what: string
  readonly asked: number
  readonly there: number
}
/** A booking that takes more than is there. */
export class VanShort extends Error {
  constructor(readonly short: readonly Short[]) {
    super(`not in the van: ${short.map(({ what }) => what).join(', ')}`)
  }
}
/** A booking for a job that is not there. */
export class NoJobToTakeFor extends Error {}

/** The newest row of a thing, held until the transaction ends, so that nobody writes the next one meanwhile. */
async function newestOf(transaction: Transaction, item: string, mm: number) {
  const [row] = await transaction
    .select({ nth: vanRows.nth, there: vanRows.there, least: vanRows.least })
    .from(vanRows)
    .where(and(eq(vanRows.item, item), eq(vanRows.mm, mm)))
    .orderBy(desc(vanRows.nth))
    .limit(1)
    .for('update')
  return row ?? { nth: 0, there: 0, least: 0 }
}

async function needJobs(transaction: Transaction, rows: readonly VanRow[]): Promise<void> {
  for (const job of new Set(rows.flatMap((row) => row.job ?? []))) {
    const [found] = await transaction
      .select({ id: jobs.id })
      .from(jobs)
      .where(and(eq(jobs.id, job), isThere))
    if (!found) throw new NoJobToTakeFor()
  }
}

/**
 * Writes rows into the van's book, all or none.
 *
 * @throws VanShort where more is taken than is there
 * @throws NoJobToTakeFor
 */
export async function bookVan(transaction: Transaction, rows: readonly VanRow[]): Promise<void> {
  await needJobs(transaction, rows)
  const at = new Date()
  const short: Short[] = []
  // Always in the same order, so that two bookings do not wait for each other.
  const inOrder = rows.map((row, index) => ({ row, index })).sort((a, b) => (vanKey(a.row) < vanKey(b.row) ? -1 : 1))
  for (const { row, index } of inOrder) {
    const { item, what, job = null, leftOver = false } = row
    const mm = row.mm ?? 0
    const before = await newestOf(transaction, item, mm)
    const there = thereAfter(before.there, row)
    if (there < 0) short.push({ index, what, asked: -row.count, there: before.there })
    else
      await transaction.insert(vanRows).values({
        ...{ item, mm, what, job, leftOver, there, at },
        nth: before.nth + 1,
        count: there - before.there,
        least: row.least ?? before.least,
      })
  }
  if (short.length > 0) throw new VanShort(short.sort((a, b) => a.index - b.index))
}
