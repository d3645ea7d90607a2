import type { Job } from '../job/job'
import { pipeId, sampleJob } from './sample-run'

/** 500 east to a tee and 500 on to a cap, and as a run of its own 400 north from the tee to another cap. */
export function withBranch(start: 'tie-in' | 'cap', more: Partial<Job> = {}): Job {
  const copper = pipeId('EN 1057', '22', 0.9)
  const job = sampleJob({
    ...{ pipe: copper, method: 'solder' },
    legs: [
      [`${start}:s`, 'east', 500, 'tee:t'],
      ['tee:t', 'east', 500, 'cap:c'],
      ['tee:t', 'north', 400, 'cap:d'],
    ],
    nodes: { s: start === 'tie-in' ? { existing: copper } : {} },
  })
  return {
    ...job,
    runs: [...job.runs, { ...job.runs[0]!, id: 'r2', name: 'Branch' }],
    nodes: job.nodes.map((node) => (node.id === 'd' ? { ...node, run: 'r2' } : node)),
    legs: job.legs.map((leg) => (leg.id === 'l3' ? { ...leg, run: 'r2' } : leg)),
    ...more,
  }
}
