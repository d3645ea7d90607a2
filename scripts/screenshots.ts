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

/** Each picture: its name, its path under the job, its size, and what is pressed first. */
const pictures = [
  { name: 'survey', step: 'survey', press: ['Pipe behind the mixer'], sizes: [desk, phone] },
  { name: 'join', step: 'join', press: [], sizes: [desk] },
  { name: 'route', step: 'route', press: ['Leg l2'], sizes: [desk, phone] },
  { name: 'cut', step: 'cut', press: ['Show piece P2'], sizes: [desk, phone] },
  { name: 'make', step: 'make', press: ['322 solder'], sizes: [desk, phone] },
  { name: 'print', step: 'print', press: [], sizes: [desk] },
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

async function shoot(driver: WebDriver, name: string): Promise<void> {
  await driver.executeAsyncScript('document.fonts.ready.then(arguments[arguments.length - 1])')
  await driver.executeScript('window.scrollTo(0, 0)')
  await sleep(300)
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
    }
    await open('/', desk)
    await shoot(driver, 'jobs')
    const tarn = idOf('Tarn Lane Bakehouse')
    for (const { name, step, press: names, sizes } of pictures) {
      for (const size of sizes) {
        await open(`/jobs/${tarn}/${step}`, size)
        for (const control of names) await press(driver, control)
        await shoot(driver, size === phone ? `${name}-phone` : name)
      }
    }
    await open(`/jobs/${idOf('Cedar Kiln Studio')}/route`, desk)
    await shoot(driver, 'route-inches')
    await open('/bench/rules', desk)
    await shoot(driver, 'rules')
    await driver.executeScript('localStorage.setItem("nuxt-color-mode", "dark")')
    await open(`/jobs/${tarn}/cut`, desk)
    await shoot(driver, 'cut-dark')
  } finally {
    await close()
    await site.stop()
  }
}

runMain(main)
