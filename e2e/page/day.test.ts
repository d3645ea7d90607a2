import { afterAll, describe, expect, it } from 'vitest'
import { openBrowser, type OpenBrowser } from '../../scripts/run/browser'
import { Page } from '../../scripts/tests/page'
import type { Workshop } from '../../core/workshop/workshop'
import { pipeId, sampleJob } from '../../core/testing/sample-run'
import { usePage } from './page'

const { page, site, job, stored } = usePage(390, 844)

let colleague: OpenBrowser | undefined
afterAll(() => colleague?.close())
/** Another one's phone on the same van. */
async function second(): Promise<Page> {
  colleague ??= await openBrowser(390, 844)
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
    // A twin of the job a day later: what its visit would find is used by then.
    const twin = { ...(await stored(await job('Cedar Kiln Studio'))).job, visits: [{ id: 'v', on: '2031-03-08' }] }
    await fetch(`${site().origin}/api/jobs`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ ...twin, title: 'The twin' }),
    })
    await other.open('/day?on=2031-03-08')
    await other.shows('[aria-label="What to bring"]', /(\d+) in the van, \1 of them for visits before/)
    await other.shows('[data-missing]', / to get$/)
    await other.open('/van')
    await other.see('[aria-label="In the van"] li')
    await on.press('Take ')
    await on.shows('[data-van]', /Out for this job: \d/)
    await other.driver.wait(async () => (await counts()) < before, 30_000)
    const after = await counts()
    await on.press('Out for this job')
    const toBring = async () => (await on.driver.findElements({ css: '[aria-label="What to bring"] li' })).length
    const tins = await toBring()
    await on.driver.findElement({ css: '[aria-label^="One left over"]' }).click()
    await other.driver.wait(async () => (await counts()) === after + 1, 30_000)
    // What was taken is at the job, and what was left over is not needed there: only what is put back is to be brought.
    expect(await toBring()).toBe(tins)
    await on.driver.findElement({ css: '[aria-label^="One back in the van for later"]' }).click()
    await other.driver.wait(async () => (await counts()) === after + 2, 30_000)
    expect(await toBring()).toBe(tins + 1)
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

describe('a wait', () => {
  it('of one visit is filled by another, there and back', async () => {
    const on = page()
    const pipe = pipeId('ASTM D2846', '3/4')
    const glued = sampleJob({
      ...{ pipe, method: 'solvent', profile: 'us-a' },
      legs: [
        ['tie-in:s', 'east', 500, 'elbow:e'],
        ['elbow:e', 'up', 400, 'cap:c'],
      ],
      nodes: { s: { existing: pipe } },
    })
    const short = {
      ...glued,
      title: 'A short one',
      legs: [],
      nodes: [],
      visits: [{ id: 's', on: '2031-04-04', minutes: 30 }],
    }
    for (const made of [{ ...glued, title: 'A glued one', visits: [{ id: 'g', on: '2031-04-04' }] }, short])
      await fetch(`${site().origin}/api/jobs`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(made),
      })
    await on.open('/day?on=2031-04-04')
    await on.shows('[data-visit]:first-child [data-wait]', 'something sets or cools')
    await on.shows('[data-visit]:last-child [data-within]', 'In the wait at A glued one: there and back in time.')
  })
})

describe('several visits of one job', () => {
  it('have a time each once it is ticked what is made at one of them, and a plan of work each', async () => {
    const on = page()
    const { job: of } = await stored(await job('Tarn Lane Bakehouse'))
    const visits = [
      { id: 'one', on: '2031-06-02', what: 'Rough-in' },
      { id: 'two', on: '2031-06-03', what: 'Second fix' },
    ]
    const made = await fetch(`${site().origin}/api/jobs`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ ...of, title: 'In two goes', visits }),
    })
    const { id } = (await made.json()) as { id: string }
    /** How many elbows are to be brought on a day. */
    const elbows = async (day: string) => {
      await on.open(`/day?on=${day}`)
      await on.shows('[aria-label="What to bring"]', /\d ×/)
      const text = await on.text('[aria-label="What to bring"]')
      return [...text.matchAll(/(\d+) × [^\n]*elbow/g)].reduce((sum, [, count]) => sum + Number(count), 0)
    }
    await on.open('/day?on=2031-06-02')
    await on.shows('[aria-label="Visits"]', 'tick what is made then or type its minutes')
    const all = await elbows('2031-06-02')
    await on.open(`/jobs/${id}/estimate`)
    await on.see('[aria-label="Visits"] fieldset')
    await on.driver.findElement({ css: '[aria-label="Visits"] li:first-child [type="checkbox"]' }).click()
    await on.saved()
    const times = async (day: string) => {
      await on.open(`/day?on=${day}`)
      await on.shows('[data-times]', /\d to \d/)
      return on.text('[data-times]')
    }
    expect(await times('2031-06-02')).not.toBe(await times('2031-06-03'))
    const [first, second] = [await elbows('2031-06-02'), await elbows('2031-06-03')]
    expect(first + second).toBe(all)
    expect(Math.min(first, second)).toBeGreaterThan(0)
    // Each says what is made then, and something is made at neither.
    await on.open(`/jobs/${id}/estimate`)
    await on.see('[aria-label="Visits"] fieldset')
    await on.driver.findElement({ css: '[aria-label="Visits"] li:last-child [type="checkbox"]' }).click()
    await on.shows('[data-at-no-visit]', 'At no visit yet: ')
    await on.driver.findElement({ css: '[aria-label="Visits"] li:last-child [type="checkbox"]' }).click()
    await on.saved()
    await on.open(`/jobs/${id}/make`)
    await on.press('Plan of work')
    await on.shows('[aria-label="Plan of work"]', 'Total')
    const lines = async () => (await on.driver.findElements({ css: '[aria-label="Plan of work"] ol li' })).length
    // The first visit at which something is still to be made.
    const then = await lines()
    await on.choose('Visit', 'all in one go')
    await on.driver.wait(async () => (await lines()) > then, 20_000)
  })
})

describe('the turn of a day’s visits', () => {
  const titles = async (of: Page): Promise<string[]> =>
    of.driver.executeScript(
      'return [...document.querySelectorAll("[data-visit] a.heading")].map((of) => of.textContent)',
    )

  it('is given by hand, dragged or by its buttons, and another phone has it too', async () => {
    const on = page()
    for (const title of ['Tarn Lane Bakehouse', 'Cedar Kiln Studio', 'Millrace Cottage']) {
      const id = await job(title)
      const { version, job: before } = await stored(id)
      const changed = { ...before, visits: [{ id: `v-${id}`, on: '2031-05-06', minutes: 30 }] }
      const { ok } = await fetch(`${site().origin}/api/jobs/${id}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ version, job: changed }),
      })
      expect(ok).toBe(true)
    }
    await on.open('/day?on=2031-05-06')
    await on.driver.wait(async () => (await titles(on)).length === 3, 20_000)
    const [a, b, c] = (await titles(on)) as [string, string, string]
    await on.press(`Go to ${c} earlier`)
    await on.driver.wait(async () => (await titles(on)).join() === [a, c, b].join(), 5000)
    // What is still worked out would push the others about under the finger.
    await on.see('[aria-label="What to bring"] [data-missing]')
    await on.driver.wait(async () => (await on.driver.findElements({ css: '[data-van]' })).length === 3, 20_000)
    await on.settle()
    await on.driver.executeScript('document.querySelector("[aria-label=Visits]").scrollIntoView()')
    const handles = await on.driver.findElements({ css: '[data-turn]' })
    await on.driver
      .actions()
      .move({ origin: handles[2]! })
      .press()
      .move({ origin: handles[1]!, y: 10 })
      .pause(600)
      .move({ origin: handles[0]!, y: -10 })
      .pause(600)
      .move({ origin: handles[0]!, y: -15 })
      .pause(600)
      .release()
      .perform()
    await on.driver.wait(async () => (await titles(on)).join() === [b, a, c].join(), 5000)
    // The times follow: the first is gone to first.
    await on.shows('[data-visit]:first-child [data-times]', /^8\.\d\d to 8\.\d\d/)
    const kept = async () => ((await (await fetch(`${site().origin}/api/workshop`)).json()) as Workshop).turns
    await on.driver.wait(async () => (await kept())?.['2031-05-06'] !== undefined, 10_000)
    const other = await second()
    await other.open('/day?on=2031-05-06')
    await other.driver.wait(async () => (await titles(other)).join() === [b, a, c].join(), 20_000)
  })
})
