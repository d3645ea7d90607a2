import { strFromU8, unzipSync } from 'fflate'
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Key } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import { downloaded } from './download'
import { usePage } from './page'

const downloads = mkdtempSync(join(tmpdir(), 'jolvet-files-'))

describe('what is printed and handed out', () => {
  const { page, site, job } = usePage(1280, 800, downloads)
  const jobs = async () =>
    (await (await fetch(`${site().origin}/api/jobs`)).json()) as { id: string; job: { title: string } }[]
  const logOf = async (id: string) =>
    (
      (await (await fetch(`${site().origin}/api/jobs/${id}/log?after=0`)).json()) as {
        entries: { id: string; kind: string }[]
      }
    ).entries

  it('Ctrl and P on Cut prints the sheet of cutting alone, with the job on every page', async () => {
    const on = page()
    await on.open(`/jobs/${await job('Tarn Lane Bakehouse')}/cut`)
    await on.see('[data-piece-readout]')
    // Nothing is printed here: the browser would wait for somebody to choose a printer.
    await on.driver.executeScript('window.printed = 0; window.print = () => (window.printed += 1)')
    await on.driver.actions().keyDown(Key.CONTROL).sendKeys('p').keyUp(Key.CONTROL).perform()
    await on.shows('main', 'Cut list')
    await on.driver.wait(async () => (await on.driver.executeScript('return window.printed')) === 1, 10_000)
    const words = await on.driver.executeScript<string>('return document.querySelector("main").innerText')
    expect(words).toContain('What to bring')
    for (const other of ['Plan of work', 'Identified as']) expect(words).not.toContain(other)
    const marks = await on.driver.executeScript<string>(
      'return [...document.querySelectorAll("style")].map((of) => of.textContent).find((of) => of.includes("@top-left")) ?? ""',
    )
    expect(marks).toContain('Tarn Lane Bakehouse')
    await on.driver.executeScript('dispatchEvent(new Event("afterprint"))')
    await on.see('[data-piece-readout]')
  })

  it('an empty job prints a line that says so', async () => {
    const on = page()
    const answer = await fetch(`${site().origin}/api/jobs`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({
        format: 'jolvet-job',
        version: 3,
        title: 'Nothing yet',
        units: 'metric',
        profile: 'metric',
        surveys: [],
        runs: [],
        nodes: [],
        legs: [],
      }),
    })
    const { id } = (await answer.json()) as { id: string }
    await on.open(`/jobs/${id}/print`)
    await on.shows('main', 'Nothing is drawn yet')
  })

  it('the cut list and what to bring are handed out as one workbook, named by the job', async () => {
    const on = page()
    await on.open(`/jobs/${await job('Cedar Kiln Studio')}/cut`)
    await on.press('Both, XLSX')
    const book = unzipSync(new Uint8Array(await downloaded(downloads, 'Cedar Kiln Studio, lists.xlsx')))
    expect(strFromU8(book['xl/workbook.xml']!)).toContain('name="Cut list"')
    const words = strFromU8(book['xl/sharedStrings.xml']!)
    for (const word of ['cut, in', '1/2 PEX-B']) expect(words).toContain(word)
  })

  it('the pipework is turned in the round without a graphics card, and handed out as glTF', async () => {
    const on = page()
    await on.open(`/jobs/${await job('Cedar Kiln Studio')}/route`)
    await on.see('[data-entry]')
    await on.press('In the round')
    const canvas = await on.see('[aria-label^="The pipework in the round"] canvas')
    await on.settle()
    const before = await canvas.takeScreenshot()
    await (await on.see('[aria-label^="The pipework in the round"]')).sendKeys(Key.ARROW_RIGHT)
    expect(await canvas.takeScreenshot()).not.toBe(before)
    await on.press('glTF')
    const glb = await downloaded(downloads, 'Cedar Kiln Studio, Glaze-room sink, cold.glb')
    expect(glb.subarray(0, 4).toString()).toBe('glTF')
    const told = JSON.parse(glb.subarray(20, 20 + glb.readUInt32LE(12)).toString()) as {
      nodes: { name?: string; matrix?: number[] }[]
    }
    // In metres, each solid by what it is.
    expect(told.nodes.some(({ matrix }) => matrix?.[0] === 0.001)).toBe(true)
    expect(told.nodes.filter(({ name }) => name?.startsWith('leg')).length).toBe(8)
  })

  it('a job with its log comes back as a copy with all of it, or into the same job without doubling anything', async () => {
    const on = page()
    const title = 'Cedar Kiln Studio'
    const first = await job(title)
    const before = await logOf(first)
    expect(before.length).toBeGreaterThan(10)
    await on.open('/')
    await on.press(`Download ${title} with its log and photos`)
    await downloaded(downloads, `${title}, job with log.zip`)
    const bring = async () => (await on.see('input[type=file]')).sendKeys(join(downloads, `${title}, job with log.zip`))
    await bring()
    await on.shows('[role=alertdialog]', 'is here already')
    await on.press('A copy')
    await on.see('[aria-label="Title of the job"]')
    const copy = (await jobs()).find(({ job: { title: of } }) => of === `${title}, copy`)!
    await on.driver.wait(
      async () => (await logOf(copy.id)).length >= before.length - 1,
      15_000,
      'its log does not come',
    )
    const copied = await logOf(copy.id)
    const kinds = (of: { kind: string }[]) => of.map(({ kind }) => kind).filter((kind) => kind !== 'handed-over')
    expect(kinds(copied)).toEqual(kinds(before))
    expect(copied.some(({ id }) => before.some((of) => of.id === id))).toBe(false)

    await on.open('/')
    await on.see('[aria-label="Steps of Cedar Kiln Studio"]')
    await bring()
    await on.press('Same job: add its log and photos')
    await on.see('[aria-label="Title of the job"]')
    await on.settle()
    expect((await logOf(first)).map(({ id }) => id)).toEqual(before.map(({ id }) => id))
  })
})
