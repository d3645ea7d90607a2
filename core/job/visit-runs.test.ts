import { describe, expect, it } from 'vitest'
import type { Run } from './job'
import { partAtVisit, runsAtNoVisit, runsOfVisits } from './visit-runs'

const runs = ['hot', 'cold', 'drain'].map((id) => ({ id, name: id }) as Run)
const visit = (id: string, on: string, of?: string[]) => ({ id, on, ...(of && { runs: of }) })
const made = (...visits: ReturnType<typeof visit>[]) =>
  runsOfVisits({ runs, visits }).map((of) => [of.visit.id, of.runs])

describe('what is made at which visit', () => {
  it('one that names nothing makes the rest, whenever it comes', () => {
    expect(made(visit('b', '2026-12-04'), visit('a', '2026-12-01', ['cold', 'hot']))).toEqual([
      ['a', ['hot', 'cold']],
      ['b', ['drain']],
    ])
    expect(made(visit('a', '2026-12-01'), visit('b', '2026-12-04', ['drain']))).toEqual([
      ['a', ['hot', 'cold']],
      ['b', ['drain']],
    ])
  })

  it('a run that two name is made at the first, and one that is gone at none', () => {
    expect(made(visit('a', '2026-12-01', ['hot', 'gone']), visit('b', '2026-12-04', ['hot', 'cold']))).toEqual([
      ['a', ['hot']],
      ['b', ['cold']],
    ])
  })

  it('is not known of two that name nothing', () => {
    const visits = [visit('a', '2026-12-01', ['hot']), visit('b', '2026-12-04'), visit('c', '2026-12-05')]
    expect(made(...visits)).toEqual([
      ['a', ['hot']],
      ['b', null],
      ['c', null],
    ])
    expect(partAtVisit({ runs, visits }, 'b')).toBeNull()
  })

  it('a run that no visit makes is told where it is said of all of them what is made', () => {
    const first = visit('a', '2026-12-01', ['hot'])
    const of = (...visits: ReturnType<typeof visit>[]) => runsAtNoVisit({ runs, visits })
    expect(of(first, visit('b', '2026-12-04', ['cold']))).toEqual(['drain'])
    expect([of(first), of(first, visit('b', '2026-12-04')), of()]).toEqual([[], [], []])
    expect(of(first, visit('b', '2026-12-04'), visit('c', '2026-12-05'))).toEqual([])
  })

  it('is the whole job where it is come to once', () => {
    expect(partAtVisit({ runs, visits: [visit('a', '2026-12-01')] }, 'a')).toBeUndefined()
    const twice = [visit('a', '2026-12-01', ['hot']), visit('b', '2026-12-04')]
    expect(partAtVisit({ runs, visits: twice }, 'b')).toEqual({ visit: 'b', runs: ['cold', 'drain'], before: ['hot'] })
  })
})
