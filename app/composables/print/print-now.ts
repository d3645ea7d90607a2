import { until, useEventListener } from '@vueuse/core'

/** How long a sheet may take to fill, and how long what is fetched late has after that, in ms. */
const [longest, settling] = [4000, 400] as const

/** Prints this page as soon as it is filled, and goes back to where it was asked for. */
export async function printNow(isFilled: () => boolean): Promise<void> {
  const router = useRouter()
  useEventListener(window, 'afterprint', () => router.back(), { once: true })
  await until(isFilled).toBe(true, { timeout: longest })
  await new Promise((resolve) => setTimeout(resolve, settling))
  window.print()
}
