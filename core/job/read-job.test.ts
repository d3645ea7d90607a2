import { countedIds } from '../edit/sample-ids'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import cedar from '../../demo/cedar-kiln-studio.json'
import tarn from '../../demo/tarn-lane-bakehouse.json'
import { planJob } from '../plan/plan-job'
import { shippedFittings } from '../catalogue/fittings'
import { addLeg, removeLeg } from '../edit/edit-run'
import { takeForPipe } from '../edit/edit-survey'
import { addSurvey, emptyJob } from '../edit/new-job'
import { readJob, readJobText } from './read-job'

const fields = (change: (job: typeof tarn) => void): string[] => {
  const job = structuredClone(tarn)
  change(job)
  const read = readJob(job, catalogue)
  return read.ok ? [] : read.fields.map(({ field }) => field)
}

describe('the demo jobs', () => {
  it.each([
    ['tarn', tarn],
    ['cedar', cedar],
  ])('%s is valid, its fittings are in the catalogue, and no joint is refused', (_, demo) => {
    const read = readJob(demo, catalogue)
    if (!read.ok) throw new Error(JSON.stringify(read.fields))
    const known = new Set(shippedFittings().map(({ id }) => id))
    const chosen = read.job.runs.flatMap(({ nodes }) => nodes.flatMap(({ chain }) => chain?.fittings ?? []))
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
    ['version', (job) => (job.version = 2)],
  ])('%s', (field, change) => expect(fields(change)).toContain(field))

  it.each<[string, unknown, string]>([
    ['format', { format: 'other', version: 1 }, 'this is not a job file: format must be “jolvet-job”'],
    ['version', { format: 'jolvet-job', version: 2 }, 'job file version 2 is not known here; version 1 is'],
    ['version', { format: 'jolvet-job', version: '2' }, 'job file version 2 is not known here; version 1 is'],
    ['version', { format: 'jolvet-job', version: {} }, 'job file version of this kind is not known here; version 1 is'],
    [
      'version',
      { format: 'jolvet-job', version: '9'.repeat(50) },
      `job file version ${'9'.repeat(40)} is not known here; version 1 is`,
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

describe('editing', () => {
  it('a pipe that is told becomes the tie-in of a new run, and a second choice changes it', () => {
    const { job, survey } = addSurvey(emptyJob('Edit', 'metric', 'metric'), countedIds)
    const first = takeForPipe(job, countedIds, survey, 'copper-half-hard-en-1057-r250-22x0.9')
    expect(first.runs[0]?.nodes[0]).toMatchObject({
      kind: 'tie-in',
      existing: 'copper-half-hard-en-1057-r250-22x0.9',
      survey,
    })
    const second = takeForPipe(first, countedIds, survey, 'pe-en-12201-pe80-pe100-sdr11-25x2.3')
    expect(second.runs).toHaveLength(1)
    expect(second.runs[0]?.nodes[0]?.existing).toBe('pe-en-12201-pe80-pe100-sdr11-25x2.3')
  })

  it('taking a leg away takes what hangs on it, and leaves the rest whole', () => {
    const { job } = addSurvey(emptyJob('Edit', 'metric', 'metric'), countedIds)
    let state = takeForPipe(job, countedIds, 's1', 'copper-half-hard-en-1057-r250-22x0.9')
    for (const direction of ['east', 'north', 'up'] as const)
      state = addLeg(state, countedIds, 'r1', state.runs[0]!.nodes.at(-1)!.id, direction, 500).job
    const cut = removeLeg(state, 'r1', 'l2')
    expect(cut.runs[0]!.nodes.map(({ id, kind }) => `${id} ${kind}`)).toEqual(['n1 tie-in', 'n2 open'])
    expect(readJob(cut, catalogue).ok).toBe(true)
  })
})
