import { setTimeout as sleep } from 'node:timers/promises'
import { By, until, type WebDriver } from 'selenium-webdriver'
import { longJob } from '../core/testing/sample-run'
import { openBrowser } from '../scripts/run/browser'
import { startSite, type Site } from '../scripts/run/site'

const rounds = 5

/** What a hand does to a drawing, as scripts of the page. */
const deeds = {
  'choose a leg': (round: number) =>
    `document.querySelector('g[aria-label^="leg ${20 + round},"]').dispatchEvent(new MouseEvent('click', { bubbles: true }))`,
  'look closer': (round: number) =>
    `document.querySelector('[aria-label="${round % 2 === 0 ? 'Closer' : 'Further'}"]').click()`,
  'type a digit': () => `dispatchEvent(new KeyboardEvent('keydown', { key: '4', bubbles: true }))`,
  'change a node': (round: number) =>
    `dispatchEvent(new KeyboardEvent('keydown', { key: '${round % 2 === 0 ? 'v' : 'u'}', bubbles: true }))`,
} as const
type Deed = keyof typeof deeds
const names = Object.keys(deeds) as Deed[]

/** Until the second frame after it is painted, in ms. */
const timed = (script: string) => `
  const done = arguments[arguments.length - 1]
  const start = performance.now()
  ${script}
  requestAnimationFrame(() => requestAnimationFrame(() => {
    const channel = new MessageChannel()
    channel.port1.onmessage = () => done(performance.now() - start)
    channel.port2.postMessage(0)
  }))`

async function timesOf(driver: WebDriver, site: Site, legs: number): Promise<Record<Deed, number>> {
  const answer = await fetch(`${site.origin}/api/jobs`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ ...longJob(legs), title: `${legs} legs` }),
  })
  const { id } = (await answer.json()) as { id: string }
  await driver.get(`${site.origin}/jobs/${id}/route`)
  await driver.wait(until.elementLocated(By.css('[data-entry]')), 30_000)
  await sleep(2000)
  const medians = {} as Record<Deed, number>
  for (const name of names) {
    const times: number[] = []
    for (let round = 0; round < rounds; round += 1) {
      times.push(await driver.executeAsyncScript<number>(timed(deeds[name](round))))
      await sleep(200)
    }
    medians[name] = times.sort((a, b) => a - b)[rounds >> 1]!
  }
  return medians
}

/** A run of a thousand legs on the screen beside one of fifty: until what was done is painted. */
export async function benchDrawing(): Promise<void> {
  const site = await startSite(false)
  const { driver, close } = await openBrowser(1280, 800)
  try {
    const few = await timesOf(driver, site, 50)
    const many = await timesOf(driver, site, 1000)
    for (const name of names) {
      console.log(
        `${name}, 1000 legs / 50 legs: ${(many[name] / few[name]).toFixed(1)}   (${many[name].toFixed(0)} ms, ${few[name].toFixed(0)} ms, two frames of them idle)`,
      )
    }
  } finally {
    await close()
    await site.stop()
  }
}
