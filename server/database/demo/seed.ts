import { randomUUID } from 'node:crypto'
import type { MySql2Database } from 'drizzle-orm/mysql2'
import type { Part } from '~~/core/catalogue/part'
import { partKey } from '~~/core/catalogue/part-key'
import type { Job } from '~~/core/job/job'
import { demoJobs } from './demo-jobs'
import { jobs, logEntries, offcuts, once, parts } from '../schema'

/** Figures that somebody measured, of sizes that the demo jobs do not use: their plans stay those of the tables. */
const demoParts: readonly Part[] = [
  {
    socket: 'solder:EN 1254-1:28',
    fitting: 'elbow-90',
    end: 'either',
    mm: 18.2,
    tolerance: 0.3,
    basis: 'measured',
    by: 'I. Marl',
    note: 'long-radius elbow from the van',
  },
  {
    socket: 'press-metal:EN 1254-7:28',
    end: 'either',
    mm: 23.5,
    tolerance: 0.2,
    basis: 'maker',
    by: 'I. Marl',
    note: 'sheet in the fitting’s box',
  },
]

/** What earlier work left on the rack. */
const demoOffcuts = [
  { pipe: 'copper-half-hard-en-1057-r250-22x0.9', mm: 1460, from: 'Quay Street boiler room' },
  { pipe: 'copper-half-hard-en-1057-r250-15x0.7', mm: 820, from: 'Quay Street boiler room' },
  { pipe: 'copper-half-hard-en-1057-r250-15x0.7', mm: 435, from: 'Millrace Cottage' },
] as const

/** A demo job as it is stored. */
const rowOf = (job: Job, now: Date) => ({
  id: randomUUID(),
  version: 1,
  title: job.title,
  document: { job },
  createdAt: now,
  updatedAt: now,
})

/**
 * Puts the demo jobs with their logs, two measured parts and a few offcuts into a database, once in its life: what is
 * taken away of them stays away, and nothing invented ever stands over what the crew measured. All of it or nothing.
 */
export async function seedOnce(database: MySql2Database): Promise<void> {
  await database.transaction(async (transaction) => {
    const at = new Date()
    const [first] = await transaction.insert(once).ignore().values({ what: 'demo', at })
    if (first.affectedRows === 0) return
    const made = demoJobs(new Intl.DateTimeFormat('sv-SE').format(at)).map((of) => ({ ...of, row: rowOf(of.job, at) }))
    await transaction.insert(jobs).values(made.map(({ row }) => row))
    await transaction.insert(logEntries).values(
      made.flatMap(({ row, logOf }) =>
        logOf(row.id, at.getTime()).map((entry) => ({ id: entry.id, job: row.id, entry, at })),
      ),
    )
    await transaction
      .insert(parts)
      .values(demoParts.map((part) => ({ ...part, key: partKey(part), withdrawn: false, at })))
    await transaction.insert(offcuts).values(demoOffcuts.map((offcut) => ({ ...offcut, at })))
  })
}
