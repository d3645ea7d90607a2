import { By } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { openBrowser, type OpenBrowser } from '../../scripts/run/browser'
import { Page } from '../../scripts/tests/page'
import { usePage } from './page'

const { page, site, job, stored } = usePage(390, 844)
const notice = '[aria-label="Changes on their way"]'
const entriesOf = async (id: string) =>
  ((await (await fetch(`${site().origin}/api/jobs/${id}/log`)).json()) as { entries?: { kind: string }[] }).entries ??
  []

describe('what the server does not take', () => {
  it('an entry of a job that was deleted meanwhile stays, is listed, and is sent again once the job is back', async () => {
    const on = page()
    const id = await job('Cedar Kiln Studio')
    await on.open(`/jobs/${id}/hand-over`)
    await on.see('[aria-label="Title of the job"]')
    await on.settle()
    const before = (await entriesOf(id)).length
    const { version } = await stored(id)
    await fetch(`${site().origin}/api/jobs/${id}?version=${version}`, { method: 'DELETE' })
    await on.driver.executeAsyncScript(
      `const [path, done] = arguments
      const command = { id: 'left', changes: 'log', says: 'a note', method: 'POST', path,
        body: { entries: [{ id: 'note-of-a-deleted', kind: 'note', subject: {}, at: '2026-05-04T10:00:00Z', by: 'I. Marl',
          jobVersion: 1, body: { text: 'damp' } }] } }
      indexedDB.open('jolvet').onsuccess = ({ target: { result: database } }) => {
        const transaction = database.transaction('outbox', 'readwrite')
        transaction.objectStore('outbox').put({ command, place: 1 })
        transaction.oncomplete = () => { new BroadcastChannel('jolvet-outbox').postMessage({ kind: 'look' }); done() }
      }`,
      `/api/jobs/${id}/log`,
    )
    await on.shows(notice, 'Not accepted, a note: There is no such job')
    for (const label of ['Send again', 'Download', 'Discard']) await on.see(`[aria-label="${label}: a note"]`)
    await fetch(`${site().origin}/api/jobs/${id}/put-back`, { method: 'POST' })
    await on.driver.navigate().refresh()
    await on.shows(notice, 'Not accepted, a note')
    await on.press('Send again: a note')
    await on.driver.wait(async () => (await entriesOf(id)).length === before + 1, 15_000, 'it is not sent again')
    await on.driver.wait(async () => (await on.driver.findElements(By.css(notice))).length === 0, 5000)
  })
})

describe('a browser that keeps nothing of this site', () => {
  let browser: OpenBrowser
  beforeAll(async () => {
    browser = await openBrowser(390, 844, { preferences: { 'profile.default_content_setting_values.cookies': 2 } })
  })
  afterAll(() => browser.close())

  it('opens every step of a job, saves what is typed, and says that nothing is kept where the line is gone', async () => {
    const on = new Page(browser.driver, site().origin)
    const id = await job('Tarn Lane Bakehouse')
    for (const path of ['/', '/bench/costs', `/jobs/${id}/survey`, `/jobs/${id}/make`, `/jobs/${id}/route`]) {
      await on.open(path)
      await on.see('main')
      const body = await on.driver.findElement(By.css('body'))
      expect([path, await body.getText()]).toEqual([path, expect.not.stringContaining('The page failed')])
    }
    await on.fill('Title of the job', 'Tarn Lane, kept nowhere')
    await on.driver.wait(async () => (await stored(id)).job.title === 'Tarn Lane, kept nowhere', 30_000)
    await site().server.stop()
    await on.fill('Title of the job', 'Tarn Lane')
    await on.shows('[data-save-state]', 'this browser has no room to keep it')
    await site().server.start()
    await on.driver.wait(async () => (await stored(id)).job.title === 'Tarn Lane', 20_000)
  })
})
