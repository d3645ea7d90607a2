import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { PDFDocument } from 'pdf-lib'
import { By, Key } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import { downloaded } from './download'
import { usePage } from './page'

const downloads = mkdtempSync(join(tmpdir(), 'jolvet-downloads-'))
const { page, job, stored } = usePage(1280, 800, downloads)

describe('a tie-in of new pipe to old, from look to cards', () => {
  it('survey: measured by string it is undecided, by caliper it is told', async () => {
    const on = page()
    await on.open('/')
    await on.press('New job')
    const focused = () => on.driver.switchTo().activeElement().getAttribute('aria-label')
    await on.driver.wait(async () => (await focused()) === 'Title', 30_000, 'the title does not wait to be typed')
    await on.type('Quarry Cottage')
    await on.press('Begin')
    await on.press('Add pipe')
    await on.press('reddish')
    await on.press('rigid')
    await on.fill('String round it', '69.4' + Key.ENTER)
    await on.shows('[data-verdict]', 'Undecided')
    await on.shows('[data-next-check]', 'caliper')
    await on.fill('By caliper', '22' + Key.ENTER)
    await on.shows('[data-verdict]', '22 × 0.9 copper half-hard')
    await on.press('Use 22 × 0.9 copper half-hard')
    await on.saved()
    const { nodes, surveys } = (await stored(await job('Quarry Cottage'))).job
    expect(surveys).toHaveLength(1)
    expect(nodes[0]).toMatchObject({ kind: 'tie-in', survey: surveys[0]!.id })
  })

  it('survey: a length that is none is named, and nothing is lost', async () => {
    const on = page()
    for (const [typed, why] of [
      ['abc', 'not a length'],
      ['-5', 'negative'],
      ['1e9', 'not a length'],
      ['', 'nothing is typed'],
      ['1/0"', 'nought'],
    ] as const) {
      await on.fill('By caliper', (typed || Key.BACK_SPACE) + Key.ENTER)
      await on.shows('main', `By caliper: `)
      await on.shows('main', why)
    }
    expect(await (await on.see('[aria-label="By caliper"]')).getAttribute('value')).toBe('1/0"')
  })

  it('join: chains and methods with reasons; the chosen chain is the tie-in’s', async () => {
    const on = page()
    await on.press('Join')
    // The new pipe goes on in 22, as what it starts from; here it goes down to 15.
    await on.choose('New pipe', '15 × 0.7 copper half-hard · EN 1057 R250')
    await on.shows('[aria-label="Fittings between the two"]', '22 press × 15 press reducer')
    await on.shows('[aria-label="Methods on the existing pipe"]', 'refused')
    const rows = await on.driver.findElements(By.css('[aria-label="Fittings between the two"] li'))
    for (const row of rows) {
      if (!(await row.getText()).includes('22 press × 15 press reducer')) continue
      await row.findElement(By.css('button')).click()
    }
    await on.saved()
    expect((await stored(await job('Quarry Cottage'))).job.nodes[0]?.fitting).toEqual({
      by: 'chain',
      fittings: ['22 press × 15 press reducer'],
      joints: ['press-metal', 'press-metal'],
    })
  })

  it('route: typed by keyboard alone, with a tee, drawn as it is typed', async () => {
    const on = page()
    await on.press('Route')
    await on.see('[data-entry]')
    await on.keys(Key.ARROW_RIGHT, '1', '2', '0', '0', Key.ENTER)
    await on.keys(Key.ARROW_UP, '9', '0', '0', Key.ENTER, 't', '6', '0', '0', Key.ENTER)
    await on.keys(Key.PAGE_UP, '4', '5', '0', Key.ENTER)
    await on.keys('n', Key.ARROW_RIGHT, '7', '0', '0', Key.ENTER)
    await on.shows('[aria-label="Legs"]', 'east 700 mm')
    await on.shows('[aria-label="Drawing of the run, isometric"]', '1 200')
    await on.saved()
    const { job: saved } = await stored(await job('Quarry Cottage'))
    expect(saved.legs.map(({ direction, length }) => [direction, length])).toEqual([
      ['east', 1200],
      ['north', 900],
      ['north', 600],
      ['up', 450],
      ['east', 700],
    ])
    expect(saved.nodes.map(({ kind }) => kind)).toEqual(['tie-in', 'elbow', 'tee', 'elbow', 'open', 'open'])
  })

  it('route: the figures follow from what is typed: 900 less 10.8 and 9.0', async () => {
    const on = page()
    await on.press('P2, leg 2')
    await on.shows('[data-piece-readout]', /Cut P2\s+880 mm/)
    await on.fill('Centre to centre', '950')
    await on.shows('[data-piece-readout]', /Cut P2\s+930 mm/)
    await on.fill('Centre to centre', 'abc')
    await on.shows('[aria-label="Legs"]', 'Centre to centre: “abc” is not a length')
    await on.shows('[data-piece-readout]', /930 mm/)
  })

  it('a key that is wrong is said, and what was typed stays', async () => {
    const on = page()
    await on.keys('5', '0', Key.BACK_SPACE, Key.BACK_SPACE)
    await on.keys('1', '/', '0', Key.ENTER)
    await on.shows('[data-entry-problem]', 'nought')
    await on.shows('[data-entry]', '1/0')
    await on.keys(Key.BACK_SPACE, Key.BACK_SPACE, Key.BACK_SPACE)
  })

  it('cut and make: the tie-in’s fittings are reckoned with what they usually have; measured, they count', async () => {
    const on = page()
    await on.press('Cut')
    await on.press('Show piece P1')
    // The reducer from stop to stop, 0.3 × 7 + 10 = 12.1: 1200 − 12.1 − 10.8 = 1177.1
    await on.shows('[data-piece-readout]', /Cut P1\s+1 177 mm\s+± 4.5 mm/)
    await on.press('Route')
    await on.press('tie-in')
    await on.fill('Take-off, measured', '6')
    await on.press('Cut')
    await on.press('Show piece P1')
    await on.shows('[data-piece-readout]', /Cut P1\s+1 183 mm/) // 1200 − 6 − 10.8 = 1183.2
    await on.press('Make')
    // Made last, with the water off: asked for by hand, whichever comes first.
    await on.pressIn('[aria-label="Joints"]', '22 press, existing pipe')
    await on.shows('[aria-label="Joint card"]', 'Set the jaw square')
    await on.shows('[aria-label="Clips"]', 'east 1 200 mm')
  })

  it('undo and redo', async () => {
    const on = page()
    const before = (await stored(await job('Quarry Cottage'))).job.nodes[0]?.measured
    expect(before?.takeOff).toBe(6)
    await on.press('Undo')
    await on.saved()
    await on.settle()
    await on.saved()
    expect((await stored(await job('Quarry Cottage'))).job.nodes[0]?.measured).toBeUndefined()
    await on.press('Redo')
    await on.settle()
    await on.saved()
    expect((await stored(await job('Quarry Cottage'))).job.nodes[0]?.measured?.takeOff).toBe(6)
  })

  it('prints the cut list and every joint card', async () => {
    const on = page()
    await on.press('Print cut list')
    await on.shows('main', 'Cut list')
    // The old pipe, and two ends of each of five pieces less the two open ends: one card for what is made alike.
    const places = await on.driver.findElements(By.css('[aria-label="Holds for"] li'))
    expect(places).toHaveLength(9)
    const cards = await on.driver.findElements(By.css('article'))
    expect(cards.length).toBeLessThan(9)
    // The bakehouse, with its 41 joints, goes on fewer than fifteen sheets, its drawings at the size of their letters.
    await on.open(`/jobs/${await job('Tarn Lane Bakehouse')}/print`)
    await on.shows('main', 'Look at every joint under pressure')
    await on.shows('main', 'Taking apart')
    // Its types say that it gives nothing; it gives the sheets.
    const sheets: unknown = await on.driver.printPage({ background: true, width: 21, height: 29.7 } as never)
    expect((await PDFDocument.load(String(sheets))).getPageCount()).toBeLessThan(15)
  })

  it('the job file downloads and uploads; a cut-off or foreign file is refused with its reason', async () => {
    const on = page()
    await on.open('/')
    await on.press('Download the job file of Quarry Cottage')
    const text = (await downloaded(downloads, 'Quarry Cottage, job.json')).toString()
    expect(JSON.parse(text)).toEqual((await stored(await job('Quarry Cottage'))).job)
    const chooser = await on.see('input[type=file]')
    const cutOff = join(downloads, 'cut-off.json')
    writeFileSync(cutOff, text.slice(0, 200))
    await chooser.sendKeys(cutOff)
    await on.shows('[role=alert]', 'was it cut short?')
    const foreign = join(downloads, 'foreign.json')
    writeFileSync(foreign, '{"hello": 1}')
    await chooser.sendKeys(foreign)
    await on.shows('[role=alert]', 'this is not a job file')
    const renamed = join(downloads, 'renamed.json')
    writeFileSync(renamed, text.replace('Quarry Cottage', 'Quarry Cottage again'))
    await chooser.sendKeys(renamed)
    await on.see('[aria-label="Title of the job"]')
    expect((await stored(await job('Quarry Cottage again'))).version).toBe(1)
  })

  it('an id that does not exist is said', async () => {
    await page().open('/jobs/no-such-job/route')
    await page().shows('main', 'There is no such job')
  })
})
