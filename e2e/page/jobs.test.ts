import { By } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import { emptyJob } from '../../core/job/new-job'
import { usePage } from './page'

const { page, site } = usePage()
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
    await on.shows('[role="alertdialog"]', 'It can be put back for 30 days')
    await on.press('Keep')
    expect(await listed()).toContain('Tarn Lane Bakehouse')
    await on.press('Delete Tarn Lane Bakehouse')
    await on.press('Delete')
    await on.shows('main details', 'Deleted in the last 30 days: 1')
    expect(await listed()).toEqual(['Cedar Kiln Studio'])
    await on.press('Deleted in the last 30 days')
    await on.press('Put back Tarn Lane Bakehouse')
    await on.driver.wait(async () => (await listed()).includes('Tarn Lane Bakehouse'), 10_000)
    expect(await on.driver.findElements(By.css('[aria-label="Deleted jobs"]'))).toHaveLength(0)
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
    await on.shows('main', 'Tarn Lane Bakehouse')
    expect(new Set(await listed()).size).toBe(42)
  })
})
