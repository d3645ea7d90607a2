import { describe, expect, it } from 'vitest'
import { ids, job, made, suspects } from '../testing/sample-leak'
import { spotsOf, walkingSeconds } from './spots'

describe('spots', () => {
  it('are the fittings with all their joints and the pipe between them, in order, each where it stands', () => {
    const spots = spotsOf(job, suspects(ids.map((id) => made(id))))
    expect(spots.map(({ id, suspects: of, place }) => [id, of.length, place])).toEqual([
      ['r1/s', 1, [0, 0, 0]],
      ['leg/r1/l1', 1, [500, 0, 0]],
      ['r1/v', 2, [1000, 0, 0]],
      ['leg/r1/l2', 1, [2000, 0, 0]],
      ['r1/a', 2, [3000, 0, 0]],
      ['leg/r1/l3', 1, [3000, 250, 0]],
      ['r1/e', 1, [3000, 500, 0]],
    ])
  })

  it('a fitting of which one joint can be seen can be looked at', () => {
    const of = suspects(ids.map((id) => made(id)))
    const hidden = (which: (id: string) => boolean) =>
      spotsOf(
        job,
        of.map((suspect) => ({ ...suspect, isHidden: which(suspect.id) })),
      ).find(({ id }) => id === 'r1/v')!.isHidden
    expect([hidden((id) => id === 'r1/v/l1'), hidden(() => true)]).toEqual([false, true])
  })

  it('are as far apart as one walks: 3 m along and 2 m up in 10 s', () => {
    expect(walkingSeconds([0, 0, 0], [3000, 0, 2000])).toBe(10)
    expect([walkingSeconds(null, [1, 2, 3]), walkingSeconds([1, 2, 3], null)]).toEqual([0, 10])
  })
})
