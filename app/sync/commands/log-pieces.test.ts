import { describe, expect, it } from 'vitest'
import type { Entry } from '~~/core/log/entry'
import { inPieces } from './log-pieces'

const entry = (id: number, ahead?: number): Entry => ({
  id: `entry-${id}`,
  kind: 'note',
  subject: {},
  at: '2026-05-04T10:00:00Z',
  by: 'I. Marl',
  jobVersion: 1,
  body: {},
  arrived: '2026-05-04T10:00:01.000Z',
  ...(ahead === undefined ? {} : { ahead }),
})

describe('entries as they are sent', () => {
  it('stay in their order, each with the clock that wrote it, and without what the server noted', () => {
    const pieces = inPieces([entry(1), entry(2, 300_000), entry(3, 300_000), entry(4)])
    expect(pieces.map(({ ahead, entries }) => [ahead, entries.map(({ id }) => id)])).toEqual([
      [undefined, ['entry-1']],
      [300_000, ['entry-2', 'entry-3']],
      [undefined, ['entry-4']],
    ])
    expect(pieces.flatMap(({ entries }) => entries).every((of) => !('arrived' in of) && !('ahead' in of))).toBe(true)
  })

  it('are five hundred in a piece at most', () => {
    const pieces = inPieces(Array.from({ length: 1001 }, (_, at) => entry(at)))
    expect(pieces.map(({ entries }) => entries.length)).toEqual([500, 500, 1])
    expect(inPieces([])).toEqual([])
  })
})
