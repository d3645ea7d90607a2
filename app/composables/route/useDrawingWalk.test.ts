import { describe, expect, it } from 'vitest'
import { pipeId, sampleSystem } from '~~/core/testing/sample-run'
import { stopsOf } from './useDrawingWalk'

describe('along the drawing by keys', () => {
  it('each leg and each fitting once, in the order of the run', () => {
    const system = sampleSystem({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['tie-in:s', 'east', 1000, 'tee:t'],
        ['tee:t', 'east', 500, 'outlet:a'],
        ['tee:t', 'up', 400, 'outlet:b'],
      ],
    })
    expect(stopsOf(system).map(({ id }) => id)).toEqual(['s', 'l1', 't', 'l2', 'a', 'l3', 'b'])
  })
})
