import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { MethodId } from '../catalogue/method'
import type { Job } from '../job/job'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob } from '../sample-run'

const [copper22, copper15] = [pipeId('EN 1057', '22', 0.9), pipeId('EN 1057', '15', 0.7)]
/** A reducer put in where 22 goes over into 15, both of them there. */
function reducer(pipes: readonly [string, string], method: MethodId): Job {
  const drawn = sampleJob({
    pipe: pipes[0],
    method,
    legs: [
      ['open:s', 'east', 1000, 'reducer:r'],
      ['reducer:r', 'east', 800, 'open:e'],
    ],
    nodes: { r: { state: 'new' } },
  })
  const legs = drawn.legs.map((leg, at) => ({ ...leg, state: 'existing' as const, pipe: pipes[at] }))
  return { ...drawn, legs }
}

describe('the play that a fitting between two held ends needs', () => {
  it('is the shorter of its two depths, with what that may be off', () => {
    const [cutIn] = planJob(reducer([copper22, copper15], 'solder'), catalogue).cutIns
    expect(cutIn!.ends.map(({ mark }) => mark!.mm)).toEqual([15.4, 10.6])
    expect(cutIn!.playNeeded).toBeCloseTo(10.6 + 1, 6)
  })

  it('is not known where no depth is', () => {
    const steel = pipeId('EN 10255', '3/4')
    const [cutIn] = planJob(reducer([steel, steel], 'crimp'), catalogue).cutIns
    expect(cutIn).toMatchObject({ playNeeded: null, remove: null })
    expect(cutIn!.ends.map(({ mark }) => mark)).toEqual([null, null])
  })
})
