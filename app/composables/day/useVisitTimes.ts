import type { Entry } from '~~/core/log/entry'
import { visitTimes, type VisitTimes } from '~~/core/log/visit-times'
import { logPath } from '~/open-log/log-reading'
import { useLogStore } from '~/stores/log'
import { useOutboxStore } from '~/stores/outbox'
import type { JobVisit } from '~/sync/server'

/** What is said of one end of a visit, or that it was not so. */
export type TimeSaid = Readonly<Partial<Record<keyof VisitTimes, string | null>>>

/** When visits really were: as the server has it, with what was typed here since. */
export function useVisitTimes() {
  const log = useLogStore()
  const outbox = useOutboxStore()
  /** Typed since the page was opened, by the job. */
  const typed = shallowRef<ReadonlyMap<string, readonly Entry[]>>(new Map())
  const waiting = computed(() =>
    outbox
      .waitingOf('log')
      .map(({ path, body }) => ({ path, entries: (body as { readonly entries: readonly Entry[] }).entries })),
  )

  const realOf = ({ job, visit, real }: JobVisit): VisitTimes => {
    const before = waiting.value.flatMap(({ path, entries }) => (path === logPath(job) ? entries : []))
    return visitTimes([...before, ...(typed.value.get(job) ?? [])], new Map([[visit.id, real]])).get(visit.id)!
  }
  function setReal({ job, version, visit }: Pick<JobVisit, 'job' | 'version' | 'visit'>, said: TimeSaid): void {
    const written = { kind: 'visit-times', subject: {}, body: { visit: visit.id, ...said } } as const
    const entries = log.writerOf(job, version).writeAll([written], 'when a visit was')
    typed.value = new Map(typed.value).set(job, [...(typed.value.get(job) ?? []), ...entries])
  }
  return { realOf, setReal }
}
