import { By, Key, until, type WebDriver } from 'selenium-webdriver'
import { openBrowser } from '../scripts/run/browser'
import { startSite } from '../scripts/run/site'

const frame = 16

/**
 * Puts a measure on the performance timeline for every key: the script that it sets off. The page's own listener and
 * all that it queues at once (the plan, the redrawing, the draft) have run when a listener added after it is called.
 */
const measureKeys = `
  let start = 0
  addEventListener('keydown', () => { start = performance.now() }, true)
  addEventListener('keydown', ({ key }) => performance.measure('key', { start, end: performance.now(), detail: key }))`

async function keyTimes(driver: WebDriver): Promise<number[]> {
  await driver.executeScript(measureKeys)
  await driver.executeScript('document.activeElement?.blur()')
  const leg = (arrow: string) => [arrow, '4', '5', '0', Key.ENTER]
  for (const key of [
    ...leg(Key.ARROW_RIGHT),
    ...leg(Key.PAGE_UP),
    ...leg(Key.ARROW_RIGHT),
    ...leg(Key.ARROW_UP),
    ...leg(Key.PAGE_UP),
  ]) {
    await driver.actions().sendKeys(key).perform()
  }
  for (let back = 0; back < 5; back++) await driver.actions().sendKeys(Key.BACK_SPACE).perform()
  return driver.executeScript('return performance.getEntriesByName("key").map((entry) => entry.duration)')
}

/** What all scripts of a page weighed on their way to the browser, in kB. */
async function loadedScripts(driver: WebDriver): Promise<number> {
  // What is fetched ahead and then used stands twice on the timeline.
  const sizes: [string, number][] = await driver.executeScript(
    'return performance.getEntriesByType("resource").filter(({ name }) => name.endsWith(".js")).map(({ name, encodedBodySize }) => [name, encodedBodySize])',
  )
  return [...new Map(sizes).values()].reduce((sum, size) => sum + size, 0) / 1000
}

/** The page's first load and its answer to a key, in a real browser. */
export async function benchPage(): Promise<void> {
  const site = await startSite(true)
  const { driver, close } = await openBrowser(1280, 800)
  try {
    const jobs = (await (await fetch(`${site.origin}/api/jobs`)).json()) as { id: string; job: { title: string } }[]
    for (const { id, job } of jobs) {
      await driver.get(`${site.origin}/jobs/${id}/route`)
      await driver.wait(until.elementLocated(By.css('[data-entry]')), 15_000)
      const size = await loadedScripts(driver)
      const times = (await keyTimes(driver)).sort((a, b) => a - b)
      if (times.length === 0) throw new Error('no key was measured')
      const at = (share: number) => times[Math.floor((times.length - 1) * share)]!
      console.log(`${job.title}: first load ${size.toFixed(0)} kB of JavaScript, compressed   (at most 270)`)
      console.log(
        `  key to redrawn plan: median ${at(0.5).toFixed(1)} ms, 95 % ${at(0.95).toFixed(1)} ms, worst ${at(1).toFixed(1)} ms of script; worst / frame ${(at(1) / frame).toFixed(2)}   (under 1)`,
      )
    }
  } finally {
    await close()
    await site.stop()
  }
}
