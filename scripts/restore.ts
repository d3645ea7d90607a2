import { DatabaseInUse, restoreBackup } from '../server/database/backup/backup'
import { BackupProblem } from '../server/database/backup/backup-file'
import { Failure, runMain } from './run/failure'
import { withDatabase } from './run/with-database'

const usage = 'Usage: npm run restore -- FILE [--replace]\n  --replace   take away what is in the database first'

/** npm run restore -- FILE: puts a backup into an empty database; into a full one only when told. */
async function main(): Promise<void> {
  const [file, ...options] = process.argv.slice(2)
  const unknown = options.find((option) => option !== '--replace')
  if (!file || file.startsWith('-') || unknown) throw new Failure(usage)
  try {
    const { rows, from } = await withDatabase(({ pool }) => restoreBackup(pool, file, options.includes('--replace')))
    const counts = Object.entries(rows).map(([table, count]) => `${count} ${table}`)
    console.log(`Put back, as of ${from.at}, ${from.made ?? 'made by an older program'}: ${counts.join(', ')}`)
  } catch (error) {
    if (error instanceof DatabaseInUse) throw new Failure(`${error.message}. Say --replace to take away what is there.`)
    throw error instanceof BackupProblem ? new Failure(`${file}: ${error.message}.`) : error
  }
}

runMain(main)
