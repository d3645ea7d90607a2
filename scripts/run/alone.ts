import { createHash } from 'node:crypto'
import { realpathSync, mkdirSync } from 'node:fs'
import { createServer } from 'node:net'
import { Failure } from './failure'

/**
 * Two starts on one folder would be two servers on one database. The lock is a name that the system keeps for one
 * process and lets go of when that is gone, however it went.
 *
 * @throws Failure when another start runs from this folder
 */
export async function needToBeAlone(folder: string): Promise<void> {
  mkdirSync(folder, { recursive: true })
  const name = createHash('sha256').update(realpathSync(folder)).digest('hex').slice(0, 32)
  const holder = createServer((socket) => socket.end(String(process.pid)))
  await new Promise<void>((resolve, reject) => {
    holder.once('error', () => reject(new Failure('Jolvet is already running from this folder: stop that one first.')))
    holder.listen(`\0jolvet-start-${name}`, resolve)
  })
  // It must not hold the process when all else has ended.
  holder.unref()
}
