import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { Ids } from '../edit/ids'
import type { Job } from '../job/job'
import { readJob } from '../job/read-job'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob } from '../testing/sample-run'
import { shippedCosts as costs } from '../workshop/costs'
import { ownPatternSchema } from '../workshop/own-pattern-schema'
import { patterns } from '.'
import { drawOwnPattern, ownPatternOf } from './own-pattern'

const counted = (from: number): Ids => {
  let last = from
  return (prefix) => `${prefix}${++last}`
}
const call = (id: string): Job => ({
  ...patterns
    .find((of) => of.id === id)!
    .draw({}, { ...{ catalogue, costs, units: 'metric', title: 'Ash Lane' }, ids: counted(0) }),
  address: '4 Tarn Lane',
  sample: true,
  visits: [{ id: 'v', on: '2026-12-04' }],
})
/** As it comes back from the workshop. */
const kept = (...asked: Parameters<typeof ownPatternOf>) =>
  ownPatternSchema.parse(JSON.parse(JSON.stringify(ownPatternOf(...asked))))
const figures = (job: Job) => {
  const { pieces, fittings, sundries } = planJob(job, catalogue)
  return { cuts: pieces.map(({ cut }) => cut), fittings: fittings.map(({ nodes: _, ...of }) => of), sundries }
}

describe('a pattern of one’s own', () => {
  it.each(patterns.filter(({ units }) => units.includes('metric')).map(({ id }) => id))(
    '%s begun from again has the same lengths and fittings, under ids of its own',
    (id) => {
      const job = call(id)
      const again = drawOwnPattern(kept(job, { name: 'Ours' }), catalogue, counted(5000))
      expect(figures(again)).toEqual(figures(job))
      const ids = ({ runs, nodes, legs }: Job) => [...runs, ...nodes, ...legs].map((of) => of.id)
      expect(new Set([...ids(job), ...ids(again)]).size).toBe(2 * ids(job).length)
      expect(readJob(JSON.parse(JSON.stringify(again)), catalogue)).toMatchObject({ ok: true })
    },
  )

  it('leaves the place, the days and the mark of a sample behind, and takes its own name', () => {
    const again = drawOwnPattern(kept(call('rough-in'), { name: 'Ours' }), catalogue, counted(0))
    expect(again).toMatchObject({ title: 'Ours', note: expect.stringContaining('hot on the left') as string })
    expect([again.address, again.visits, again.sample]).toEqual([undefined, undefined, undefined])
  })

  it('keeps one run where one is asked for, and not the note of the whole', () => {
    const job = call('rough-in')
    const part = drawOwnPattern(kept(job, { name: 'Cold', run: job.runs[1]!.id }), catalogue, counted(0))
    expect(part.runs.map(({ name }) => name)).toEqual([job.runs[1]!.name])
    expect(part.nodes).toHaveLength(3)
    expect(part.note).toBeUndefined()
  })

  it('of more legs than a pattern takes says so', () => {
    const legs = Array.from({ length: 151 }, (_, at) => [`elbow:n${at}`, 'east', 100, `elbow:n${at + 1}`] as const)
    const long = sampleJob({
      pipe: pipeId('EN 1057', '22'),
      method: 'solder',
      legs: legs.map(([a, b, c, d], at) => [at === 0 ? a : a.slice(6), b, c, d]),
    })
    expect(() => ownPatternOf(long, { name: 'Long' })).toThrow('it has 151 legs, and a pattern at most 150')
  })

  it('that cannot be read says what it lacks', () => {
    const broken = { name: 'Broken', units: 'metric', job: { format: 'jolvet-job', version: 3 } } as const
    expect(() => drawOwnPattern(broken, catalogue, counted(0))).toThrow(/^this pattern cannot be read: title: /)
  })
})
