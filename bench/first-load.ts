import { setTimeout as sleep } from 'node:timers/promises'
import type { WebDriver } from 'selenium-webdriver'
import { openBrowser } from '../scripts/run/browser'
import { startSite } from '../scripts/run/site'

type Devtools = WebDriver & { sendDevToolsCommand(name: string, of: object): Promise<unknown> }

/** Kilobytes of script that a page may fetch before it answers, by what it is. */
const budgets = [
  [/^\/$|^\/bench/, 220],
  [/(survey|join|route|make)$/, 270],
  [/./, 340],
] as const
const mostRequests = 25
const mostShift = 0.05
const mostSeconds = 6

const steps = ['survey', 'join', 'route', 'cut', 'make', 'prove', 'hand-over', 'print', 'estimate']
const others = ['/', '/bench/identify', '/bench/join', '/bench/bend', '/bench/parts', '/begin', '/settings']

/** Notes when what the page shows changed last, and how far what stood there was pushed. */
const watch = `
  window.shifted = 0
  window.changed = 0
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries()) if (!entry.hadRecentInput) window.shifted += entry.value
  }).observe({ type: 'layout-shift', buffered: true })
  // The head is told of what is fetched for later, too: nobody sees that.
  const isSeen = ({ target }) => target !== document.head
  new MutationObserver((list) => { if (list.some(isSeen)) window.changed = performance.now() })
    .observe(document, { subtree: true, childList: true, characterData: true })`

interface Load {
  readonly kilobytes: number
  readonly requests: number
  readonly shift: number
  /** Shown in the end. */
  readonly letters: number
  /** Until nothing of the page changed any more. */
  readonly seconds: number
}

/**
 * Opens a page as a browser that was never here, and waits until it has been still for a while and shows nearly as
 * much as it is known to.
 */
async function load(driver: Devtools, address: string, letters = 0): Promise<Load> {
  await driver.get('about:blank')
  await driver.sendDevToolsCommand('Network.clearBrowserCache', {})
  await driver.sendDevToolsCommand('Storage.clearDataForOrigin', {
    origin: new URL(address).origin,
    storageTypes: 'all',
  })
  await driver.get(address)
  const stillFor = 2500
  const read = () =>
    driver.executeScript<{
      now: number
      changed: number
      shift: number
      letters: number
      files: [string, number][]
    }>(`return {
      now: performance.now(), changed: window.changed, shift: window.shifted, letters: document.body.innerText.length,
      files: performance.getEntriesByType('resource')
        .filter(({ startTime }) => startTime < window.changed)
        .map(({ name, encodedBodySize }) => [name, encodedBodySize]) }`)
  let seen = await read()
  while (seen.now - seen.changed < stillFor || seen.letters < letters * 0.9) {
    await sleep(250)
    seen = await read()
  }
  // What is fetched ahead and then used stands twice on the timeline.
  const files = new Map(seen.files)
  const scripts = [...files].filter(([name]) => name.endsWith('.js'))
  return {
    kilobytes: scripts.reduce((sum, [, size]) => sum + size, 0) / 1000,
    requests: files.size + 1,
    shift: seen.shift,
    letters: seen.letters,
    seconds: seen.changed / 1000,
  }
}

/** A phone in a cellar: a processor at a quarter of its pace, 200 kB a second down. */
async function slowDown(driver: Devtools): Promise<void> {
  await driver.sendDevToolsCommand('Network.enable', {})
  await driver.sendDevToolsCommand('Emulation.setCPUThrottlingRate', { rate: 4 })
  const line = { offline: false, latency: 100, downloadThroughput: 200_000, uploadThroughput: 50_000 }
  await driver.sendDevToolsCommand('Network.emulateNetworkConditions', line)
}

const mark = (figure: number, most: number, digits: number): string =>
  `${figure.toFixed(digits)}${figure > most ? ` (over ${most})` : ''}`

/** What each page fetches before it answers, what is pushed aside meanwhile, and how long a slow phone waits. */
export async function benchFirstLoad(): Promise<void> {
  const site = await startSite(true)
  const { driver, close } = await openBrowser(390, 844)
  const devtools = driver as Devtools
  try {
    const jobs = (await (await fetch(`${site.origin}/api/jobs`)).json()) as { id: string; job: { title: string } }[]
    const id = jobs.find(({ job }) => job.title.startsWith('Tarn'))!.id
    const paths = [...others, ...steps.map((step) => `/jobs/${id}/${step}`)]
    await devtools.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source: watch })
    const quick = new Map<string, Load>()
    for (const path of paths) quick.set(path, await load(devtools, site.origin + path))
    await slowDown(devtools)
    for (const path of paths) {
      const { kilobytes, requests, shift, letters } = quick.get(path)!
      const { seconds } = await load(devtools, site.origin + path, letters)
      const most = budgets.find(([of]) => of.test(path))![1]
      console.log(
        [
          path.replace(id, 'tarn').padEnd(24),
          `${mark(kilobytes, most, 0)} kB of script`,
          `${mark(requests, mostRequests, 0)} requests`,
          `shift ${mark(shift, mostShift, 2)}`,
          `slow phone ${mark(seconds, mostSeconds, 1)} s`,
        ].join('   '),
      )
    }
  } finally {
    await close()
    await site.stop()
  }
}
