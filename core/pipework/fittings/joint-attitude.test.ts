import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import type { Job } from '../../job/job'
import { planJob } from '../../plan/plan-job'
import { pipeId, sampleJob, withCopy } from '../../testing/sample-run'
import { jointAttitude } from './joint-attitude'

const copper = pipeId('EN 1057', '22', 0.9)
const attitudes = (job: Job) => {
  const plan = planJob(job, catalogue)
  const parts = new Map(plan.parts.map((part) => [part.id, part]))
  return plan.joints.map((joint) => [joint.id, jointAttitude(parts, joint)])
}

describe('how a joint lies', () => {
  const job = sampleJob({
    pipe: copper,
    method: 'solder',
    legs: [
      ['tie-in:s', 'east', 1000, 'tee:t'],
      ['tee:t', 'up', 500, 'cap:u'],
      ['tee:t', 'down', 400, 'cap:d'],
    ],
    nodes: { s: { existing: copper } },
  })

  it('level on level pipe; upright by whether the fitting is above or below the pipe; unknown on old pipe', () => {
    expect(Object.fromEntries(attitudes(job))).toEqual({
      'r1/s/existing': undefined,
      'r1/s/l1': 'level',
      'r1/t/l1': 'level',
      'r1/t/l2': 'upright, fitting below',
      'r1/u/l2': 'upright, fitting above',
      'r1/t/l3': 'upright, fitting above',
      'r1/d/l3': 'upright, fitting below',
    })
  })

  it('by the run that it belongs to', () => {
    const copied = withCopy(job, 'r0')
    const both = {
      ...copied,
      legs: copied.legs.map((leg) =>
        leg.run === 'r0' && leg.id !== 'r0·l1' ? { ...leg, direction: 'north' as const } : leg,
      ),
    }
    const found = Object.fromEntries(attitudes(both))
    expect([found['r0/u/l2'], found['r1/u/l2']]).toEqual(['level', 'upright, fitting above'])
  })
})
