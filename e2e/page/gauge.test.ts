import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { addLeg, setRun, setKind } from '../../core/edit/edit-run'
import { addRun, emptyJob } from '../../core/edit/new-job'
import { countedIds } from '../../core/testing/sample-ids'
import { pipeId } from '../../core/testing/sample-run'
import { usePage } from './page'

const { page, site } = usePage(390, 844)
const copper22 = pipeId('EN 1057', '22', 0.9)
let id = ''

/** Ten metres of 22 copper, capped at both ends. */
async function begin(): Promise<void> {
  const begun = addRun(emptyJob('Ten metres of 22', 'metric', 'metric'), countedIds, { kind: 'cap' })
  const run = setRun(begun.job, begun.run, { pipe: copper22, method: 'solder' })
  const leg = addLeg(run, countedIds, begun.run, { from: run.nodes[0]!.id, direction: 'east', length: 10_000 })
  const answer = await fetch(`${site().origin}/api/jobs`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(setKind(leg.job, begun.run, leg.node, { kind: 'cap' })),
  })
  id = ((await answer.json()) as { id: string }).id
}
/** A new test with the readings of a file, each at 15 °C. */
async function testWith(bars: readonly number[], every: number): Promise<void> {
  const on = page()
  await on.press('Start test')
  const file = join(mkdtempSync(join(tmpdir(), 'jolvet-readings-')), 'gauge.csv')
  const rows = bars.map((bar, at) => `${every * at},${bar.toFixed(2)},15`)
  writeFileSync(file, ['seconds,bar,celsius', ...rows].join('\n'))
  await (await on.see('[aria-label="Readings file"]')).sendKeys(file)
}
const verdict = (word: string) =>
  page().driver.wait(
    async () =>
      (
        await page()
          .text('[data-verdict]')
          .catch(() => '')
      ).includes(word),
    60_000,
    `the verdict is ${word}`,
  )

describe('a gauge, on a phone', () => {
  it('that was topped up is asked about; said so, both times of standing alone count', async () => {
    const on = page()
    await begin()
    await on.open(`/jobs/${id}/prove`)
    await on.fill('Your name', 'I. Marl')
    await testWith([10, 9.2, 8.4, 7.6, 6.8, 6, 10, 9.2, 8.4, 7.6, 6.8, 6], 60)
    await on.press('Import 12')
    await on.shows('main', 'was it topped up?')
    await verdict('Undecided')
    await on.press('Yes, topped up')
    await verdict('Leaking')
    const answer = await fetch(`${site().origin}/api/jobs/${id}/log`)
    const { entries } = (await answer.json()) as { entries: { kind: string; body: object }[] }
    expect(entries.filter(({ kind }) => kind === 'touched').map(({ body }) => body)).toEqual([
      { seconds: 330, did: 'topped up' },
    ])
    await on.press('Discard test')
  })

  it('that rises at a steady temperature is fed from outside, and is no leak', async () => {
    const on = page()
    await testWith([3.4, 3.8, 4.2, 4.5, 4.8, 5.05, 5.25, 5.45, 5.6, 5.7, 5.8], 60)
    await on.press('Import 11')
    await verdict('Fed from outside')
    await on.shows('[aria-label="What moved the gauge"]', 'inflow')
    await on.press('Discard test')
  })

  it('of a logger that wrote 40 000 rows is brought together, and answered', async () => {
    const on = page()
    await testWith(
      Array.from({ length: 40_000 }, (_, second) => 9.9 + 0.01 * (second % 2)),
      1,
    )
    await on.shows('[aria-label="File of readings"]', '40000 to take')
    await on.press(/Import (\d+)/.exec(await on.text('[aria-label="File of readings"]'))![0])
    await verdict('Tight')
  })
})
