import { By } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import { pages } from '../../server/http/routes'
import { usePage } from './page'

const { page, site, job } = usePage(390, 844)
const readied = `const done = arguments[arguments.length - 1]
  navigator.serviceWorker.ready.then(() => done(true))`
const textOf = async () => (await page().driver.findElement(By.css('body'))).getText()

describe('without server and line', () => {
  it('every page opens cold, with its policy, and a job that was open before is whole', async () => {
    const on = page()
    const id = await job('Tarn Lane Bakehouse')
    await on.open(`/jobs/${id}/route`)
    await on.see('[aria-label="Title of the job"]')
    await on.settle()
    await on.driver.executeAsyncScript(readied)
    await site().server.stop()
    for (const path of pages) {
      await on.driver.get(`${site().origin}${path.replace(':id', id)}`)
      await on.see('main')
      if (path.startsWith('/jobs')) {
        const title = await on.see('[aria-label="Title of the job"]')
        expect([path, await title.getAttribute('value')]).toEqual([path, 'Tarn Lane Bakehouse'])
      }
      expect([path, await textOf()]).toEqual([path, expect.not.stringMatching(/The page failed|no such page/)])
    }
    const ran = await on.driver.executeScript(
      `const script = document.createElement('script')
      script.textContent = 'window.hasRun = true'
      document.head.append(script)
      return window.hasRun === true`,
    )
    expect(ran).toBe(false)
    await on.open('/')
    await on.shows('[aria-label="Jobs on this device"]', 'Tarn Lane Bakehouse')
    await site().server.start()
  })

  it('a job begun, ticked and left there arrives by itself, in its order, though nobody opens it again', async () => {
    const on = page()
    await site().server.stop()
    await on.open('/')
    await on.press('New job')
    await on.fill('Title', 'Begun in the cellar')
    await on.press('Begin')
    await on.see('[aria-label="Title of the job"]')
    const id = /jobs\/([\w-]+)/.exec(await on.driver.getCurrentUrl())![1]!
    const note = { id: 'note-in-the-cellar', kind: 'note', subject: {}, at: '2026-05-04T10:00:00Z', by: 'I. Marl' }
    const command = {
      ...{ id: 'c-1', changes: 'log', says: 'a note', method: 'POST', path: `/api/jobs/${id}/log` },
      body: { entries: [{ ...note, jobVersion: 0, body: { text: 'damp' } }] },
    }
    await on.driver.executeAsyncScript(
      `const [command, done] = arguments
      indexedDB.open('jolvet').onsuccess = ({ target: { result: database } }) => {
        const transaction = database.transaction('outbox', 'readwrite')
        transaction.objectStore('outbox').put({ command, place: 1 })
        transaction.oncomplete = done
      }`,
      command,
    )
    // Another page, another visit: the job is open nowhere.
    await on.driver.get(`${site().origin}/bench/rules`)
    await on.see('main')
    await site().server.start()
    const log = async () =>
      (await (await fetch(`${site().origin}/api/jobs/${id}/log`)).json()) as { entries?: { id: string }[] }
    await on.driver.wait(async () => (await log()).entries?.length === 1, 40_000, 'the note does not arrive')
    expect((await (await fetch(`${site().origin}/api/jobs/${id}`)).json()).job.title).toBe('Begun in the cellar')
  })

  it('what the browser’s storage held is kept by the page that holds it, and sent', async () => {
    const on = page()
    const id = await job('Cedar Kiln Studio')
    await on.open(`/jobs/${id}/hand-over`)
    await on.see('[aria-label="Title of the job"]')
    await site().server.stop()
    await on.open('/bench/costs')
    await on.see('[aria-label="An hour of work"]')
    await on.fill('An hour of work', '77')
    await on.shows('[aria-label="Changes on their way"]', 'Kept here')
    await on.driver.executeAsyncScript(
      `const done = arguments[arguments.length - 1]
      const gone = indexedDB.deleteDatabase('jolvet')
      gone.onsuccess = gone.onerror = gone.onblocked = () => done(true)`,
    )
    await site().server.start()
    const hour = async () => (await (await fetch(`${site().origin}/api/workshop`)).json()).hour
    await on.driver.wait(async () => (await hour()) === 77, 30_000, 'what was typed is gone with the storage')
  })
})
