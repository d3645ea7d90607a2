import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { afterAll, afterEach, beforeEach, expect, vi } from 'vitest'
import { useJobStore } from '~/stores/job'
import { useOutboxStore } from '~/stores/outbox'
import { browserDatabase } from '~/sync/browser-database'
import { soon } from './soon'

/** As browsers have it: its keys are its own properties. */
class Storage {
  setItem(key: string, text: string): void {
    Object.assign(this, { [key]: text })
  }
  getItem(key: string): string | null {
    return (this as unknown as Record<string, string>)[key] ?? null
  }
  removeItem(key: string): void {
    Reflect.deleteProperty(this, key)
  }
}

/** For tests of the page's logic: each begins in a browser that has kept nothing yet, with stores that hold nothing. */
export function useEmptyBrowser(): void {
  beforeEach(async () => {
    const locks = {
      query: () => Promise.resolve({ held: [] }),
      request: (name: string, ...rest: unknown[]) =>
        Promise.resolve((rest.at(-1) as (lock: object) => unknown)({ name })),
    }
    vi.stubGlobal('navigator', { locks })
    vi.stubGlobal('localStorage', new Storage())
    vi.stubGlobal('sessionStorage', new Storage())
    // What an earlier test left is no other tab.
    vi.stubGlobal('BroadcastChannel', undefined)
    const database = await browserDatabase()
    for (const table of ['outbox', 'drafts', 'copies', 'logs'] as const) await database.clear(table)
    setActivePinia(createPinia())
  })
  // Nothing goes on when the next begins.
  afterEach(async () => {
    useJobStore().close()
    const outbox = useOutboxStore()
    await soon(() => expect(outbox.state.waiting).toEqual([]))
  })
  afterAll(() => vi.unstubAllGlobals())
}
