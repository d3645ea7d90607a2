import { AxeBuilder } from '@axe-core/webdriverjs'
import { By, type WebElement } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import { resizePage } from '../../scripts/run/browser'
import { usePage } from './page'

describe('every page, in either theme', () => {
  const { page, job } = usePage()

  /** @param rules alone; all, where none are said */
  const faults = async (rules?: string[]): Promise<string[]> => {
    // No page has frames: to gather what each frame found, it would open a window at every look.
    const axe = new AxeBuilder(page().driver).setLegacyMode()
    const { violations } = await (
      rules ? axe.withRules(rules) : axe.options({ rules: { 'target-size': { enabled: true } } })
    ).analyze()
    return violations.flatMap(({ id, nodes }) =>
      nodes.map(({ html, target }) => `${id}: ${target.join(' ')} ${html.slice(0, 160)}`),
    )
  }
  const paths = async (): Promise<string[]> => {
    const id = await job('Tarn Lane Bakehouse')
    const steps = ['survey', 'join', 'route', 'cut', 'make', 'prove', 'hand-over', 'estimate', 'print'].map(
      (step) => `/jobs/${id}/${step}`,
    )
    const bench = ['identify', 'join', 'card', 'bend', 'fitting', 'parts', 'costs', 'rules'].map(
      (tab) => `/bench/${tab}`,
    )
    return ['/', '/settings', '/day', '/van', '/verify', '/begin', '/begin/rough-in', ...steps, ...bench]
  }

  // Of the two themes only the colours differ; on a phone what stands where. Each page is loaded once and seen in turn.
  it('has no fault and one first heading: light, dark, and as narrow as a phone', async () => {
    const on = page()
    const theme = async (now: string, before: string) => {
      await on.driver.executeScript(
        'document.documentElement.classList.replace(arguments[1], arguments[0])',
        now,
        before,
      )
      await on.settle()
    }
    await on.open('/')
    await on.driver.executeScript('localStorage.setItem("nuxt-color-mode", "light")')
    const found: Record<string, unknown> = {}
    for (const path of await paths()) {
      await on.open(path)
      await on.see('main')
      await on.settle()
      const wrong = await faults()
      await theme('dark', 'light')
      expect(await on.driver.findElements(By.css('html.dark'))).toHaveLength(1)
      wrong.push(...(await faults(['color-contrast'])))
      await theme('light', 'dark')
      // As long as the page is: what lies under the bar below is no fault of its size.
      await resizePage(on.driver, 390, 844)
      await on.settle()
      const long = Number(await on.driver.executeScript('return document.documentElement.scrollHeight'))
      await resizePage(on.driver, 390, Math.max(5000, long))
      await on.settle()
      wrong.push(...(await faults(['target-size', 'landmark-unique', 'region', 'heading-order'])))
      const headings = await on.driver.findElements(By.css('h1'))
      await resizePage(on.driver, 1280, 800)
      if (wrong.length > 0 || headings.length !== 1) found[path] = { wrong, headings: headings.length }
    }
    expect(found).toEqual({})
  })

  /** Contrast of an element's letters with its own ground, as the browser draws them now. */
  const contrast = (element: WebElement): Promise<number> =>
    page().driver.executeScript(
      `const canvas = document.createElement('canvas').getContext('2d', { willReadFrequently: true })
      const rgb = (colour, under) => {
        canvas.fillStyle = under; canvas.fillRect(0, 0, 1, 1)
        canvas.fillStyle = colour; canvas.fillRect(0, 0, 1, 1)
        return [...canvas.getImageData(0, 0, 1, 1).data].slice(0, 3)
      }
      const light = (of) => of.map((c) => c / 255).map((c) => (c <= 0.03928 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4))
        .reduce((sum, c, at) => sum + c * [0.2126, 0.7152, 0.0722][at], 0)
      const page = getComputedStyle(document.body).backgroundColor
      const { color, backgroundColor } = getComputedStyle(arguments[0])
      const ground = rgb(backgroundColor, page)
      const [a, b] = [light(rgb(color, 'rgb(' + ground + ')')), light(ground)].sort((x, y) => y - x)
      return (a + 0.05) / (b + 0.05)`,
      element,
    )

  it.each(['light', 'dark'])('keeps its contrast chosen, hovered and pressed: %s', async (theme) => {
    const on = page()
    await on.driver.executeScript('localStorage.setItem("nuxt-color-mode", arguments[0])', theme)
    await on.open(`/jobs/${await job('Tarn Lane Bakehouse')}/route`)
    await on.see('[data-entry]')
    await on.press('Supports')
    await on.press('North')
    const controls = await on.driver.findElements(By.css('main button:not(:disabled)'))
    expect(controls.length).toBeGreaterThan(30)
    const pale: string[] = []
    for (const control of controls.slice(0, 60)) {
      await on.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', control)
      await on.driver.actions().move({ origin: control, duration: 0 }).perform()
      // Colours fade in over a moment.
      await on.driver.executeScript('return Promise.all(document.getAnimations().map((a) => a.finished))')
      const ratio = await contrast(control)
      if (ratio < 4.5) pale.push(`${await control.getText()}: ${ratio.toFixed(2)}`)
    }
    expect(pale).toEqual([])
  })
})
