import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Key } from 'selenium-webdriver'
import { describe, it } from 'vitest'
import { usePage } from './page'

const { page, site, job } = usePage(390, 844)
const joints = async (title: string) => {
  const answer = await fetch(`${site().origin}/api/jobs/${await job(title)}/state`)
  const { joints: found } = (await answer.json()) as {
    joints: Record<string, { made: object | null; inspected: object | null }>
  }
  return Object.values(found)
}
async function begin(title: string, units = 'Millimetres'): Promise<void> {
  const on = page()
  await on.open('/')
  await on.press('New job')
  await on.fill('Title', title)
  await on.choose('Units', units)
  await on.press('Begin')
  await on.see('[aria-label="Title of the job"]')
}
/** Opens what is folded away, as one does to look for a setting. */
async function unfold(): Promise<void> {
  await page().driver.executeScript('document.querySelectorAll("details").forEach((of) => (of.open = true))')
  await page().settle()
}
async function pressNode(name: string): Promise<void> {
  await page().driver.executeScript(
    `document.querySelector('[aria-label^="Drawing"] [role=button][aria-label="' + arguments[0] + '"]')
      .dispatchEvent(new MouseEvent('click', { bubbles: true }))`,
    name,
  )
  await page().settle()
}
/** Every joint made with all that is asked of it seen, and inspected. */
async function makeAndInspect(title: string): Promise<void> {
  const on = page()
  // Made before noon, tested in the afternoon.
  await on.setClockBack(3)
  await on.press('Make')
  await on.fill('Your name', 'I. Marl')
  const count = async (of: 'made' | 'inspected') => (await joints(title)).filter((joint) => joint[of]).length
  const all = (await joints(title)).length
  for (let at = 0; at < all; at += 1) {
    await on.tickAllAsked()
    await on.press('Made')
    await on.driver.wait(async () => (await count('made')) > at, 15_000, `joint ${at + 1} is made`)
    await on.settle()
  }
  await on.press(`All ${all} inspected: OK`)
  await on.driver.wait(async () => (await count('inspected')) === all, 15_000, 'all joints are inspected')
}
/** Tested with the readings of a gauge that kept them in a file, flushed, and handed over with nothing missing. */
async function testAndHandOver(head: string, rows: readonly (readonly number[])[]): Promise<void> {
  const on = page()
  await on.setClockBack(0)
  await on.press('Prove')
  await on.press('Start test')
  const file = join(mkdtempSync(join(tmpdir(), 'jolvet-gauge-')), 'gauge.csv')
  writeFileSync(file, [head, ...rows.map((row) => row.join(','))].join('\n'))
  await (await on.see('[aria-label="Readings file"]')).sendKeys(file)
  await on.press(`Import ${rows.length}`)
  await on.driver.wait(async () => (await on.text('[data-verdict]').catch(() => '')).includes('Tight'), 60_000)
  await on.press('End test')
  await on.shows('[aria-label="Verdicts"]', 'Ended by I. Marl')
  await on.press('Hand over')
  await on.press('Mark as flushed')
  await on.shows('[aria-label="What is missing"]', 'Nothing is missing')
  await on.press('Hand over the job')
  await on.shows('[aria-label="Records handed over"]', 'Current record')
}
const minutes = (count: number) => Array.from({ length: count + 1 }, (_, at) => at)

describe('whole jobs by a phone, from nothing to a record', () => {
  it('a tee into hot PEX', async () => {
    const on = page()
    const title = 'Weir House bathroom'
    await begin(title)
    await on.press('Add pipe')
    await on.fill('Words printed on it', 'PEX-B BS 7291 class S' + Key.ENTER)
    await on.press('on a wall')
    await on.fill('By caliper', '22' + Key.ENTER)
    await on.press('Use 22 × 2.2 PEX-B')
    await on.saved()
    await on.press('Route')
    await on.see('[data-entry]')
    // The old pipe goes on east; a tee is cut in, and from it new pipe of the same kind goes up and to an outlet.
    await on.keys('x', Key.ARROW_RIGHT, '4', '0', '0', Key.ENTER, 't', '6', '0', '0', Key.ENTER)
    await on.keys('n', Key.PAGE_UP, '5', '0', '0', Key.ENTER, Key.ARROW_UP, '3', '0', '0', Key.ENTER, 'o')
    await on.shows('[aria-label="Legs"]', 'north 300 mm to outlet')
    await unfold()
    await on.choose('Service', 'hot')
    await on.saved()
    await makeAndInspect(title)
    // Elastic pipe: topped up for half an hour, let down, and it comes back a little.
    const rows = minutes(61).map((at) => [at * 60, at < 30 ? 6.6 : at > 40 ? 3.02 : 3, 15])
    await testAndHandOver('seconds,bar,celsius', rows)
  })

  it('an outdoor tap on push-fit, from a stub that is there', async () => {
    const on = page()
    const title = 'Garden tap'
    await on.beginRoute(title)
    await on.keys('x', Key.ARROW_RIGHT, '1', '5', '0', Key.ENTER, 'x', '4', '0', '0', Key.ENTER)
    await on.keys(Key.PAGE_DOWN, '3', '0', '0', Key.ENTER, 'o')
    await on.shows('[aria-label="Legs"]', /east 150 mm to coupling\s+existing/)
    await unfold()
    await on.choose('Method', 'Push-fit')
    await on.saved()
    await makeAndInspect(title)
    await testAndHandOver(
      'seconds,bar,celsius',
      minutes(60).map((at) => [at * 60, 6.6, 15]),
    )
  })

  it('a tub and shower valve over there, with a hot and a cold pipe that were looked at', async () => {
    const on = page()
    const title = 'Mill Road tub and shower'
    await begin(title, 'Feet')
    for (const [name, diameter] of [
      ['Hot to the bath', '.625'],
      ['Cold to the bath', '5/8'],
    ] as const) {
      await on.press('Add pipe')
      await on.shows('[aria-label="What you see"]', 'North America')
      await on.fill('Where it is', name + Key.TAB)
      await on.press('reddish')
      await on.press('rigid')
      await on.fill('By caliper', diameter + Key.ENTER)
      await on.press('Use 1/2 copper hard · ASTM B88 L')
      await on.saved()
    }
    await on.press('Route')
    await on.see('[data-entry]')
    await unfold()
    await on.choose('Service', 'hot')
    await on.keys(Key.PAGE_UP, '1', '8', Key.ENTER, Key.ARROW_RIGHT, '6', Key.ENTER, 'm')
    await on.keys(Key.PAGE_UP, '4', '8', Key.ENTER, 'o')
    await on.press('Run 2')
    await on.keys(Key.PAGE_UP, '1', '8', Key.ENTER, Key.ARROW_LEFT, '6', Key.ENTER)
    await on.press('Run 1')
    await pressNode('mixer')
    await on.press('Join runs')
    await on.press('Join it at the mixer')
    await on.keys(Key.PAGE_DOWN, '4', Key.ENTER, 'o')
    // A valve's own figures are its maker's: nothing is cut for it until it was measured.
    await on.shows('[aria-label="Legs"]', /down 4″ to outlet 2\s+unknown/)
    await pressNode('mixer')
    await on.fill('Take-off, measured', `1 1/2in${Key.TAB}`)
    await on.shows('[aria-label="Legs"]', /east 6″ to mixer\s+4 1\/16″/)
    await on.saved()
    await makeAndInspect(title)
    await on.press('Prove')
    const [target] = /[\d.]+(?= psi)/.exec(await on.text('[aria-label="Start a test"] ol')) ?? []
    await testAndHandOver(
      'seconds,psi,celsius',
      minutes(60).map((at) => [at * 60, Number(target), 15]),
    )
  })
})
