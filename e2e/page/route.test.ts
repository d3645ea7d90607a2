import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Key } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import type { Job } from '../../core/job/job'
import { layOut } from '../../core/run/layout'
import { systemsOf } from '../../core/job/system'
import { fittingNamed } from '../../core/catalogue/chain-length'
import { downloaded } from './download'
import { usePage } from './page'
import { chainChosen } from '../../core/job/chosen'

const downloads = mkdtempSync(join(tmpdir(), 'jolvet-route-'))

/** The route that both tests draw: twelve legs, a branch at a tee, an offset of 100 at 45° up. */
const expected = [
  ['east', 1200],
  ['north', 900],
  ['north', 600],
  ['up', 450],
  ['east', 700],
  [{ bearing: 90, pitch: 45 }, 141.421],
  ['east', 500],
  ['south', 300],
  [{ bearing: 135, pitch: 0 }, 250],
  ['west', 800],
  ['west', 350],
  ['up', 400],
]

function check(job: Job): void {
  expect(job.legs.map(({ direction, length }) => [direction, length])).toEqual(expected)
  expect(job.nodes.filter(({ kind }) => kind === 'tee')).toHaveLength(1)
  expect(job.nodes.filter(({ kind }) => kind === 'valve')).toHaveLength(1)
  const { places } = layOut(systemsOf(job)[0]!)
  // Along the first way: 1200 + 700 + 100 + 500 + 250 sin 135° east; 450 + 100 up.
  const end = places.get(job.legs[8]!.to)!
  expect(end[0]).toBeCloseTo(2500 + 250 * Math.SQRT1_2, 2)
  expect(end[2]).toBeCloseTo(550, 2)
}

describe('a route of twelve legs by keyboard alone', () => {
  const { page, job, stored } = usePage(1280, 800, downloads)

  it('with a branch, a valve, a slant and an offset', async () => {
    const on = page()
    await on.beginRoute('Keys Cottage')
    await on.keys(Key.ARROW_RIGHT, ...'1200', Key.ENTER, Key.ARROW_UP, ...'900', Key.ENTER, 't', ...'600', Key.ENTER)
    await on.keys(Key.PAGE_UP, ...'450', Key.ENTER, Key.ARROW_RIGHT, ...'700', Key.ENTER)
    await on.keys('f')
    // From field to field with Tab, as a keyboard does: set, angle, towards, roll, straight on, made with.
    await on.type(...'100', Key.TAB, Key.TAB, 'u', Key.TAB, Key.TAB, ...'500', Key.ENTER)
    await on.shows('[aria-label="Legs"]', 'east 500 mm')
    await on.keys(Key.ARROW_DOWN, ...'300', Key.ENTER)
    await on.keys(Key.ARROW_DOWN)
    await on.type(Key.chord(Key.SHIFT, Key.ARROW_RIGHT), ...'250', Key.ENTER)
    await on.keys('n', Key.ARROW_LEFT, ...'800', Key.ENTER, 'v', ...'350', Key.ENTER, Key.PAGE_UP, ...'400', Key.ENTER)
    await on.saved()
    check((await stored(await job('Keys Cottage'))).job)
  })

  it('says why an offset cannot be, and proposes a route to a point', async () => {
    const on = page()
    await on.fill('Offset by', '0')
    await on.shows('[aria-label="Offset"]', 'Offset by')
    await on.press('Fixed points')
    await on.fill('East, target', '5000')
    await on.fill('North, target', '2000')
    await on.fill('Up, target', '350')
    await on.shows('[aria-label="Proposed routes"]', 'elbows')
  })

  it('shows what it holds and how it drains', async () => {
    const on = page()
    await on.press('Levels, flow')
    await on.shows('[aria-label="Levels"]', /Holds \d/)
    await on.shows('[aria-label="Flow"]', 'Put an outlet')
    await on.keys('o')
    await on.shows('[aria-label="Flow"]', 'kPa')
  })

  it('says which way to err, and of a run between fixed points how many builds close', async () => {
    const on = page()
    await on.press('P2, leg 2')
    // Both ends go in by the least that the standard asks for: nothing of it can be spared.
    await on.shows('[data-err]', 'Cut exactly')
    await on.press('Fixed points')
    await on.press('open end 1')
    for (const axis of ['East', 'North', 'Up']) await on.fill(`${axis}, fixed`, '0')
    await on.press('P2, leg 2')
    for (const [axis, mm] of Object.entries({ East: '1200', North: '900', Up: '3' }))
      await on.fill(`${axis}, fixed`, mm)
    await on.shows('[aria-label="Will it close"]', 'of 100 builds close')
  })

  it('a dimension that is pressed is typed anew in its leg’s field', async () => {
    const on = page()
    await on.press('Length of leg 8')
    await on.type('320')
    await on.shows('[aria-label="Legs"]', 'south 320 mm')
    await on.fill('Centre to centre', '300')
    await on.saved()
  })

  it('goes out as SVG and as DXF', async () => {
    const on = page()
    await on.press('SVG')
    await on.press('DXF')
    expect((await downloaded(downloads, 'Keys Cottage, Run 1.svg')).toString()).toContain('Keys Cottage: Run 1')
    expect((await downloaded(downloads, 'Keys Cottage, Run 1.dxf')).toString().match(/\nLINE\n/g)).toHaveLength(12)
  })

  it('keys go on drawing after a choice, and refused digits do not join the next', async () => {
    const on = page()
    await on.driver.executeScript('document.querySelectorAll("details").forEach((of) => (of.open = true))')
    await on.choose('Method', 'Press, metal')
    const entry = async () => on.text('[data-entry]')
    for (const key of ['n', Key.PAGE_UP, ...'1/0', Key.ENTER]) await on.driver.actions().sendKeys(key).perform()
    await on.shows('[data-entry-problem]', 'nought')
    await on.driver.actions().sendKeys('4').perform()
    await on.driver.wait(async () => (await entry()).endsWith('4'), 5000)
    expect(await entry()).not.toContain('1/0')
    await on.keys(Key.BACK_SPACE)
    await on.choose('Method', 'Solder')
  })
})

describe('a run to fixed heights, of two pipes', () => {
  const { page, job, stored } = usePage(1280, 800)

  it('is drawn up to a height that is typed, and an outlet brought to another', async () => {
    const on = page()
    await on.beginRoute('Height Cottage')
    await on.keys(Key.ARROW_RIGHT, ...'900', Key.ENTER, ...'640', 'h', 'o')
    await on.shows('[aria-label="Legs"]', 'up 640 mm')
    await on.fill('Fixed height, from the run’s start', '1100')
    await on.shows('[aria-label="Legs"]', 'up 1 100 mm')
    // No leg can be less than nothing: the height stays as typed, and the checks say what is wrong.
    await on.fill('Fixed height, from the run’s start', '-50')
    await on.shows('[aria-label="Checks"]', /stands .* too high for its height of −50/)
    await on.fill('Fixed height, from the run’s start', '1100')
    await on.saved()
  })

  it('what joins another pipe to the one before is found and filled in, and can be chosen anew', async () => {
    const on = page()
    await on.press('P2, leg 2')
    await on.press('leg 2: pipe and service')
    await (await on.see('button[aria-label="Pipe of this leg and what follows it"]')).click()
    await on.type('16 × 2 multilayer')
    await on.press('16 × 2 multilayer')
    await on.shows('[aria-label="Legs"]', 'to adapter')
    await on.saved()
    const { job: drawn } = await stored(await job('Height Cottage'))
    const adapter = drawn.nodes.find(({ kind }) => kind === 'adapter')!
    const [chosen] = chainChosen(adapter)!.fittings
    await on.press('adapter')
    await on.shows('[aria-label="What joins the two pipes here"]', fittingNamed(chosen!)!.label)
  })

  it('a leg and what follows it carries another service: heating water that meets drinking water is refused', async () => {
    const on = page()
    const services = async () => (await stored(await job('Height Cottage'))).job.legs.map((leg) => leg.service)
    await on.press('P3, leg 3')
    await on.choose('What flows in it and in what follows', 'heating return')
    await on.shows('[aria-label="Checks"]', 'cold and heating return meet here')
    await on.saved()
    expect((await services()).at(-1)).toBe('heating-return')
    expect((await services())[0]).toBeUndefined()
    await on.press('Undo')
    await on.saved()
  })

  it('keeps clips off a free leg where the growth asks for it, and lets them back', async () => {
    const on = page()
    await on.open(`/jobs/${await job('Tarn Lane Bakehouse')}/route`)
    for (const name of ['Proving-room radiator, flow', 'P9, leg 2', 'Supports', 'Keep clips 258']) await on.press(name)
    await on.shows('[aria-label="Expansion"]', 'Enough.')
    await on.press('P8, leg 1')
    await on.shows('[aria-label="Clips of this leg"]', 'No clip')
    await on.press('Clips may stand there again')
    await on.shows('[aria-label="Clips of this leg"]', /Clips at \d/)
  })
})

describe('the same route by touch alone', () => {
  const { page, job, stored } = usePage(390, 844)

  it('with a branch, a valve, a slant and an offset', async () => {
    const on = page()
    await on.beginRoute('Thumb Cottage')
    const leg = async (way: string[], length: string) => {
      for (const key of [...way, ...length, 'Enter the leg']) await on.tap(key)
    }
    await leg(['East'], '1200')
    await leg(['North'], '900')
    await on.tap('Tee')
    await leg([], '600')
    await leg(['Up'], '450')
    await leg(['East'], '700')
    await on.tap('Offset')
    await on.fill('Offset by', '100')
    await on.fill('Straight on after', '500')
    await on.choose('Towards', 'up')
    await on.tap('Add the offset')
    await on.shows('[aria-label="Legs"]', 'east 500 mm')
    await leg(['South'], '300')
    await leg(['South', 'And', 'East'], '250')
    await on.tap('More')
    await on.tap('Next open')
    await leg(['West'], '800')
    await on.tap('Valve')
    await leg([], '350')
    await leg(['Up'], '400')
    await on.saved()
    check((await stored(await job('Thumb Cottage'))).job)
  })

  it('selects several legs and removes them; undo brings them back', async () => {
    const on = page()
    await on.tap('Select several')
    await on.tap('Choose leg 11')
    await on.tap('Choose leg 9')
    await on.tap('Copy, mirror')
    await on.tap('Remove selected legs')
    await on.saved()
    const count = async () => (await stored(await job('Thumb Cottage'))).job.legs.length
    await on.driver.wait(async () => (await count()) === 9, 30_000)
    await on.tap('Undo')
    await on.driver.wait(async () => (await count()) === 12, 30_000)
  })
})
