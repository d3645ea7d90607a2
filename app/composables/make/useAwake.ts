import { useWakeLock } from '@vueuse/core'

/** Keeps the screen awake for as long as something runs; where the browser cannot, nothing happens. */
export function useAwake(isRunning: () => boolean): void {
  const { isSupported, request, release } = useWakeLock()
  watch(
    isRunning,
    (runs) => {
      if (isSupported.value) void (runs ? request('screen') : release()).catch(() => {})
    },
    { immediate: true },
  )
}
