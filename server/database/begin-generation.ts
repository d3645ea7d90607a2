import { randomUUID } from 'node:crypto'
import type { PoolConnection } from 'mysql2/promise'

/** Begins another life of the database, in the transaction of a restore. */
export async function beginGeneration(connection: PoolConnection): Promise<void> {
  await connection.query('DELETE FROM `generations`')
  await connection.query('INSERT INTO `generations` (`id`, `begun_at`) VALUES (?, UTC_TIMESTAMP(3))', [randomUUID()])
}
