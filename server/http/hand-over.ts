import type { H3Event } from 'h3'
import { catalogueVersion } from '~~/core/catalogue/version'
import type { Entry } from '~~/core/log/entry'
import { keepRecord, recordsOf } from '../database/records'
import { sealed } from '../record/seal'
import { heavily } from './heavy'
import { readSite } from './record'

/**
 * Seals the record of a job as it was handed over, and keeps it for good. One that names an older one takes its place; of
 * an entry that comes again the record is kept already.
 */
export async function sealHandOver(event: H3Event, entry: Entry): Promise<void> {
  const site = await readSite(event)
  const kept = await recordsOf(site.id)
  if (kept.some((of) => of.entry === entry.id)) return
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
  await keepRecord(site.id, entry.id, whole.seal.sha256, JSON.stringify(whole))
}
