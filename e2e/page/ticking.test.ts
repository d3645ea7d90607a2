import { By } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import { usePage } from './page'

const { page, site, job } = usePage()
/** A copy of the studio of which nothing is written down. */
let copy = ''
async function untouched(): Promise<string> {
  if (copy) return copy
  const found = (await (await fetch(`${site().origin}/api/jobs/${await job('Cedar Kiln Studio')}`)).json()) as {
    job: object
  }
  const made = await fetch(`${site().origin}/api/jobs`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ ...found.job, title: 'Another studio' }),
  })
  return (copy = ((await made.json()) as { id: string }).id)
}
const done = '[data-done]'
const jointCount = async () => {
  const state = (await (await fetch(`${site().origin}/api/jobs/${await untouched()}/state`)).json()) as {
    joints: object
  }
  return Object.keys(state.joints).length
}

describe('making is ticking', () => {
  it('one press makes a joint, a second inspects it; the list, the spine and the log count it', async () => {
    const on = page()
    const id = await untouched()
    await on.open(`/jobs/${id}/make`)
    await on.shows(done, /^0 of \d+ made/)
    const all = Number(/of (\d+)/.exec(await on.text(done))![1])
    // The order of work is there.
    await on.see('[aria-label="Joints"] p')
    await on.fill('Your name', 'U. Thorn')
    await on.press('Made')
    await on.shows(done, `1 of ${all} made, 0 inspected`)
    // It went on to the next of the order; back to the first, which is inspected.
    await (await on.see('[aria-label="Joints"] li button')).click()
    await on.shows('[aria-label="What happened here"]', 'Made by U. Thorn')
    await on.press('Inspected: OK')
    await on.shows(done, `1 of ${all} made, 1 inspected`)
    await on.shows('[aria-label="Steps of the work"], nav', String(all - 1))
    const log = `${site().origin}/api/jobs/${id}/log`
    const kinds = async () =>
      ((await (await fetch(log)).json()) as { entries: { kind: string; by: string }[] }).entries.map(
        ({ kind, by }) => `${kind} ${by}`,
      )
    await on.driver.wait(async () => (await kinds()).length === 2, 30_000)
    expect(await kinds()).toEqual(['joint-made U. Thorn', 'joint-inspected U. Thorn'])
    await on.driver.navigate().refresh()
    await on.shows(done, `1 of ${all} made, 1 inspected`)
  })

  it('what another wrote is here within seconds, and undoing is an entry too', async () => {
    const on = page()
    const id = await untouched()
    const { joints } = (await (await fetch(`${site().origin}/api/jobs/${id}/state`)).json()) as { joints: object }
    const other = Object.keys(joints)[3]!
    const entry = {
      id: 'written-elsewhere',
      kind: 'joint-made',
      subject: { joint: other },
      at: new Date().toISOString(),
      by: 'I. Marl',
      jobVersion: 1,
      body: {},
    }
    await fetch(`${site().origin}/api/jobs/${id}/log`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ entries: [entry] }),
    })
    await on.shows(done, /^2 of \d+ made/)
    await (await on.see('[aria-label="Joints"] li button')).click()
    await on.press('Mark as not made')
    await on.shows(done, /^1 of \d+ made, 0 inspected/)
  })

  it('worked along to its end, a joint is made, and the next one stands there', async () => {
    const on = page()
    await on.press('Work along')
    await on.driver.wait(async () => {
      await on.type(' ')
      return (
        (await on.driver.findElements(By.xpath('//section[@aria-label="Work along"]//button[.="Made"]'))).length > 0
      )
    }, 30_000)
    await on.press('Made')
    await on.shows(done, /^2 of \d+ made/)
  })
})

describe('a hand that is quick, and one that takes its time', () => {
  it('a double press makes one joint, and undo takes it back', async () => {
    const on = page()
    // The button rests after the joint before.
    await on.settle()
    await on.settle()
    const [before] = /^\d+/.exec(await on.text(done))!
    await on.driver.executeScript(`
      const made = [...document.querySelectorAll('button')].find((of) => of.textContent.trim() === 'Made')
      made.click()
      requestAnimationFrame(() =>
        [...document.querySelectorAll('button')].find((of) => of.textContent.trim() === 'Made')?.click())`)
    await on.shows(done, new RegExp(`^${Number(before) + 1} of`))
    await on.settle()
    await on.settle()
    await on.shows(done, new RegExp(`^${Number(before) + 1} of`))
    await (await on.see('[data-made-strip]')).findElement(By.xpath('.//button[.="Undo"]')).click()
    await on.shows(done, new RegExp(`^${before} of`))
  })

  it('a stopwatch runs through a reload, and stops as the joint is made', async () => {
    const on = page()
    await on.driver.navigate().refresh()
    await on.press('Start the stopwatch')
    await on.see('[data-stopwatch]')
    await on.driver.navigate().refresh()
    await on.see('[data-stopwatch]')
    await on.driver.sleep(6500)
    await on.press('Made')
    const took = async () =>
      (await (await fetch(`${site().origin}/api/jobs/${await untouched()}/minutes`)).json()) as { minutes: number }[]
    await on.driver.wait(async () => (await took()).length === 1, 30_000)
    expect((await took())[0]!.minutes).toBeGreaterThanOrEqual(0.1)
    await on.press('Undo: Joint')
  })
})

describe('what was made is proven and handed over', () => {
  it('the test of the studio: tight by its readings, though its letter fails', async () => {
    const on = page()
    await on.open(`/jobs/${await job('Cedar Kiln Studio')}/prove`)
    await on.shows('[data-verdict]', 'Tight')
    await on.shows('[aria-label="What moved the gauge"]', 'temperature')
    await on.shows('nav', 'Hand over')
  })

  it('a test is begun, read and ended from the page', async () => {
    const on = page()
    await on.open(`/jobs/${await untouched()}/prove`)
    await on.press('Start test')
    for (const psi of ['80', '80', '79.9', '80']) {
      await on.fill('Gauge', psi)
      await on.fill('Pipe', '60')
      await on.press('Save reading')
      await on.driver.sleep(1100)
    }
    await on.shows('[data-verdict]', /Tight|Undecided|Leaking/)
    await on.press('End test anyway')
    await on.shows('[aria-label="Verdicts"]', 'Ended by U. Thorn')
  })

  it('a test that was started by mistake is discarded, and a look needs no gauge', async () => {
    const on = page()
    await on.press('Start test')
    await on.press('Discard test')
    await on.shows('[aria-label="Start a test"]', 'Start test')
    await on.choose('Test', 'House pressure, joints inspected')
    await on.press('Start test')
    await on.see('[aria-label="Look at every joint"]')
    await on.press(`All ${await jointCount()} joints dry`)
    await on.shows('[aria-label="Look at every joint"]', /Look 1, .* dry/)
    await on.shows('[data-test-faults]', 'dry twice')
    await on.press('Discard test')
  })

  it('the record says what is missing, is filled, and is handed over', async () => {
    const on = page()
    const missing = '[aria-label="What is missing"]'
    await on.open(`/jobs/${await untouched()}/hand-over`)
    await on.shows(missing, /joints? .* not made/)
    await on.shows(missing, 'flushing not recorded')
    await on.press('Mark as flushed')
    await on.driver.wait(async () => !(await on.text(missing)).includes('flushed'), 30_000)
    await on.open(`/jobs/${await job('Cedar Kiln Studio')}/hand-over`)
    await on.shows(missing, 'Nothing is missing')
    await on.press('Hand over the job')
    await on.shows('main', 'Handed over by U. Thorn')
  })
})
