import { spawnSync } from 'node:child_process'
import { Failure } from './failure'

/**
 * Does what is to be done with each backup, AFTER_BACKUP: a command of a shell that is given the file as `$1`, such as a
 * copy to another machine.
 *
 * @throws Failure where the command fails: the backup lies where it was made, and nowhere else
 */
export function afterBackup(file: string): void {
  const command = process.env.AFTER_BACKUP
  if (!command) return
  const { status, error } = spawnSync('sh', ['-c', command, 'sh', file], { stdio: ['ignore', 'inherit', 'inherit'] })
  if (status !== 0)
    throw new Failure(`AFTER_BACKUP failed (${error?.message ?? `it ended with ${status}`}): ${file} is here alone.`)
}
