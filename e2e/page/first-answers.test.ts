import { describe, expect, it } from 'vitest'
import { usePage } from './page'

const { page } = usePage()

/** Opens the bench and presses one thing after another, each by its name. @returns how many presses that took */
async function ask(...names: string[]): Promise<number> {
  const on = page()
  await on.open('/bench')
  await on.driver.executeScript('localStorage.clear()')
  await on.open('/bench')
  for (const name of names) await on.press(name)
  return names.length
}
const most = 5

describe('first answers on the bench', () => {
  it('what is this pipe: two looks and a tap', async () => {
    const presses = await ask('What is this pipe?', 'reddish', 'rigid', 'solder')
    await page().shows('[data-verdict]', /copper/i)
    expect(presses).toBeLessThanOrEqual(most)
  })

  it('how deep is push-fit on 3/4 copper, from a bench in millimetres', async () => {
    const presses = await ask('Change units', 'How is it made?', 'Push-fit on 3/4 copper')
    // 1 1/8 in: the shallowest of what the makers print for 3/4 CTS, see the catalogue.
    await page().shows('[data-readout]', /Mark the pipe at\s+\d/)
    await page().shows('main', /push-fit/i)
    expect(presses).toBeLessThanOrEqual(most)
  })

  it('what joins old 3/4 to 22', async () => {
    const presses = await ask('What joins these?', 'Old 3/4 to 22')
    await page().shows('[aria-label="Fittings between the two"]', /22/)
    expect(presses).toBeLessThanOrEqual(most)
  })

  it('where do I mark an offset of 50 at 45°', async () => {
    const presses = await ask('Where do I bend?', 'Offset of 50 mm at 45°')
    await page().shows('[data-bend-readout]', /First mark\s+\d+ mm/)
    expect(presses).toBeLessThanOrEqual(most)
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
  it.each(['/', '/bench/identify'])('%s: at most 270 kB of script', async (path) => {
    const on = page()
    await on.open(path)
    await on.see('main')
    await on.settle()
    const kilobytes = await firstLoad()
    expect(kilobytes).toBeGreaterThan(50)
    expect(kilobytes).toBeLessThanOrEqual(270)
  })
})
