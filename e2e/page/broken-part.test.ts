import { By } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import { usePage } from './page'

const { page, job } = usePage()
/** From now on whatever the page itself rounds fails, as a fault in a part of it would. */
const breakRounding = () =>
  page().driver.executeScript(`const whole = (window.whole ??= Math.round)
    Math.round = (value) => {
      if (new Error().stack.includes('/_nuxt/')) throw new Error('a broken part')
      return whole(value)
    }`)
const mend = () => page().driver.executeScript('Math.round = window.whole')

describe('an error in one part of the page', () => {
  it('leaves the rest, says what is safe, and is gone when tried again', async () => {
    const on = page()
    await on.open(`/jobs/${await job('Tarn Lane Bakehouse')}/survey`)
    await on.see('[data-verdict]')
    await breakRounding()
    await on.press('Cut')
    await on.shows('main [data-broken]', 'Nothing you typed is lost')
    await on.shows('main [data-broken]', 'a broken part')
    await on.shows('header', 'Survey')
    await on.see('[aria-label="Title of the job"]')
    await mend()
    await on.press('Try again')
    await on.see('main table tbody tr')
    expect(await on.driver.findElements(By.css('[data-broken]'))).toEqual([])
  })

  it('goes with the step that it was in', async () => {
    const on = page()
    await breakRounding()
    await on.press('Route')
    await on.see('main [data-broken]')
    await mend()
    await on.press('Survey')
    await on.see('[data-verdict]')
    expect(await on.driver.findElements(By.css('[data-broken]'))).toEqual([])
  })
})
