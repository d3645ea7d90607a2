import { By } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import { checkMetas } from '../../core/check/rules'
import { ruleMetas } from '../../core/join/rules'
import { usePage } from './page'

const { page, job, stored } = usePage(390, 844)

describe('the bench, on a phone', () => {
  it('a pipe is told without a job, contradictions are named, and a job begins with it', async () => {
    const on = page()
    await on.open('/bench/identify')
    await on.press('reddish')
    await on.press('sticks')
    await on.press('rigid')
    await on.shows('[aria-label="What it is"]', 'Contradicts')
    await on.driver.navigate().refresh()
    await on.shows('[aria-label="Seen so far"]', 'magnet: sticks')
    await on.press('Remove magnet: sticks')
    await on.fill('By caliper', '15.0\uE007')
    await on.shows('[data-verdict]', '15 ×')
    await on.press('Use 15 × 0.7 copper half-hard')
    await on.press('Start a job with it')
    await on.see('[aria-label="Title of the job"]')
    await on.shows('[aria-label="The two ends"]', 'Insertion depth, existing pipe')
    expect((await stored(await job('From the bench'))).job.nodes[0]?.existing).toBe(
      'copper-half-hard-en-1057-r250-15x0.7',
    )
  })

  it('a year that is none is named', async () => {
    const on = page()
    await on.open('/bench/identify')
    await on.fill('House built', 'last week')
    await on.shows('[aria-label="What you see"]', 'House built: write a year')
  })

  it('the rules page says every rule', async () => {
    const on = page()
    await on.open('/bench/rules')
    await on.see('main li')
    expect(await on.driver.findElements(By.css('main li'))).toHaveLength(ruleMetas.length + checkMetas.length)
  })

  it('nothing stands wider than a phone', async () => {
    const on = page()
    const id = await job('Tarn Lane Bakehouse')
    for (const path of [
      '/',
      '/bench/identify',
      '/bench/join',
      '/bench/rules',
      '/settings',
      ...['survey', 'join', 'route', 'cut', 'make', 'prove', 'hand-over', 'print'].map((step) => `/jobs/${id}/${step}`),
    ]) {
      await on.open(path)
      await on.see('main section, main li, main p')
      const over = await on.driver.executeScript('return document.documentElement.scrollWidth - innerWidth')
      expect([path, over]).toEqual([path, 0])
    }
  })
})
