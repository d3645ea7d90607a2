import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import { methodIds } from '../../methods/ids'
import { profiles } from '../../workshop/profile'
import { judge } from '../../join/judge'
import { pipeId, sampleJob, withCopy } from '../../testing/sample-run'
import { choosePipe, methodFor } from './choose-pipe'
import { chained } from '../../testing/sample-choice'
import { chainChosen } from '../../job/chosen'

const circumstances = { service: 'cold', place: {}, profile: profiles.metric } as const
const pipe = (...of: Parameters<typeof pipeId>) => catalogue.pipe(pipeId(...of))!

describe('a pipe brings a method that it takes', () => {
  it('the one in use stays where it fits, else the usual one', () => {
    const copper = pipe('EN 1057', '22', 0.9)
    expect(methodFor(catalogue, copper, 'press-metal', circumstances)).toBe('press-metal')
    expect(methodFor(catalogue, copper, 'crimp', circumstances)).toBe('solder')
    expect(methodFor(catalogue, pipe('EN ISO 21003', '16'), 'solder', circumstances)).toBe('press-multilayer')
    expect(methodFor(catalogue, pipe('ASTM F876', '1/2', 'pex-b'), 'solder', circumstances)).toBe('crimp')
    expect(methodFor(catalogue, pipe('EN 12201', '25'), 'solder', circumstances)).toBe('compression-pe')
  })

  it('where a flame is forbidden it is not solder', () => {
    const method = methodFor(catalogue, pipe('EN 1057', '22', 0.9), 'crimp', {
      ...circumstances,
      place: { hotWork: 'forbidden' },
    })
    expect(method).toBe('press-metal')
  })

  it('no pipe of the catalogue is given a refused method while another is not refused', () => {
    for (const of of catalogue.pipes) {
      const taken = methodFor(catalogue, of, 'solder', circumstances)
      const verdictOf = (method: (typeof methodIds)[number]) =>
        catalogue.socketFor(method, of) ? judge(catalogue, of, method, circumstances).verdict : 'refuse'
      if (methodIds.some((method) => verdictOf(method) !== 'refuse'))
        expect(verdictOf(taken), of.label).not.toBe('refuse')
    }
  })

  it('in a run the method follows, and what was chosen for the old pipe goes', () => {
    const fitting = chained(['x'], ['solder', 'solder'])
    const before = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [['tie-in:t', 'east', 1000, 'open:e']],
      nodes: { t: { fitting } },
    })
    const chosen = choosePipe(catalogue, before, 'r1', pipeId('EN ISO 21003', '16'))
    expect(chosen.runs[0]).toMatchObject({ method: 'press-multilayer', pipe: pipeId('EN ISO 21003', '16') })
    expect(chosen.nodes.every((node) => chainChosen(node) === undefined)).toBe(true)
    expect(choosePipe(catalogue, before, 'r1', before.runs[0]!.pipe).nodes[0]!.fitting).toBe(fitting)
    // So does what is chosen where its pipe ends at a fitting of another run; what stands elsewhere stays.
    const copy = withCopy(before, 'r2')
    const both = {
      ...copy,
      nodes: copy.nodes.map((node) => ({ ...node, fitting })),
      legs: copy.legs.map((leg) => (leg.run === 'r1' ? { ...leg, to: 'r2·t' } : leg)),
    }
    const kept = choosePipe(catalogue, both, 'r1', pipeId('EN ISO 21003', '16')).nodes.filter((node) =>
      chainChosen(node),
    )
    expect(kept.map(({ id }) => id)).toEqual(['r2·e'])
  })
})
