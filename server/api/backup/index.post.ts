import { join } from 'node:path'
import { DatabaseInUse, restoreBackup } from '../../database/backup/backup'
import { BackupProblem } from '../../database/backup/backup-file'
import { useBackupPool, useDatabase } from '../../database/connection/connection'
import { apiHandler } from '../../http/api-handler'
import { bodyToFile } from '../../http/body/body-file'
import { asOnlyBackup } from '../../http/one-backup'
import { inOwnFolder } from '../../http/own-folder'
import { refusal } from '../../http/refusal'

function refused(error: unknown): unknown {
  if (error instanceof DatabaseInUse)
    return refusal(409, { error: 'in-use', message: `${error.message}; \`?replace=yes\` takes away what is there.` })
  if (!(error instanceof BackupProblem)) return error
  return refusal(422, {
    error: 'invalid',
    message: `${error.message}.`,
    fields: [{ field: '(body)', problem: error.message }],
  })
}

/** Puts a backup back, all of it or nothing; where something is there already, only with `?replace=yes`. */
export default apiHandler((event) =>
  asOnlyBackup(event, async () => {
    await useDatabase()
    try {
      return await inOwnFolder('put-back', async (folder) => {
        const file = join(folder, 'backup.gz')
        await bodyToFile(event, file)
        return restoreBackup(useBackupPool(), file, getQuery(event).replace === 'yes')
      })
    } catch (error) {
      throw refused(error)
    }
  }),
)
