import { customType, datetime, index, int, mysqlTable, varchar } from 'drizzle-orm/mysql-core'
import { shippedCatalogue } from '../../core/catalogue/catalogue'
import type { Job } from '../../core/job/job'
import { readJobText } from '../../core/job/read-job'

/** MariaDB keeps JSON as text: what comes out is parsed and checked like any other input. */
const jobDocument = customType<{ data: Job; driverData: string }>({
  dataType: () => 'longtext',
  toDriver: (job) => JSON.stringify(job),
  fromDriver(text) {
    const read = readJobText(text, shippedCatalogue)
    if (read.ok) return read.job
    const [first] = read.fields
    throw new Error(`a stored job is not readable: ${first?.field}: ${first?.problem}`)
  },
})

/** A job is one row: its document, and the version that a save must name. */
export const jobs = mysqlTable(
  'jobs',
  {
    id: varchar('id', { length: 36 }).primaryKey(),
    version: int('version', { unsigned: true }).notNull(),
    title: varchar('title', { length: 200 }).notNull(),
    document: jobDocument('document').notNull(),
    createdAt: datetime('created_at', { mode: 'date', fsp: 3 }).notNull(),
    updatedAt: datetime('updated_at', { mode: 'date', fsp: 3 }).notNull(),
  },
  (table) => [index('jobs_updated_at').on(table.updatedAt)],
)
