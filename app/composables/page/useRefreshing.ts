import { useDocumentVisibility, useEventListener, useIntervalFn } from '@vueuse/core'

const everySeconds = 4

/**
 * Asks again every few seconds while the page is looked at, and at once when it is looked at again or the network is
 * back: what another device changed is here before it is worked from. On a slow line one question waits for the other.
 */
export function useRefreshing(refresh: () => unknown): void {
  const visibility = useDocumentVisibility()
  let isAsking = false
  async function again(): Promise<void> {
    if (isAsking) return
    isAsking = true
    try {
      await refresh()
    } finally {
      isAsking = false
    }
  }
  const { pause, resume } = useIntervalFn(again, everySeconds * 1000)
  watch(visibility, (now) => {
    if (now !== 'visible') return pause()
    resume()
    void again()
  })
  useEventListener('online', () => void again())
}
