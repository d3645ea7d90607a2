import { desc, eq, max } from 'drizzle-orm'
import type { Part } from '~~/core/catalogue/part'
import { partKey } from '~~/core/catalogue/part-key'
import { useDatabase } from './connection/connection'
import { parts } from './schema'
import type { Transaction } from './connection/transaction'

/** A part's figure as it was recorded: rows are only ever added, a later one takes the place of an earlier one. */
export interface RecordedPart extends Part {
  readonly id: number
  readonly at: Date
}

export type PartEntry = Part & { readonly withdrawn?: boolean }

type PartRow = typeof parts.$inferSelect

const recorded = ({ fitting, named, id, at, socket, end, mm, tolerance, basis, by, note }: PartRow): RecordedPart => ({
  id,
  at,
  socket,
  ...(fitting === null ? {} : { fitting }),
  ...(named === null ? {} : { named }),
  end,
  mm,
  tolerance,
  basis,
  by,
  note,
})

/** The figures that hold now, the newest first. */
export async function currentParts(): Promise<RecordedPart[]> {
  const database = await useDatabase()
  const newest = database
    .select({ id: max(parts.id).as('newest') })
    .from(parts)
    .groupBy(parts.key)
    .as('newest')
  const rows = await database
    .select()
    .from(parts)
    .innerJoin(newest, eq(parts.id, newest.id))
    .where(eq(parts.withdrawn, false))
    .orderBy(desc(parts.id))
  return rows.map((row) => recorded(row.parts))
}

/** Everything that was ever recorded of one part, the newest first. */
export async function historyOf(key: string): Promise<(RecordedPart & { withdrawn: boolean })[]> {
  const database = await useDatabase()
  const rows = await database.select().from(parts).where(eq(parts.key, key)).orderBy(desc(parts.id))
  return rows.map((row) => ({ ...recorded(row), withdrawn: row.withdrawn }))
}

/** Records figures, all of them or none. */
export async function recordParts(transaction: Transaction, entries: readonly PartEntry[]): Promise<void> {
  const at = new Date()
  await transaction.insert(parts).values(
    entries.map(({ withdrawn = false, fitting, named, ...part }) => ({
      ...part,
      fitting: fitting ?? null,
      named: named ?? null,
      key: partKey({ ...part, fitting, named }),
      withdrawn,
      at,
    })),
  )
}
