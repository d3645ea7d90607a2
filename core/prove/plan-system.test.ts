import { describe, expect, it } from 'vitest'
import { pipeId, sampleJob } from '../testing/sample-run'
import { segmentsUnderTest } from './plan-system'

const copperId = pipeId('EN 1057', '22', 0.9)
const pexId = 'pex-b-astm-f876-sdr9-cts-1-2'

describe('what of a job is under test', () => {
  it('its pipe by legs, each pipe once, without what comes out or leads on out of sight', () => {
    const job = sampleJob({
      pipe: copperId,
      method: 'solder',
      legs: [
        ['open:s', 'east', 1000, 'elbow:a'],
        ['elbow:a', 'north', 500, 'tee:b'],
        ['tee:b', 'up', 250, 'cap:c'],
        ['tee:b', 'north', 700, 'open:d'],
      ],
    })
    const legs = job.legs.map((leg, at) =>
      at === 2 ? { ...leg, pipe: pexId } : at === 3 ? { ...leg, state: 'existing' as const, length: null } : leg,
    )
    const mixed = { ...job, legs }
    expect(segmentsUnderTest(mixed)).toEqual([
      { pipe: copperId, metres: 1.5 },
      { pipe: pexId, metres: 0.25 },
    ])
    expect(segmentsUnderTest(mixed, { runs: ['none'] })).toEqual([])
  })
})
