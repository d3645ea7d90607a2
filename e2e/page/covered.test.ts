import { describe, expect, it } from 'vitest'
import { resizePage } from '../../scripts/run/browser'
import { usePage } from './page'

const sizes = [
  [1280, 800],
  [390, 844],
  [320, 568],
] as const

/**
 * Controls whose own middle is not theirs: what stands there instead. A drawn leg may pass behind a fitting that stands
 * before it: it is pressed where it is seen, somewhere along its line.
 */
const findCovered = `
  const controls = 'a[href], button, input, textarea, select, summary, [role="button"], [role="combobox"]'
  const name = (of) => of.tagName.toLowerCase() + ' ' + (of.getAttribute('aria-label') || of.textContent.trim().slice(0, 40))
  const found = []
  let seen = 0
  for (const control of document.querySelectorAll(controls)) {
    if (!control.checkVisibility({ visibilityProperty: true, opacityProperty: true })) continue
    control.scrollIntoView({ block: 'center', inline: 'center', behavior: 'instant' })
    // A drawing to look at is no control.
    if (control.closest('[inert]')) continue
    const { left, right, top, bottom } = control.getBoundingClientRect()
    // What is drawn to nothing stands for another control that is seen.
    if (right - left < 2 || bottom - top < 2) continue
    seen += 1
    const isItself = (hit) => hit && (control.contains(hit) || hit.closest('label')?.control === control)
    const line = control.querySelector('path, line, polyline')
    const isLeg = control instanceof SVGElement && (control.getAttribute('aria-label') || '').startsWith('leg ')
    const along = isLeg && line
      ? [0.3, 0.4, 0.5, 0.6, 0.7].map((share) => line.getPointAtLength(share * line.getTotalLength()).matrixTransform(line.getScreenCTM()))
      : []
    if (along.some(({ x, y }) => isItself(document.elementFromPoint(x, y)))) continue
    const hit = document.elementFromPoint((left + right) / 2, (top + bottom) / 2)
    if (!isItself(hit)) found.push(name(control) + ' is under ' + (hit ? name(hit) : 'nothing: it lies beyond the page'))
  }
  return { seen, found }`

describe('every control, pressed in its middle', () => {
  const { page, job } = usePage()

  const paths = async (): Promise<string[]> => {
    const id = await job('Tarn Lane Bakehouse')
    const steps = ['survey', 'join', 'route', 'cut', 'make', 'prove', 'hand-over', 'estimate', 'print']
    const tabs = ['identify', 'join', 'card', 'bend', 'fitting', 'parts', 'costs', 'rules']
    return [
      '/',
      '/day',
      '/van',
      '/verify',
      '/begin',
      '/begin/rough-in',
      ...steps.map((step) => `/jobs/${id}/${step}`),
      ...tabs.map((tab) => `/bench/${tab}`),
    ]
  }

  it('is found there, all that opens opened, at every size', async () => {
    const on = page()
    const covered: Record<string, string[]> = {}
    for (const path of await paths()) {
      await on.open(path)
      await on.see('main')
      for (const [width, height] of sizes) {
        await resizePage(on.driver, width, height)
        await on.settle()
        await on.driver.executeScript('document.querySelectorAll("details").forEach((of) => (of.open = true))')
        await on.settle()
        const { seen, found } = await on.driver.executeScript<{ seen: number; found: string[] }>(findCovered)
        expect(seen).toBeGreaterThan(3)
        if (found.length > 0) covered[`${path} ${width} × ${height}`] = found
      }
    }
    expect(covered).toEqual({})
  })
})
