import { By } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import { usePage } from './page'

const { page, site } = usePage()
const notice = '[aria-label="Changes on their way"]'
const hour = async () => (await (await fetch(`${site().origin}/api/workshop`)).json()).hour

describe('changes on their way', () => {
  it('wait through a reload while the database is down, are shown, and arrive when it is back', async () => {
    const on = page()
    await on.open('/bench/costs')
    await on.see('[aria-label="An hour of work"]')
    await site().database.kill()
    await on.fill('An hour of work', '61')
    await on.shows(notice, 'Kept here, and sent as soon as it answers')
    await on.driver.navigate().refresh()
    await on.shows(notice, 'Waiting for the server')
    expect(await (await on.see('[aria-label="An hour of work"]')).getAttribute('value')).toBe('61')
    await site().database.restart()
    await on.driver.wait(async () => (await on.driver.findElements(By.css(notice))).length === 0, 15_000)
    await on.driver.wait(async () => (await hour()) === 61, 15_000)
  })

  it('what was refused after its page had gone is said until it is seen', async () => {
    const on = page()
    await on.driver.executeAsyncScript(
      `const done = arguments[arguments.length - 1]
      const command = { id: 'left', changes: 'rack', says: 'the rack', method: 'POST', path: '/api/rack',
        body: { for: 'thrown away', takes: [987654], leaves: [] } }
      indexedDB.open('jolvet').onsuccess = ({ target: { result: database } }) => {
        const transaction = database.transaction('outbox', 'readwrite')
        transaction.objectStore('outbox').put({ command, place: 1 })
        transaction.oncomplete = done
      }`,
    )
    await on.driver.navigate().refresh()
    await on.shows(notice, 'Not accepted, the rack: No longer on the rack: offcut 987654')
    await on.driver.navigate().refresh()
    await on.shows(notice, 'Not accepted, the rack')
    await on.press('Discard: the rack')
    await on.driver.wait(async () => (await on.driver.findElements(By.css(notice))).length === 0, 30_000)
    await on.driver.navigate().refresh()
    await on.see('[aria-label="An hour of work"]')
    await on.settle()
    expect(await on.driver.findElements(By.css(notice))).toEqual([])
  })
})
