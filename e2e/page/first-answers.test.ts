import { Key } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import { usePage } from './page'

const { page, job } = usePage()

const most = 5

/** The bench as it is when nothing was ever asked of it. */
async function openBench(): Promise<void> {
  await page().open('/bench')
  await page().driver.executeScript('localStorage.clear()')
  await page().open('/bench')
}

/** Presses one thing after another, each by its name. @returns how many presses that took */
async function pressAll(...names: string[]): Promise<number> {
  for (const name of names) await page().press(name)
  return names.length
}

describe('first answers on the bench', () => {
  it('what is this pipe: a look at its joint, and 22 by caliper', async () => {
    await openBench()
    const keys = ['2', '2', Key.ENTER]
    const presses = await pressAll('silver ring of solder', 'By caliper')
    await page().type(...keys)
    await page().shows('[data-verdict]', '22 × 0.9 copper half-hard')
    await page().shows('[aria-label="What it is"]', 'Identified')
    expect(presses + keys.length).toBeLessThanOrEqual(most)
  })

  it('how deep is push-fit on 3/4 copper', async () => {
    await openBench()
    const presses = await pressAll('Change units', 'How is it made?', 'Push-fit on 3/4 copper')
    // What makers print for 3/4 CTS, on the shallow side: 1 1/8 in.
    await page().shows('[data-readout]', /Mark at\s+1 1\/8″/)
    expect(presses).toBeLessThanOrEqual(most)
  })

  it('what joins old 3/4 to 22', async () => {
    await openBench()
    const presses = await pressAll('What joins these?', 'Old 3/4 to 22')
    await page().shows('[aria-label="Fittings between the two"]', /22/)
    expect(presses).toBeLessThanOrEqual(most)
  })

  it('where do I mark an offset of 50 at 45°', async () => {
    await openBench()
    const presses = await pressAll('Where do I bend?', 'Offset of 50 mm at 45°')
    await page().shows('[data-bend-readout]', /First mark\s+\d+ mm/)
    expect(presses).toBeLessThanOrEqual(most)
  })

  it('writes every field anew in other units: 50 mm is 1 15/16 in, and never 50 in', async () => {
    await page().press('Change units')
    await page().shows('[data-bend-readout]', /First mark\s+[\d′ ]*[\d /]+″/)
    const set = await page().see('input[aria-label="Set"]')
    expect((await set.getAttribute('value'))?.replaceAll('\u2009', ' ')).toBe('1 15/16″')
    await page().press('Change units')
    expect(await set.getAttribute('value')).toBe('50')
  })
})

/** What of scripts a page fetches before it shows its first answer, in kilobytes as sent, from the cache or not. */
const firstLoad = (): Promise<number> =>
  page().driver.executeScript(
    `const sizes = performance.getEntriesByType('resource').filter(({ name }) => name.endsWith('.js'))
      .map(({ name, encodedBodySize }) => [name, encodedBodySize])
    return [...new Map(sizes).values()].reduce((sum, size) => sum + size, 0) / 1000`,
  )

describe('first load', () => {
  it.each([
    ['/', 220],
    ['/bench/identify', 256],
  ] as const)('%s: at most %d kB of script', async (path, most) => {
    const on = page()
    // As a browser that was never here: what it keeps of the program by now is put away.
    await on.driver.executeAsyncScript(
      `const done = arguments[arguments.length - 1]
      navigator.serviceWorker.getRegistrations()
        .then((all) => Promise.all(all.map((one) => one.unregister()))).then(() => done())`,
    )
    await on.open(path)
    await on.see('main')
    await on.settle()
    const kilobytes = await firstLoad()
    expect(kilobytes).toBeGreaterThan(50)
    expect(kilobytes).toBeLessThanOrEqual(most)
  })
})

describe('what stands on a page', () => {
  it('stays where it is as the rest comes', async () => {
    const on = page()
    const tarn = await job('Tarn Lane Bakehouse')
    const moved: Record<string, number> = {}
    for (const path of [
      '/',
      '/bench/identify',
      '/bench/bend',
      ...['route', 'cut', 'make'].map((step) => `/jobs/${tarn}/${step}`),
    ]) {
      await on.open(path)
      await on.see('main')
      await on.settle()
      const shift = await on.driver.executeAsyncScript<number>(
        `const done = arguments[arguments.length - 1]
        let sum = 0
        new PerformanceObserver((list) => {
          for (const entry of list.getEntries()) if (!entry.hadRecentInput) sum += entry.value
        }).observe({ type: 'layout-shift', buffered: true })
        setTimeout(() => done(sum), 300)`,
      )
      if (shift > 0.1) moved[path] = shift
    }
    expect(moved).toEqual({})
  })
})
