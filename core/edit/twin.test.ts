import { describe, expect, it } from 'vitest'
import { pipeId, sampleJob } from '../testing/sample-run'
import { twinOf } from './twin'

describe('a job to go on with from another', () => {
  it('has all that was decided under a title of its own, and is no sample and visited by nobody yet', () => {
    const job = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [['open:a', 'east', 1000, 'open:b']],
    })
    const twin = twinOf({ ...job, title: 'A', sample: true, visits: [{ id: 'v-1', on: '2026-12-04' }] })
    expect(twin).toEqual({ ...job, title: 'A, copy' })
  })

  it('keeps within the longest title', () => {
    const job = sampleJob({ pipe: pipeId('EN 1057', '22', 0.9), method: 'solder', legs: [] })
    expect(twinOf({ ...job, title: 'x'.repeat(200) }).title).toHaveLength(200)
  })
})
