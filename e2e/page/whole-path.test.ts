import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { By, Key } from 'selenium-webdriver'
import { beforeAll, describe, expect, it } from 'vitest'
import { sealWords } from '../../core/record/seal-words'
import { needPrograms, programPath } from '../../scripts/run/debian'
import { usePage } from './page'

const { page, site, job } = usePage(390, 844)
const title = 'Łódź, Żółta 3'

beforeAll(() => needPrograms(['pdftotext'], ['poppler-utils']))

/** A picture as a phone takes one: with the place where it was taken written into it. */
const picture = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
)

/** Makes every joint that is not made, one after another, with all that is asked of it seen. */
async function makeAll(): Promise<void> {
  const on = page()
  for (;;) {
    const before = (await joints()).filter(({ made }) => made).length
    if (before === (await joints()).length) return
    await on.tickAllAsked()
    await on.press('Made')
    await on.driver.wait(async () => (await joints()).filter(({ made }) => made).length > before, 15_000)
    await on.settle()
  }
}
/** What the server knows of the work done. */
const done = async () => {
  const answer = await fetch(`${site().origin}/api/jobs/${await job(title)}/state`)
  return (await answer.json()) as {
    joints: Record<string, { made: object | null; inspected: object | null }>
    water: { kind: string }[]
  }
}
const joints = async () => Object.values((await done()).joints)
/** Begins a test and lets the simulated gauge stand on pipework that is so in truth. */
async function test(truth: string): Promise<void> {
  const on = page()
  await on.press('Start test')
  await on.press('Connect a gauge')
  await on.choose('The line', truth)
  await on.press('Connect the simulated gauge')
}

describe('the whole work, by a phone', () => {
  it('a run is drawn: a valve, an elbow, an outlet', async () => {
    const on = page()
    await on.beginRoute(title)
    // It begins at a cap: an open end holds no pressure.
    await on.keys('c', Key.ARROW_RIGHT, '9', '0', '0', Key.ENTER, 'v', '6', '0', '0', Key.ENTER)
    await on.keys(Key.ARROW_UP, '7', '0', '0', Key.ENTER, 'o')
    await on.shows('[aria-label="Legs"]', 'north 700 mm')
    await on.saved()
  })

  it('every joint is ticked, with a photo of one', async () => {
    const on = page()
    // Before noon; the test that counts is in the afternoon.
    await on.setClockBack(3)
    await on.press('Make')
    await on.fill('Your name', 'Zoë Żak')
    await makeAll()
    await on.driver.wait(async () => (await joints()).every(({ made }) => made), 15_000)
    const file = join(mkdtempSync(join(tmpdir(), 'jolvet-photo-')), 'joint.png')
    writeFileSync(file, picture)
    await (await on.see('[aria-label="Photo: file"]')).sendKeys(file)
    await on.see('img[alt="Photo of this joint"]')
  })

  it('a leak is told by the gauge, sought, found, and mended', async () => {
    const on = page()
    await on.press('Prove')
    await test('leaks')
    await on.driver.wait(async () => (await on.text('[data-verdict]').catch(() => '')).includes('Leaking'), 60_000)
    await on.shows('[data-next-check]', 'Walk round once')
    await on.press('Nothing found')
    await on.shows('[data-next-check]', 'Inspect')
    const first = await on.text('[data-next-check]')
    await on.press('Dry')
    await on.driver.wait(async () => (await on.text('[data-next-check]')) !== first, 30_000)
    await on.press('It leaks here')
    await on.shows('[data-found]', 'Chance of a second leak')
    // A wrong answer is taken back.
    await on.press('Take back the last answer')
    await on.shows('[data-next-check]', 'Inspect')
    await on.press('It leaks here')
    await on.shows('[data-found]', 'It leaks: Joint')
    await on.press('End test anyway')
    await on.shows('[aria-label="Verdicts"]', 'Ended by Zoë Żak')
    await (await on.see('[data-found] a')).click()
    await on.press('Mark as not made')
    await on.driver.wait(async () => (await joints()).some(({ made }) => !made), 15_000)
    await makeAll()
    await on.driver.wait(async () => (await joints()).every(({ made }) => made), 15_000)
  })

  it('the next test is tight', async () => {
    const on = page()
    await on.setClockBack(0)
    await on.press('Prove')
    await on.press('Start test')
    const [target] = /[\d.]+(?= bar)/.exec(await on.text('[aria-label="The test"]')) ?? []
    const file = join(mkdtempSync(join(tmpdir(), 'jolvet-readings-')), 'gauge.csv')
    const rows = Array.from({ length: 121 }, (_, minute) => `${minute * 60},${target},15`)
    writeFileSync(file, ['seconds,bar,celsius', ...rows].join('\n'))
    await (await on.see('[aria-label="Readings file"]')).sendKeys(file)
    await on.press('Import 121')
    await on.driver.wait(async () => (await on.text('[data-verdict]').catch(() => '')).includes('Tight'), 60_000)
    await on.fill('Witness, if there is one', 'O. Fen')
    await on.press('Sign for it')
    const field = await on.see('canvas[aria-label="Signature of O. Fen"]')
    await on.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', field)
    const hand = on.driver.actions({ async: true })
    await hand.move({ origin: field, x: -60, y: 0 }).press().move({ origin: field, x: 20, y: 20 }).release().perform()
    await on.shows('[aria-label="End the test"]', 'signed')
    await on.press('End test')
    await on.shows('[aria-label="Verdicts"]', ': tight')
    await on.press('Flushed: outlet')
    await on.driver.wait(async () => (await done()).water.some(({ kind }) => kind === 'flushed'), 15_000)
    await on.shows('[aria-label="Outlets to flush"]', 'flushed')
    await on.press('Pressure, flow and hot water at an outlet')
    await on.fill('Nothing running', '3')
    await on.fill('Flow', '11')
    await on.press('Save what was measured')
    // By what came there, not by what is typical.
    await on.shows('[aria-label="Outlets to flush"]', 'at 11 l/min')
  })

  it('it is covered and handed over, sealed, and printed with every letter', async () => {
    const on = page()
    await on.press('Hand over')
    // Nobody has looked at them: that is what is still missing, and filled.
    await on.shows('[aria-label="What is missing"]', 'made and not inspected')
    await on.press('Make')
    const all = (await joints()).length
    const inspected = async (count: number) =>
      on.driver.wait(
        async () => (await joints()).filter((of) => of.inspected).length === count,
        15_000,
        `${count} joints are inspected`,
      )
    await on.press(`All ${all} inspected: OK`)
    await inspected(all)
    // Taken back in one press, each by an entry of its own; and done again.
    await on.shows('[data-made-strip]', `${all} joints inspected: OK.`)
    await on.press(`Undo: ${all} joints inspected`)
    await inspected(0)
    await on.press(`All ${all} inspected: OK`)
    await inspected(all)
    await on.press('Hand over')
    await on.shows('[aria-label="What is missing"]', 'Nothing is missing')
    await on.fill('Closed in at', 'stud wall')
    await on.press('Mark as closed in')
    await on.shows('[aria-label="What else was done"]', 'Closed in, stud wall')
    await on.see('svg[aria-label="Signature of O. Fen"] path')
    await on.press('Hand over the job')
    await on.shows('[aria-label="Records handed over"]', 'Current record')
    const id = await job(title)
    const ask = (path: string) => fetch(`${site().origin}/api/${path}`)
    const [{ sha256 }] = (await (await ask(`jobs/${id}/records`)).json()) as [{ sha256: string }]
    const folder = mkdtempSync(join(tmpdir(), 'jolvet-record-'))
    const [record, pdf] = [join(folder, 'record.json'), join(folder, 'record.pdf')]
    writeFileSync(record, await (await ask(`records/${sha256}`)).text())
    const verified = execFileSync('node', ['--import', 'tsx', 'scripts/verify-record.ts', record], { encoding: 'utf8' })
    expect(verified).toContain(`The seal holds: ${title}`)
    writeFileSync(pdf, Buffer.from(await (await ask(`jobs/${id}/record.pdf`)).arrayBuffer()))
    const read = execFileSync(programPath('pdftotext')!, ['-layout', pdf, '-'], { encoding: 'utf8' })
    for (const words of [
      title,
      'Handed over by Zoë Żak',
      'By its readings: leak',
      'By its readings: tight',
      '3.00 bar standing, 11 l/min',
      'stud wall',
      sealWords(sha256),
    ])
      expect(read).toContain(words)

    await on.open('/verify')
    const check = async (file: string) =>
      (await on.driver.findElement(By.css('[aria-label="Record file"]'))).sendKeys(file)
    await check(record)
    await on.shows('[data-record-verdict]', 'As it was handed over')
    await on.shows('[data-record-verdict]', sealWords(sha256))
    await on.shows('[data-record-verdict]', 'the key of this workshop')
    const changed = join(folder, 'changed.json')
    writeFileSync(changed, readFileSync(record, 'utf8').replace('Zoë Żak', 'Zoë Zak'))
    await check(changed)
    await on.shows('[data-record-verdict]', 'Changed since it was sealed')
    await check(pdf)
    await on.shows('[data-record-verdict]', 'Not a record')
  })
})
