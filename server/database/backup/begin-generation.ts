import { randomUUID } from 'node:crypto'
import type { PoolConnection, ResultSetHeader } from 'mysql2/promise'

/** Begins another life of the database, in the transaction of a restore: it waits for those that hold the one before. */
export async function beginGeneration(connection: PoolConnection): Promise<void> {
  const id = randomUUID()
  const [{ affectedRows }] = await connection.query<ResultSetHeader>(
    'UPDATE `generations` SET `id` = ?, `begun_at` = UTC_TIMESTAMP(3)',
    [id],
  )
  if (affectedRows === 0)
    await connection.query('INSERT INTO `generations` (`id`, `begun_at`) VALUES (?, UTC_TIMESTAMP(3))', [id])
}
