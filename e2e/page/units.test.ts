import { describe, expect, it } from 'vitest'
import { usePage } from './page'

const foreign = {
  imperial: /.{0,30}(\bmm\b|\bkPa\b|°C|\blitres?\b|\d\s?l\b|\bmetres?\b|€|\bspanners?\b|\bolives?\b).{0,30}/,
  metric: /.{0,30}(\d″|\d′|\bpsi\b|°F|\bgal\b|\bfeet\b|\$|\bwrench(es)?\b|\bferrules?\b).{0,30}/,
}

describe('a job speaks its reader’s units and words', () => {
  const { page, job } = usePage()

  /** All that stands on the page: words, labels, what fields hold. */
  const words = (): Promise<string> =>
    page().driver.executeScript(
      `const of = (e) => [e.value, e.placeholder, e.getAttribute('aria-label'), e.getAttribute('title')].join(' ')
      return document.body.innerText + '\\n' + [...document.querySelectorAll('input, [aria-label], [title]')].map(of).join('\\n')`,
    )

  it.each([
    ['Cedar Kiln Studio', 'imperial'],
    ['Tarn Lane Bakehouse', 'metric'],
  ] as const)('%s: no foreign unit on any page, tool or print', async (title, units) => {
    const on = page()
    const id = await job(title)
    const places: [string, ...string[]][] = [
      ['survey'],
      ['survey', 'Add pipe'],
      ['join'],
      ['route'],
      ['route', 'Offset'],
      ['route', 'Fixed points'],
      ['route', 'Cut in'],
      ['route', 'Supports'],
      ['route', 'Levels, flow'],
      ['cut'],
      ['make'],
      ['make', 'Plan of work'],
      ['prove'],
      ['hand-over'],
      ['estimate'],
      ['route', 'Everyday call'],
      ['print'],
    ]
    const found: string[] = []
    for (const [step, ...presses] of places) {
      await on.open(`/jobs/${id}/${step}`)
      await on.see('main')
      for (const name of presses) await on.press(name)
      await on.settle()
      const text = await words()
      expect(text.length).toBeGreaterThan(200)
      const wrong = foreign[units].exec(text)
      if (wrong) found.push(`${step} ${presses.join(' ')}: ${wrong[0]}`)
    }
    expect(found).toEqual([])
  })
})
