import { useDocumentVisibility, useEventListener, useIntervalFn } from '@vueuse/core'

const everySeconds = 4

/**
 * Asks again every few seconds while the page is looked at, and at once when it is looked at again or the network is
 * back: what another device changed is here before it is worked from.
 */
export function useRefreshing(refresh: () => unknown): void {
  const visibility = useDocumentVisibility()
  const { pause, resume } = useIntervalFn(refresh, everySeconds * 1000)
  watch(visibility, (now) => {
    if (now !== 'visible') return pause()
    resume()
    void refresh()
  })
  useEventListener('online', () => void refresh())
}
