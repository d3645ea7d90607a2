import { asc, desc, eq, inArray, isNull } from 'drizzle-orm'
import { cuttingSchema, type Booking, type Cutting, type RackOffcut } from '~~/core/cut/rack'
import { useDatabase } from './connection'
import { cuttings, jobs, offcuts, offcutUses } from './schema'

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

/** Takes offcuts from the rack and puts others there, all or nothing. */
export async function bookOffcuts({ for: what, takes, leaves, cutting }: Booking): Promise<Booked> {
  const database = await useDatabase()
  const at = new Date()
  const wanted = [...new Set(takes)].sort((a, b) => a - b)
  return database.transaction(async (transaction) => {
    if (cutting) {
      const [job] = await transaction.select({ id: jobs.id }).from(jobs).where(eq(jobs.id, cutting.job))
      if (!job) return { outcome: 'no-job' }
    }
    if (wanted.length > 0) {
      // Held in the order of their ids, so that two bookings wait for each other rather than stop each other.
      const there = await transaction
        .select({ id: offcuts.id })
        .from(offcuts)
        .where(inArray(offcuts.id, wanted))
        .orderBy(asc(offcuts.id))
        .for('update')
      const used = await transaction
        .select({ id: offcutUses.offcut })
        .from(offcutUses)
        .where(inArray(offcutUses.offcut, wanted))
        .for('update')
      const free = new Set(there.map(({ id }) => id))
      used.forEach(({ id }) => free.delete(id))
      const gone = wanted.filter((id) => !free.has(id))
      if (gone.length > 0) return { outcome: 'gone', offcuts: gone }
      await transaction.insert(offcutUses).values(wanted.map((offcut) => ({ offcut, for: what, at })))
    }
    if (cutting) await transaction.insert(cuttings).values({ ...cutting, at })
    if (leaves.length > 0) await transaction.insert(offcuts).values(leaves.map((left) => ({ ...left, from: what, at })))
    return { outcome: 'booked' }
  })
}
