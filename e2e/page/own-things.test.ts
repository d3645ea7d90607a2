import { writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { By } from 'selenium-webdriver'
import { expect, it } from 'vitest'
import { nameChosen } from '../../core/job/chosen'
import { usePage } from './page'

const { page, site, job, stored } = usePage()

it('what no table has is described once: it gets its fitting, and is there for the next outlet and the next job', async () => {
  const on = page()
  const id = await job('Millrace Cottage')
  await on.open(`/jobs/${id}/route`)
  await on.choose('It leads to', 'something else: describe it')
  await on.press('Save it')
  await on.shows('[aria-label="Something else"] [role="alert"]', 'a name of 1 to 60 characters')
  await on.fill('What it is', 'Dye vat')
  await on.choose('Thread, BSP', '3/4')
  await on.press('Save it')
  await on.saved()
  const saved = (await stored(id)).job
  expect(saved.fixtures!.map(({ name, ends }) => [name, ends[0]!.size])).toEqual([['Dye vat', '3/4']])
  const led = saved.nodes.find(({ fixture }) => fixture?.kind === 'own')!
  expect(nameChosen(led)?.name).toBe('15 solder × 3/4 F BSP swivel connector')
  await on.open(`/jobs/${await job('Tarn Lane Bakehouse')}/route`)
  await on.choose('What stands here', 'outlet')
  await on.choose('It leads to', 'Dye vat')
  await on.saved()
  await on.press('Change what it is')
  expect(await on.driver.executeScript('return document.querySelector("[aria-label=\'What it is\']").value')).toBe(
    'Dye vat',
  )
  await on.press('Cancel')
  // Out of the workshop's list; this job keeps it.
  await on.press('Leave it out of other jobs')
  await on.driver.wait(async () => !(await on.text('main')).includes('Leave it out of other jobs'), 5000)
  await on.saved()
  expect((await stored(id)).job.fixtures).toHaveLength(1)
})

it('ways are left and right for who faces a wall, and by the compass again', async () => {
  const on = page()
  const id = await job('Cedar Kiln Studio')
  await on.open(`/jobs/${id}/route`)
  await on.choose('Ways are', 'left, right: facing the east wall')
  await on.shows('[aria-label="Type a leg"]', /Left\s+Back\s+Up/)
  await on.pressIn('[aria-label="Type a leg"]', 'Left')
  await on.shows('[data-entry]', 'left')
  await on.saved()
  expect((await stored(id)).job.facing).toBe('east')
  await on.choose('Ways are', 'north, south, east, west')
  await on.shows('[data-entry]', 'north')
})

it('a job kept as a pattern begins another, and is added to an open one', async () => {
  const on = page()
  await on.open(`/jobs/${await job('Millrace Cottage')}/route`)
  await on.press('Everyday call')
  await on.fill('Its name', 'Basin at the back')
  await on.press('Keep it')
  await on.shows('[aria-label="Keep as a pattern"]', '“Basin at the back” is kept')
  await on.open('/begin')
  await on.press('Begin a job: Basin at the back')
  await on.driver.wait(async () => /jobs\/.+\/route/.test(await on.driver.getCurrentUrl()), 30_000)
  await on.saved()
  const id = await job('Basin at the back')
  const begun = (await stored(id)).job
  expect([begun.runs.length, begun.visits, begun.sample]).toEqual([2, undefined, undefined])
  await on.press('Everyday call')
  await on.press('Add to this job: Basin at the back')
  await on.saved()
  expect((await stored(id)).job.runs).toHaveLength(4)
  await on.open('/begin')
  await on.press('Remove Basin at the back')
  await on.driver.wait(async () => !(await on.text('main')).includes('Basin at the back'), 30_000)
})

it('the whole job is held against other methods, by what it costs and how long the water is off', async () => {
  const on = page()
  await on.open(`/jobs/${await job('Millrace Cottage')}/estimate`)
  await on.press('Compare the whole job')
  await on.shows('[aria-label="By another method"]', 'The same pipe on the same way')
  await on.shows('[data-way="drawn"]', /as drawn\s+flame\s+[€$]\d+ to [€$]\d+/)
  await on.shows('[data-way="push-fit"]', /Push-fit[\s\S]*[€$]\d+ to [€$]\d+/)
  expect(await on.text('[data-way="push-fit"]')).not.toContain('flame')
})

it('a manifold is one thing to bring, whatever leads from it', async () => {
  const on = page()
  await on.open('/begin/home-runs')
  await on.shows('[aria-label="To bring"]', /manifold with 3 outlets/)
  await on.press('Begin this job')
  await on.driver.wait(async () => /jobs\/.+\/route/.test(await on.driver.getCurrentUrl()), 30_000)
  await on.saved()
  const { legs } = (await stored(await job('A manifold with home runs'))).job
  expect(legs).toHaveLength(8)
})

it('a merchant’s price list is shown before it is taken, and leaves alone what it does not name', async () => {
  const on = page()
  await on.open('/bench/costs')
  const file = join(tmpdir(), `prices-${process.pid}.csv`)
  const read = async (text: string) => {
    writeFileSync(file, text)
    await on.driver.findElement(By.css('[aria-label="Price list"]')).sendKeys(file)
    await on.press('Use these 1')
  }
  await on.see('[aria-label="Merchant’s prices"]')
  await read('item,price,code\n15 solder × 15 solder elbow 90,1.30,E-15\n')
  await on.shows('[data-set]', 'One item has your price or code')
  await read('item,price,code\nfixture: wash basin,85,B-1\n')
  await on.shows('[data-set]', '2 items have your price or code')
  const kept = async () =>
    ((await (await fetch(`${site().origin}/api/workshop`)).json()) as { prices: Record<string, object> }).prices
  await on.driver.wait(async () => Object.keys(await kept()).length === 2, 30_000)
  expect((await kept())['fixture: wash basin']).toEqual({ price: 85, code: 'B-1' })
  await on.open(`/jobs/${await job('Millrace Cottage')}/estimate`)
  await on.press('How it adds up')
  await on.shows('main', /What it leads to\s+[€$]85/)
})
