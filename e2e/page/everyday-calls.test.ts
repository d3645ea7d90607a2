import { By } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import { usePage } from './page'

const { page, site, job, stored } = usePage(390, 844)

/** Presses and figures from the first page to a list, lengths to cut, an order of work and an estimate. */
const most = 15

/** Begins a job from an everyday call, and goes on to its list, its estimate and its order of work. @returns how many presses and figures that took */
async function begin(call: string, answer: () => Promise<number>, title: string): Promise<number> {
  const on = page()
  await on.open('/')
  await on.press('From an everyday call')
  await on.press(call)
  const answered = await answer()
  await on.fill('Title of the job', title)
  await on.shows('[aria-label="To bring"]', /\d/)
  await on.press('Begin this job')
  await on.driver.wait(async () => (await on.driver.getCurrentUrl()).endsWith('/route'), 30_000)
  await on.press('Cut:')
  await on.shows('[aria-label="What to bring"]', /\d/)
  await on.press('What it costs')
  await on.shows('[aria-label="What it is made up of"]', /In all\s+[€$]\d+ to [€$]\d+/)
  await on.press('Make:')
  await on.press('Plan of work')
  await on.shows('[aria-label="Plan of work"]', /Total\s*(at least )?\d/)
  return 8 + answered
}

describe('a job from an everyday call', () => {
  it('cuts a leak out: two couplings, and the piece between', async () => {
    const on = page()
    const answer = async () => {
      await on.fill('Length to replace', '200')
      // Half a coupling's stop, and half of what a slip coupling is longer than its two depths.
      await on.shows('[aria-label="To cut"]', '198 mm')
      return 1
    }
    expect(await begin('Cut out a leak', answer, 'Loft leak')).toBeLessThanOrEqual(most)
    const { job: begun } = await stored(await job('Loft leak'))
    expect(begun.nodes.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['coupling', 'slip-coupling']))
  })

  it('brings hot and cold to a basin: the fixtures stand in the job, and each has its joint', async () => {
    const on = page()
    const answer = async () => {
      await on.fill('From the existing ends to under the fixture', '2100')
      await on.fill('From those pipes up to the outlets', '550')
      return 2
    }
    expect(await begin('Hot and cold to a fixture', answer, 'Basin upstairs')).toBeLessThanOrEqual(most)
    const id = await job('Basin upstairs')
    const { job: begun } = await stored(id)
    expect(begun.nodes.flatMap(({ fixture }) => fixture?.end ?? [])).toEqual(['hot', 'cold'])
    expect(begun.note).toContain('Photo'.toLowerCase())
    await on.open(`/jobs/${id}/make`)
    await on.shows('main', 'wash basin')
  })

  it('adds a radiator, whose pipes stand its width and two valves apart', async () => {
    const on = page()
    const answer = async () => {
      await on.fill('Width of the radiator', '1000')
      return 1
    }
    expect(await begin('Add a radiator', answer, 'Hall radiator')).toBeLessThanOrEqual(most)
    const { job: begun } = await stored(await job('Hall radiator'))
    const [flow, back] = begun.nodes.filter(({ kind, at }) => kind === 'tee' && at)
    expect(back!.at![0] - flow!.at![0]).toBe(1090)
  })

  it('puts a valve in', async () => {
    const on = page()
    const answer = async () => {
      await on.fill('The cut ends spring apart by', '8')
      return 1
    }
    expect(await begin('Put a valve in', answer, 'Valve under the stairs')).toBeLessThanOrEqual(most)
    const { job: begun } = await stored(await job('Valve under the stairs'))
    expect(begun.nodes.map(({ kind }) => kind)).toContain('valve')
  })

  it('puts a frost-proof tap on the old stub', async () => {
    const on = page()
    const answer = async () => {
      await on.fill('From the old elbow to the end of the stub', '140')
      return 1
    }
    expect(await begin('Outdoor tap on the old stub', answer, 'Yard tap')).toBeLessThanOrEqual(most)
    const { job: begun } = await stored(await job('Yard tap'))
    expect(begun.nodes.flatMap(({ fixture }) => fixture?.kind ?? [])).toEqual(['frost-proof-tap'])
  })

  it('says by its name what a question does not take, and begins nothing', async () => {
    const on = page()
    await on.open('/begin/cut-out')
    await on.fill('Length to replace', '10')
    await on.shows('main', /Length to replace: .*80/)
  })

  it('draws what was typed last, however fast it is begun', async () => {
    const on = page()
    await on.open('/begin/cut-out')
    await on.shows('[aria-label="To bring"]', /\d/)
    await on.fill('Title of the job', 'In a hurry')
    await on.fill('Length to replace', '1234')
    await on.press('Begin this job')
    await on.driver.wait(async () => (await on.driver.getCurrentUrl()).endsWith('/route'), 30_000)
    const { job: begun } = await stored(await job('In a hurry'))
    expect(begun.legs.flatMap(({ length }) => length ?? [])).toEqual([1234])
  })

  it('adds a call to an open job, beside what is there, and takes it back', async () => {
    const on = page()
    const id = await job('Tarn Lane Bakehouse')
    const before = (await stored(id)).job.runs.length
    await on.open(`/jobs/${id}/route`)
    await on.press('Everyday call')
    await on.choose('Call', 'Put a valve in')
    // Its picture comes, and moves the button down.
    await on.see('[aria-label="An everyday call"] figure')
    await on.settle()
    await on.press('Add to this job')
    await on.driver.wait(async () => (await stored(id)).job.runs.length === before + 1, 30_000)
    await on.press('Undo')
    await on.driver.wait(async () => (await stored(id)).job.runs.length === before, 30_000)
  })

  it('leads an outlet to a fixture, and by a hose when that is ticked', async () => {
    const on = page()
    const id = await job('Basin upstairs')
    await on.open(`/jobs/${id}/route`)
    await on.choose('It leads to', 'nothing yet')
    await on.choose('It leads to', 'wash basin, hot')
    await on.press('By a hose')
    await on.driver.wait(async () => (await stored(id)).job.nodes.some(({ fixture }) => fixture?.hose === true), 30_000)
    expect(await on.driver.findElements(By.css('[role="alert"]'))).toHaveLength(0)
  })
})

describe('what a job costs', () => {
  it('is a range that follows the margin, and says that its prices are examples until they are one’s own', async () => {
    const on = page()
    const id = await job('Hall radiator')
    await on.open(`/jobs/${id}/estimate`)
    await on.shows('main', 'These are example prices')
    await on.shows('[aria-label="What it is made up of"]', /In all\s+€\d+ to €\d+/)
    const before = await on.text('[aria-label="What it is made up of"]')
    await on.open('/bench/costs')
    await on.fill('Margin', '40')
    await on.driver.wait(async () => {
      const workshop = (await (await fetch(`${site().origin}/api/workshop`)).json()) as { rates?: { margin?: number } }
      return workshop.rates?.margin === 40
    }, 30_000)
    await on.open(`/jobs/${id}/estimate`)
    await on.shows('[aria-label="What it is made up of"]', /In all\s+€\d+ to €\d+/)
    expect(await on.text('[aria-label="What it is made up of"]')).not.toBe(before)
    expect(await on.text('main')).not.toContain('example prices')
  })
})

describe('an everyday call in inches', () => {
  it('taps an outdoor faucet off PEX-B, and says that its ends must spring apart', async () => {
    const on = page()
    await on.open('/begin')
    await on.press('Change units')
    await on.press('Tee off to a new outlet')
    await on.choose('Existing pipe', '3/4 PEX-B')
    await on.choose('It leads to', 'Outdoor faucet')
    await on.shows('[aria-label="To settle"]', 'spring back')
    await on.shows('[aria-label="To bring"]', 'drop-ear elbow')
    await on.press('Begin this job')
    await on.driver.wait(async () => (await on.driver.getCurrentUrl()).endsWith('/route'), 30_000)
  })

  it('brings hot and cold to a tub and shower valve', async () => {
    const on = page()
    const answer = async () => {
      await on.fill('From the existing ends up to the valve', '36')
      await on.fill('From the valve up to the shower arm', '46')
      return 2
    }
    expect(await begin('Shower valve in the wall', answer, 'Hall bath')).toBeLessThanOrEqual(most)
    const { job: begun } = await stored(await job('Hall bath'))
    expect(begun.units).toBe('imperial')
    expect(begun.nodes.flatMap(({ fixture }) => fixture?.kind ?? [])).toEqual(
      expect.arrayContaining(['tub-and-shower', 'shower-arm', 'tub-spout']),
    )
  })
})
