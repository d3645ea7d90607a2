import { Readable } from 'node:stream'
import { createGzip } from 'node:zlib'
import { backupLines } from '../../database/backup'
import { useDatabase } from '../../database/connection'
import { answering } from '../../http/answering'

/** Everything as one compressed file, read in one snapshot while others go on working. */
export default answering(async (event) => {
  const { $client } = await useDatabase()
  const at = new Date()
  setHeaders(event, {
    'Content-Type': 'application/gzip',
    'Content-Disposition': `attachment; filename="jolvet-${at.toISOString().slice(0, 10)}.gz"`,
  })
  return sendStream(event, Readable.from(backupLines($client, at)).pipe(createGzip()))
})
