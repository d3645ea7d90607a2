import { sql } from 'drizzle-orm'
import { useDatabase } from '../database/connection/connection'

export default defineEventHandler(async (event) => {
  try {
    const database = await useDatabase()
    await database.execute(sql`select 1`)
    return { ok: true, database: true }
  } catch {
    setResponseStatus(event, 503)
    return { ok: false, database: false }
  }
})
