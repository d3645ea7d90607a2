import { describe, expect, it } from 'vitest'
import cedar from '../demo/cedar-kiln-studio.json'
import tarn from '../demo/tarn-lane-bakehouse.json'
import { shippedCatalogue as catalogue } from './catalogue/catalogue'
import { setNode, setRun } from './job/edit-run'
import type { Job } from './job/job'
import { emptyJob } from './job/new-job'
import { readJob } from './job/read-job'
import { planJob } from './plan'
import { nextStep, progressOf } from './progress'

const job = (demo: unknown): Job => {
  const read = readJob(demo, catalogue)
  if (!read.ok) throw new Error(JSON.stringify(read.fields))
  return read.job
}
const progress = (of: Job) => progressOf(of, planJob(of, catalogue), catalogue)
const states = (of: Job) => progress(of).map(({ step, state, open }) => `${step}: ${state} ${open}`)

describe('where the steps of a job stand', () => {
  it('an empty job has not begun, and begins with a look', () => {
    const all = progress(emptyJob('New', 'metric', 'metric'))
    expect(new Set(all.map(({ state }) => state))).toEqual(new Set(['not begun']))
    expect(nextStep(all)).toMatchObject({ step: 'survey', next: expect.stringContaining('look') })
  })

  it('the demo jobs: one pipe untold and one take-off unmeasured; the other ready to make', () => {
    expect(states(job(tarn))).toEqual([
      'survey: in hand 1',
      'join: done 0',
      'route: done 0',
      'cut: in hand 1',
      'make: reservation 13',
    ])
    expect(states(job(cedar))).toEqual([
      'survey: done 0',
      'join: done 0',
      'route: done 0',
      'cut: done 0',
      'make: in hand 0',
    ])
    expect(nextStep(progress(job(cedar))).next).toBe('make 17 joints')
  })

  it('a tie-in between two sizes is open until its fittings are chosen', () => {
    const open = setNode(job(cedar), 'r1', 'n1', { chain: undefined })
    expect(progress(open)[1]).toMatchObject({
      state: 'in hand',
      open: 1,
      next: expect.stringContaining('Glaze-room sink'),
    })
  })

  it('a refused joint is a reservation', () => {
    expect(progress(setRun(job(cedar), 'r1', { method: 'expansion' }))[1]).toMatchObject({
      state: 'reservation',
      next: expect.stringContaining('refused'),
    })
  })
})
