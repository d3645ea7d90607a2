import { afterAll, describe, expect, it } from 'vitest'
import { openBrowser, type OpenBrowser } from '../../scripts/run/browser'
import { Page } from '../../scripts/tests/page'
import { usePage } from './page'

const { page, site, job } = usePage(390, 844)

let colleague: OpenBrowser | undefined
afterAll(() => colleague?.close())
/** Another one's phone on the same van. */
async function second(): Promise<Page> {
  colleague = await openBrowser(390, 844)
  return new Page(colleague.driver, site().origin)
}

describe('a day', () => {
  it('a visit of a job is given its day and time, and stands there with what to tell the customer and what to bring', async () => {
    const on = page()
    const id = await job('Cedar Kiln Studio')
    await on.open(`/jobs/${id}/estimate`)
    await on.press('Add a visit')
    await on.driver.executeScript(`
      const set = (label, value) => {
        const field = document.querySelector('[aria-label="' + label + '"]')
        field.value = value
        field.dispatchEvent(new Event('input', { bubbles: true }))
        field.dispatchEvent(new Event('change', { bubbles: true }))
      }
      set('Day', '2031-03-07')
      set('Agreed time', '13:30')`)
    await on.fill('For', 'Second fix')
    await on.saved()
    await on.press('Show that day')
    await on.shows('[data-times]', /^13\.30 to 1\d\.\d/)
    await on.shows('[data-told]', /Water off from about 1\d\.\d\d to 1\d\.\d\d\./)
    await on.shows('[aria-label="Visits"]', 'Second fix')
    await on.fill('Your name', 'B. Reed')
    // What was really so moves it, and is there again after the page was left.
    await on.driver.executeScript(`
      const field = document.querySelector('[aria-label="Really began"]')
      field.value = '14:00'
      field.dispatchEvent(new Event('input', { bubbles: true }))`)
    await on.shows('[data-times]', /^14\.00 to/)
    await on.shows('[aria-label="Visits"]', '30 min after the agreed 13.30: ring them')
    const list = '[aria-label="What to bring"]'
    const toGet = async () => Number(/^(\d+) of/.exec(await on.text('[data-missing]'))![1])
    await on.see(`${list} [data-missing]`)
    const all = await toGet()
    expect(all).toBeGreaterThan(3)
    await on.driver.findElement({ css: `${list} li button` }).click()
    await on.shows('[data-missing]', new RegExp(`^${all - 1} of`))
    await on.driver.navigate().refresh()
    await on.shows('[data-missing]', new RegExp(`^${all - 1} of`))
    await on.shows('[data-times]', /^14\.00 to/)
    await on.press('Day after')
    await on.shows('main', 'No visits on this day.')
  })

  it('two load one van: what one takes for the job the other no longer has, and a leftover comes back', async () => {
    const on = page()
    await on.open('/day?on=2031-03-07')
    await on.press('Put all of it in')
    await on.shows('[data-missing]', 'All in the van')
    const other = await second()
    // When the visit really began was typed on the first phone.
    await other.open('/day?on=2031-03-07')
    await other.shows('[data-times]', /^14\.00 to/)
    await other.open('/van')
    await other.see('[aria-label="In the van"] li')
    const things = async () => (await other.driver.findElements({ css: '[aria-label="In the van"] li' })).length
    expect(await things()).toBeGreaterThan(3)
    const counts = async (): Promise<number> =>
      Number(
        await other.driver.executeScript(
          'return [...document.querySelectorAll("[data-count]")].reduce((sum, of) => sum + Number(of.textContent), 0)',
        ),
      )
    const before = await counts()
    await on.press('Take ')
    await on.shows('[data-van]', /Out for this job: \d/)
    await other.driver.wait(async () => (await counts()) < before, 30_000)
    const after = await counts()
    await on.press('Out for this job')
    await on.driver.findElement({ css: '[aria-label^="One back in the van"]' }).click()
    await other.driver.wait(async () => (await counts()) === after + 1, 30_000)
    // What was taken is at the job: only what came back is to be brought.
    await on.shows('[data-missing]', 'All in the van')
  })

  it('books in what nobody lists, and says what is low', async () => {
    const on = page()
    await on.open('/van')
    await on.fill('Something else', 'Dust sheet')
    await on.press('Put it in')
    await on.fill('Find', 'dust')
    await on.shows('[aria-label="In the van"]', /Dust sheet/)
    await on.press('Dust sheet')
    await on.fill('Always there', '2')
    await on.press('Save')
    await on.shows('main', 'One thing is low: it stands first.')
    await on.driver.findElement({ css: '[aria-label="One in: Dust sheet"]' }).click()
    await on.shows('[data-count]', '2')
    expect(await on.text('main')).not.toContain('low')
  })
})
