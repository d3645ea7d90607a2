import { expect, it } from 'vitest'
import { pipeId, sampleSystem, type SampleRun } from '../testing/sample-run'
import { isolatedNodes } from './isolated-nodes'
import { layOut } from './layout'

const beyond = (valve: string, ...legs: SampleRun['legs']) =>
  [...isolatedNodes(layOut(sampleSystem({ pipe: pipeId('EN 1057', '22', 0.9), method: 'solder', legs })), valve)].sort()
const line: SampleRun['legs'] = [
  ['open:s', 'east', 1000, 'valve:v'],
  ['valve:v', 'east', 500, 'elbow:a'],
  ['elbow:a', 'north', 500, 'outlet:e'],
]

it('a valve parts what comes after it from where the run begins', () => {
  expect(beyond('v', ...line)).toEqual(['a', 'e'])
  expect(beyond('v', ...line, ['open:s', 'north', 700, 'outlet:f'])).toEqual(['a', 'e'])
})

it('one at which the run begins parts nothing, nor does one that a ring leads round', () => {
  expect(beyond('v', ['valve:v', 'east', 500, 'elbow:a'], ['elbow:a', 'north', 500, 'outlet:e'])).toEqual([])
  expect(beyond('v', ...line, ['open:s', 'north', 500, 'elbow:b'], ['elbow:b', 'east', 1500, 'elbow:a'])).toEqual([])
})

it('what no pipe joins to the start is not parted from it, and where nothing is drawn nothing is beyond', () => {
  expect(beyond('v', ...line, ['open:x', 'north', 300, 'outlet:y'])).toEqual(['a', 'e'])
  const empty = {
    ...sampleSystem({ pipe: pipeId('EN 1057', '22', 0.9), method: 'solder', legs: line }),
    nodes: [],
    legs: [],
  }
  expect(isolatedNodes(layOut(empty), 'v').size).toBe(0)
})
