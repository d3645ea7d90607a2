import { eq } from 'drizzle-orm'
import {
  applyChanges,
  emptyWorkshop,
  workshopSchema,
  type ChangedWorkshop,
  type Workshop,
  type WorkshopChange,
} from '~~/core/workshop/workshop'
import { useDatabase } from './connection/connection'
import { workshop } from './schema'
import type { Transaction } from './connection/transaction'

/** There is one workshop, in one row. */
const only = 1

const read = (document: unknown): Workshop => workshopSchema.parse(document) as Workshop

export async function readWorkshop(): Promise<Workshop> {
  const database = await useDatabase()
  const [row] = await database.select().from(workshop).where(eq(workshop.id, only))
  return row ? read(row.document) : emptyWorkshop
}

/** Sets some things in the workshop. The row is held while it is changed, so that no other change is lost. */
export async function changeWorkshop(
  transaction: Transaction,
  changes: readonly WorkshopChange[],
): Promise<ChangedWorkshop> {
  await transaction
    .insert(workshop)
    .values({ id: only, document: emptyWorkshop, changedAt: new Date() })
    .onDuplicateKeyUpdate({ set: { id: only } })
  const [row] = await transaction.select().from(workshop).where(eq(workshop.id, only)).for('update')
  const changed = applyChanges(read(row?.document), changes)
  if (changed.ok)
    await transaction
      .update(workshop)
      .set({ document: changed.workshop, changedAt: new Date() })
      .where(eq(workshop.id, only))
  return changed
}
