import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import newCedar from '../../demo/cedar-kiln-studio.json'
import newTarn from '../../demo/tarn-lane-bakehouse.json'
import cedar from '../../demo/version-1/cedar-kiln-studio.json'
import tarn from '../../demo/version-1/tarn-lane-bakehouse.json'
import secondCedar from '../../demo/version-2/cedar-kiln-studio.json'
import secondTarn from '../../demo/version-2/tarn-lane-bakehouse.json'
import { planJob } from '../plan/plan-job'
import { nameableFittings, shippedFittings } from '../catalogue/fittings'
import type { Job } from './job'
import { readJob, readJobText } from './read-job'
import { chainChosen } from './chosen'

const fields = (change: (job: typeof tarn) => void): string[] => {
  const job = structuredClone(tarn)
  change(job)
  const read = readJob(job, catalogue)
  return read.ok ? [] : read.fields.map(({ field }) => field)
}

describe('the demo jobs', () => {
  it.each([
    ['tarn', newTarn],
    ['cedar', newCedar],
    ['tarn of version 1', tarn],
    ['cedar of version 1', cedar],
    ['tarn of version 2', secondTarn],
    ['cedar of version 2', secondCedar],
  ])('%s is valid, its fittings are in the catalogue, and no joint is refused', (_, demo) => {
    const read = readJob(demo, catalogue)
    if (!read.ok) throw new Error(JSON.stringify(read.fields))
    // Older ones have some that nobody makes: their lengths are known all the same.
    const isNow = demo === newTarn || demo === newCedar
    const known = new Set((isNow ? shippedFittings : nameableFittings)().map(({ id }) => id))
    const chosen = read.job.nodes.flatMap((node) => chainChosen(node)?.fittings ?? [])
    expect(chosen.filter((id) => !known.has(id))).toEqual([])
    expect(planJob(read.job, catalogue).checks.filter(({ verdict }) => verdict === 'refuse')).toEqual([])
  })
})

describe('a job file that is wrong names its fields', () => {
  it('accepts the demo job as it is', () => expect(fields(() => {})).toEqual([]))
  it.each<[string, (job: typeof tarn) => void]>([
    ['runs.0.legs.0.length', (job) => (job.runs[0]!.legs[0]!.length = -5)],
    ['runs.0.legs.0.length', (job) => (job.runs[0]!.legs[0]!.length = 1e9)],
    ['runs.0.legs.0.length', (job) => ((job.runs[0]!.legs[0]! as { length: unknown }).length = 'abc')],
    ['runs.0.legs.1.to', (job) => (job.runs[0]!.legs[1]!.to = 'nowhere')],
    ['runs.0.pipe', (job) => (job.runs[0]!.pipe = 'garden-hose')],
    ['runs.0.nodes.1.id', (job) => (job.runs[0]!.nodes[1]!.id = 'n1')],
    ['title', (job) => (job.title = ' ')],
    ['format', (job) => (job.format = 'other')],
    ['version', (job) => (job.version = 4)],
  ])('%s', (field, change) => expect(fields(change)).toContain(field))

  it.each<[string, unknown, string]>([
    ['format', { format: 'other', version: 1 }, 'this is not a job file: format must be “jolvet-job”'],
    ['version', { format: 'jolvet-job', version: 4 }, 'job file version 4 is not known here; 1, 2 and 3 are'],
    ['version', { format: 'jolvet-job', version: '2' }, 'job file version 2 is not known here; 1, 2 and 3 are'],
    [
      'version',
      { format: 'jolvet-job', version: {} },
      'job file version of this kind is not known here; 1, 2 and 3 are',
    ],
    [
      'version',
      { format: 'jolvet-job', version: '9'.repeat(50) },
      `job file version ${'9'.repeat(40)} is not known here; 1, 2 and 3 are`,
    ],
    ['(body)', null, 'a job file is a JSON object'],
    ['(body)', [], 'a job file is a JSON object'],
    ['(body)', 'job', 'a job file is a JSON object'],
  ])('%s alone is named where nothing after it can be read', (field, input, problem) => {
    expect(readJob(input, catalogue)).toEqual({ ok: false, fields: [{ field, problem }] })
  })

  it.each<[string, (job: typeof tarn) => void, string]>([
    [
      'runs.0.legs.0.pipe',
      (job) => ((job.runs[0]!.legs[0]! as { pipe?: string }).pipe = 'hose'),
      'there is no pipe “hose” in the catalogue',
    ],
    [
      'runs.0.nodes.0.existing',
      (job) => ((job.runs[0]!.nodes[0]! as { existing?: string }).existing = 'hose'),
      'there is no pipe “hose”',
    ],
    [
      'surveys.0.pipe',
      (job) => ((job.surveys[0]! as { pipe?: string }).pipe = 'hose'),
      'there is no pipe “hose” in the catalogue',
    ],
    ['runs.0.legs.0.from', (job) => (job.runs[0]!.legs[0]!.from = 'x'), 'there is no node “x” in this run'],
    [
      'runs.0.legs.0.to',
      (job) => (job.runs[0]!.legs[0]!.to = job.runs[0]!.legs[0]!.from),
      'a leg ends at another node than it begins',
    ],
    [
      'runs.0.legs.1.id',
      (job) => (job.runs[0]!.legs[1]!.id = job.runs[0]!.legs[0]!.id),
      'is used twice; ids are unique here',
    ],
    ['runs.1.id', (job) => (job.runs[1]!.id = job.runs[0]!.id), 'is used twice'],
    ['surveys.1.id', (job) => (job.surveys[1]!.id = job.surveys[0]!.id), 'is used twice'],
  ])('%s and why', (field, change, why) => {
    const job = structuredClone(tarn)
    change(job)
    const read = readJob(job, catalogue)
    expect(read.ok ? [] : read.fields).toEqual([{ field, problem: expect.stringContaining(why) }])
  })

  it('a file cut short says so', () => {
    expect(readJobText(JSON.stringify(tarn).slice(0, 500), catalogue)).toMatchObject({
      ok: false,
      fields: [{ field: '(file)', problem: expect.stringContaining('cut short') }],
    })
    expect(readJobText('[1, 2]', catalogue)).toMatchObject({
      ok: false,
      fields: [{ problem: 'a job file is a JSON object' }],
    })
  })
})

describe('a job of version 1', () => {
  const read = (input: unknown) => {
    const found = readJob(input, catalogue)
    if (!found.ok) throw new Error(JSON.stringify(found.fields))
    return found.job
  }
  const twice = structuredClone(tarn)
  twice.runs[1]!.nodes.push({ id: 'r2·n1', kind: 'cap' } as never)

  it('becomes one graph: an id that two runs gave has its run before it in the second', () => {
    const job = read(tarn)
    expect(job.version).toBe(3)
    expect(job.nodes).toHaveLength(tarn.runs.reduce((sum, { nodes }) => sum + nodes.length, 0))
    const second = job.nodes.filter(({ run }) => run === 'r2').map(({ id }) => id)
    expect(second).toEqual(tarn.runs[1]!.nodes.map(({ id }) => `r2·${id}`))
    const ends = job.legs.filter(({ run }) => run === 'r2').map(({ from, to }) => [from, to])
    expect(ends).toEqual(tarn.runs[1]!.legs.map(({ from, to }) => [`r2·${from}`, `r2·${to}`]))
    for (const ids of [read(twice).nodes, job.legs].map((list) => list.map(({ id }) => id)))
      expect(new Set(ids).size).toBe(ids.length)
  })

  it('read, written and read again, is the same', () =>
    expect(read(JSON.parse(JSON.stringify(read(tarn))))).toEqual(read(tarn)))

  it.each([
    ['tarn', secondTarn, tarn],
    ['cedar', secondCedar, cedar],
  ])('%s is cut and joined as it was', (_, now, before) => {
    const of = (job: unknown) => {
      const { pieces, joints, fittings } = planJob(read(job), catalogue)
      return [
        pieces.map(({ cut, run }) => [run, cut]),
        joints.map(({ method, verdict, insertion }) => [method, verdict, insertion]),
        fittings.map(({ label, count }) => [label, count]),
      ]
    }
    expect(of(now)).toEqual(of(before))
  })

  it('what was written down of its joints goes by the same ids', () => {
    const at = (job: Job) => planJob(job, catalogue).joints.map(({ id }) => id)
    expect(at(read(tarn)).filter((id) => id.startsWith('r2/'))).toContain('r2/n1/l1')
    expect(at(read(tarn)).join()).not.toContain('·')
  })

  it('existing pipe whose length does not matter has none; new pipe keeps its length whatever is said of it', () => {
    const lengths = (leg: object) => {
      const job = structuredClone(tarn)
      Object.assign(job.runs[0]!.legs[0]!, leg)
      return read(job).legs[0]!.length
    }
    expect(lengths({ state: 'existing', unmeasured: true })).toBeNull()
    expect(lengths({ state: 'existing' })).toBe(tarn.runs[0]!.legs[0]!.length)
    expect(lengths({ unmeasured: true })).toBe(tarn.runs[0]!.legs[0]!.length)
  })
})

describe('a job of version 2', () => {
  const arms = { l1: { fittings: ['a nipple'], method: 'thread' } }
  const chain = { fittings: ['a hose'], joints: ['solder', 'crimp'] }
  const chosenOf = (node: object) => {
    const job = structuredClone(secondTarn) as { nodes: object[] }
    job.nodes[0] = { id: 'n1', run: 'r1', kind: 'coupling', ...node }
    const read = readJob(job, catalogue)
    return read.ok ? read.job.nodes[0] : read.fields.map(({ field }) => field)
  }

  it('has one choice a node: the name where there is one, with its arms, else the chain', () => {
    const plain = { id: 'n1', run: 'r1', kind: 'coupling' }
    const named = { by: 'name', name: 'an old valve' }
    expect(chosenOf({ fitting: named.name })).toEqual({ ...plain, fitting: named })
    expect(chosenOf({ fitting: named.name, arms, chain })).toEqual({ ...plain, fitting: { ...named, arms } })
    expect(chosenOf({ chain, arms })).toEqual({ ...plain, fitting: { by: 'chain', ...chain } })
    expect(chosenOf({ arms })).toEqual(plain)
  })

  it('is read by its own fields', () => {
    expect(chosenOf({ chain: { fittings: [], joints: ['glue', 'crimp'] } })).toEqual([
      'nodes.0.chain.fittings',
      'nodes.0.chain.joints.0',
    ])
    expect(chosenOf({ fitting: { by: 'name', name: 'x' } })).toEqual(['nodes.0.fitting'])
  })
})

describe('a job of version 3', () => {
  it('has no name, arms or chain beside the choice', () => {
    const job = { ...structuredClone(newTarn), nodes: [{ id: 'n1', run: 'r1', kind: 'coupling', chain: {} }], legs: [] }
    const read = readJob(job, catalogue)
    expect(read.ok && read.job.nodes).toEqual([{ id: 'n1', run: 'r1', kind: 'coupling' }])
    const wrong = readJob({ ...job, nodes: [{ ...job.nodes[0], fitting: '22 solder elbow' }] }, catalogue)
    expect(wrong.ok ? [] : wrong.fields.map(({ field }) => field)).toEqual(['nodes.0.fitting'])
  })

  const lifted = readJob(tarn, catalogue)
  const wrong = (change: (job: Job) => void) => {
    const job = structuredClone(lifted.ok ? lifted.job : ({} as Job))
    change(job)
    const read = readJob(job, catalogue)
    return read.ok ? [] : read.fields.map(({ field, problem }) => `${field}: ${problem}`)
  }
  it.each<[string, (job: Job) => void]>([
    ['nodes.1.id: “n1” is used twice', (job) => (job.nodes[1]!.id = 'n1')],
    ['legs.1.id: “l1” is used twice', (job) => (job.legs[1]!.id = 'l1')],
    ['legs.0.from: there is no node “x” in this job', (job) => (job.legs[0]!.from = 'x')],
    ['legs.0.run: there is no run “x” in this job', (job) => (job.legs[0]!.run = 'x')],
    ['nodes.2.run: there is no run “x” in this job', (job) => (job.nodes[2]!.run = 'x')],
    ['legs.0.length: new pipe has a length', (job) => (job.legs[0]!.length = null)],
    ['runs.1.pipe: there is no pipe “hose”', (job) => (job.runs[1]!.pipe = 'hose')],
    ['legs.0.pipe: there is no pipe “hose”', (job) => (job.legs[0]!.pipe = 'hose')],
  ])('%s', (problem, change) => {
    expect(wrong(change).find((of) => of.startsWith(problem))).toBeDefined()
  })
  it('is read as it is, existing pipe without a length too', () => {
    expect(wrong((job) => Object.assign(job.legs[0]!, { length: null, state: 'existing' }))).toEqual([])
  })
})
