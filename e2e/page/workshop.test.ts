import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Key } from 'selenium-webdriver'
import { afterAll, describe, expect, it } from 'vitest'
import { downloaded } from './download'
import { usePage } from './page'

const downloads = mkdtempSync(join(tmpdir(), 'jolvet-downloads-'))
afterAll(() => rmSync(downloads, { recursive: true, force: true }))
const { page, job, site } = usePage(1280, 800, downloads)

const choose = (label: string, text: string): Promise<void> => page().choose(label, text)

describe('parts of one’s own', () => {
  it('a measured elbow changes the cut in the job, with its basis; taken back, the table’s holds again', async () => {
    const on = page()
    const id = await job('Tarn Lane Bakehouse')
    await on.open(`/jobs/${id}/cut`)
    const row = '[aria-label="Select piece P2"], main table tbody tr:nth-child(2)'
    const before = await on.text(row)
    await on.open('/bench/parts')
    await choose('Size', '22 solder (EN 1254-1)')
    await on.fill('Centre to face', '40')
    await on.fill('By', 'R. Beck')
    // 40 to the face less the 15.4 of the table.
    await on.shows('[aria-label="Measure a part"] [data-readout]', '24.5 mm')
    await on.press('Record it')
    await on.shows('[aria-label="Own figures"]', 'measured by R. Beck')
    await on.open(`/jobs/${id}/cut`)
    await on.see('main table tbody tr')
    await on.driver.wait(async () => (await on.text(row)) !== before, 10_000, 'the cut list did not follow')
    await on.open('/bench/parts')
    await on.press('Remove 22 solder elbow-90')
    await on.shows('[role="status"]', 'Removed:')
    await on.open(`/jobs/${id}/cut`)
    await on.driver.wait(async () => (await on.text(row)) === before, 10_000, 'the table’s figure does not hold again')
  })

  it('a fitting is measured by its name, from stop to stop', async () => {
    const on = page()
    await on.open('/bench/parts')
    await on.press('Which fitting')
    await on.type('22 solder × 3/4 M BSP adapter')
    await (await on.see('[role="option"]')).click()
    await on.shows('[aria-label="Measure a fitting by its name"]', 'Used now: 12.5 mm, typical.')
    await on.fill('From stop to stop', '14')
    await on.press('Record this fitting')
    await on.shows('[aria-label="Own figures"]', '22 solder × 3/4 M BSP adapter: from stop to stop')
    await on.shows('[aria-label="Measure a fitting by its name"]', 'Used now: 14 mm, measured.')
    await on.press('Remove 22 solder × 3/4 M BSP adapter')
    await on.shows('[role="status"]', 'Removed:')
  })

  it('a CSV goes out, and one with bad rows shows what it would do before anything is recorded', async () => {
    const on = page()
    await on.open('/bench/parts')
    await on.press('Write all')
    expect((await downloaded(downloads, 'Jolvet, own parts.csv')).toString()).toContain(
      'depth,press-metal,EN 1254-7,28',
    )
    const file = join(downloads, 'mine.csv')
    writeFileSync(
      file,
      'what,method,system,size,fitting,end,mm,tolerance_mm,basis,by,note\n' +
        'depth,crimp,,3/4,,,16.4,0.2,measured,A. Senn,\n' +
        'depth,crimp,,9/8,,,16.4,0.2,measured,A. Senn,\n' +
        'depth,press-metal,EN 1254-7,28,,,24,0.2,maker,A. Senn,\n',
    )
    await (await on.see('input[aria-label="Parts file"]')).sendKeys(file)
    await on.shows('[aria-label="Parts file"]', '2 to record, 0 the same as now, 1 not accepted')
    await on.shows('[aria-label="Parts file"] [role="alert"]', 'Line 3: there is no crimp socket of size 9/8')
    await on.shows('[aria-label="Parts file"]', '23.5 mm → 24 mm changed')
    const count = async () => (await (await fetch(`${site().origin}/api/parts`)).json()).length
    expect(await count()).toBe(2)
    await on.press('Record these 2')
    await on.shows('[role="status"]', 'Recorded 2')
    expect(await count()).toBe(3)
  })
})

describe('profiles, tools and prices', () => {
  it('a copied profile with a changed setting is marked, and the job’s checks follow it', async () => {
    const on = page()
    await on.open('/bench/rules')
    await on.press('Copy and change')
    await choose('Tool not owned', 'refuse')
    await on.shows('[aria-label^="Profile"]', '1 setting changed')
    await on.shows('[aria-label="Rules"]', 'Tool not owned: refuse changed')
    await on.fill('Most ovality without re-rounding', '-1')
    await on.shows('[aria-label^="Profile"]', 'Most ovality without re-rounding: write a number from 0 to 10')
    await on.driver.navigate().refresh()
    await on.shows('[aria-label^="Profile"]', '1 setting changed')
    await on.open(`/jobs/${await job('Tarn Lane Bakehouse')}/join`)
    await choose('Rule profile', 'Metric, copy 1')
    await on.press('More about the place')
    await on.press('Count only tools that I own')
    await on.shows('[aria-label="Methods for the new pipe"]', 'not among your tools')
  })

  it('prices and tools are kept, marked as one’s own, and go back to what ships', async () => {
    const on = page()
    await on.open('/bench/costs')
    await on.fill('Solder: Minutes a joint', '9')
    await on.shows('main', 'yours; back to 5')
    await on.fill('Currency', `USD${Key.TAB}`)
    await on.settle()
    await on.driver.navigate().refresh()
    await on.shows('main', 'yours; back to 5')
    expect(await (await fetch(`${site().origin}/api/workshop`)).json()).toMatchObject({
      currency: 'USD',
      methods: { solder: { minutes: 9 } },
    })
    await on.press('Back to the shipped Minutes a joint of Solder')
    await on.driver.wait(
      async () => !(await on.text('main')).includes('yours; back to 5'),
      5000,
      'the shipped minutes did not come back',
    )
  })
})

describe('the two-minute questions', () => {
  it('a name in the usual wrong order is read, and the right one said', async () => {
    const on = page()
    await on.open('/bench/fitting')
    await on.fill('Ask as at the counter', '1/2 x 3/4 x 1/2 tee')
    await on.shows('[aria-label="What it means"]', '3/4 × 1/2 × 1/2 solder tee')
    await on.shows('[aria-label="What it means"]', 'The run’s larger end comes first')
    await on.fill('Ask as at the counter', 'half of one')
    await on.shows('[aria-label="What it means"]', 'say what it is')
  })

  it('methods are compared over joints, with the break-even of a tool and a chart', async () => {
    const on = page()
    await on.open('/bench/join')
    await on.driver.executeScript(
      'localStorage.setItem("jolvet-bench-join", arguments[0])',
      JSON.stringify({
        a: 'copper-half-hard-en-1057-r250-15x0.7',
        b: 'copper-half-hard-en-1057-r250-22x0.9',
        service: 'cold',
        place: {},
        profile: 'metric',
      }),
    )
    await on.driver.navigate().refresh()
    await on.press('Compare methods')
    await on.shows('[aria-label="Compare methods"]', /Press, metal costs less than Solder from \d+ joints upwards/)
    await on.see('[aria-label="Cost over the number of joints"] svg')
    await on.fill('Joints', '0')
    await on.shows('[aria-label="Compare methods"]', 'Joints: write a whole number from 1 to 500')
  })

  it('a section shows seal, grip and stop as the pipe goes in, and what a fault does', async () => {
    const on = page()
    await on.open('/bench/card')
    await choose('Method', 'Push-fit')
    await on.shows('[aria-label="Section"]', 'Fully in: the mark is at the mouth')
    const slider = await on.see('[aria-label="Section"] [type="range"]')
    await slider.sendKeys(Key.HOME)
    await on.shows('[aria-label="Section"] [role="status"]', 'not yet: through the seal')
    for (let step = 0; step < 50; step++) await slider.sendKeys(Key.ARROW_RIGHT)
    await on.shows('[aria-label="Section"] [role="status"]', 'through the seal; not yet: past the grip ring')
    await on.press('Insert put in')
    await on.shows('[aria-label="Section"] [role="status"]', 'off its stop')
  })

  it('a card is worked along by the space bar, and its wait runs on elsewhere and through a reload', async () => {
    const on = page()
    await on.open('/bench/card')
    await choose('Method', 'Solder')
    await on.press('Work along')
    // Fetched when it is asked for: a key before it stands there is nobody's.
    await on.see('section[aria-label="Work along"]')
    await on.keys(' ', ' ')
    await on.shows('[aria-label="Work along"]', 'Open a valve')
    await on.keys(Key.ARROW_LEFT)
    await on.shows('[aria-label="Work along"]', 'Mark the insertion depth')
    await on.keys(' ', ' ', ' ', ' ', ' ', ' ')
    await on.shows('[aria-label="Work along"]', 'Wait before you heat')
    await on.press('Start the timer')
    await on.shows('[aria-label="Waits"]', /4:5\d|5:00/)
    await on.open('/bench/fitting')
    await on.shows('[aria-label="Waits"]', /4:5\d/)
    await on.driver.navigate().refresh()
    await on.shows('[aria-label="Waits"]', 'soldered joint cools')
    await on.press('Clear timer: soldered joint cools')
  })

  it('chosen sizes are put together on one strip', async () => {
    const on = page()
    await on.open('/bench/card')
    await choose('Method', 'Compression, olive')
    await on.press('Put this joint on it')
    await choose('Method', 'Press, metal')
    await on.press('Put this joint on it')
    await on.shows('[aria-label="Depth strip"]', '2 depths at full size')
    await on.press('Take off the strip: 22 press joint')
    await on.shows('[aria-label="Depth strip"]', '1 depth at full size')
  })

  it('the depth strip comes as PDF and as SVG', async () => {
    const on = page()
    await on.open(`/jobs/${await job('Cedar Kiln Studio')}/make`)
    await on.press('PDF')
    expect((await downloaded(downloads, 'Insertion depths, strip.pdf')).subarray(0, 5).toString()).toBe('%PDF-')
    await on.press('SVG')
    expect((await downloaded(downloads, 'Insertion depths, strip 1.svg')).toString()).toContain('4 in')
  })

  it('a caliper that sends puts its readings among what is seen', async () => {
    const on = page()
    await on.open('/bench/identify')
    await on.press('reddish')
    await on.press('Connect a caliper')
    await on.press('Connect the simulated caliper')
    await on.fill('Between its jaws', '28')
    await on.driver.wait(async () => (await on.text('main')).includes('The caliper is connected'), 5000)
    await on.press('Press its key')
    await on.shows('[aria-label="Seen so far"]', /caliper (27|28)\.\d+ mm/)
    await on.press('Carry it out of range')
    await on.shows('main', 'out of reach: connect again')
  })
})
