import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { longJob, pipeId, sampleJob, withCopy } from '../testing/sample-run'
import { thumbnailOf } from './thumbnail'

const job = sampleJob({
  pipe: pipeId('EN 1057', '22', 0.9),
  method: 'solder',
  legs: [
    ['open:s', 'east', 1000, 'elbow:a'],
    ['elbow:a', 'up', 400, 'open:e'],
  ],
})
const numbers = (path: string) => [...path.matchAll(/-?[\d.]+/g)].map(Number)

describe('a job in small', () => {
  it('is a path for each colour of pipe within its place; existing pipe is faint', () => {
    const [first, second] = job.legs
    const mixed = {
      ...job,
      legs: [
        { ...first!, state: 'existing' as const },
        { ...second!, pipe: pipeId('EN ISO 15875', '16') },
      ],
    }
    const { width, height, paths } = thumbnailOf(catalogue, mixed)!
    expect([width, height]).toEqual([72, 56])
    expect(Object.keys(paths).sort()).toEqual(['faint', 'plastic'])
    const [x1, y1, x2, y2] = numbers(paths.plastic!)
    // Upright, from where the existing pipe ends.
    expect(x2).toBe(x1)
    expect(y2).toBeLessThan(y1!)
    expect(numbers(paths.faint!).slice(2)).toEqual([x1, y1])
    for (const of of numbers(paths.plastic! + paths.faint!)) expect(of >= 0 && of <= 72).toBe(true)
  })

  it('shows the three largest systems side by side, of a long one three hundred legs, of an empty job nothing', () => {
    const four = withCopy(withCopy(withCopy(job, 'r2'), 'r3'), 'r4')
    expect(thumbnailOf(catalogue, four)!.width).toBe(3 * 72 + 2 * 6)
    expect(thumbnailOf(catalogue, longJob(500))!.paths.copper!.match(/M/g)).toHaveLength(300)
    expect(thumbnailOf(catalogue, { ...job, nodes: [], legs: [] })).toBeNull()
  })
})
