import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue } from '../catalogue/catalogue'
import { planJob } from '../plan'
import { pipeId, sampleJob, type SampleRun } from '../sample-run'
import { clipPositions } from './clips'

const level = (pipe: string, method: SampleRun['method'], profile: SampleRun['profile']): number[] =>
  planJob(
    sampleJob({
      pipe,
      method,
      profile,
      legs: [
        ['open:s', 'up', 500, 'elbow:a'],
        ['elbow:a', 'east', 3400, 'elbow:b'],
        ['elbow:b', 'up', 500, 'open:e'],
      ],
    }),
    shippedCatalogue,
  )
    .clips.filter(({ leg }) => leg === 'l2')
    .map(({ at }) => at)

describe('clips on a level leg of 3.4 m, worked by hand', () => {
  it('metric, 22 copper soldered: 1.8 m apart', () => {
    // 14.6 + 15.4 + 100 = 130 from each centre; 3140 between: 2 spans of 1570.
    expect(level(pipeId('EN 1057', '22', 0.9), 'solder', 'metric')).toEqual([130, 1700, 3270])
  })

  it('us-a, half-inch PEX crimped: 813 mm apart', () => {
    // 14.7 + 15.24 + 50 = 79.94 from each centre; 3240.12 between: 4 spans of 810.03.
    expect(level(pipeId('ASTM F876', '1/2', 'pex-b'), 'crimp', 'us-a')).toEqual([79.9, 890, 1700, 2510, 3320.1])
  })

  it('us-b, three-quarter copper pressed: 1829 mm apart', () => {
    // 28.3 + 22.35 + 50 = 100.65 from each centre; 3198.7 between: 2 spans of 1599.35.
    expect(level(pipeId('ASTM B88', '3/4', 'L'), 'press-metal', 'us-b')).toEqual([100.7, 1700, 3299.4])
  })

  it('on joists at 450, the first at 200: every fourth, 1.8 m apart', () => {
    const job = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['open:s', 'up', 500, 'elbow:a'],
        ['elbow:a', 'east', 5000, 'elbow:b'],
        ['elbow:b', 'up', 500, 'open:e'],
      ],
    })
    const [run] = job.runs
    const on = (fixings: { spacing: number; offset: number }) =>
      planJob(
        { ...job, runs: [{ ...run!, legs: run!.legs.map((leg) => (leg.id === 'l2' ? { ...leg, fixings } : leg)) }] },
        shippedCatalogue,
      )
    // Joists at 200, 650, 1100, 1550, 2000, 2450, 2900, 3350, 3800, 4250, 4700; spans of at most 1800.
    expect(
      on({ spacing: 450, offset: 200 })
        .clips.filter(({ leg }) => leg === 'l2')
        .map(({ at }) => at),
    ).toEqual([1550, 3350])
    const wide = on({ spacing: 2400, offset: 300 })
    expect(wide.checks).toContainEqual(
      expect.objectContaining({ rule: 'support', text: expect.stringMatching(/from 300.mm to 2.700.mm/) }),
    )
  })

  it('says so where the profile has no distance for the pipe', () => {
    const plan = planJob(
      sampleJob({
        pipe: pipeId('EN ISO 15874', '20', 'SDR6'),
        method: 'solvent',
        profile: 'us-a',
        legs: [['open:s', 'east', 900, 'open:e']],
      }),
      shippedCatalogue,
    )
    expect(plan.clips).toEqual([])
    expect(plan.checks).toContainEqual(
      expect.objectContaining({ rule: 'support', text: expect.stringContaining('no support distance') }),
    )
  })
})

describe('clip positions', () => {
  it('keep every span and use no clip too many', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 20_000 }),
        fc.integer({ min: 0, max: 300 }),
        fc.integer({ min: 300, max: 3000 }),
        (length, keep, spacing) => {
          const at = clipPositions(length, [keep, keep], spacing)
          const span = length - 2 * keep
          at.slice(1).forEach((clip, index) => expect(clip - at[index]!).toBeLessThanOrEqual(spacing + 0.2))
          at.forEach((clip) => expect(clip >= keep - 0.1 && clip <= length - keep + 0.1).toBe(true))
          if (span >= 100) expect(at).toHaveLength(Math.ceil(span / spacing) + 1)
        },
      ),
    )
  })
})
