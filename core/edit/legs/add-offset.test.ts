import { countedIds } from '../../testing/sample-ids'
import { describe, expect, it } from 'vitest'
import { addOffset } from './add-offset'
import { systemsOf } from '../../job/system'
import { job, besideAnother, places, lengths, near } from '../../testing/sample-edits'

describe('an offset as one entry', () => {
  const entry = { set: 100, angle: 45, towards: 'up', roll: 0, after: 500, corner: 'elbow' } as const

  it('goes aside by its set and on in the old direction: 141.42 at 45 degrees', () => {
    const made = addOffset(job([['open:s', 'east', 1000, 'open:e']]), countedIds, { run: 'r1', node: 'e' }, entry)
    expect(lengths(made.job)).toEqual([1000, 141.421, 500])
    near(places(made.job).get(made.node), [1600, 0, 100])
    expect(made.job.nodes.map(({ kind }) => kind)).toEqual(['open', 'elbow', 'elbow', 'open'])
  })

  it('bent, both corners have the radius; an elbow has none', () => {
    const straight = job([['open:s', 'east', 1000, 'open:e']])
    const radii = (corner: 'bend' | 'elbow', radius?: number) =>
      addOffset(straight, countedIds, { run: 'r1', node: 'e' }, { ...entry, corner, radius }).job.nodes.map((node) => [
        node.kind,
        node.radius,
      ])
    const ends = (corner: [string, number?]) => [['open', undefined], corner, corner, ['open', undefined]]
    expect(radii('bend', 88)).toEqual(ends(['bend', 88]))
    expect(radii('bend')).toEqual(ends(['bend', undefined]))
    expect(radii('elbow', 88)).toEqual(ends(['elbow', undefined]))
  })

  it.each([
    ['open', 'elbow'],
    ['cap', 'elbow'],
    ['outlet', 'elbow'],
    ['tee', 'tee'],
    ['valve', 'valve'],
  ])('that begins at %s makes it %s', (kind, becomes) => {
    const start = besideAnother(job([['tie-in:s', 'east', 1000, `${kind}:e`]]))
    const [other, own] = systemsOf(addOffset(start, countedIds, { run: 'r1', node: 'e' }, entry).job)
    expect(own!.nodes.map((node) => node.kind)).toEqual(['tie-in', becomes, 'elbow', 'open'])
    expect(other).toEqual(systemsOf(start)[0])
  })

  it.each([
    ['open', 'bend'],
    ['cap', 'bend'],
    ['outlet', 'bend'],
    ['tee', 'tee'],
    ['valve', 'valve'],
  ])('bent, that begins at %s makes it %s, whatever the run begins with', (kind, becomes) => {
    for (const begin of ['open', 'valve']) {
      const start = job([[`${begin}:s`, 'east', 1000, `${kind}:e`]])
      const made = addOffset(start, countedIds, { run: 'r1', node: 'e' }, { ...entry, corner: 'bend', radius: 88 }).job
      expect(made.nodes.map((node) => node.kind)).toEqual([begin, becomes, 'bend', 'open'])
    }
  })

  it('rolled by 90 degrees from up it goes to the south, right-handed about a pipe that runs east', () => {
    const made = addOffset(
      job([['open:s', 'east', 1000, 'open:e']]),
      countedIds,
      { run: 'r1', node: 'e' },
      { ...entry, roll: 90 },
    )
    near(places(made.job).get(made.node), [1600, -100, 0])
  })

  it('goes on backwards from where a run begins: away from the leg that leaves it', () => {
    const made = addOffset(job([['open:s', 'east', 1000, 'open:e']]), countedIds, { run: 'r1', node: 's' }, entry)
    near(places(made.job).get(made.node), [-600, 0, 100])
  })

  it('says what is wrong with it', () => {
    const straight = job([['open:s', 'east', 1000, 'open:e']])
    expect(() => addOffset(straight, countedIds, { run: 'r1', node: 'e' }, { ...entry, towards: 'east' })).toThrow(
      /square/,
    )
    expect(() => addOffset(straight, countedIds, { run: 'r1', node: 'e' }, { ...entry, set: 0 })).toThrow(/Set/)
    expect(() => addOffset(straight, countedIds, { run: 'r1', node: 'e' }, { ...entry, after: 0 })).toThrow(/after/)
    expect(() => addOffset(straight, countedIds, { run: 'r1', node: 'nowhere' }, entry)).toThrow(/pipe must arrive/)
  })
})
