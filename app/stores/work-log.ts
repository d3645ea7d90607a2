import { useDebounceFn, useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import type { JointTime } from '~~/core/job/work-log'
import { ChangeQueue, type Queued, type SendAnswer } from '~/saving/change-queue'

type PendingTime = JointTime & Queued & { readonly job: string }

const retryAfter = 2000
/** A figure is sent once it is typed, not digit by digit. */
const typingTakes = 700

/** Sends entries of one job. */
async function sendTimes(entries: readonly PendingTime[]): Promise<SendAnswer<readonly JointTime[]>> {
  const response = await fetch(`/api/jobs/${entries[0]?.job}/minutes`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ took: entries.map(({ joint, minutes }) => ({ joint, minutes })) }),
  }).catch(() => null)
  if (!response || response.status >= 500) return { outcome: 'away' }
  const answer: unknown = await response.json()
  return response.ok
    ? { outcome: 'saved', saved: answer as JointTime[] }
    : { outcome: 'refused', message: (answer as { message: string }).message }
}

/** What the joints of the open job really took. What is entered is kept in this browser until the server has it. */
export const useWorkLogStore = defineStore('work-log', () => {
  const job = ref('')
  const saved = shallowRef<readonly JointTime[]>([])
  const pending = useLocalStorage<readonly PendingTime[]>('jolvet-took', [])
  const problem = ref('')

  /** Minutes by joint, what is not sent yet laid over what the server has. */
  const minutes = computed(() => {
    const own = pending.value.filter((entry) => entry.job === job.value)
    const newest = new Map([...saved.value, ...own].map((entry) => [entry.joint, entry.minutes]))
    return new Map([...newest].flatMap(([joint, value]) => (value === null ? [] : [[joint, value] as const])))
  })

  const queue = new ChangeQueue<PendingTime, readonly JointTime[]>({
    read: () => pending.value,
    write: (entries) => (pending.value = entries),
    // One job at a time: each has its own log.
    batch: (entries) => entries.filter((entry) => entry.job === entries[0]?.job),
    send: sendTimes,
    onAnswer(answer, sent) {
      problem.value =
        answer.outcome === 'away'
          ? 'The server or its database does not answer: the minutes are kept here and sent when it does.'
          : answer.outcome === 'refused'
            ? answer.message
            : ''
      if (answer.outcome === 'saved' && sent[0]?.job === job.value) saved.value = answer.saved
    },
    pause: () => new Promise((resolve) => setTimeout(resolve, retryAfter)),
  })

  async function load(id: string): Promise<void> {
    if (job.value !== id) saved.value = []
    job.value = id
    const response = await fetch(`/api/jobs/${id}/minutes`).catch(() => null)
    if (response?.ok && job.value === id) saved.value = (await response.json()) as JointTime[]
    void queue.flush()
  }

  const sendSoon = useDebounceFn(() => queue.flush(), typingTakes)

  function set(joint: string, value: number | undefined): void {
    const entry = { id: crypto.randomUUID(), job: job.value, joint, minutes: value ?? null }
    const others = pending.value.filter((other) => other.job !== entry.job || other.joint !== joint)
    pending.value = [...others, entry]
    void sendSoon()
  }

  return { minutes, problem, load, set }
})
