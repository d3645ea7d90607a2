import { useEventListener, useIntervalFn, useTimeoutFn } from '@vueuse/core'

const everyMinutes = 30
/** All of the program is fetched once the page that is waited for stands: on a slow line it would hold it back. */
const afterSeconds = 4

/** What is kept of the program in this browser: a newer version waits until somebody wants it. */
export function useUpdate() {
  const waiting = shallowRef<ServiceWorker | null>(null)
  const isDismissed = ref(false)
  const workers = 'serviceWorker' in navigator ? navigator.serviceWorker : null

  async function register(): Promise<void> {
    // Blocked, or a private window: the program comes from the server each time.
    const registration = await workers?.register('/sw.js').catch(() => null)
    if (!registration) return
    const look = () => {
      // The first one has nothing to take the place of.
      if (registration.waiting && workers?.controller) waiting.value = registration.waiting
    }
    look()
    registration.addEventListener('updatefound', () => {
      registration.installing?.addEventListener('statechange', look)
    })
    useIntervalFn(() => void registration.update().catch(() => {}), everyMinutes * 60_000)
  }

  /** Loads the newer version: what is typed is kept, and is there again. */
  function update(): void {
    if (!workers || !waiting.value) return
    useEventListener(workers, 'controllerchange', () => location.reload(), { once: true })
    waiting.value.postMessage({ type: 'SKIP_WAITING' })
  }

  // In development there is none: what is changed is seen at once.
  if (!import.meta.dev) onNuxtReady(() => void useTimeoutFn(() => void register(), afterSeconds * 1000))
  return { isOffered: computed(() => waiting.value !== null && !isDismissed.value), isDismissed, update }
}
