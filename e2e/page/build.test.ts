import { By, Key } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import { usePage } from './page'

const { page, site, job } = usePage()
const rack = async () =>
  (await (await fetch(`${site().origin}/api/rack`)).json()) as { id: number; mm: number; from: string }[]
/** The page asks every few seconds what is new, and then what is on the rack: from here on it hears neither, until it is opened again. */
async function holdReadingsOfTheRack(): Promise<void> {
  await page().driver.executeScript(`
    const ask = window.fetch
    const isHeld = (path, options) => (path === '/api/rack' && !options) || String(path).includes('/newest')
    window.fetch = (path, options) =>
      isHeld(path, options) ? Promise.reject(new Error('held by the test')) : ask(path, options)`)
  await page().settle()
}
const stock22 = '[aria-label^="Stock of 22 × 0.9"]'

describe('cutting, from the plan to the rack', () => {
  it('lays the pieces with the rack’s offcuts, proven to be the fewest', async () => {
    const on = page()
    await on.open(`/jobs/${await job('Tarn Lane Bakehouse')}/cut`)
    await on.shows(`${stock22} [data-proof]`, 'proven: fewest lengths')
    await on.shows(`${stock22} [data-new-lengths]`, '2 new lengths, 1 from the rack')
  })

  it('books the plan: the offcut is gone, what is left is there, and the plan stays after a reload', async () => {
    const on = page()
    await on.pressIn(stock22, 'Mark as cut')
    await on.shows(stock22, 'cut')
    // The page counts a booking before the server has it.
    await on.driver.wait(async () => !(await rack()).some(({ mm }) => mm === 1460), 10_000, '1460 is on the rack')
    const after = await rack()
    expect(after.filter(({ from }) => from === 'Tarn Lane Bakehouse')).toHaveLength(1)
    await on.driver.navigate().refresh()
    await on.shows(stock22, 'cut')
  })

  it('says so when an offcut was taken by somebody else in between, and books nothing', async () => {
    const on = page()
    const stock15 = '[aria-label^="Stock of 15 × 0.7"]'
    await on.shows(`${stock15} [data-proof]`, 'proven')
    await on.shows(`${stock15} [data-new-lengths]`, 'from the rack')
    await holdReadingsOfTheRack()
    // Those that the plan for 15 takes; what the first booking left is another's.
    const short = (await rack()).filter(({ mm, from }) => mm < 1000 && from !== 'Tarn Lane Bakehouse')
    const taken = await fetch(`${site().origin}/api/rack`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ for: 'another van', takes: short.map(({ id }) => id) }),
    })
    expect(taken.ok).toBe(true)
    await on.pressIn(stock15, 'Mark as cut')
    await on.shows('[role=alert]', 'No longer on the rack')
    expect((await rack()).filter(({ from }) => from === 'Tarn Lane Bakehouse')).toHaveLength(1)
  })

  it('says what is wasted, and leaves the rack out when asked', async () => {
    const on = page()
    await on.open(`/jobs/${await job('Tarn Lane Bakehouse')}/cut`)
    await on.press('Plan again')
    await on.shows(`${stock22} [data-waste]`, /Waste: [\d\u2009 .]+ mm, [\d.]+ k?g/)
    const list = '[aria-label="What to bring"]'
    await on.shows(list, /\d+ lengths? of/)
    await on.press('New lengths only, no offcuts')
    await on.shows(`${stock22} [data-new-lengths]`, /^\d+ new lengths$/)
    await on.press('Undo')
  })

  it('puts a typed offcut on the rack and throws it away', async () => {
    const on = page()
    await on.fill('Its length', '777')
    await on.press('To the rack')
    await on.shows('[aria-label="The rack"]', '777 mm')
    await on.press('Throw away the offcut of 777')
    await on.driver.wait(async () => !(await rack()).some(({ mm }) => mm === 777), 30_000)
  })
})

describe('a piece longer than its stock', () => {
  it('gets couplings that can be undone', async () => {
    const on = page()
    await on.open(`/jobs/${await job('Tarn Lane Bakehouse')}/cut`)
    const stock15 = await on.see('[aria-label^="Stock of 15 × 0.7"] input[aria-label="Stock length"]')
    await stock15.sendKeys(Key.chord(Key.CONTROL, 'a'), '500')
    await on.shows('[aria-label="Too long for their stock"]', 'Longer than a stock length')
    await on.press('Put couplings in')
    await on.driver.wait(
      async () => (await on.driver.findElements(By.css('[aria-label="Too long for their stock"]'))).length === 0,
      10_000,
    )
    await on.shows('[aria-label="Stock and parts"]', '15 solder coupling')
    await on.press('Undo')
    await on.shows('[aria-label="Too long for their stock"]', 'Longer than a stock length')
  })
})

describe('where do I bend', () => {
  it('an offset of 100 at 45°: marks, and a bender that is calibrated by a scrap', async () => {
    const on = page()
    await on.open('/bench/bend')
    // 300 − 60 tan 22.5° = 275.1 at four times the outside diameter.
    await on.shows('[data-bend-readout]', /First mark\s+275 mm/)
    await on.press('Add a bender')
    await on.press('Calibrate by a scrap bend')
    await on.fill('Length of the scrap', '400')
    await on.fill('Marked at, from its first end', '200')
    await on.fill('First end to the other leg’s centre', '262')
    await on.fill('Second end to the first leg’s centre', '163.5')
    await on.fill('Pulled to', '93')
    await on.press('Calibrate')
    // Gain 25.5 / 0.4292 = 59.4; the mark stood at 262 − 59.4 = 202.6 less 2.6.
    await on.shows('[aria-label="Bender"]', 'Radius 59.5 mm, calibrated')
    await on.shows('[data-bend-readout]', '45° + 1.5°')
  })

  it('a bender that is removed by mistake is put back, and asked about first', async () => {
    const on = page()
    const bender = async () => {
      const { benders } = (await (await fetch(`${site().origin}/api/workshop`)).json()) as { benders: object }
      return Object.keys(benders).length
    }
    const before = await bender()
    await on.driver.executeScript('document.querySelectorAll("details").forEach((of) => (of.open = true))')
    await on.press('Remove Bender 15')
    await on.press('Keep')
    expect(await bender()).toBe(before)
    await on.press('Remove Bender 15')
    await on.press('Remove')
    await on.shows('[data-removed]', 'Bender 15 was removed')
    await on.driver.wait(async () => (await bender()) === before - 1, 30_000)
    await on.press('Restore')
    await on.driver.wait(async () => (await bender()) === before, 30_000)
  })

  it('measures from the other end where that is easier to reach', async () => {
    const on = page()
    await on.fill('Last corner to the second end', '400')
    await on.press('Measure from the other end')
    // 400 less the set-back, 59.4 tan 22.5° = 24.6, and the bender's own 2.6.
    await on.shows('[data-bend-readout]', /First mark\s+373 mm/)
    await on.press('Measure from the other end')
  })

  it('names a figure that makes no bend', async () => {
    const on = page()
    await on.fill('First end to the first corner', '10')
    await on.shows('[role=alert]', 'beyond the pipe’s first end')
    await on.fill('First end to the first corner', '300')
  })
})

describe('the plan of work', () => {
  it('gives an order with the water-off time, and plans anew from a real time', async () => {
    const on = page()
    await on.open(`/jobs/${await job('Tarn Lane Bakehouse')}/make`)
    await on.press('Plan of work')
    await on.shows('[aria-label="Plan of work"]', /Water off for\s+\d+ min/)
    await on.shows('[aria-label="Plan of work"]', 'On the bench')
    const whole = async () => /Total\s+([\d.]+) h/.exec(await on.text('[aria-label="Plan of work"]'))?.[1]
    const before = Number(await whole())
    await on.fill('Took, step 1', '72' + Key.TAB)
    await on.driver.wait(async () => Number(await whole()) > before + 0.9, 30_000)
    // It is in the job's log, so that another machine plans with it too.
    const log = `${site().origin}/api/jobs/${await job('Tarn Lane Bakehouse')}/minutes`
    await on.driver.wait(async () => ((await (await fetch(log)).json()) as unknown[]).length === 1, 30_000)
    await on.driver.executeScript('localStorage.clear()')
    await on.driver.navigate().refresh()
    await on.press('Plan of work')
    await on.driver.wait(async () => Number(await whole()) > before + 0.9, 30_000)
  })
})
