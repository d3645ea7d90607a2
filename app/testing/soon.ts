import { vi } from 'vitest'

/** For tests: waits until it holds; long enough for a slow machine, on which what is right comes late. */
export const soon = <Held>(holds: () => Held | Promise<Held>): Promise<Held> => vi.waitFor(holds, { timeout: 20_000 })
