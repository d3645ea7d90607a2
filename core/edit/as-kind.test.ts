import { expect, it } from 'vitest'
import { countedIds } from '../testing/sample-ids'
import { byName, chained } from '../testing/sample-choice'
import { pipeId, sampleJob } from '../testing/sample-run'
import type { Node } from '../job/job'
import { asKind } from './as-kind'
import { addLeg, removeLeg } from './edit-run'

const copper22 = pipeId('EN 1057', '22', 0.9)
const chosen: Partial<Node> = {
  fitting: chained(['22 solder × 22 solder coupling'], ['solder', 'solder']),
  measured: { takeOff: 9, tolerance: 0.5 },
  radius: 88,
  held: true,
  gap: 5,
  mixer: { centres: 150, across: 'east' },
}
const plain = { id: 'x', run: 'r1', name: 'by the boiler', state: 'new', play: 4, method: 'compression' } as const

it('another kind of thing keeps its name, method and state, and nothing that was chosen or measured of the one before', () => {
  expect({ ...asKind({ ...plain, kind: 'coupling', ...chosen }, 'elbow') }).toEqual({ ...plain, kind: 'elbow' })
  const valve: Node = { ...plain, kind: 'valve', ...chosen }
  expect(asKind(valve, 'valve')).toBe(valve)
})

it('where no existing pipe is tied into any more, none is named', () => {
  const tied = { existing: copper22, survey: 's1', condition: { painted: true } }
  expect(asKind({ ...plain, kind: 'tie-in', ...tied }, 'open')).toEqual({ ...plain, kind: 'open' })
  // The state of existing pipe beside a fitting that was cut in holds for another one too.
  expect(asKind({ ...plain, kind: 'tee', condition: tied.condition }, 'valve').condition).toEqual(tied.condition)
})

it('an end from which pipe goes on, and a fitting of which one leg is left, keep no choice', () => {
  const job = sampleJob({
    pipe: copper22,
    method: 'solder',
    legs: [
      ['open:s', 'east', 1000, 'valve:v'],
      ['valve:v', 'east', 500, 'outlet:o'],
    ],
    nodes: {
      v: { fitting: byName('22 solder × 22 solder valve') },
      o: { fitting: byName('22 solder × 1/2 F BSP drop-ear elbow', { l2: { fittings: ['x'], method: 'solder' } }) },
    },
  })
  const on = addLeg(job, countedIds, 'r1', { from: 'o', direction: 'north', length: 300 }).job
  expect(on.nodes.find(({ id }) => id === 'o')).toMatchObject({ kind: 'elbow', fitting: undefined })
  const off = removeLeg(job, 'r1', 'l2')
  expect(off.nodes.find(({ id }) => id === 'v')).toMatchObject({ kind: 'open', fitting: undefined })
})
