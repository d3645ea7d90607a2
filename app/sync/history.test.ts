import { describe, expect, it } from 'vitest'
import { emptyJob } from '~~/core/edit/new-job'
import { keepHistory, takeHistory } from './history'

/** A tab's storage with so much room. */
function storage(room = Infinity): Storage {
  const held = new Map<string, string>()
  return {
    getItem: (key: string) => held.get(key) ?? null,
    setItem(key: string, text: string) {
      if (text.length > room) throw new Error('full')
      held.set(key, text)
    },
    removeItem: (key: string) => void held.delete(key),
  } as Storage
}
const job = (title: string) => emptyJob(title, 'metric', 'metric')

describe('what can be undone after a reload', () => {
  it('comes back as it was, for the job as it was', () => {
    const tab = storage()
    keepHistory(tab, 'j1', job('c'), { past: [job('a'), job('b')], future: [job('d')] })
    expect(takeHistory(tab, 'j1', job('c'))).toEqual({ past: [job('a'), job('b')], future: [job('d')] })
  })

  it('is not laid over another text, nor another job', () => {
    const tab = storage()
    keepHistory(tab, 'j1', job('c'), { past: [job('a')], future: [] })
    const none = { past: [], future: [] }
    expect(takeHistory(tab, 'j1', job('saved elsewhere'))).toEqual(none)
    expect(takeHistory(tab, 'j2', job('c'))).toEqual(none)
  })

  it('too long, the oldest goes; with no room at all, nothing breaks', () => {
    const long = (title: string) => ({ ...job(title), runs: [{ note: 'x'.repeat(300_000) }] }) as never
    const tab = storage()
    keepHistory(tab, 'j1', job('c'), { past: [long('1'), long('2'), long('3')], future: [] })
    expect(takeHistory(tab, 'j1', job('c')).past.map(({ title }) => title)).toEqual(['2', '3'])
    const full = storage(10)
    keepHistory(full, 'j1', job('c'), { past: [job('a')], future: [] })
    expect(takeHistory(full, 'j1', job('c')).past).toEqual([])
  })
})
