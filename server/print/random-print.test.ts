import fc from 'fast-check'
import { expect, it } from 'vitest'
import { runsDxf } from '~/drawing/run-dxf'
import { shippedCatalogue as catalogue } from '~~/core/catalogue/catalogue'
import { systemsOf } from '~~/core/job/system'
import { planJob } from '~~/core/plan/plan-job'
import { jobEditedBy } from '~~/core/testing/random-edits'
import { recordOf } from '~~/core/record/record'
import { spokenRecord } from '../http/spoken'
import { labelsDocument } from './labels-document'
import { recordDocument } from './record-document'

const number = fc.nat({ max: 100_000 })
const steps = fc.array(fc.tuple(number, number, number, number), { minLength: 3, maxLength: 24 })

it('however a job was edited, its record, its labels and its drawing file are laid out', () =>
  fc.assert(
    fc.property(steps, (of) => {
      const job = jobEditedBy(of)
      const plan = planJob(job, catalogue)
      const record = spokenRecord(
        recordOf(catalogue, { id: 'job', version: 1, job }, { plan, entries: [], proofs: new Map() }),
        job.units,
      )
      const print = { record, job, plan, catalogue, version: 1, entries: [], seal: null, pictures: {} }
      expect(recordDocument(print).content).toBeTruthy()
      expect(labelsDocument(record, job.units).content).toBeTruthy()
      const pieceOf = new Map(plan.pieces.flatMap(({ id, legs }) => legs.map((leg) => [leg, id] as const)))
      expect(runsDxf(systemsOf(job), pieceOf, job.units)).toContain('EOF')
    }),
    { numRuns: Number(process.env.EDITS ?? 300) },
  ))
