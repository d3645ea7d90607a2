import type { H3Event } from 'h3'
import { catalogueVersion } from '~~/core/catalogue/version'
import type { Entry } from '~~/core/log/entry'
import { keepRecord, recordsOf } from '../database/records'
import type { Transaction } from '../database/transaction'
import { sealed } from '../record/seal'
import { heavily } from './heavy'
import { readSite } from './record'

/**
 * Seals the record of a job as it was handed over, and keeps it for good, in the transaction that writes the entry: where
 * it cannot be worked out, nothing is written. One that names an older one takes its place.
 *
 * @param added entries that this transaction wrote, which nobody else sees yet; it holds off all other writers of the job
 */
export async function sealHandOver(
  event: H3Event,
  transaction: Transaction,
  entry: Entry,
  added: readonly Entry[],
): Promise<void> {
  const there = await readSite(event)
  const site = { ...there, entries: [...there.entries, ...added] }
  const kept = await recordsOf(site.id)
  const record = await heavily(event, 'record', site)
  const whole = sealed(
    { ...record, document: site.job, entries: site.entries },
    {
      sealedAt: new Date().toISOString(),
      jobVersion: site.version,
      catalogueVersion,
      entries: site.entries.length,
      previous: kept[0]?.sha256 ?? null,
    },
  )
  await keepRecord(transaction, site.id, entry.id, whole.seal.sha256, JSON.stringify(whole))
}
