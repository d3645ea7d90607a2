import { useDatabase } from './connection/connection'
import { daysSeen } from './schema'

/** Notes that a server ran today. */
export async function seeToday(): Promise<void> {
  const database = await useDatabase()
  await database
    .insert(daysSeen)
    .ignore()
    .values({ day: new Date().toISOString().slice(0, 10) })
}
