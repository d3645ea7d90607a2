import { expect, it } from 'vitest'
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import { planJob } from '~~/core/plan/plan-job'
import tarn from '~~/demo/version-2/tarn-lane-bakehouse.json'
import { readDraft, readKept } from './read-draft'
import type { KeptDraft } from './save-loop'

const read = (text: unknown) => readKept(text, shippedCatalogue)

it('a draft that an earlier program kept is a job of today, with what it was made from and what was sent', () => {
  const sent = { ...tarn, title: 'As it was sent' }
  const kept = { job: sent, version: 4, base: tarn, attempt: { key: 'k', job: sent } } as unknown as KeptDraft
  const draft = readDraft(kept, read)!
  expect(draft.job).toMatchObject({ version: 3, title: 'As it was sent' })
  expect(draft.base).toEqual(read(tarn))
  // What was sent and what is kept are one text: the server is not asked twice.
  expect(draft.attempt!.job).toBe(draft.job)
  expect(planJob(draft.job, shippedCatalogue).pieces.length).toBeGreaterThan(0)
})

it('what cannot be read is no draft, and what it was made from is not guessed', () => {
  const kept = { job: tarn, version: 4, base: { format: 'other' }, attempt: null } as unknown as KeptDraft
  expect(readDraft(kept, read)!.base).toBeNull()
  expect(readDraft({ ...kept, job: { format: 'other' } } as unknown as KeptDraft, read)).toBeNull()
})
