import type { Entry } from '~~/core/log/entry'
import { logPath } from '~/open-log/log-reading'
import type { useOutboxStore } from '~/stores/outbox'
import { inPieces } from '~/sync/commands/log-pieces'

/** Sends what is written down, and its pictures, through the outbox. */
export function logSending(outbox: ReturnType<typeof useOutboxStore>) {
  /** @param generation the life of the database in which they were written: its versions are theirs */
  function send(of: string, all: readonly Entry[], says: string, generation: string | undefined): void {
    // In their order, and each as of the clock that wrote it, where it is known how far that was off.
    for (const { ahead, entries } of inPieces(all)) {
      const command = {
        changes: 'log',
        says,
        method: 'POST',
        path: logPath(of),
        body: { entries },
      } as const
      void outbox.add({
        ...command,
        ...(generation === undefined ? {} : { generation }),
        ...(ahead === undefined ? {} : { ahead }),
      })
    }
  }
  const sendPhoto = (body: Blob): void =>
    void outbox.add({ changes: 'photos', says: 'a photo', method: 'POST', path: '/api/photos', body })
  return { send, sendPhoto }
}
