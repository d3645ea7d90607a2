import { useIntervalFn, useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'

export interface Timer {
  readonly id: string
  readonly what: string
  /** When it ends, in milliseconds since 1970: a reload does not stop it. */
  readonly ends: number
}

/** Waits that run on while other cards are open, and through a reload. */
export const useTimerStore = defineStore('timers', () => {
  const timers = useLocalStorage<readonly Timer[]>('jolvet-timers', [])
  const now = ref(Date.now())
  const { pause, resume } = useIntervalFn(() => (now.value = Date.now()), 250, { immediate: false })
  watch(timers, (running) => (running.length > 0 ? resume() : pause()), { immediate: true })

  const running = computed(() =>
    timers.value.map((timer) => ({ ...timer, left: Math.max(0, Math.ceil((timer.ends - now.value) / 1000)) })),
  )

  function start(id: string, what: string, seconds: number): void {
    now.value = Date.now()
    timers.value = [...timers.value.filter((timer) => timer.id !== id), { id, what, ends: now.value + seconds * 1000 }]
  }
  const stop = (id: string) => (timers.value = timers.value.filter((timer) => timer.id !== id))

  return { running, start, stop }
})
