import { asc, desc, eq, isNull } from 'drizzle-orm'
import { cuttingSchema, type Booking, type Cutting, type RackOffcut } from '~~/core/cut/rack'
import { useDatabase } from './connection'
import { cuttings, jobs, offcuts, offcutUses } from './schema'
import { errorCode, inTransaction } from './transaction'

/** What is on the rack now, by pipe, the longest first. */
export async function offcutsOnRack(): Promise<RackOffcut[]> {
  const database = await useDatabase()
  const rows = await database
    .select({ offcut: offcuts })
    .from(offcuts)
    .leftJoin(offcutUses, eq(offcuts.id, offcutUses.offcut))
    .where(isNull(offcutUses.offcut))
    .orderBy(asc(offcuts.pipe), desc(offcuts.mm))
  return rows.map(({ offcut: { id, pipe, mm, from } }) => ({ id, pipe, mm, from }))
}

/** What was cut for a job: of each pipe the newest plan. */
export async function cuttingsOf(job: string): Promise<Cutting[]> {
  const database = await useDatabase()
  const rows = await database.select().from(cuttings).where(eq(cuttings.job, job)).orderBy(asc(cuttings.id))
  return [...new Map(rows.map((row) => [row.pipe, cuttingSchema.parse(row)])).values()]
}

export type Booked =
  { readonly outcome: 'booked' | 'no-job' } | { readonly outcome: 'gone'; readonly offcuts: readonly number[] }

/** An offcut that another took first, or that never was. */
const notThere = new Set(['ER_DUP_ENTRY', 'ER_NO_REFERENCED_ROW_2'])

/**
 * Takes offcuts from the rack and puts others there, all or nothing. Whether an offcut is still there is decided by its
 * key alone: of two bookings that take it, one is refused by the database and told what is gone.
 */
export async function bookOffcuts({ for: what, takes, leaves, cutting }: Booking): Promise<Booked> {
  const at = new Date()
  const wanted = [...new Set(takes)].sort((a, b) => a - b)
  try {
    return await inTransaction(async (transaction): Promise<Booked> => {
      if (cutting) {
        const [job] = await transaction.select({ id: jobs.id }).from(jobs).where(eq(jobs.id, cutting.job))
        if (!job) return { outcome: 'no-job' }
      }
      if (wanted.length > 0)
        await transaction.insert(offcutUses).values(wanted.map((offcut) => ({ offcut, for: what, at })))
      if (cutting) await transaction.insert(cuttings).values({ ...cutting, at })
      if (leaves.length > 0)
        await transaction.insert(offcuts).values(leaves.map((left) => ({ ...left, from: what, at })))
      return { outcome: 'booked' }
    })
  } catch (error) {
    if (!notThere.has(errorCode(error))) throw error
    const there = new Set((await offcutsOnRack()).map(({ id }) => id))
    const gone = wanted.filter((id) => !there.has(id))
    // Where all are there, it was the job that went while this was under way.
    return gone.length > 0 ? { outcome: 'gone', offcuts: gone } : { outcome: 'no-job' }
  }
}
