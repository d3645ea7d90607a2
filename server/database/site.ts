import { and, asc, eq, sql } from 'drizzle-orm'
import type { Part } from '~~/core/catalogue/part'
import { useDatabase } from './connection/connection'
import { isThere } from './jobs'
import { currentParts } from './parts'
import { jobs, logEntries } from './schema'

/** An entry as its row has it: its text, and what was noted as it came. */
export interface EntryText {
  readonly text: string
  readonly arrived: string
  readonly ahead: number | null
}

/** A job and all that was written down of it as texts: they are read on a thread, not on the loop that answers others. */
export interface SiteTexts {
  readonly id: string
  readonly version: number
  readonly title: string
  readonly document: string
  readonly parts: readonly Part[]
  readonly entries: readonly EntryText[]
}

/** @returns null where there is no such job */
export async function readSiteTexts(id: string): Promise<SiteTexts | null> {
  const database = await useDatabase()
  const [job] = await database
    .select({ version: jobs.version, title: jobs.title, document: sql<string>`${jobs.document}` })
    .from(jobs)
    .where(and(eq(jobs.id, id), isThere))
  if (!job) return null
  const [rows, parts] = await Promise.all([
    database
      .select({ text: sql<string>`${logEntries.entry}`, at: logEntries.at, ahead: logEntries.ahead })
      .from(logEntries)
      .where(eq(logEntries.job, id))
      .orderBy(asc(logEntries.seq)),
    currentParts(),
  ])
  const entries = rows.map(({ text, at, ahead }) => ({ text, arrived: at.toISOString(), ahead }))
  return { id, ...job, parts, entries }
}
