import { By, Key } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import { layOut } from '../../core/run/layout'
import { systemsOf } from '../../core/job/system'
import { usePage } from './page'
import { nameChosen } from '../../core/job/chosen'

const { page, job, stored } = usePage(1280, 800)
const title = 'Tool Cottage'
const runs = async () => systemsOf((await stored(await job(title))).job)
const lengths = async (run = 0) => (await runs())[run]!.legs.map(({ length }) => length)
/** Waits until the saved job holds these lengths. */
async function until(wanted: readonly number[], run = 0): Promise<void> {
  await page().driver.wait(
    async () => ((await runs())[run] ? (await lengths(run)).join() === wanted.join() : false),
    10_000,
    `the run has not the lengths ${wanted.join()}, but ${(await lengths(run).catch(() => [])).join()}`,
  )
}

describe('the tools of a route', () => {
  it('a run is drawn to work on: 1000 east, 600 up', async () => {
    const on = page()
    await on.beginRoute(title)
    await on.keys(Key.ARROW_RIGHT, ...'1000', Key.ENTER, Key.PAGE_UP, ...'600', Key.ENTER)
    await until([1000, 600])
  })

  it('a key asks for a fitting by its name: an outlet at an open end, and undo takes the name back', async () => {
    const on = page()
    const fitting = async () => nameChosen((await runs())[0]!.nodes.find(({ kind }) => kind === 'outlet')!)?.name
    await on.keys('g')
    await on.type('drop-ear')
    const option = await on.see('[role="option"]')
    await on.driver.wait(async () => (await option.getText()).includes('drop-ear elbow'), 30_000)
    await option.click()
    await on.driver.wait(async () => (await fitting())?.includes('drop-ear elbow') ?? false, 30_000)
    await on.press('Undo')
    await on.driver.wait(async () => (await fitting()) === undefined, 30_000)
  })

  it('a fitting is put into a leg, and what lies beyond stays', async () => {
    const on = page()
    await on.press('P1, leg 1')
    await on.press('Move, put in')
    await on.fill('From the start of leg 1', '300')
    await on.choose('Put in', 'slip coupling')
    await on.press('Put it into leg 1')
    await until([300, 700, 600])
    await on.press('Undo')
    await until([1000, 600])
  })

  it('a node is moved and its legs follow; what cannot be says why and changes nothing', async () => {
    const on = page()
    await on.press('elbow')
    await on.fill('Move by', '250')
    await on.choose('Which way', 'east')
    await on.press('Move elbow, the rest follows')
    await until([1250, 600])
    await on.choose('Which way', 'down')
    await on.fill('Move by', '2000')
    await on.choose('Which way', 'up')
    await on.press('Move elbow, the rest follows')
    await on.shows('[data-tool-problem]', /leg 2 has only 600.mm to give/)
    await until([1250, 600])
    await on.press('Undo')
    await until([1000, 600])
  })

  it('a part is copied and mirrored: the same lengths, on the other side', async () => {
    const on = page()
    await on.press('Copy, mirror')
    await on.press('open end')
    await on.press('P1, leg 1')
    await on.choose('How', 'mirrored east-west')
    await on.press('Mirror in place')
    await on.driver.wait(async () => {
      const [run] = await runs()
      return layOut(run!).places.get(run!.nodes.at(-1)!.id)?.[0] === -1000
    }, 30_000)
    await until([1000, 600])
    await on.press('Undo')
  })

  it('a run lies beside another at its spacing', async () => {
    const on = page()
    await on.press('Run beside')
    await on.fill('Spacing, centre to centre', '80')
    await on.choose('On which side of the first leg', 'down')
    await on.press('Add the run')
    // Below the first: its upright leg begins 80 lower and ends beside the other, so its leg east is 80 longer.
    await on.driver.wait(async () => (await runs()).length === 2, 30_000)
    const [, beside] = await runs()
    expect(beside!.runs).toMatchObject([{ service: 'hot', name: 'Run 1, hot' }])
    expect(beside!.legs.map(({ length }) => length)).toEqual([1080, 680])
    await on.press('Undo')
  })

  it('another run is joined to it, and a part of it becomes one of its own', async () => {
    const on = page()
    await on.press('Add run')
    await on.keys(Key.ARROW_UP, ...'400', Key.ENTER)
    await on.driver.wait(async () => (await runs()).length === 2, 30_000)
    await on.press('Run 1')
    await on.press('P1, leg 1')
    await on.press('Join runs')
    await on.press('Join it at the elbow')
    // An elbow whose legs lie east and up has no tee with a third one north.
    await on.shows('[data-tool-problem]', 'no more legs fit there')
    await on.press('open end')
    await on.press('Join it at the open end')
    await on.driver.wait(async () => (await runs()).length === 1, 30_000)
    const [system] = await runs()
    expect(system!.runs.map(({ name }) => name)).toEqual(['Run 1', 'Run 2'])
    expect(system!.legs.map(({ run, length }) => [run === system!.id, length])).toEqual([
      [true, 1000],
      [true, 600],
      [false, 400],
    ])
    await on.press('P2, leg 2')
    await on.press('Make it a separate run')
    await on.driver.wait(async () => (await runs())[0]!.runs.length === 3, 30_000)
    await on.press('Undo')
    await on.press('Undo')
    await on.press('Undo')
    await on.press('Undo')
    await on.driver.wait(async () => (await runs()).length === 1, 30_000)
    await until([1000, 600])
  })

  it('cuts a tee into pipe that is there, and puts new pipe in where it cannot be sprung', async () => {
    const on = page()
    await on.press('Add run')
    await on.type('x', Key.ARROW_RIGHT, '900', Key.ENTER)
    await on.press('Cut in')
    await on.fill('Centre, from open end 1', '450')
    await on.press('Cut in here')
    // A soldered 15 tee: 2 × 9 along its run; its whole 10.6 and what that may be off.
    await on.shows('[aria-label^="Cut in:"]', /18.mm/)
    await on.shows('[aria-label="Checks"]', 'one of the cut ends must spring back')
    await on.fill('The ends can be sprung apart by', '20')
    await on.shows('[aria-label^="Cut in:"]', 'there is enough: spring it in')
    await on.press('Old solder')
    // Half as much again as the 10.6 that it goes in.
    await on.shows('[aria-label^="Cut in:"]', /cut back past the old solder: 15.9.mm of bright, round pipe/)
    await on.fill('The ends can be sprung apart by', '0')
    await on.fill('Length of the slip coupling', '12')
    await on.press('Put in new pipe with slip couplings')
    await on.shows('[role=alert]', 'does not cover both pipes')
    await on.fill('Length of the slip coupling', '50')
    await on.press('Put in new pipe with slip couplings')
    await on.shows('[aria-label="Legs"]', 'to slip coupling')
    // One long coupling, one piece: 10.6 in the tee, 50 to slide back over, 5 clear.
    await on.shows('[aria-label="Legs"]', /66.mm/)
    await on.press('Undo')
    await on.press('Undo')
  })

  it('judges a hole in a joist and a guard before a nail', async () => {
    const on = page()
    await on.press('Supports')
    await on.press('Through a joist or stud')
    for (const [field, text] of Object.entries({
      'Depth of the joist': '200',
      'Its span': '3000',
      'From the nearer support': '1000',
      'Size of the cut': '60',
    }))
      await on.fill(field, text)
    await on.shows('[aria-label="Route tools"]', /Allowed: a hole of at most 50.mm/)
    await on.fill('Size of the cut', '40')
    await on.shows('[aria-label="Route tools"]', 'Within the limits.')
    await on.fill('From its edge to the face of the timber', '27.5')
    await on.shows('[aria-label="Route tools"]', 'a guard plate over it')
  })

  it('draws in plan, looks closer and fits again', async () => {
    const on = page()
    await on.choose('View', 'plan')
    await on.see('[aria-label="Drawing of the run, plan"]')
    await on.press('Closer')
    await on.press('Fit')
    await on.choose('View', 'isometric')
  })
})

describe('a run that cannot be put together', () => {
  it('is said under the plan of work, with the least that would do', async () => {
    const on = page()
    const made = await fetch(`${new URL(await on.driver.getCurrentUrl()).origin}/api/jobs`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({
        format: 'jolvet-job',
        version: 1,
        title: 'Between two walls',
        units: 'imperial',
        profile: 'us-a',
        runs: [
          {
            id: 'r1',
            name: 'Stiff',
            service: 'cold',
            pipe: 'copper-hard-astm-b88-l-3-4',
            method: 'solder',
            nodes: [
              { id: 'a', kind: 'tie-in' },
              { id: 'b', kind: 'elbow' },
              { id: 'c', kind: 'elbow' },
              { id: 'd', kind: 'tie-in' },
            ],
            legs: [
              { id: 'l1', from: 'a', to: 'b', direction: 'east', length: 300 },
              { id: 'l2', from: 'b', to: 'c', direction: 'north', length: 300 },
              { id: 'l3', from: 'c', to: 'd', direction: 'east', length: 300 },
            ],
          },
        ],
      }),
    })
    const { id } = (await made.json()) as { id: string }
    await on.open(`/jobs/${id}/make`)
    await on.press('Plan of work')
    // A foot of three-quarter copper gives next to nothing; lengths are in inches, as the job's.
    await on.shows('[role=alert]', /both ends are fixed: it must spring back .*″ and only gives .*″/)
    await on.shows(
      '[aria-label="Plan of work"]',
      'a slip coupling, or a union, or a compression or push-fit coupling without a stop instead',
    )
  })
})

describe('a run of more legs than are planned between two key presses', () => {
  it('is planned by the worker, and follows what is typed and taken back', async () => {
    const on = page()
    const count = 320
    const job = {
      format: 'jolvet-job',
      version: 1,
      title: 'Long main',
      units: 'metric',
      profile: 'metric',
      runs: [
        {
          id: 'r1',
          name: 'Main',
          service: 'cold',
          pipe: 'copper-half-hard-en-1057-r250-22x0.9',
          method: 'solder',
          nodes: Array.from({ length: count + 1 }, (_, at) => ({
            id: `n${at}`,
            kind: at % count === 0 ? 'open' : 'elbow',
          })),
          legs: Array.from({ length: count }, (_, at) => ({
            id: `l${at}`,
            from: `n${at}`,
            to: `n${at + 1}`,
            direction: at % 2 ? 'north' : 'east',
            length: 1000,
          })),
        },
      ],
    }
    const made = await fetch(`${new URL(await on.driver.getCurrentUrl()).origin}/api/jobs`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(job),
    })
    const { id } = (await made.json()) as { id: string }
    await on.open(`/jobs/${id}/route`)
    // An open end and an elbow’s stop: 1000 less 14.6.
    await on.shows('[aria-label="The run as drawn"] .readout', '985.5')
    await on.press('Add run')
    await on.type(Key.ARROW_RIGHT, '750', Key.ENTER)
    await on.shows('[aria-label="The run as drawn"] .readout', '750')
    await on.driver.wait(async () => (await on.driver.findElements(By.css('.behind'))).length === 0, 30_000)
    await on.press('Undo')
    await on.driver.wait(async () => !(await on.text('main')).includes('750'), 30_000)
  })
})

describe('a fitting that stands straight in the next', () => {
  it('is drawn by a nought, chosen by its name, and stands as far off as the two make it', async () => {
    const on = page()
    const name = 'Street elbow'
    const drawn = async () => (await stored(await job(name))).job
    await on.beginRoute(name)
    await on.keys(Key.ARROW_RIGHT, ...'1000', Key.ENTER, 't', ...'800', Key.ENTER)
    await on.press('tee')
    await on.keys(Key.PAGE_UP, '0', Key.ENTER, Key.ARROW_UP, ...'600', Key.ENTER)
    await on.see('[aria-label="elbow"]')
    await on.press('elbow')
    await on.shows('[aria-label="Checks"]', 'neither of tee and elbow goes into the other')
    await on.press('Fitting by its name')
    await on.press('15 FTG × 15 solder street elbow 90')
    await on.driver.wait(async () => (await drawn()).nodes.some(({ fitting }) => fitting), 30_000)
    // What the two fittings make is not kept.
    expect((await drawn()).legs[2]).toMatchObject({ state: 'no pipe', length: null })
    await on.press('no pipe, leg 3')
    // 15 copper: 10 to the stop in the tee's branch, 10.6 in, 2 of neck, the elbow's 10.8: 33.4, shown to the half.
    await on.shows('main', 'goes straight into the other, 33.5 mm from centre to centre')
  })
})
