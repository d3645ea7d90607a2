import { sql, type SQL } from 'drizzle-orm'
import type { MySqlColumn } from 'drizzle-orm/mysql-core'
import { daysSeen } from './schema'

/** Whether servers have run on so many days since a time: not by what a clock shows that may have jumped. */
export const isDaysAgo = (at: MySqlColumn, days: number): SQL =>
  sql`(select count(*) from ${daysSeen} where ${daysSeen.day} > date_format(${at}, '%Y-%m-%d')) >= ${days}`
