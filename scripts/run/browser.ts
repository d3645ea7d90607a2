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
  close(): Promise<void>
}

/**
 * A headless Chromium of its own, with an empty profile, whose page is this large.
 *
 * @param preferences of the browser, by their names, such as where downloads go
 */
export async function openBrowser(
  width: number,
  height: number,
  downloads?: string,
  preferences: Readonly<Record<string, unknown>> = {},
): Promise<OpenBrowser> {
  needPrograms(['chromium', 'chromedriver'], ['chromium', 'chromium-driver'])
  const profile = mkdtempSync(join(tmpdir(), 'jolvet-browser-'))
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
