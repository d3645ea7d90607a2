import { useEventListener, useIntervalFn } from '@vueuse/core'
import { useCatalogueStore } from '~/stores/catalogue'
import { useOutboxStore } from '~/stores/outbox'
import { httpTransport } from '~/sync/job/job-transport'
import { readDraft, readKept } from '~/sync/job/read-draft'
import { sendLeftDrafts } from '~/sync/job/send-drafts'

const everySeconds = 20

/**
 * Sends what earlier visits left of jobs that nobody has open: when the page opens, when the line is back, and again
 * every few seconds; then what was written down of them may follow.
 */
export function useLeftDrafts(): void {
  const own = useCatalogueStore()
  const outbox = useOutboxStore()
  const read = (text: unknown) => readKept(text, own.catalogue)
  let isSending = false
  async function send(): Promise<void> {
    if (isSending) return
    isSending = true
    const hasSaved = await sendLeftDrafts({
      transport: httpTransport,
      read: (draft) => readDraft(draft, read),
      isSound: (job) => read(job) !== null,
    }).catch(() => false)
    isSending = false
    if (hasSaved || outbox.state.waiting.length > 0) await outbox.goOn()
  }
  onMounted(send)
  useIntervalFn(send, everySeconds * 1000)
  useEventListener('online', () => void send())
}
