import { describe, expect, it } from 'vitest'
import { usePage } from './page'

const { page, site, job, stored } = usePage(1280, 800)
const title = '[aria-label="Title of the job"]'
const shown = async () => (await page().see(title)).getAttribute('value')
const until = (value: string) =>
  page().driver.wait(async () => (await shown()) === value, 20_000, `it does not show ${value}`)

describe('a page that is open while a backup is put back', () => {
  it('reads anew, overwrites nothing, gives back by undo what it had, and writes its notes again', async () => {
    const on = page()
    const id = await job('Cedar Kiln Studio')
    const at = (path: string) => `${site().origin}/api/${path}`
    await on.open(`/jobs/${id}/route`)
    await on.settle()
    const backup = await (await fetch(at('backup'))).arrayBuffer()
    await on.fill('Title of the job', 'Kiln, renamed')
    await on.driver.wait(async () => (await stored(id)).job.title === 'Kiln, renamed', 30_000)
    const entry = { id: 'note-since-the-backup', kind: 'note', subject: {}, at: '2026-05-04T10:00:00Z', by: 'I. Marl' }
    const body = JSON.stringify({ entries: [{ ...entry, jobVersion: 2, body: { text: 'damp' } }] })
    await fetch(at(`jobs/${id}/log`), { method: 'POST', body })
    await on.open(`/jobs/${id}/hand-over`)
    await on.shows('main', 'damp')

    await fetch(at('backup?replace=yes'), { method: 'POST', body: backup })
    await until('Cedar Kiln Studio')
    const log = async () => (await (await fetch(at(`jobs/${id}/log`))).json()) as { entries: { id: string }[] }
    await on.driver.wait(
      async () => (await log()).entries.some((of) => of.id === entry.id),
      20_000,
      'the note that the backup has not is not written again',
    )
    expect((await stored(id)).job.title).toBe('Cedar Kiln Studio')
    await on.press('Undo')
    await until('Kiln, renamed')
    await on.driver.wait(async () => (await stored(id)).job.title === 'Kiln, renamed', 30_000)
  })
})
