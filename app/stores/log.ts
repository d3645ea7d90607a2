import { until, useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, type ComputedRef } from 'vue'
import type { Entry } from '~~/core/log/entry'
import { jointsDone } from '~~/core/log/joints-done'
import { provenJoints } from '~~/core/log/proven'
import { siteState, type SiteState } from '~~/core/log/site-state'
import { firstOfEach, logPath, logReading } from '~/open-log/log-reading'
import { logSending } from '~/open-log/log-sending'
import { logWriting } from '~/open-log/log-writing'
import { useJobStore } from '~/stores/job'
import { useOutboxStore } from '~/stores/outbox'

/** A joint that was drawn a moment ago is saved before it is ticked; where that takes longer, the tick goes all the same. */
const longestWait = 5000

/** What each joint of the open job is proven by, or lacks, and how many have come how far. */
function provenAndDone(state: ComputedRef<SiteState | null>) {
  const jobs = useJobStore()
  const proofs = computed(() =>
    jobs.built && jobs.plan && state.value ? provenJoints(jobs.built, jobs.plan, state.value) : null,
  )
  const done = computed(() =>
    jobs.plan && state.value && proofs.value ? jointsDone(jobs.plan, state.value, proofs.value) : null,
  )
  return { proofs, done }
}

/** What was written down of the open job, here and by others; what is written counts before the server has it. */
export const useLogStore = defineStore('log', () => {
  const outbox = useOutboxStore()
  const jobs = useJobStore()
  /** Who writes, as it was last said. */
  const who = useLocalStorage('jolvet-who', '')

  const { send, sendPhoto } = logSending(outbox)
  const { read, taken, open, hear, hearTaken } = logReading((of, entries, life) =>
    send(of, entries, 'entries from before the restore', life),
  )

  const waiting = computed(() =>
    outbox
      .waitingOf('log')
      .filter((command) => command.path === logPath(jobs.id))
      .flatMap(({ body }) => (body as { entries: readonly Entry[] }).entries),
  )
  const entries = computed(() => firstOfEach([...read.value, ...taken.value, ...waiting.value]))
  const state = computed(() => (jobs.plan ? siteState(jobs.plan, entries.value) : null))
  const { proofs, done } = provenAndDone(state)

  outbox.onAnswer('log', ({ path, body }, answer) => {
    if (answer.outcome !== 'done') return
    const { arrived, ahead } = answer.answer as { readonly arrived: string; readonly ahead: number | null }
    const own = (body as { entries: readonly Entry[] }).entries
    hearTaken(
      path,
      own.map((entry) => ({ ...entry, arrived, ...(ahead === null ? {} : { ahead }) })),
    )
  })
  outbox.onSend('log', async ({ path }) => {
    if (path !== logPath(jobs.id) || jobs.status.kind === 'saved') return
    await until(() => jobs.status.kind).toBe('saved', { timeout: longestWait })
  })

  const writing = logWriting({
    who,
    jobVersion: () => jobs.version,
    send: (written, says) => send(jobs.id, written, says, jobs.generation),
    sendPhoto,
  })
  /** Writes of a job that is not open, as it was seen in this version. */
  const writerOf = (job: string, version: number) =>
    logWriting({
      who,
      jobVersion: () => version,
      send: (written, says) => send(job, written, says, undefined),
      sendPhoto,
    })
  return { entries, state, proofs, done, who, open, hear, writerOf, ...writing }
})
