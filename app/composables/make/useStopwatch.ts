import { useLocalStorage, useNow } from '@vueuse/core'
import { useWorkLogStore } from '~/stores/work-log'

/** When each stopwatch that runs was begun, by the job and the joint; kept in this browser. */
const useBegun = () => useLocalStorage<Readonly<Record<string, number>>>('jolvet-stopwatches', {})

/** Whether the stopwatch of a joint runs. */
export function useRunning(job: () => string): (joint: string) => boolean {
  const begun = useBegun()
  return (joint) => begun.value[`${job()}:${joint}`] !== undefined
}

/** A stopwatch for a joint: it runs on through reloads, and what it read goes to the minutes that the joint took. */
export function useStopwatch(job: () => string, joint: () => string) {
  const took = useWorkLogStore()
  const begun = useBegun()
  const now = useNow({ interval: 1000 })
  const key = computed(() => `${job()}:${joint()}`)
  const start = computed(() => begun.value[key.value])
  const seconds = computed(() =>
    start.value === undefined ? null : Math.max(0, Math.round((now.value.getTime() - start.value) / 1000)),
  )
  const minutes = computed(() => took.minutes.get(joint()))

  const begin = () => (begun.value = { ...begun.value, [key.value]: Date.now() })
  /** Stops it where it runs, and keeps what it read, to the tenth of a minute. */
  function stop(): void {
    if (start.value === undefined) return
    const { [key.value]: from, ...others } = begun.value
    begun.value = others
    took.set(joint(), Math.min(600, Math.round((Date.now() - from!) / 6000) / 10))
  }
  onMounted(() => took.load(job()))
  return { seconds, minutes, begin, stop }
}
