import { mkdirSync, writeFileSync } from 'node:fs'
import { setTimeout as sleep } from 'node:timers/promises'
import { By, until, type WebDriver } from 'selenium-webdriver'
import { openBrowser, resizePage } from './run/browser'
import { runMain } from './run/failure'
import { startSite } from './run/site'

const folder = process.argv[2] ?? 'docs/screenshots'
const desk = [1280, 800] as const
const phone = [390, 844] as const

interface Listed {
  readonly id: string
  readonly job: { readonly title: string }
}

/** A picture: its name, where it is taken, in which sizes, what is pressed first and what is scrolled to. */
interface Picture {
  readonly name: string
  readonly path: string
  readonly sizes: readonly (readonly [number, number])[]
  readonly press?: readonly string[]
  readonly at?: string
}

const joinQuestion = {
  a: 'copper-half-hard-en-1057-r250-15x0.7',
  b: 'copper-half-hard-en-1057-r250-22x0.9',
  service: 'cold',
  place: {},
  profile: 'metric',
}
/** What the bench remembers when its pictures are taken. */
const remembered: Readonly<Record<string, unknown>> = {
  'jolvet-bench-join': joinQuestion,
  'jolvet-who': 'U. Thorn',
}

/** A bender of the crew's own, so that the bends have their spring-back. */
const bender = {
  path: ['benders', 'b1-15'],
  value: {
    name: 'Lever bender 15',
    od: 15,
    radius: 57.5,
    grip: 70,
    shoe: 90,
    springBack: 3,
    calibrated: '2026-11-20',
  },
}

const pictures = (tarn: string, kiln: string): readonly Picture[] => [
  { name: 'jobs', path: '/', at: 'main ul p.truncate', sizes: [desk] },
  { name: 'survey', path: `/jobs/${tarn}/survey`, press: ['Pipe behind the mixer'], sizes: [desk] },
  { name: 'join', path: `/jobs/${tarn}/join`, sizes: [desk] },
  {
    name: 'compare',
    path: '/bench/join',
    press: ['Compare methods'],
    at: '[aria-label="Compare methods"]',
    sizes: [desk],
  },
  { name: 'route', path: `/jobs/${tarn}/route`, press: ['leg 2'], sizes: [desk, phone] },
  { name: 'round', path: `/jobs/${tarn}/route`, press: ['In the round'], sizes: [desk] },
  { name: 'route-inches', path: `/jobs/${kiln}/route`, sizes: [desk] },
  { name: 'cut', path: `/jobs/${tarn}/cut`, press: ['Show piece P2'], sizes: [desk, phone] },
  { name: 'make', path: `/jobs/${tarn}/make`, press: ['322 solder'], sizes: [desk, phone] },
  { name: 'work', path: `/jobs/${tarn}/make`, press: ['Plan of work'], sizes: [desk] },
  { name: 'begin', path: '/begin/tee-off', at: '[aria-label="To bring"]', sizes: [desk] },
  { name: 'prove', path: `/jobs/${kiln}/prove`, sizes: [desk] },
  { name: 'hand-over', path: `/jobs/${kiln}/hand-over`, sizes: [desk] },
  { name: 'bend', path: '/bench/bend', sizes: [desk, phone] },
]

async function press(driver: WebDriver, name: string): Promise<void> {
  const control = await driver.wait(
    until.elementLocated(
      By.xpath(
        `//*[self::button or @role="button"][starts-with(normalize-space(.), "${name}") or starts-with(@aria-label, "${name}")]`,
      ),
    ),
    10_000,
  )
  await driver.executeScript('arguments[0].dispatchEvent(new MouseEvent("click", { bubbles: true }))', control)
}

async function shoot(driver: WebDriver, name: string, at?: string): Promise<void> {
  await driver.executeAsyncScript('document.fonts.ready.then(arguments[arguments.length - 1])')
  if (at) await driver.wait(until.elementLocated(By.css(at)), 30_000)
  await driver.executeScript(
    'document.querySelector(arguments[0])?.scrollIntoView({ block: "start" }) ?? window.scrollTo(0, 0)',
    at ?? 'none',
  )
  await sleep(500)
  writeFileSync(`${folder}/${name}.png`, Buffer.from(await driver.takeScreenshot(), 'base64'))
}

async function main(): Promise<void> {
  mkdirSync(folder, { recursive: true })
  const site = await startSite(true)
  const { driver, close } = await openBrowser(...desk)
  try {
    const jobs = (await (await fetch(`${site.origin}/api/jobs`)).json()) as Listed[]
    const idOf = (title: string) => jobs.find(({ job }) => job.title === title)!.id
    const open = async (path: string, size: readonly [number, number]) => {
      await resizePage(driver, ...size)
      await driver.get(`${site.origin}${path}`)
      await driver.wait(until.elementLocated(By.css('main h1, main section, main ul')), 15_000)
      const isWorkedOut = async () => !(await driver.findElement(By.css('main')).getText()).includes('Working out')
      await driver.wait(isWorkedOut, 30_000)
    }
    const set = { method: 'PATCH', body: JSON.stringify({ changes: [bender] }) }
    const { ok } = await fetch(`${site.origin}/api/workshop`, set)
    if (!ok) throw new Error('the bender was not accepted')
    const tarn = idOf('Tarn Lane Bakehouse')
    await open('/', desk)
    for (const [key, value] of Object.entries(remembered))
      await driver.executeScript(
        'localStorage.setItem(arguments[0], arguments[1])',
        key,
        typeof value === 'string' ? value : JSON.stringify(value),
      )
    for (const { name, path, press: names = [], at, sizes } of pictures(tarn, idOf('Cedar Kiln Studio'))) {
      for (const size of sizes) {
        await open(path, size)
        for (const control of names) await press(driver, control)
        await shoot(driver, size === phone ? `${name}-phone` : name, at)
      }
    }
    await driver.executeScript('localStorage.setItem("nuxt-color-mode", "dark")')
    await open(`/jobs/${tarn}/cut`, desk)
    await shoot(driver, 'cut-dark')
  } finally {
    await close()
    await site.stop()
  }
}

runMain(main)
