import { expect, it } from 'vitest'
import { pipeId, sampleJob } from '../testing/sample-run'
import { namesIn, namesInRun, namesOf, runNameIn } from './names'

const job = sampleJob({
  pipe: pipeId('EN 1057', '22', 0.9),
  method: 'solder',
  legs: [
    ['tie-in:n1', 'east', 1000, 'elbow:n2'],
    ['elbow:n2', 'north', 1000, 'tee:n3'],
    ['tee:n3', 'north', 500, 'elbow:n4'],
    ['elbow:n4', 'up', 500, 'open:n5'],
  ],
})

it('places are called by what stands there, and numbered where there are several', () => {
  const names = namesInRun(job, 'r1')
  expect(['n1', 'n2', 'n3', 'n4', 'n5'].map(names.node)).toEqual(['tie-in', 'elbow 1', 'tee', 'elbow 2', 'open end'])
  expect(['l1', 'l4'].map(names.leg)).toEqual(['leg 1', 'leg 4'])
  expect(names.run).toBe('Run')
})

it('a name of one’s own comes first, and does not change the others’ numbers', () => {
  const named = job.nodes.map((node) => (node.id === 'n2' ? { ...node, name: 'elbow behind the oven' } : node))
  const names = namesIn({ nodes: named, legs: job.legs })
  expect(names.node('n2')).toBe('elbow behind the oven')
  expect(names.node('n4')).toBe('elbow 2')
  expect(runNameIn({ ...job, runs: [{ ...job.runs[0]!, name: '' }] }, 'r1')).toBe('run 1')
})

it('never tells an id, not even of what is not there', () => {
  const names = namesOf(job).get('r1')!
  expect(names.node('n99')).toBe('a place that is not there')
  expect(names.leg('l99')).toBe('leg ?')
})

it('a short piece, and what stands at its end, are called by the fittings that want it; no number shifts', () => {
  const { nodes, legs } = job
  const built = {
    nodes: nodes.flatMap((node) => (node.id === 'n2' ? [node, { ...node, id: 'n2~1' }] : [node])),
    legs: legs.flatMap((leg) =>
      leg.id === 'l2'
        ? [
            { ...leg, id: 'n2~1', to: 'n2~1', madeUp: true as const },
            { ...leg, from: 'n2~1' },
          ]
        : [leg],
    ),
  }
  const names = namesIn(built)
  expect([names.node('n2~1'), names.leg('n2~1')]).toEqual(['elbow 1, far end', 'short piece at elbow 1'])
  expect([names.node('n4'), names.leg('l4')]).toEqual(['elbow 2', 'leg 4'])
})
