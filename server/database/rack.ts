import { and, asc, desc, eq, isNull } from 'drizzle-orm'
import { cuttingSchema, type Booking, type Cutting, type RackOffcut } from '~~/core/cut/rack'
import { pipeIdNow } from '~~/core/catalogue/former-pipe-ids'
import { useDatabase } from './connection/connection'
import { isThere } from './jobs'
import { cuttings, jobs, offcuts, offcutUses } from './schema'
import { errorCode } from './connection/error-code'
import type { Transaction } from './connection/transaction'

/** What is on the rack now, by pipe, the longest first. */
export async function offcutsOnRack(): Promise<RackOffcut[]> {
  const database = await useDatabase()
  const rows = await database
    .select({ offcut: offcuts })
    .from(offcuts)
    .leftJoin(offcutUses, eq(offcuts.id, offcutUses.offcut))
    .where(isNull(offcutUses.offcut))
    .orderBy(asc(offcuts.pipe), desc(offcuts.mm))
  return rows.map(({ offcut: { id, pipe, mm, from } }) => ({ id, pipe: pipeIdNow(pipe), mm, from }))
}

/** What was cut for a job: of each pipe the newest plan. */
export async function cuttingsOf(job: string): Promise<Cutting[]> {
  const database = await useDatabase()
  const rows = await database
    .select({ cutting: cuttings })
    .from(cuttings)
    .innerJoin(jobs, and(eq(jobs.id, cuttings.job), isThere))
    .where(eq(cuttings.job, job))
    .orderBy(asc(cuttings.id))
  const read = rows.map(({ cutting }) => cuttingSchema.parse({ ...cutting, pipe: pipeIdNow(cutting.pipe) }))
  return [...new Map(read.map((cutting) => [cutting.pipe, cutting])).values()]
}

/** A booking that names a job which is not there. */
export class NoSuchJob extends Error {}
/** A booking that takes offcuts which are no longer on the rack. */
export class OffcutsMissing extends Error {
  constructor(readonly offcuts: readonly number[]) {
    super(`no longer on the rack: ${offcuts.join(', ')}`)
  }
}

/** An offcut that another took first, or that never was. */
const notThere = new Set(['ER_DUP_ENTRY', 'ER_NO_REFERENCED_ROW_2'])

/**
 * Takes offcuts from the rack and puts others there. Whether an offcut is still there is decided by its key alone: of
 * two bookings that take it, the database refuses one; `whyNotBooked` says what stood in its way.
 *
 * @throws NoSuchJob
 */
export async function bookOffcuts(
  transaction: Transaction,
  { for: what, takes, leaves, cutting }: Booking,
): Promise<void> {
  const at = new Date()
  const wanted = [...new Set(takes)].sort((a, b) => a - b)
  if (cutting) {
    const [job] = await transaction
      .select({ id: jobs.id })
      .from(jobs)
      .where(and(eq(jobs.id, cutting.job), isThere))
    if (!job) throw new NoSuchJob()
  }
  if (wanted.length > 0)
    await transaction.insert(offcutUses).values(wanted.map((offcut) => ({ offcut, for: what, at })))
  if (cutting) await transaction.insert(cuttings).values({ ...cutting, at })
  if (leaves.length > 0) await transaction.insert(offcuts).values(leaves.map((left) => ({ ...left, from: what, at })))
}

/** What stood in a booking's way, from the error that it ended with. */
export async function whyNotBooked(error: unknown, { takes }: Booking): Promise<unknown> {
  if (!notThere.has(errorCode(error))) return error
  const there = new Set((await offcutsOnRack()).map(({ id }) => id))
  const gone = [...new Set(takes)].filter((id) => !there.has(id)).sort((a, b) => a - b)
  // Where all are there, it was the job that went while this was under way.
  return gone.length > 0 ? new OffcutsMissing(gone) : new NoSuchJob()
}
