import type { Pool, PoolConnection } from 'mysql2'
import type { Pool as PromisePool } from 'mysql2/promise'

/** So long a question waits for a free connection, in ms. */
const patience = 10_000

type Taken = (error: NodeJS.ErrnoException | null, connection: PoolConnection) => unknown

/** The code of the error where no connection came free in time. */
export const noneFree = 'NO_FREE_CONNECTION'

/** Gives up after a while where all connections of a pool are taken: who asks hears so, instead of nothing for ever. */
export function limitWaiting({ pool }: PromisePool, most = patience): void {
  const get = pool.getConnection.bind(pool) as Pool['getConnection']
  pool.getConnection = (taken: Taken) => {
    let isLate = false
    const timer = setTimeout(() => {
      isLate = true
      const error: NodeJS.ErrnoException = new Error('no connection to the database came free in time')
      error.code = noneFree
      taken(error, undefined as unknown as PoolConnection)
    }, most)
    get((error, connection) => {
      clearTimeout(timer)
      if (!isLate) taken(error, connection)
      else if (!error) connection.release()
    })
  }
}
