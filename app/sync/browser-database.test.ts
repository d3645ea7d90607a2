import 'fake-indexeddb/auto'
import { openDB } from 'idb'
import { expect, it, vi } from 'vitest'
import { browserDatabase, onDatabase } from './browser-database'

vi.stubGlobal('navigator', {})
const copy = (id: string) => ({ id, version: 1, job: {} as never, at: 1 })

it('a newer program in another tab is not held up, and what it made is opened by this one too', async () => {
  await (await browserDatabase()).put('copies', copy('before'))
  // It would wait for ever for a tab that keeps its connection.
  const newer = await openDB('jolvet', 99, { upgrade: (database) => void database.createObjectStore('of tomorrow') })
  expect([...newer.objectStoreNames]).toContain('of tomorrow')
  await onDatabase((database) => database.put('copies', copy('after')))
  expect(await onDatabase((database) => database.getAllKeys('copies'))).toEqual(['after', 'before'])
  newer.close()
})

it('storage that was taken away under the page is made anew as it is asked for', async () => {
  const closed = await browserDatabase()
  closed.close()
  expect(await onDatabase((database) => database.count('copies'))).toBe(2)
})
