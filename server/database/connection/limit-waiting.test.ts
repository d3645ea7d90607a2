import type { Pool } from 'mysql2/promise'
import { describe, expect, it, vi } from 'vitest'
import { limitWaiting, noneFree } from './limit-waiting'

type Taken = (error: NodeJS.ErrnoException | null, connection?: { release: () => void }) => void

/** A pool that gives a connection when it is told to. */
function poolThat() {
  let give: Taken = () => {}
  const core = {
    getConnection(taken: Taken) {
      give = taken
    },
  }
  limitWaiting({ pool: core } as unknown as Pool, 1000)
  return { ask: (taken: Taken) => core.getConnection(taken), give: (...of: Parameters<Taken>) => give(...of) }
}

describe('waiting for a connection', () => {
  it('ends after a while with an error that says so; what comes later goes back', () => {
    vi.useFakeTimers()
    const [pool, taken, release] = [poolThat(), vi.fn(), vi.fn()]
    pool.ask(taken)
    vi.advanceTimersByTime(999)
    expect(taken).not.toHaveBeenCalled()
    vi.advanceTimersByTime(1)
    expect(taken.mock.calls[0]![0]).toMatchObject({ code: noneFree })
    pool.give(null, { release })
    expect([taken.mock.calls.length, release.mock.calls.length]).toEqual([1, 1])
    vi.useRealTimers()
  })

  it('that is over in time is as if there were no limit', () => {
    vi.useFakeTimers()
    const [pool, taken, release] = [poolThat(), vi.fn(), vi.fn()]
    pool.ask(taken)
    pool.give(null, { release })
    vi.advanceTimersByTime(5000)
    expect([taken.mock.calls, release.mock.calls]).toEqual([[[null, { release }]], []])
    vi.useRealTimers()
  })
})
