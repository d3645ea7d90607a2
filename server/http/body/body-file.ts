import { createWriteStream } from 'node:fs'
import { pipeline } from 'node:stream/promises'
import type { H3Event } from 'h3'
import { refusal } from '../refusal'

/** A crew's work of years is some tens of megabytes. */
const mostBytes = 500_000_000

/** Writes a body to a file as it comes; none of it is held. */
export async function bodyToFile(event: H3Event, file: string): Promise<void> {
  let bytes = 0
  async function* bounded(chunks: AsyncIterable<Buffer>) {
    for await (const chunk of chunks) {
      bytes += chunk.length
      if (bytes > mostBytes)
        throw refusal(413, { error: 'too-large', message: `a backup is at most ${mostBytes / 1_000_000} MB` })
      yield chunk
    }
  }
  await pipeline(event.node.req, bounded, createWriteStream(file, { mode: 0o600 }))
}
