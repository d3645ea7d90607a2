import type { H3Event } from 'h3'
import { catalogueVersion } from '~~/core/catalogue/version'
import type { Entry } from '~~/core/log/entry'
import { keepRecord, recordsOf } from '../database/records'
import { signingKey } from '../database/signing-key'
import type { Transaction } from '../database/connection/transaction'
import { heavily } from './heavy'
import { answerOf, readSite } from './record'

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
  const more = added.map(({ arrived = '', ahead = null, ...of }) => ({ text: JSON.stringify(of), arrived, ahead }))
  const site = { ...there, entries: [...there.entries, ...more] }
  const kept = await recordsOf(site.id)
  const seal = { sealedAt: new Date().toISOString(), catalogueVersion, previous: kept[0]?.sha256 ?? null }
  const key = await signingKey()
  const { sha256, text } = answerOf(site, await heavily(event, 'sealedRecord', { ...site, seal, key }))
  await keepRecord(transaction, site.id, { entry: entry.id, sha: sha256, document: text })
}
