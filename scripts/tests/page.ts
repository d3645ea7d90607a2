import { setTimeout as sleep } from 'node:timers/promises'
import { By, error, Key, until, type WebDriver, type WebElement } from 'selenium-webdriver'
import { Pointer } from 'selenium-webdriver/lib/input.js'

/** Slow machines are waited for: what is right is there long before. */
const patience = 30_000

/** A pointer device as selenium-webdriver has it; its types leave it out. */
interface Finger {
  move(to: { origin: WebElement; duration: number }): unknown
  press(): unknown
  release(): unknown
}
interface TouchActions {
  insert(device: Finger, ...steps: unknown[]): TouchActions
  perform(): Promise<void>
}

/** A page as a user has it: finds what it shows, types and presses. */
export class Page {
  private clock: { identifier: string } | undefined

  constructor(
    readonly driver: WebDriver,
    readonly origin: string,
  ) {}

  async open(path: string): Promise<void> {
    await this.driver.get(this.origin + path)
  }

  see(css: string): Promise<WebElement> {
    return this.driver.wait(until.elementLocated(By.css(css)), patience, `nothing like ${css} is shown`)
  }

  async text(css: string): Promise<string> {
    return (await this.see(css)).getText()
  }

  /** Waits until the text of an element holds this. */
  async shows(css: string, text: string | RegExp): Promise<void> {
    const matches = (shown: string) => (typeof text === 'string' ? shown.includes(text) : text.test(shown))
    let last = ''
    await this.driver.wait(
      async () => {
        // An element may be drawn anew between being found and being read.
        last = await this.driver
          .findElement(By.css(css))
          .then((element) => element.getText())
          .catch(() => '')
        return matches(last.replaceAll('\u2009', ' '))
      },
      patience,
      `${css} does not show ${String(text)}`,
    )
  }

  /** What carries this name, or else begins with it: a button, a link, by its text or its label; brought into sight. */
  private async called(name: string): Promise<WebElement> {
    const controls =
      '//*[self::button or self::a or self::label or self::summary or @role="button" or @role="option" or @role="combobox"]'
    // A figure and its unit stand a thin space apart.
    const text = 'translate(normalize-space(.), "\u2009", " ")'
    const just = `[${text}="${name}" or @aria-label="${name}"]`
    const begins = `[starts-with(${text}, "${name}") or starts-with(@aria-label, "${name}")]`
    const find = async () => {
      for (const which of [just, begins]) {
        const [found] = await this.driver.findElements(By.xpath(controls + which))
        if (found) return found
      }
      return null
    }
    const control = await this.driver.wait(find, patience, `nothing is called “${name}”`)
    await this.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', control)
    return control!
  }

  async press(name: string): Promise<void> {
    await this.untilThere(async () => (await this.called(name)).click())
  }

  /** Presses the button that holds this text, of the part that this finds. */
  async pressIn(css: string, text: string): Promise<void> {
    const button = By.xpath(`.//button[contains(., "${text}")]`)
    await this.untilThere(async () => (await this.see(css)).findElement(button).click())
  }

  /** Does it again where what it is done to is drawn anew, or not to be touched yet, when it was found: slow machines show it. */
  private async untilThere(act: () => Promise<void>): Promise<void> {
    const isNotYet = (reason: unknown) =>
      reason instanceof error.StaleElementReferenceError ||
      reason instanceof error.NoSuchElementError ||
      reason instanceof error.ElementNotInteractableError
    const isDone = () =>
      act().then(
        () => true,
        (reason: unknown) => {
          if (isNotYet(reason)) return false
          throw reason
        },
      )
    await this.driver.wait(isDone, patience)
  }

  /** Presses it with a finger. */
  async tap(name: string): Promise<void> {
    await this.untilThere(async () => {
      const origin = await this.called(name)
      const finger = new Pointer('finger', 'touch') as unknown as Finger
      const actions = this.driver.actions() as unknown as TouchActions
      await actions.insert(finger, finger.move({ origin, duration: 0 }), finger.press(), finger.release()).perform()
    })
  }

  /** Chooses in the list of this name, short or long: the entry that is called so, or else holds it. */
  async choose(name: string, option: string): Promise<void> {
    const list = await this.see(`select[aria-label="${name}"], [role="combobox"][aria-label="${name}"]`)
    await this.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', list)
    const isLong = (await list.getTagName()) !== 'select'
    if (isLong) await list.click()
    const inside = isLong ? '//*[@role="option"]' : `//select[@aria-label="${name}"]/option`
    const just = `${inside}[normalize-space(.)="${option}"]`
    const entry = await this.driver.wait(
      until.elementLocated(By.xpath(`${just} | ${inside}[contains(., "${option}") and not(${just})]`)),
      patience,
      `“${name}” has no “${option}”`,
    )
    if (isLong) await this.driver.executeScript('arguments[0].scrollIntoView({ block: "nearest" })', entry)
    await entry.click()
    if (isLong) await this.driver.wait(until.stalenessOf(entry), patience, `the list of “${name}” does not close`)
  }

  /** Types where the keyboard is. */
  async type(...keys: string[]): Promise<void> {
    for (const key of keys) await this.driver.switchTo().activeElement().sendKeys(key)
  }

  /** Replaces what stands in the field of this name. */
  async fill(name: string, text: string): Promise<void> {
    const named = By.xpath(`//input[@aria-label="${name}" or @id=//label[normalize-space(.)="${name}"]/@for]`)
    const typed = async (): Promise<boolean> => {
      const [field] = await this.driver.findElements(named)
      if (!field) return false
      await this.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', field)
      await field.sendKeys(Key.chord(Key.CONTROL, 'a'), text === '' ? Key.BACK_SPACE : text)
      return true
    }
    // One of this name may stand on the page that is just left.
    await this.untilThere(async () => {
      await this.driver.wait(typed, patience, `there is no field “${name}”`)
    })
  }

  /** Types on the page itself, as one does without a mouse: in the drawing, where there is one. */
  async keys(...keys: string[]): Promise<void> {
    await this.driver.executeScript(`
      document.activeElement?.blur()
      document.querySelector('.drawing-frame')?.focus({ preventScroll: true })
    `)
    for (const key of keys) await this.driver.actions().sendKeys(key).perform()
  }

  /** Ticks everything that is asked of the joint in the hand, one box after another. */
  async tickAllAsked(): Promise<void> {
    const next = '[aria-label="What happened here"] input[type="checkbox"]:not(:checked)'
    for (;;) {
      const [box] = await this.driver.findElements(By.css(next))
      if (!box) return
      await this.driver.executeScript('arguments[0].scrollIntoView({ block: "center" }); arguments[0].click()', box)
      await sleep(100)
    }
  }

  /** The page's clock so many hours behind, from here on: what is done now was done then. */
  setClockBack(hours: number): Promise<void> {
    // Hours ago, not a clock that is off: what goes to the server does not say what it shows as it goes.
    return this.setClock(
      hours * 60,
      `const ask = fetch
      globalThis.fetch = (path, of) => {
        if (!of || typeof of.body !== 'string' || !String(path).endsWith('/log')) return ask(path, of)
        const { sentAt, ...told } = JSON.parse(of.body)
        return ask(path, { ...of, body: JSON.stringify(told) })
      }`,
    )
  }

  /** A phone whose clock is so many minutes fast, from here on. */
  setClockFast(minutes: number): Promise<void> {
    return this.setClock(-minutes, '')
  }

  private async setClock(minutesBehind: number, more: string): Promise<void> {
    const devtools = this.driver as WebDriver & {
      sendAndGetDevToolsCommand(name: string, parameters: object): Promise<{ identifier: string }>
      sendDevToolsCommand(name: string, parameters: object): Promise<void>
    }
    if (this.clock) await devtools.sendDevToolsCommand('Page.removeScriptToEvaluateOnNewDocument', this.clock)
    const source = `{
      const Now = Date
      const behind = ${minutesBehind * 60_000}
      globalThis.Date = class extends Now {
        constructor(...of) { of.length > 0 ? super(...of) : super(Now.now() - behind) }
        static now() { return Now.now() - behind }
      }
      ${more}
    }`
    this.clock = await devtools.sendAndGetDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source })
    await this.driver.navigate().refresh()
  }

  /** A new job of this title with a run that waits for its first leg. */
  async beginRoute(title: string): Promise<void> {
    await this.open('/')
    await this.press('New job')
    await this.fill('Title', title)
    await this.press('Begin')
    await this.see('[aria-label="Title of the job"]')
    await this.press('Route')
    await this.press('Add run')
    await this.see('[data-entry]')
  }

  saved(): Promise<void> {
    return this.shows('[data-save-state]', 'Saved')
  }

  async settle(): Promise<void> {
    await sleep(400)
  }
}
