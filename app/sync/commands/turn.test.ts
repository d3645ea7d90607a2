import { describe, expect, it } from 'vitest'
import type { Command } from './command'
import { jobOf, nextOf } from './turn'

const entry = (id: string, kind: string, more: object = {}) => ({ id, kind, subject: {}, body: {}, ...more })
const log = (id: string, kind = 'joint-made', more: object = {}, job = 'one'): Command => ({
  id: `c-${id}`,
  changes: 'log',
  says: id,
  method: 'POST',
  path: `/api/jobs/${job}/log`,
  body: { entries: [entry(id, kind, more)] },
})
const photo: Command = { id: 'p', changes: 'photos', says: 'a photo', method: 'POST', path: '/api/photos', body: null }
const any = () => true

/** In which order all go, one after the other. */
function orderOf(waiting: readonly Command[], mayGo: (command: Command) => boolean = any): string[] {
  const next = nextOf(waiting, mayGo)
  return next
    ? [
        next.id,
        ...orderOf(
          waiting.filter((other) => other !== next),
          mayGo,
        ),
      ]
    : []
}

describe('whose turn it is', () => {
  it('entries go before pictures, and an entry about a picture after it', () => {
    const about = log('seen', 'photo', { body: { sha: 'a' } })
    expect(orderOf([photo, about, log('tick-1'), log('tick-2')])).toEqual(['c-tick-1', 'c-tick-2', 'p', 'c-seen'])
  })

  it('what rests on an entry that waits goes after it: a correction, an answer, a reading', () => {
    const about = log('seen', 'photo', { body: { sha: 'a' } })
    const corrected = log('fix', 'correction', { replaces: 'seen' })
    expect(orderOf([photo, about, corrected, log('tick')])).toEqual(['c-tick', 'p', 'c-seen', 'c-fix'])
    const isHeld = (id: string) => (of: Command) => of.id !== id
    const begun = log('begin', 'test-begun', { subject: { test: 't' } })
    const read = log('read', 'reading', { subject: { test: 't' } })
    const answer = log('answer', 'joint-evidence', { body: { of: 'made' } })
    expect(orderOf([begun, read, log('other')], isHeld('c-begin'))).toEqual(['c-other'])
    expect(orderOf([log('made'), answer, log('other')], isHeld('c-made'))).toEqual(['c-other'])
  })

  it('a hand-over goes last of what its job has, pictures too', () => {
    const end = log('end', 'handed-over')
    expect(orderOf([photo, end, log('tick')])).toEqual(['c-tick', 'p', 'c-end'])
    expect(orderOf([log('held'), end, log('far', 'note', {}, 'two')], ({ id }) => id !== 'c-held')).toEqual(['c-far'])
  })

  it('knows of which job it is', () => {
    expect(jobOf(log('tick'))).toBe('one')
    expect(jobOf(photo)).toBeNull()
  })
})
