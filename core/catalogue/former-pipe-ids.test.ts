import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import cedar from '../../demo/cedar-kiln-studio.json'
import tarn from '../../demo/tarn-lane-bakehouse.json'
import { readJob } from '../job/read-job'
import { shippedCatalogue } from './catalogue'
import { formerPipeIds, pipeIdNow } from './former-pipe-ids'

/** Every id that a pipe was ever shipped under, a line each; new ones are added, none is taken away. */
const everShipped = readFileSync(new URL('tables/ever-shipped-pipes.txt', import.meta.url), 'utf8')
  .trim()
  .split('\n')

describe('a pipe’s id', () => {
  it('once shipped, names a pipe for ever', () => {
    expect(everShipped.filter((id) => !shippedCatalogue.pipe(pipeIdNow(id)))).toEqual([])
    expect(shippedCatalogue.pipes.map(({ id }) => id).filter((id) => !everShipped.includes(id))).toEqual([])
    for (const id of Object.values(formerPipeIds)) expect(pipeIdNow(id)).toBe(id)
  })

  it.each([tarn, cedar])('every job is read after a wall was corrected: $title', (demo) => {
    const named = new Set([...JSON.stringify(demo).matchAll(/"([\w.-]+)"/g)].map(([, id]) => id!))
    const used = shippedCatalogue.pipes.filter(({ id }) => named.has(id))
    expect(used.length).toBeGreaterThan(1)
    // As if the tables had had every wall wrong until now.
    const former = Object.fromEntries(used.map(({ id }) => [`${id}-wrong`, id]))
    const stored = [...used.map(({ id }) => id)].reduce(
      (text, id) => text.replaceAll(`"${id}"`, `"${id}-wrong"`),
      JSON.stringify(demo),
    )
    expect(readJob(JSON.parse(stored), shippedCatalogue).ok).toBe(false)
    const read = readJob(JSON.parse(stored), shippedCatalogue, (id) => pipeIdNow(id, former))
    expect(read).toMatchObject({ ok: true, job: (readJob(demo, shippedCatalogue) as { job: unknown }).job })
  })
})
