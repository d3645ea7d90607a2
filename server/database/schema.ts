import {
  bigint,
  boolean,
  customType,
  datetime,
  double,
  index,
  int,
  longtext,
  mysqlEnum,
  mysqlTable,
  primaryKey,
  varchar,
} from 'drizzle-orm/mysql-core'
import { shippedCatalogue } from '../../core/catalogue/catalogue'
import { partEnds, partFittings } from '../../core/catalogue/part-key'
import type { Job } from '../../core/job/job'
import { readJobText } from '../../core/job/read-job'
import type { FieldProblem } from '../../core/quantity/words/field-problem'

/** A job as it is kept: read, or as the text that stands there with what is wrong in it. */
export type JobDocument =
  { readonly job: Job } | { readonly unreadable: readonly FieldProblem[]; readonly text: string }

/**
 * MariaDB keeps JSON as text: what comes out is parsed and checked like any other input. One job that cannot be read,
 * whatever made it so, stands in the way of no other.
 */
const jobDocument = customType<{ data: JobDocument; driverData: string }>({
  dataType: () => 'longtext',
  toDriver: (document) => ('job' in document ? JSON.stringify(document.job) : document.text),
  fromDriver(text) {
    const read = readJobText(text, shippedCatalogue)
    return read.ok ? { job: read.job } : { unreadable: read.fields, text }
  },
})

/** MariaDB keeps JSON as text; whoever reads it checks it. */
const plainDocument = customType<{ data: unknown; driverData: string }>({
  dataType: () => 'longtext',
  toDriver: (document) => JSON.stringify(document),
  fromDriver: (text) => JSON.parse(text) as unknown,
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
    /** Where it stands, for the list of jobs; and of what that is true: its version, and the newest of the parts. */
    summary: plainDocument('summary'),
    summaryOf: varchar('summary_of', { length: 40 }),
    /** When it was deleted: for a while it can be put back. */
    deletedAt: datetime('deleted_at', { mode: 'date', fsp: 3 }),
  },
  (table) => [index('jobs_updated_at').on(table.updatedAt, table.id)],
)

/** What the workshop says of itself: prices, minutes, tools, profiles; one row. */
export const workshop = mysqlTable('workshop', {
  id: int('id').primaryKey(),
  document: plainDocument('document').notNull(),
  changedAt: datetime('changed_at', { mode: 'date', fsp: 3 }).notNull(),
})

/** Figures of parts, measured or from a maker's sheet: rows are only added, the newest of a key holds. */
export const parts = mysqlTable(
  'parts',
  {
    id: int('id', { unsigned: true }).autoincrement().primaryKey(),
    key: varchar('part_key', { length: 160 }).notNull(),
    socket: varchar('socket', { length: 80 }).notNull(),
    fitting: mysqlEnum('fitting', partFittings),
    /** A fitting by its name in the catalogue, of which the figure is; its socket is then empty. */
    named: varchar('fitting_name', { length: 120 }),
    end: mysqlEnum('fitting_end', partEnds).notNull(),
    mm: double('mm').notNull(),
    tolerance: double('tolerance').notNull(),
    basis: mysqlEnum('basis', ['measured', 'maker']).notNull(),
    by: varchar('recorded_by', { length: 80 }).notNull(),
    note: varchar('note', { length: 200 }).notNull(),
    withdrawn: boolean('withdrawn').notNull(),
    at: datetime('recorded_at', { mode: 'date', fsp: 3 }).notNull(),
  },
  (table) => [index('parts_key').on(table.key)],
)

/** Offcuts that came to the rack: rows are only added. */
export const offcuts = mysqlTable(
  'offcuts',
  {
    id: int('id', { unsigned: true }).autoincrement().primaryKey(),
    pipe: varchar('pipe', { length: 120 }).notNull(),
    mm: double('mm').notNull(),
    from: varchar('left_from', { length: 200 }).notNull(),
    at: datetime('recorded_at', { mode: 'date', fsp: 3 }).notNull(),
  },
  (table) => [index('offcuts_pipe').on(table.pipe)],
)

/** Offcuts that left the rack. The key is the offcut's own: of two who take one, only one can. */
export const offcutUses = mysqlTable('offcut_uses', {
  offcut: int('offcut', { unsigned: true })
    .primaryKey()
    .references(() => offcuts.id),
  for: varchar('used_for', { length: 200 }).notNull(),
  at: datetime('recorded_at', { mode: 'date', fsp: 3 }).notNull(),
})

/**
 * The van's book: rows are only added, each with what is there after it. The key counts a thing's rows, so that of two
 * who write the same next row only one can: two people cannot both have the last one.
 */
export const vanRows = mysqlTable(
  'van_rows',
  {
    item: varchar('item', { length: 160 }).notNull(),
    /** Length of each in mm; 0 where it has none. */
    mm: double('mm').notNull(),
    nth: int('nth', { unsigned: true }).notNull(),
    what: varchar('what', { length: 200 }).notNull(),
    count: int('count').notNull(),
    there: int('there', { unsigned: true }).notNull(),
    least: int('least', { unsigned: true }).notNull(),
    /** The job for which it was taken, or from which it came back. */
    job: varchar('job', { length: 36 }),
    /** What came back was left over there: the job needs it no more. */
    leftOver: boolean('left_over').notNull().default(false),
    at: datetime('recorded_at', { mode: 'date', fsp: 3 }).notNull(),
  },
  (table) => [primaryKey({ columns: [table.item, table.mm, table.nth] }), index('van_rows_job').on(table.job)],
)

/** Plans that were cut: of each job and pipe the newest holds. */
export const cuttings = mysqlTable(
  'cuttings',
  {
    id: int('id', { unsigned: true }).autoincrement().primaryKey(),
    job: varchar('job', { length: 36 })
      .notNull()
      .references(() => jobs.id, { onDelete: 'cascade' }),
    pipe: varchar('pipe', { length: 120 }).notNull(),
    bars: plainDocument('bars').notNull(),
    at: datetime('recorded_at', { mode: 'date', fsp: 3 }).notNull(),
  },
  (table) => [index('cuttings_job').on(table.job)],
)

/** What joints took on site: rows are only added, of each joint the newest holds; without minutes it is taken back. */
export const jointMinutes = mysqlTable(
  'joint_minutes',
  {
    id: int('id', { unsigned: true }).autoincrement().primaryKey(),
    job: varchar('job', { length: 36 })
      .notNull()
      .references(() => jobs.id, { onDelete: 'cascade' }),
    joint: varchar('joint', { length: 200 }).notNull(),
    minutes: double('minutes'),
    at: datetime('recorded_at', { mode: 'date', fsp: 3 }).notNull(),
  },
  (table) => [index('joint_minutes_job').on(table.job)],
)

/**
 * What happened on site: rows are only added. The id is made where an entry is written, so that it is one however often
 * it comes. Nothing of it goes with its job: a job with entries is kept.
 */
export const logEntries = mysqlTable(
  'log_entries',
  {
    seq: int('seq', { unsigned: true }).autoincrement().primaryKey(),
    id: varchar('id', { length: 60 }).notNull().unique(),
    job: varchar('job', { length: 36 })
      .notNull()
      .references(() => jobs.id),
    entry: plainDocument('entry').notNull(),
    at: datetime('recorded_at', { mode: 'date', fsp: 3 }).notNull(),
    /** How far the sender's clock was ahead of the server's, in ms, as it was sent; null where that was not told. */
    ahead: bigint('clock_ahead_ms', { mode: 'number' }),
  },
  (table) => [index('log_entries_job').on(table.job, table.seq)],
)

/** Photos by the SHA-256 of their bytes: each is kept once. As base 64, so that a backup is text throughout. */
export const photos = mysqlTable('photos', {
  sha: varchar('sha', { length: 64 }).primaryKey(),
  type: varchar('type', { length: 40 }).notNull(),
  size: int('size', { unsigned: true }).notNull(),
  base64: longtext('base64').notNull(),
  at: datetime('recorded_at', { mode: 'date', fsp: 3 }).notNull(),
})

/** Photos that come in pieces over a slow line: what is here of each. They go as the photo is whole, or is given up. */
export const photoPieces = mysqlTable(
  'photo_pieces',
  {
    sha: varchar('sha', { length: 64 }).notNull(),
    from: int('piece_from', { unsigned: true }).notNull(),
    size: int('size', { unsigned: true }).notNull(),
    base64: longtext('base64').notNull(),
    at: datetime('recorded_at', { mode: 'date', fsp: 3 }).notNull(),
  },
  (table) => [primaryKey({ columns: [table.sha, table.from] })],
)

/** Records as they were handed over, each under the SHA-256 of all that it holds: never changed, never taken away. */
export const records = mysqlTable(
  'records',
  {
    sha: varchar('sha', { length: 64 }).primaryKey(),
    job: varchar('job', { length: 36 })
      .notNull()
      .references(() => jobs.id),
    /** The entry of the log that handed it over. */
    entry: varchar('entry', { length: 60 }).notNull().unique(),
    document: longtext('document').notNull(),
    at: datetime('recorded_at', { mode: 'date', fsp: 3 }).notNull(),
  },
  (table) => [index('records_job').on(table.job, table.at)],
)

/**
 * Requests that were taken, by the key that their sender gave them: however often one comes, it is done once. What its
 * answer is made from stands beside it.
 */
export const handledRequests = mysqlTable(
  'taken_requests',
  {
    key: varchar('request_key', { length: 80 }).primaryKey(),
    /** The SHA-256 of what was asked: another request may not come under the same key. */
    asked: varchar('asked', { length: 64 }).notNull(),
    kept: plainDocument('kept'),
    at: datetime('taken_at', { mode: 'date', fsp: 3 }).notNull(),
  },
  (table) => [index('taken_requests_at').on(table.at)],
)

/**
 * Which life of the database this is, the newest row: a restore begins another, in which versions and places in the log
 * are given again.
 */
export const generations = mysqlTable('generations', {
  seq: int('seq', { unsigned: true }).autoincrement().primaryKey(),
  id: varchar('id', { length: 36 }).notNull(),
  at: datetime('begun_at', { mode: 'date', fsp: 3 }).notNull(),
})

/**
 * Days on which a server ran. What goes after so many days goes after so many of these: a clock that jumps a year passes
 * one day.
 */
export const daysSeen = mysqlTable('days_seen', { day: varchar('day', { length: 10 }).primaryKey() })

/**
 * The key by which this installation signs its records; one row. It goes into no backup: who finds one could sign with it.
 */
export const signingKeys = mysqlTable('signing_keys', {
  id: int('id').primaryKey(),
  public: varchar('public_key', { length: 64 }).notNull(),
  private: varchar('private_key', { length: 200 }).notNull(),
  at: datetime('made_at', { mode: 'date', fsp: 3 }).notNull(),
})

/** What is done once in the life of a database, such as putting the demo data into it. */
export const once = mysqlTable('done_once', {
  what: varchar('what', { length: 40 }).primaryKey(),
  at: datetime('done_at', { mode: 'date', fsp: 3 }).notNull(),
})
