import { mkdirSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { writeBackup } from '../server/database/backup/backup'
import { tryBackup } from '../server/database/backup/trial-restore'
import { afterBackup } from './run/after-backup'
import { backupName } from './run/backups'
import { runMain } from './run/failure'
import { dataFolder, withDatabase } from './run/with-database'

/** npm run backup [-- FILE]: everything in the database in one compressed file, verified, while others go on working. */
async function main(): Promise<void> {
  const now = new Date()
  const file = process.argv[2] ?? join(process.env.BACKUP_FOLDER ?? join(dataFolder, 'backups'), backupName(now))
  mkdirSync(dirname(file), { recursive: true })
  const rows = await withDatabase(({ pool, url, migrations }) =>
    writeBackup(pool, file, now, (made) => tryBackup(url, made, migrations)),
  )
  const counts = Object.entries(rows).map(([table, count]) => `${count} ${table}`)
  afterBackup(file)
  console.log(`Backed up, put back for a trial and found whole: ${file} (${counts.join(', ')})`)
}

runMain(main)
