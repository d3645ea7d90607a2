import { useDebounceFn, useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { JointTime } from '~~/core/workshop/work-log'
import { useOutboxStore } from '~/stores/outbox'
import { readMinutes } from '~/sync/server'

interface TypedTime extends JointTime {
  readonly id: string
  readonly job: string
}

/** A figure is sent once it is typed, not digit by digit. */
const typingTakes = 700
const pathOf = (job: string): string => `/api/jobs/${job}/minutes`

/** What the joints of the open job really took. */
export const useWorkLogStore = defineStore('work-log', () => {
  const outbox = useOutboxStore()
  const job = ref('')
  const saved = shallowRef<readonly JointTime[]>([])
  /** What is being typed: kept at once, and until the server has it. */
  const typed = useLocalStorage<readonly TypedTime[]>('jolvet-took', [])

  /** Minutes by joint, what is not saved yet laid over what the server has. */
  const minutes = computed(() => {
    const waiting = outbox
      .waitingOf('minutes')
      .flatMap(({ path, body }) => (path === pathOf(job.value) ? (body as { took: JointTime[] }).took : []))
    const own = typed.value.filter((entry) => entry.job === job.value)
    const newest = new Map([...saved.value, ...waiting, ...own].map((entry) => [entry.joint, entry.minutes]))
    return new Map([...newest].flatMap(([joint, value]) => (value === null ? [] : [[joint, value] as const])))
  })

  outbox.onAnswer('minutes', ({ id, path }, answer) => {
    if (answer.outcome === 'done' && path === pathOf(job.value)) saved.value = answer.answer as JointTime[]
    typed.value = typed.value.filter((entry) => entry.id !== id)
  })

  const isOnItsWay = ({ id }: TypedTime) => outbox.waitingOf('minutes').some((command) => command.id === id)

  function send(): void {
    for (const entry of typed.value) {
      if (isOnItsWay(entry)) continue
      const { id, job: of, joint, minutes: value } = entry
      const body = { took: [{ joint, minutes: value }] }
      void outbox.add({
        id,
        changes: 'minutes',
        says: 'minutes that a joint took',
        method: 'POST',
        path: pathOf(of),
        body,
      })
    }
  }
  const sendSoon = useDebounceFn(send, typingTakes)

  async function load(id: string): Promise<void> {
    if (job.value !== id) saved.value = []
    job.value = id
    const read = await readMinutes(id)
    if (read && job.value === id) saved.value = read
    send()
  }

  function set(joint: string, value: number | undefined): void {
    const entry = { id: crypto.randomUUID(), job: job.value, joint, minutes: value ?? null }
    // A figure that is on its way already stands in the log before this one.
    const others = typed.value.filter((other) => other.job !== entry.job || other.joint !== joint || isOnItsWay(other))
    typed.value = [...others, entry]
    void sendSoon()
  }

  return { minutes, load, set }
})
