import { randomUUID } from 'node:crypto'
import { count } from 'drizzle-orm'
import type { MySql2Database } from 'drizzle-orm/mysql2'
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import { readJob } from '~~/core/job/read-job'
import cedarKilnStudio from '~~/demo/cedar-kiln-studio.json'
import tarnLaneBakehouse from '~~/demo/tarn-lane-bakehouse.json'
import { jobs } from './schema'

/** Puts the two demo jobs into an empty database. */
export async function seedWhenEmpty(database: MySql2Database): Promise<void> {
  const [found] = await database.select({ rows: count() }).from(jobs)
  if (found && found.rows > 0) return
  for (const demo of [cedarKilnStudio, tarnLaneBakehouse]) {
    const read = readJob(demo, shippedCatalogue)
    if (!read.ok) throw new Error(`a demo job is not valid: ${JSON.stringify(read.fields)}`)
    const now = new Date()
    await database.insert(jobs).values({
      id: randomUUID(),
      version: 1,
      title: read.job.title,
      document: read.job,
      createdAt: now,
      updatedAt: now,
    })
  }
}
