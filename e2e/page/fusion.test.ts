import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { By } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import { addLeg, setRun, setKind } from '../../core/edit/edit-run'
import { addRun, emptyJob } from '../../core/edit/new-job'
import { countedIds } from '../../core/testing/sample-ids'
import { pipeId } from '../../core/testing/sample-run'
import { usePage } from './page'

const { page, site, stored } = usePage(390, 844)
let id = ''

/** 22 copper in the wall, and PP-R of 25 from it: a metre east, half a metre up, capped. */
async function begin(): Promise<void> {
  const begun = addRun(emptyJob('PP-R to the loft', 'metric', 'metric'), countedIds, {
    kind: 'tie-in',
    existing: pipeId('EN 1057', '22', 0.9),
  })
  const fused = setRun(begun.job, begun.run, { pipe: pipeId('EN ISO 15874', '25'), method: 'fusion' })
  const along = addLeg(fused, countedIds, begun.run, { from: fused.nodes[0]!.id, direction: 'east', length: 1000 })
  const up = addLeg(along.job, countedIds, begun.run, { from: along.node, direction: 'up', length: 500 })
  const answer = await fetch(`${site().origin}/api/jobs`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(setKind(up.job, begun.run, up.node, { kind: 'cap' })),
  })
  id = ((await answer.json()) as { id: string }).id
}
const joints = async () => {
  const answer = await fetch(`${site().origin}/api/jobs/${id}/state`)
  return Object.values(((await answer.json()) as { joints: Record<string, { made: object | null }> }).joints)
}

describe('PP-R, fused, on a phone', () => {
  it('is led to from copper by a body with a brass thread in it', async () => {
    const on = page()
    await begin()
    await on.open(`/jobs/${id}/join`)
    await on.shows('[aria-label="Fittings between the two"]', '25 fusion × 3/4')
    await on.press('Use')
    await on.driver.wait(async () => (await stored(id)).job.nodes.some(({ fitting }) => fitting), 10_000, 'it is saved')
  })

  it('has a cut length, its fittings, and a card for each joint with its times', async () => {
    const on = page()
    await on.open(`/jobs/${id}/cut`)
    await on.shows('main', '25 × 3.5 PP-R')
    await on.shows('main', '25 fusion elbow 90°')
    await on.open(`/jobs/${id}/make`)
    await on.fill('Your name', 'Zoë Żak')
    await on.see('[aria-label="Joints"] p')
    const fused = By.xpath('(//*[@aria-label="Joints"]/li/button[contains(., "fus")])[last()]')
    await on.driver.executeScript('arguments[0].click()', await on.driver.findElement(fused))
    await on.shows('main', 'Push socket and pipe on to their heads together')
    await on.shows('main', 'within 4 s')
  })

  it('is made, with an even double bead seen', async () => {
    const on = page()
    const count = (await joints()).length
    for (let made = 0; made < count; made += 1) {
      await on.tickAllAsked()
      await on.press('Made')
      await on.driver.wait(async () => (await joints()).filter((of) => of.made).length > made, 15_000)
      await on.settle()
    }
    expect(JSON.stringify(await joints())).toContain('"beadEven":true')
  })

  it('is proven tight by its readings', async () => {
    const on = page()
    await on.open(`/jobs/${id}/prove`)
    await on.press('Start test')
    const [target] = /[\d.]+(?= bar)/.exec(await on.text('[aria-label="The test"]')) ?? []
    const file = join(mkdtempSync(join(tmpdir(), 'jolvet-readings-')), 'gauge.csv')
    const rows = Array.from({ length: 121 }, (_, minute) => `${minute * 60},${target},15`)
    writeFileSync(file, ['seconds,bar,celsius', ...rows].join('\n'))
    await (await on.see('[aria-label="Readings file"]')).sendKeys(file)
    await on.press('Import 121')
    await on.driver.wait(async () => /Tight|No verdict/.test(await on.text('[data-verdict]').catch(() => '')), 60_000)
    await on.press('End test')
    await on.shows('[aria-label="Verdicts"]', 'Ended by Zoë Żak')
  })
})
