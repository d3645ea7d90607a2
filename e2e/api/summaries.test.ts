import { describe, expect, it } from 'vitest'
import { planJob } from '../../core/plan/plan-job'
import { progressOf } from '../../core/plan/progress'
import { catalogueWith } from '../../core/catalogue/catalogue'
import { thumbnailOf } from '../../core/draw/thumbnail'
import type { Job } from '../../core/job/job'
import { longJob } from '../../core/testing/sample-run'
import { emptyJob } from '../../core/edit/new-job'
import tarn from '../../demo/tarn-lane-bakehouse.json'
import { useSite } from './client'

const { ask } = useSite(false)

describe('summaries of jobs', () => {
  it('go page by page, the one saved last first, each job once', async () => {
    const titles = Array.from({ length: 35 }, (_, index) => `Job ${index}`)
    for (const title of titles) await ask('POST', 'jobs', emptyJob(title, 'metric', 'metric'))
    const first = (await ask('GET', 'job-summaries')).body
    expect(first.jobs).toHaveLength(30)
    const second = (await ask('GET', `job-summaries?after=${encodeURIComponent(first.next)}`)).body
    expect(second.next).toBeNull()
    const seen = [...first.jobs, ...second.jobs].map(({ title }) => title)
    expect(seen).toHaveLength(35)
    expect(new Set(seen)).toEqual(new Set(titles))
    const times = [...first.jobs, ...second.jobs].map(({ updatedAt }) => Date.parse(updatedAt))
    expect(times).toEqual(times.toSorted((a, b) => b - a))
  })

  it('stand as the core reckons, after a change and after a part measured too', async () => {
    const job = tarn as unknown as Job
    const { id } = (await ask('POST', 'jobs', job)).body
    const standing = async () => {
      for (;;) {
        const found = (await ask('GET', 'job-summaries')).body.jobs.find((of: { id: string }) => of.id === id)
        if (!found.pending) return found
      }
    }
    const reckoned = (of: Job, parts: Parameters<typeof catalogueWith>[0]) => {
      const catalogue = catalogueWith(parts)
      return JSON.parse(JSON.stringify(progressOf(of, planJob(of, catalogue), catalogue)))
    }
    expect(await standing()).toMatchObject({
      ...{ units: 'metric', version: 1, progress: reckoned(job, []) },
      picture: JSON.parse(JSON.stringify(thumbnailOf(catalogueWith([]), job))),
    })
    const shorter = { ...job, surveys: [] }
    await ask('PUT', `jobs/${id}`, { version: 1, job: shorter })
    expect(reckoned(shorter, [])).not.toEqual(reckoned(job, []))
    expect(await standing()).toMatchObject({ version: 2, progress: reckoned(shorter, []) })
    // A socket so deep that no piece between two of them is left.
    const part = { socket: 'solder:EN 1254-1:22', mm: 450, tolerance: 1, basis: 'measured', by: 'R. Beck' }
    expect((await ask('POST', 'parts', { parts: [part] })).status).toBe(201)
    const parts = (await ask('GET', 'parts')).body
    expect(reckoned(shorter, parts)).not.toEqual(reckoned(shorter, []))
    expect(await standing()).toMatchObject({ version: 2, progress: reckoned(shorter, parts) })
  })

  it('of a job of two thousand legs come when they are worked out; the list waits for none', async () => {
    const { id } = (await ask('POST', 'jobs', longJob(2000))).body
    const found = async () => (await ask('GET', 'job-summaries')).body.jobs.find((of: { id: string }) => of.id === id)
    let first = await found()
    for (let tries = 0; first.pending && tries < 200; tries++) first = await found()
    expect(first).toMatchObject({ units: 'metric', progress: expect.any(Array) })
  })

  it('name a cursor that is none', async () => {
    expect(await ask('GET', 'job-summaries?after=yesterday')).toMatchObject({ status: 422 })
  })
})
