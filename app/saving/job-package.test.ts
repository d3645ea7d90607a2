import { unzipSync, zipSync, type Zippable } from 'fflate'
import { createHash } from 'node:crypto'
import { describe, expect, it } from 'vitest'
import type { Entry } from '~~/core/log/entry'
import { packJob, readPackage, type JobPackage } from './job-package'

const picture = new Uint8Array([255, 216, 255, 1, 2, 3])
const sha = createHash('sha256').update(picture).digest('hex')
const entry: Entry = {
  ...{ id: 'photo-one', kind: 'photo', subject: { joint: 'j1' }, at: '2026-05-04T10:00:00Z', by: 'R. Beck' },
  ...{ jobVersion: 3, body: { sha } },
}
const whole: JobPackage = {
  id: 'job-1',
  generation: 'life-1',
  job: '{"format":"jolvet-job"}',
  entries: [entry],
  photos: new Map([[sha, picture]]),
}
/** The same zip with some of its files put otherwise. */
async function with_(change: (files: Record<string, Uint8Array>) => Zippable): Promise<Uint8Array> {
  return zipSync(change(unzipSync(await packJob(whole))))
}
const problems = async (file: Uint8Array) => {
  const read = await readPackage(file)
  return read.ok ? [] : read.problems
}

describe('a job with its log and photos as one zip', () => {
  it('is read back whole', async () => {
    expect(await readPackage(await packJob(whole))).toEqual({ ok: true, read: whole })
  })

  it('cut short, without its log, or no zip at all is refused with its reason', async () => {
    const file = await packJob(whole)
    expect(await problems(file.slice(0, file.length - 30))).toEqual([
      'this is not a zip that can be read; was it cut short?',
    ])
    expect(await problems(await with_(({ 'log.json': _, ...rest }) => rest))).toEqual([
      'log.json: is not in this zip; a job with its log has it',
    ])
  })

  it('a photo that is missing, or is another than its name says, is named', async () => {
    const name = `photos/${sha}.jpg`
    expect(await problems(await with_(({ [name]: _, ...rest }) => rest))).toEqual([`${name}: is not in this zip`])
    expect(await problems(await with_((files) => ({ ...files, [name]: new Uint8Array([1]) })))).toEqual([
      `${name}: is not the photo that its name says`,
    ])
  })

  it('an entry that is none is named by its field', async () => {
    const log = { format: 'jolvet-log', version: 1, job: 'job-1', entries: [{ ...entry, by: '' }] }
    const file = await with_((files) => ({ ...files, 'log.json': new TextEncoder().encode(JSON.stringify(log)) }))
    expect(await problems(file)).toEqual([expect.stringContaining('log.json, entries.0.by:')])
  })
})
