import { describe, expect, it } from 'vitest'
import { benderSchema } from '../../bend/bender-schema'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import { pipeId, sampleJob } from '../../testing/sample-run'
import { keptBender } from '../../job/bender-of-job'
import { keepBenders, markFor, stateOfKept } from './kept-bender'

const copper = pipeId('EN 1057', '22', 0.9)
const bent = sampleJob({
  pipe: copper,
  method: 'solder',
  legs: [
    ['tie-in:s', 'east', 1000, 'bend:a'],
    ['bend:a', 'north', 500, 'outlet:e'],
  ],
})
const straight = sampleJob({ pipe: copper, method: 'solder', legs: [['tie-in:s', 'east', 1000, 'outlet:e']] })
const bender = (of: object = {}) => ({
  ...benderSchema.parse({ name: 'Bender 22', od: 22, radius: 88, springBack: 3, ...of }),
  id: 'b1',
})

describe('the bender of a job', () => {
  it('is kept with its first bend, and what the workshop does later moves nothing', () => {
    const kept = keepBenders(catalogue, bent, () => bender())
    expect(keptBender(kept, 22)).toMatchObject({ id: 'b1', radius: 88, springBack: 3 })
    const later = keepBenders(catalogue, kept, () => bender({ radius: 95 }))
    expect(later).toBe(kept)
  })

  it('nothing is kept where nothing is bent, or no bender is in the hand', () => {
    expect(keepBenders(catalogue, straight, () => bender())).toBe(straight)
    expect(keepBenders(catalogue, bent, () => null)).toBe(bent)
  })

  it('existing pipe that is bent already asks for none', () => {
    const existing = { ...bent, legs: bent.legs.map((leg) => ({ ...leg, state: 'existing' as const })) }
    expect(keepBenders(catalogue, existing, () => bender())).toBe(existing)
  })

  it('marked for another: its copy stands in place of the one before, and the bends take its radius', () => {
    const kept = keepBenders(catalogue, bent, () => bender())
    const marked = markFor(catalogue, kept, { ...bender({ radius: 95 }), id: 'b2' })
    expect(marked.benders?.map(({ id, radius }) => [id, radius])).toEqual([['b2', 95]])
    expect(marked.nodes.find(({ kind }) => kind === 'bend')?.radius).toBe(95)
    const small = markFor(catalogue, kept, { ...bender({ od: 15, radius: 60 }), id: 'b3' })
    expect(small.benders).toHaveLength(2)
    expect(small.nodes.find(({ kind }) => kind === 'bend')?.radius).toBe(
      kept.nodes.find(({ kind }) => kind === 'bend')?.radius,
    )
  })

  it('says where the workshop’s is another by now, or gone', () => {
    const { id: _, ...own } = bender()
    expect(stateOfKept(bender(), { b1: { ...own } })).toBe('as kept')
    expect(stateOfKept(bender(), { b1: { ...own, radius: 90 } })).toBe('changed')
    expect(stateOfKept(bender(), { b2: { ...own } })).toBe('gone')
  })
})
