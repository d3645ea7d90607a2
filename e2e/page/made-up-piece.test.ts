import { By } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import { addLeg } from '../../core/edit/edit-run'
import { addRun, emptyJob } from '../../core/edit/new-job'
import { countedIds } from '../../core/testing/sample-ids'
import { pipeId } from '../../core/testing/sample-run'
import { usePage } from './page'
import { chainChosen } from '../../core/job/chosen'

const { page, site, stored } = usePage(390, 844)
let id = ''
const job = async () => (await stored(id)).job
const fittings = ({ nodes }: Awaited<ReturnType<typeof job>>) =>
  nodes.flatMap((node) => chainChosen(node)?.fittings ?? []).join()

/** Old three-quarter pipe in the wall, and a metre of 28 copper from it. */
async function begin(): Promise<void> {
  const begun = addRun(emptyJob('Old pipe to floor', 'metric', 'metric'), countedIds, {
    kind: 'tie-in',
    existing: pipeId('BS 659', '3/4'),
  })
  const { job: drawn } = addLeg(begun.job, countedIds, begun.run, {
    from: begun.job.nodes[0]!.id,
    direction: 'east',
    length: 1000,
  })
  const pipe = pipeId('EN 1057', '28', 0.9)
  const body = { ...drawn, runs: drawn.runs.map((run) => ({ ...run, pipe, method: 'compression' })) }
  const answer = await fetch(`${site().origin}/api/jobs`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  })
  id = ((await answer.json()) as { id: string }).id
}

describe('a made-up piece, on a phone', () => {
  it('is offered where fittings alone do not lead there, and has its cut length once they are chosen', async () => {
    const on = page()
    await begin()
    await on.open(`/jobs/${id}/join`)
    await on.shows('[aria-label="Fittings between the two"]', 'piece of 22 × 0.9 copper')
    await on.press('Use')
    await on.driver.wait(async () => fittings(await job()) !== '', 10_000, 'the fittings are saved')
    await on.shows('[aria-label="Fittings between the two"]', 'In use')
    expect((await job()).legs.map(({ length }) => length)).toEqual([1000])
    await on.open(`/jobs/${id}/cut`)
    await on.shows('main', '22 × 0.9')
    await on.shows('main', 'P2')
  })

  it('is drawn in the route, where the leg stays as long as it was measured; pressed, it leads to its fittings', async () => {
    const on = page()
    await on.open(`/jobs/${id}/route`)
    await on.shows('[aria-label="Legs"]', /east\s1.?000/)
    await on.shows('[aria-label="The run as drawn"] svg', 'P1')
    await on.shows('[aria-label="The run as drawn"] svg', 'P2')
    expect(await on.driver.findElements(By.css('[aria-label="Legs"] li'))).toHaveLength(1)
    await on.press('open end')
    await on.press('tie-in, far end')
    await on.see('[aria-label="Existing pipe"]')
  })

  it('goes when other fittings are chosen, and comes back by undo', async () => {
    const on = page()
    await on.open(`/jobs/${id}/join`)
    const before = await job()
    await on.press('Use')
    await on.driver.wait(async () => fittings(await job()) !== fittings(before), 10_000, 'others are saved')
    expect((await job()).legs).toHaveLength(1)
    await on.press('Undo')
    await on.driver.wait(async () => fittings(await job()) === fittings(before), 10_000, 'the first are back')
  })
})
