import { describe, expect, it } from 'vitest'
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import { readJob } from '~~/core/job/read-job'
import type { Job, Node } from '~~/core/job/job'
import { addRun, emptyJob } from '~~/core/edit/new-job'
import { randomIds } from '~/composables/random-ids'
import { keepHistory, takeHistory, through } from './history'

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
const read = (text: unknown): Job | null => {
  const found = readJob(text, shippedCatalogue)
  return found.ok ? found.job : null
}

describe('what can be undone after a reload', () => {
  it('comes back as it was, for the job as it was', () => {
    const tab = storage()
    keepHistory(tab, 'j1', job('c'), { past: [job('a'), job('b')], future: [job('d')] })
    expect(takeHistory(tab, 'j1', job('c'), read)).toEqual({ past: [job('a'), job('b')], future: [job('d')] })
  })

  it('is not laid over another text, nor another job', () => {
    const tab = storage()
    keepHistory(tab, 'j1', job('c'), { past: [job('a')], future: [] })
    const none = { past: [], future: [] }
    expect(takeHistory(tab, 'j1', job('saved elsewhere'), read)).toEqual(none)
    expect(takeHistory(tab, 'j2', job('c'), read)).toEqual(none)
  })

  it('too long, the oldest goes; with no room at all, nothing breaks', () => {
    const { job: begun } = addRun(job('long'), randomIds)
    const node = (at: number): Node => ({ ...begun.nodes[0]!, id: `n${at}`, name: 'x'.repeat(80) })
    const long = (title: string): Job => ({ ...begun, title, nodes: Array.from({ length: 2500 }, (_, at) => node(at)) })
    const tab = storage()
    keepHistory(tab, 'j1', job('c'), { past: [long('1'), long('2'), long('3')], future: [] })
    expect(takeHistory(tab, 'j1', job('c'), read).past.map(({ title }) => title)).toEqual(['2', '3'])
    const full = storage(10)
    keepHistory(full, 'j1', job('c'), { past: [job('a')], future: [] })
    expect(takeHistory(full, 'j1', job('c'), read).past).toEqual([])
  })

  it('written by a program before this one, it is read as that wrote it', () => {
    const tab = storage()
    const before = (title: string) => ({ ...job(title), version: 1, nodes: undefined, legs: undefined }) as never
    keepHistory(tab, 'j1', before('c'), { past: [before('a'), 'no job' as never], future: [] })
    expect(takeHistory(tab, 'j1', job('c'), read)).toEqual({ past: [job('a')], future: [] })
  })
})

describe('what can be undone after another’s change', () => {
  const any = () => true
  const with_ = (title: string, note: string) => ({ ...job(title), note })
  it('takes back what was done here and nothing of the other’s', () => {
    const [before, after] = [with_('mine 2', ''), with_('mine 2', 'theirs')]
    const history = { past: [with_('mine 0', ''), with_('mine 1', '')], future: [with_('mine 3', '')] }
    expect(through(history, before, after, any)).toEqual({
      past: [with_('mine 0', 'theirs'), with_('mine 1', 'theirs')],
      future: [with_('mine 3', 'theirs')],
    })
  })

  it('ends where the two touch the same thing, or do not hold together', () => {
    const [before, after] = [with_('mine 2', ''), with_('theirs', '')]
    const history = { past: [with_('mine 1', ''), with_('mine 2', 'note')], future: [] }
    expect(through(history, before, after, any).past.map(({ title, note }) => [title, note])).toEqual([
      ['theirs', 'note'],
    ])
    expect(through(history, before, after, () => false).past).toEqual([])
  })
})
