import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Browser, Builder, type WebDriver } from 'selenium-webdriver'
import { Options, ServiceBuilder } from 'selenium-webdriver/chrome'
import { needPrograms, programPath } from './debian'

const flags = [
  '--headless=new',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--force-device-scale-factor=1',
  '--hide-scrollbars',
]

export interface OpenBrowser {
  readonly driver: WebDriver
  /** Where it keeps what sites store in it. */
  readonly profile: string
  /** Ends it as a flat battery would; its profile stays. */
  kill(): Promise<void>
  /** Closes it, and takes its profile away. */
  close(): Promise<void>
}

interface Wanted {
  /** The folder that downloads go to. */
  readonly downloads?: string
  /** Of the browser, by their names. */
  readonly preferences?: Readonly<Record<string, unknown>>
  /** Of a browser before; without one it has an empty one of its own. */
  readonly profile?: string
}

/** A headless Chromium whose page is this large. */
export async function openBrowser(width: number, height: number, wanted: Wanted = {}): Promise<OpenBrowser> {
  needPrograms(['chromium', 'chromedriver'], ['chromium', 'chromium-driver'])
  const { downloads, preferences, profile = mkdtempSync(join(tmpdir(), 'jolvet-browser-')) } = wanted
  const options = new Options()
  options.setChromeBinaryPath(programPath('chromium')!)
  options.addArguments(...flags, `--user-data-dir=${profile}`, `--window-size=${width},${height}`)
  options.setUserPreferences({ ...preferences, ...(downloads && { 'download.default_directory': downloads }) })
  const driver = await new Builder()
    .forBrowser(Browser.CHROME)
    .setChromeOptions(options)
    .setChromeService(new ServiceBuilder(programPath('chromedriver')!))
    .build()
  // The window's frame must not eat into the page.
  await resizePage(driver, width, height)
  return {
    driver,
    profile,
    async kill() {
      process.kill(Number((await driver.getCapabilities()).get('goog:processID')), 'SIGKILL')
      await driver.quit().catch(() => {})
    },
    async close() {
      await driver.quit()
      rmSync(profile, { recursive: true, force: true, maxRetries: 5 })
    },
  }
}

/** Makes the page, not the window, this large; as narrow as a phone too. */
export async function resizePage(driver: WebDriver, width: number, height: number): Promise<void> {
  const devtools = driver as WebDriver & { sendDevToolsCommand(name: string, parameters: object): Promise<void> }
  await devtools.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
    width,
    height,
    deviceScaleFactor: 1,
    mobile: false,
  })
}
