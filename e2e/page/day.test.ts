import { describe, expect, it } from 'vitest'
import { usePage } from './page'

const { page, job } = usePage(390, 844)

describe('a day', () => {
  it('a visit of a job is given its day and time, and stands there with what to tell the customer and what to bring', async () => {
    const on = page()
    const id = await job('Cedar Kiln Studio')
    await on.open(`/jobs/${id}/estimate`)
    await on.press('Add a visit')
    await on.driver.executeScript(`
      const set = (label, value) => {
        const field = document.querySelector('[aria-label="' + label + '"]')
        field.value = value
        field.dispatchEvent(new Event('input', { bubbles: true }))
        field.dispatchEvent(new Event('change', { bubbles: true }))
      }
      set('Day', '2026-12-04')
      set('Agreed time', '13:30')`)
    await on.fill('For', 'Second fix')
    await on.saved()
    await on.press('Show that day')
    await on.shows('[data-times]', /^13\.30 to 1\d\.\d/)
    await on.shows('[data-told]', /Water off from about 1\d\.\d\d to 1\d\.\d\d\./)
    await on.shows('[aria-label="Visits"]', 'Second fix')
    // What was really so moves it, and is there again after the page was left.
    await on.driver.executeScript(`
      const field = document.querySelector('[aria-label="Really began"]')
      field.value = '14:00'
      field.dispatchEvent(new Event('input', { bubbles: true }))`)
    await on.shows('[data-times]', /^14\.00 to/)
    await on.shows('[aria-label="Visits"]', '30 min after the agreed 13.30: ring them')
    const boxes = await on.driver.findElements({ css: '[aria-label="What to bring"] [role="checkbox"]' })
    expect(boxes.length).toBeGreaterThan(3)
    await boxes[0]!.click()
    await on.shows('[aria-label="What to bring"]', `${boxes.length - 1} of ${boxes.length} to load`)
    await on.driver.navigate().refresh()
    await on.shows('[aria-label="What to bring"]', `${boxes.length - 1} of ${boxes.length} to load`)
    await on.shows('[data-times]', /^14\.00 to/)
    await on.press('Day after')
    await on.shows('main', 'No visits on this day.')
  })
})
