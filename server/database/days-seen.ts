import { sql, type SQL } from 'drizzle-orm'
import type { MySqlColumn } from 'drizzle-orm/mysql-core'
import { useDatabase } from './connection'
import { daysSeen } from './schema'

/** Notes that a server ran today. */
export async function seeToday(): Promise<void> {
  const database = await useDatabase()
  await database
    .insert(daysSeen)
    .ignore()
    .values({ day: new Date().toISOString().slice(0, 10) })
}

/** Whether servers have run on so many days since a time: not by what a clock shows that may have jumped. */
export const isDaysAgo = (at: MySqlColumn, days: number): SQL =>
  sql`(select count(*) from ${daysSeen} where ${daysSeen.day} > date_format(${at}, '%Y-%m-%d')) >= ${days}`
