import { safeRead } from '../../../core/quantity/safe-read'
import { getTableColumns, getTableName, is } from 'drizzle-orm'
import { MySqlTable } from 'drizzle-orm/mysql-core'
import * as z from 'zod'
import { entrySchema } from '../../../core/log/entry'
import { workshopSchema } from '../../../core/workshop/workshop'
import * as schema from '../schema'

/** Every table that a backup holds, in the order in which rows refer to each other. */
export const backupTables = [
  'jobs',
  'workshop',
  'parts',
  'offcuts',
  'offcut_uses',
  'van_rows',
  'cuttings',
  'joint_minutes',
  'log_entries',
  'photos',
  'records',
  'taken_requests',
  'done_once',
  'days_seen',
] as const
/** Tables that it leaves out: a restore begins a generation of its own, half a photo is sent again, and the key stays where it is. */
export const leftOut: readonly string[] = ['generations', 'photo_pieces', 'signing_keys']
export type BackupTable = (typeof backupTables)[number]
/** A row with every value as the text that the database itself writes. */
export type Row = Readonly<Record<string, string | null>>

export const isBackupTable = (name: unknown): name is BackupTable => (backupTables as readonly unknown[]).includes(name)

/** All tables of the schema, by their names. */
export const schemaTables: ReadonlyMap<string, MySqlTable> = new Map(
  Object.values(schema).flatMap((table) => (is(table, MySqlTable) ? [[getTableName(table), table] as const] : [])),
)

/** A text that holds JSON of this schema. */
const jsonOf = (schema: z.ZodType) =>
  z.string().superRefine((text, { addIssue }) => {
    try {
      const read = safeRead(schema, JSON.parse(text))
      if (!read.success) addIssue({ code: 'custom', message: read.error.issues[0]?.message ?? 'not what it holds' })
    } catch {
      addIssue({ code: 'custom', message: 'JSON' })
    }
  })

/** What stands in a column as JSON and is read as it is: a job's own text is not, it may be one that nobody can read. */
const documents: Readonly<Record<string, z.ZodType>> = {
  'log_entries.entry': entrySchema,
  'cuttings.bars': z.array(z.unknown()),
  'workshop.document': workshopSchema,
  'jobs.summary': z.looseObject({}),
  'taken_requests.kept': z.unknown(),
}

/** What a column's text reads as, by the type that the database has for it. */
function textOf(type: string): z.ZodType<string> {
  const letters = Number(/^varchar\((\d+)\)$/.exec(type)?.[1] ?? 0)
  // The database counts letters, not the halves of which some are made.
  if (letters > 0) return z.string().refine((text) => [...text].length <= letters, `at most ${letters} letters`)
  const named = /^enum\((.*)\)$/.exec(type)?.[1]
  if (named) return z.enum(named.split(',').map((one) => one.trim().replaceAll("'", '')))
  if (/^(int|bigint|boolean|tinyint)/.test(type)) return z.string().regex(/^-?\d{1,19}$/, 'a whole number')
  if (/^double/.test(type)) return z.string().regex(/^-?\d+(\.\d+)?(e[+-]?\d+)?$/i, 'a number')
  if (/^datetime/.test(type))
    return z.string().regex(/^\d{4}-\d\d-\d\d \d\d:\d\d:\d\d(\.\d+)?$/, 'a time as 2026-05-04 10:30:00.000')
  return z.string()
}

/** How a row of a table reads. A column that an older program did not have may be missing. */
function rowSchema(name: BackupTable): z.ZodType<Row> {
  const columns = Object.values(getTableColumns(schemaTables.get(name)!)).map((column) => {
    const document = documents[`${name}.${column.name}`]
    const text = document ? jsonOf(document) : textOf(column.getSQLType())
    const isNeeded = column.notNull && !column.hasDefault
    return [column.name, isNeeded ? text : text.nullable().optional()] as const
  })
  return z.strictObject(Object.fromEntries(columns)) as unknown as z.ZodType<Row>
}

export const rowSchemas: Readonly<Record<BackupTable, z.ZodType<Row>>> = Object.fromEntries(
  backupTables.map((name) => [name, rowSchema(name)]),
) as Record<BackupTable, z.ZodType<Row>>
