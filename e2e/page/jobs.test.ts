import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { By } from 'selenium-webdriver'
import { afterAll, describe, expect, it } from 'vitest'
import { emptyJob } from '../../core/edit/new-job'
import first from '../../demo/version-1/tarn-lane-bakehouse.json'
import { downloadsIn } from './download'
import { usePage } from './page'

const downloads = mkdtempSync(join(tmpdir(), 'jolvet-backups-'))
afterAll(() => rmSync(downloads, { recursive: true, force: true }))
const { page, site } = usePage(1280, 800, downloads)
const listed = async () => {
  const links = await page().driver.findElements(By.css('main ul a.heading'))
  return Promise.all(links.map((link) => link.getText()))
}

describe('the list of jobs', () => {
  it('takes a job away when asked twice, and puts it back', async () => {
    const on = page()
    await on.open('/')
    await on.shows('main', 'Tarn Lane Bakehouse')
    await on.press('Delete Tarn Lane Bakehouse')
    await on.shows('[role="alertdialog"]', 'You can restore it for 30 days')
    await on.press('Keep')
    expect(await listed()).toContain('Tarn Lane Bakehouse')
    await on.press('Delete Tarn Lane Bakehouse')
    await on.press('Delete')
    await on.shows('main details', 'Deleted in the last 30 days: 1')
    expect((await listed()).toSorted()).toEqual(['Cedar Kiln Studio', 'Millrace Cottage'])
    await on.press('Deleted in the last 30 days')
    await on.press('Restore Tarn Lane Bakehouse')
    await on.driver.wait(async () => (await listed()).includes('Tarn Lane Bakehouse'), 30_000)
    expect(await on.driver.findElements(By.css('[aria-label="Deleted jobs"]'))).toHaveLength(0)
  })

  it('downloads everything, and puts it back only when it is said that all here goes', async () => {
    const on = page()
    const before = await listed()
    await on.press('Settings')
    await on.press('Backup')
    await on.press('Download everything')
    const files = () => downloadsIn(downloads).filter((name) => /^jolvet-.*\.gz$/.test(name))
    await on.driver.wait(() => files().length === 1, 30_000)
    const [backup] = files()
    const title = 'Begun after the backup'
    await fetch(`${site().origin}/api/jobs`, {
      method: 'POST',
      body: JSON.stringify(emptyJob(title, 'metric', 'metric')),
    })
    const choose = async (file: string) => (await on.see('input[aria-label="Backup file"]')).sendKeys(file)
    writeFileSync(join(downloads, 'other.gz'), 'no backup')
    await choose(join(downloads, 'other.gz'))
    await on.shows('main details:last-of-type [role="alert"]', 'cannot be read as a backup')
    await choose(join(downloads, backup!))
    await on.shows('[role="alertdialog"]', 'replaces all of them')
    await on.press('Download it, then replace all')
    await on.shows('main details:last-of-type [role="status"]', 'Restored')
    await on.driver.wait(() => files().length === 2, 30_000)
    await on.open('/')
    await on.shows('main', before[0]!)
    expect((await listed()).toSorted()).toEqual(before.toSorted())
    const jobs = (await (await fetch(`${site().origin}/api/jobs`)).json()) as { job: { title: string } }[]
    expect(jobs.map(({ job }) => job.title)).not.toContain(title)
  })

  it('shows so many at a time, and the others when asked', async () => {
    const on = page()
    for (let number = 1; number <= 40; number++)
      await fetch(`${site().origin}/api/jobs`, {
        method: 'POST',
        body: JSON.stringify(emptyJob(`Job ${number}`, 'metric', 'metric')),
      })
    await on.open('/')
    await on.shows('main', 'Job 40')
    expect(await listed()).toHaveLength(30)
    await on.press('More jobs')
    await on.driver.wait(async () => (await listed()).length > 30, 30_000)
    // Three demo jobs, and these.
    expect(new Set(await listed()).size).toBe(43)
  })

  it('opens a job file of version 1, and draws its runs', async () => {
    const on = page()
    await on.open('/')
    const before = join(downloads, 'before.json')
    writeFileSync(before, JSON.stringify({ ...first, title: 'Drawn before' }))
    await (await on.see('input[aria-label="Job file"]')).sendKeys(before)
    await on.see('[aria-label="Title of the job"]')
    await on.press('Route')
    await on.press('Proving-room radiator, flow')
    await on.shows('[aria-label="Legs"]', '2 350')
    const jobs = (await (await fetch(`${site().origin}/api/jobs`)).json()) as {
      job: { title: string; version: number }
    }[]
    expect(jobs.find(({ job }) => job.title === 'Drawn before')!.job.version).toBe(3)
  })
})
