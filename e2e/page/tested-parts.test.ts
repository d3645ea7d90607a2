import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { beforeAll, describe, expect, it } from 'vitest'
import type { JointProof } from '../../core/log/proven'
import { pipeId, sampleJob } from '../../core/testing/sample-run'
import { usePage } from './page'

const { page, site } = usePage(390, 844)
/** A line with a valve in its middle: two parts that can be tested one by one. */
const line = sampleJob({
  pipe: pipeId('EN 1057', '22', 0.9),
  method: 'solder',
  legs: [
    ['cap:s', 'east', 1000, 'valve:v'],
    ['valve:v', 'east', 1000, 'outlet:e'],
  ],
})
const joints = ['r1/s/l1', 'r1/v/l1', 'r1/v/l2', 'r1/e/l2'] as const
const [, , pastValve, atOutlet] = joints
let id = ''

async function post(path: string, body: object): Promise<{ id: string }> {
  const answer = await fetch(`${site().origin}/api/${path}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  })
  expect(answer.status).toBeLessThan(300)
  return (await answer.json()) as { id: string }
}
let count = 0
/** A joint made so many hours ago. */
const made = (joint: string, hours: number) => ({
  id: `joint-made-${++count}`,
  kind: 'joint-made',
  subject: { joint },
  at: new Date(Date.now() - hours * 3_600_000).toISOString(),
  by: 'I. Marl',
  jobVersion: 1,
  body: { method: 'solder', insertion: 15.4 },
})
/** What the record says that each joint is proven by, or lacks. */
async function proofs(): Promise<Record<string, JointProof>> {
  const answer = await fetch(`${site().origin}/api/jobs/${id}/record`)
  const record = (await answer.json()) as { joints: { id: string; proof: JointProof }[] }
  return Object.fromEntries(record.joints.map((joint) => [joint.id, joint.proof]))
}
const isProven = async (joint: string) => 'by' in (await proofs())[joint]!
async function begin(): Promise<void> {
  id = (await post('jobs', { ...line, title: 'A line with a valve' })).id
  await post(`jobs/${id}/log`, { entries: joints.map((joint) => made(joint, 4)) })
  await page().open(`/jobs/${id}/prove`)
  await page().fill('Your name', 'I. Marl')
}
/** A look at one part begins, so many hours ago. */
async function lookAt(part: string, hours: number): Promise<void> {
  const on = page()
  await on.setClockBack(hours)
  await (await on.see('[data-parts-to-test]')).click()
  await on.press(part === 'cap' ? 'Run: outlet' : 'Run: cap')
  await on.shows('[data-parts-to-test]', '1 of 2 parts')
  await on.choose('Test', 'House pressure, joints inspected')
  await on.press('Start test')
  await on.shows('[aria-label="Under test"]', 'Filled: under test.')
}
async function dryAgain(hours: number): Promise<void> {
  const on = page()
  await on.press('All 2 joints dry')
  await on.shows('[aria-label="Look at every joint"]', /Look 1, .* dry/)
  await on.setClockBack(hours)
  await on.press('All 2 joints dry')
  await on.press('End test')
  await on.shows('[aria-label="Verdicts"]', ': tight')
}

describe('a test in two parts, on a phone, by looking alone', () => {
  beforeAll(begin)

  it('the part before the valve is dry twice, minutes apart, and proven; the other is not', async () => {
    await lookAt('cap', 3)
    await dryAgain(2.9)
    await page().driver.wait(() => isProven('r1/s/l1'), 15_000)
    expect((await proofs())[atOutlet]).toEqual({ lacks: 'not tested' })
  })

  it('the part beyond it leaks at a joint, and what was proven stays so', async () => {
    const on = page()
    await lookAt('outlet', 2.5)
    await on.press('One is wet')
    await on.press('Joint 4')
    await on.press('1 not dry, 1 dry')
    await on.press('End test')
    await on.shows('[aria-label="Verdicts"]', ': leaking')
    await on.driver.wait(async () => 'lacks' in (await proofs())[pastValve]!, 15_000)
    expect(await proofs()).toMatchObject({ 'r1/s/l1': { by: expect.any(String) }, [atOutlet]: { lacks: 'leak' } })
  })

  it('mended, and tested again, it is proven too: the drawing outlines all of it', async () => {
    await post(`jobs/${id}/log`, { entries: [made(atOutlet, 2.2)] })
    await lookAt('outlet', 2)
    await dryAgain(1.9)
    for (const joint of joints) await page().driver.wait(() => isProven(joint), 15_000)
    await page().shows('[aria-label="Under test"]', 'Outlined: has held a test')
  })
})

describe('a phone that is nine minutes fast', () => {
  it('proves what it tested, and the record says how far its clock was off', async () => {
    const on = page()
    await begin()
    await on.setClockFast(9)
    await on.press('Start test')
    const file = join(mkdtempSync(join(tmpdir(), 'jolvet-readings-')), 'gauge.csv')
    const rows = Array.from({ length: 31 }, (_, minute) => `${minute * 60},6.60,15`)
    writeFileSync(file, ['seconds,bar,celsius', ...rows].join('\n'))
    await (await on.see('[aria-label="Readings file"]')).sendKeys(file)
    await on.press('Import 31')
    await on.shows('[data-verdict]', 'Tight')
    await on.press('End test')
    await on.shows('[aria-label="Verdicts"]', ': tight')
    for (const joint of joints) await on.driver.wait(() => isProven(joint), 15_000)
    await on.press('Hand over')
    await on.shows('[aria-label="Tests"]', /clock was (8:5\d|9:0\d) fast/)
  })
})
