import { By } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import { usePage } from './page'

const { page, site, job, stored } = usePage()
const title = '[aria-label="Title of the job"]'

describe('nothing typed is lost', () => {
  it('a reload right after typing keeps it', async () => {
    const on = page()
    const id = await job('Cedar Kiln Studio')
    await on.open(`/jobs/${id}/route`)
    await on.see(title)
    await on.fill('Title of the job', 'Cedar Kiln Studio, annexe')
    await on.driver.navigate().refresh()
    await on.see(title)
    await on.saved()
    expect((await stored(id)).job.title).toBe('Cedar Kiln Studio, annexe')
    await on.fill('Title of the job', 'Cedar Kiln Studio')
    await on.settle()
    await on.saved()
  })

  it('a leg half typed is still there after a reload', async () => {
    const on = page()
    await on.keys('4', '7')
    await on.shows('[data-entry]', '47')
    await on.driver.navigate().refresh()
    await on.shows('[data-entry]', '47')
  })

  it('the database is killed while one types: the page waits, and saves when it is back', async () => {
    const on = page()
    const id = await job('Cedar Kiln Studio')
    await site().database.kill()
    await on.fill('Title of the job', 'Typed while it was down')
    await on.shows('[data-save-state]', 'Waiting for the database')
    expect(await (await on.see(title)).getAttribute('value')).toBe('Typed while it was down')
    await site().database.restart()
    await on.saved()
    expect((await stored(id)).job.title).toBe('Typed while it was down')
  })

  it('the server is stopped and started: the same', async () => {
    const on = page()
    const id = await job('Typed while it was down')
    await site().server.stop()
    await on.fill('Title of the job', 'Cedar Kiln Studio')
    await on.shows('[data-save-state]', 'Waiting for the server')
    await site().server.start()
    await on.saved()
    expect((await stored(id)).job.title).toBe('Cedar Kiln Studio')
  })
})

describe('two tabs on one job', () => {
  it('a clean tab follows; a tab with text of its own is told, sees both, keeps its text', async () => {
    const on = page()
    const id = await job('Tarn Lane Bakehouse')
    const first = await on.driver.getWindowHandle()
    await on.open(`/jobs/${id}/route`)
    await on.see(title)
    await on.fill('Title of the job', 'From the first tab, before')
    await on.settle()
    await on.saved()
    expect(await (await on.see('[aria-label="Undo"]')).isEnabled()).toBe(true)
    await on.driver.switchTo().newWindow('tab')
    const second = await on.driver.getWindowHandle()
    await on.open(`/jobs/${id}/route`)
    await on.see(title)
    await on.fill('Title of the job', 'From the second tab')
    await on.settle()
    await on.saved()

    await on.driver.switchTo().window(first)
    await on.driver.wait(
      async () => (await (await on.see(title)).getAttribute('value')) === 'From the second tab',
      10_000,
    )
    // What the other tab wrote is not this one's to undo.
    expect(await (await on.see('[aria-label="Undo"]')).isEnabled()).toBe(false)

    // Another program saves behind both tabs' backs; then this tab types.
    const now = await stored(id)
    const behind = await fetch(`${site().origin}/api/jobs/${id}`, {
      method: 'PUT',
      body: JSON.stringify({ version: now.version, job: { ...now.job, title: 'From a script' } }),
    })
    expect(behind.status).toBe(200)
    await on.fill('Title of the job', 'From the first tab')
    await on.shows('[data-conflict] [data-mine]', 'From the first tab')
    await on.shows('[data-conflict] [data-theirs]', 'From a script')
    expect((await stored(id)).job.title).toBe('From a script')
    await on.driver.navigate().refresh()
    await on.shows('[data-conflict] [data-mine]', 'From the first tab')
    await on.press('Keep these choices')
    await on.saved()
    expect((await stored(id)).job.title).toBe('From the first tab')
    await on.driver.switchTo().window(second)
    await on.driver.close()
    await on.driver.switchTo().window(first)
  })
})

describe('a browser without room', () => {
  it('sends what it cannot keep, and says what is true while the server is away', async () => {
    const on = page()
    const id = await job('From the first tab')
    await on.open(`/jobs/${id}/route`)
    await on.see(title)
    await on.driver.executeScript(
      `IDBObjectStore.prototype.put = () => { throw new DOMException('full', 'QuotaExceededError') }`,
    )
    await on.fill('Title of the job', 'Without room')
    await on.settle()
    await on.saved()
    expect((await stored(id)).job.title).toBe('Without room')
    await site().server.stop()
    await on.fill('Title of the job', 'Without room or server')
    await on.shows('[data-save-state]', 'this browser has no room to keep it: download the job file now')
    await site().server.start()
    await on.saved()
    expect((await stored(id)).job.title).toBe('Without room or server')
  })
})

describe('a job that the database does not give', () => {
  const list = '[aria-labelledby="kept-here"]'

  it('opens as this browser last had it, and says so; what is typed is sent when the database is back', async () => {
    const on = page()
    const id = await job('Cedar Kiln Studio')
    await on.open(`/jobs/${id}/route`)
    await on.see(title)
    await site().database.kill()
    await on.driver.navigate().refresh()
    await on.shows('[data-save-state]', 'Waiting for the database')
    expect(await (await on.see(title)).getAttribute('value')).toBe('Cedar Kiln Studio')
    await on.fill('Title of the job', 'Typed on the copy')
    await on.driver.navigate().refresh()
    await on.see(title)
    await site().database.restart()
    await on.saved()
    expect((await stored(id)).job.title).toBe('Typed on the copy')
  })

  it('can be begun, is listed as only here, and is the server’s when it is back', async () => {
    const on = page()
    await on.open('/')
    await on.see('button[aria-label^="Download the job file"]')
    await site().database.kill()
    await on.press('New job')
    await on.fill('Title', 'Begun in the cellar')
    await on.press('Begin')
    await on.shows('[data-save-state]', 'Waiting for the database; what you type is kept here')
    await on.open('/')
    await on.shows(list, 'Begun in the cellar')
    await site().database.restart()
    await on.press('Open the unsaved Begun in the cellar')
    await on.see(title)
    await on.saved()
    expect((await stored(await job('Begun in the cellar'))).version).toBe(1)
    await on.open('/')
    await on.see('button[aria-label="Download the job file of Begun in the cellar"]')
    expect(await on.driver.findElements(By.css(list))).toEqual([])
  })

  it('and deleted elsewhere while text waits: a reload still has it; let go, it is gone', async () => {
    const on = page()
    const id = await job('Begun in the cellar')
    await on.open(`/jobs/${id}/route`)
    await on.see(title)
    await site().database.kill()
    await on.fill('Title of the job', 'Typed for nobody')
    await on.shows('[data-save-state]', 'Waiting for the database')
    // Nobody looks at a page while it is deleted: an open one would send the text as soon as the database is back.
    await on.driver.get('about:blank')
    await site().database.restart()
    const deleted = await fetch(`${site().origin}/api/jobs/${id}?version=1`, { method: 'DELETE' })
    expect(deleted.ok).toBe(true)
    await on.open('/')
    await on.shows(list, 'Typed for nobody')
    await on.press('Open the unsaved Typed for nobody')
    await on.shows('[data-save-state]', 'Deleted elsewhere; what you type is kept here')
    expect(await (await on.see(title)).getAttribute('value')).toBe('Typed for nobody')
    await on.open('/')
    await on.press('Discard the unsaved Typed for nobody')
    await on.press('Discard')
    await on.driver.wait(async () => (await on.driver.findElements(By.css(list))).length === 0, 30_000)
  })
})

describe('security in the page', () => {
  it('the policy stops no script or style of our own', async () => {
    const logs = await page().driver.manage().logs().get('browser')
    expect(
      logs.filter(({ message }) => /Content Security Policy/i.test(message)).map(({ message }) => message),
    ).toEqual([])
  })
})
