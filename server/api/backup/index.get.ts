import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { createGzip } from 'node:zlib'
import { backupLines } from '../../database/backup/backup'
import { useBackupPool, useDatabase } from '../../database/connection/connection'
import { apiHandler } from '../../http/api-handler'
import { asOnlyBackup } from '../../http/one-backup'

/** Everything as one compressed file, read in one snapshot while others go on working. It ends with its reader. */
export default apiHandler((event) =>
  asOnlyBackup(event, async () => {
    await useDatabase()
    const at = new Date()
    setHeaders(event, {
      'Content-Type': 'application/gzip',
      'Content-Disposition': `attachment; filename="jolvet-${at.toISOString().slice(0, 10)}.gz"`,
    })
    const { res } = event.node
    event._handled = true
    await pipeline(Readable.from(backupLines(useBackupPool(), at)), createGzip(), res).catch((error: unknown) => {
      // Nobody reads on; or it broke off under way, and a file that is cut short says so itself.
      if (!res.writableFinished) res.destroy()
      if (!isGone(error)) console.error(error)
    })
  }),
)

const isGone = (error: unknown): boolean =>
  error instanceof Error && (error as NodeJS.ErrnoException).code === 'ERR_STREAM_PREMATURE_CLOSE'
