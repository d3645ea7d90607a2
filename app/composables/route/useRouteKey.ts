import { useEventListener } from '@vueuse/core'

/** One more key of the route's page: it opens a tool. */
export function useRouteKey(key: string, act: () => void): void {
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (event.key.toLowerCase() !== key || !isForRoute(event)) return
    event.preventDefault()
    act()
  })
}
