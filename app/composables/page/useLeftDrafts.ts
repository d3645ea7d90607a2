import { useEventListener, useIntervalFn } from '@vueuse/core'
import { useOutboxStore } from '~/stores/outbox'
import { allDrafts } from '~/sync/job/drafts'
import { httpTransport } from '~/sync/job/job-transport'

const everySeconds = 20

/** Sends each of them; what reads a job is fetched only where there is one to read. @returns whether any was saved */
async function sendAll(): Promise<boolean> {
  if ((await allDrafts()).length === 0) return false
  const [{ readDraft, readKept }, { sendLeftDrafts }, { useCatalogueStore }] = await Promise.all([
    import('~/sync/job/read-draft'),
    import('~/sync/job/send-drafts'),
    import('~/stores/catalogue'),
  ])
  const { catalogue } = useCatalogueStore()
  const read = (text: unknown) => readKept(text, catalogue)
  return sendLeftDrafts({
    transport: httpTransport,
    read: (draft) => readDraft(draft, read),
    isSound: (job) => read(job) !== null,
  })
}

/**
 * Sends what earlier visits left of jobs that nobody has open: when the page opens, when the line is back, and again
 * every few seconds; then what was written down of them may follow.
 */
export function useLeftDrafts(): void {
  const outbox = useOutboxStore()
  let isSending = false
  async function send(): Promise<void> {
    if (isSending) return
    isSending = true
    const hasSaved = await sendAll().catch(() => false)
    isSending = false
    if (hasSaved || outbox.state.waiting.length > 0) await outbox.goOn()
  }
  onMounted(send)
  useIntervalFn(send, everySeconds * 1000)
  useEventListener('online', () => void send())
}
