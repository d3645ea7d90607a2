import { createServer, request, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { Page } from '../../scripts/tests/page'
import { usePage } from './page'

const { page, site, job, stored } = usePage(390, 844)

/** The site as it is, until a newer program is put there: its worker then differs by a letter. */
let front: Server
let isNewer = false
beforeAll(async () => {
  front = createServer((asked, answer) => {
    const on = { port: new URL(site().origin).port, path: asked.url, method: asked.method, headers: asked.headers }
    const {
      'if-none-match': known,
      'if-modified-since': since,
      ...headers
    } = {
      ...on.headers,
      'accept-encoding': 'identity',
    }
    const sent = request({ ...on, headers }, (from) => {
      const isWorker = isNewer && asked.url === '/sw.js'
      const { 'content-length': length, etag, 'last-modified': at, ...others } = from.headers
      answer.writeHead(from.statusCode!, isWorker ? others : from.headers)
      if (!isWorker) return void from.pipe(answer)
      from.on('data', (bytes) => answer.write(bytes)).on('end', () => answer.end('\n// newer'))
    })
    sent.on('error', () => answer.destroy())
    asked.pipe(sent)
  })
  await new Promise<void>((ready) => front.listen(0, '127.0.0.1', ready))
})
afterAll(() => void front.close())

describe('a newer program', () => {
  it('is offered, waits until it is wanted, and takes nothing that is typed', async () => {
    const on = new Page(page().driver, `http://127.0.0.1:${(front.address() as AddressInfo).port}`)
    const mark = (script: string) => on.driver.executeScript(script)
    const id = await job('Tarn Lane Bakehouse')
    await on.open(`/jobs/${id}/route`)
    await on.saved()
    await on.driver.executeAsyncScript(
      `navigator.serviceWorker.ready.then(() => arguments[arguments.length - 1](true))`,
    )
    // All of it is fetched anew before it is offered: on a slow machine that takes a while.
    const isOffered = () => on.driver.wait(offer, 60_000, 'no newer one is offered')
    const offer = async () => (await on.driver.getPageSource()).includes('A newer version is ready.')
    await on.driver.navigate().refresh()
    await on.saved()
    await on.settle()
    expect(await offer()).toBe(false)

    isNewer = true
    await on.driver.navigate().refresh()
    await isOffered()
    await mark('window.isSamePage = true')
    await on.press('Later')
    expect(await offer()).toBe(false)
    expect(await mark('return window.isSamePage')).toBe(true)

    await on.driver.navigate().refresh()
    await isOffered()
    await site().server.stop()
    await on.fill('Title of the job', 'Typed before the newer one')
    await on.shows('[data-save-state]', 'Waiting for the server')
    await mark('window.isSamePage = true')
    await site().server.start()
    await on.press('Load it')
    await on.driver.wait(async () => (await mark('return window.isSamePage')) === null, 60_000, 'it is not loaded anew')
    await on.saved()
    expect(await offer()).toBe(false)
    expect((await stored(id)).job.title).toBe('Typed before the newer one')
  })
})

describe('a page that is open', () => {
  it('asks one short question every few seconds, and shows what another writes and books all the same', async () => {
    const on = page()
    const id = await job('Cedar Kiln Studio')
    await on.open(`/jobs/${id}/cut`)
    await on.saved()
    await on.settle()
    const asked = async () =>
      (await on.driver.executeScript(
        'return performance.getEntriesByType("resource").map(({ name }) => name).filter((name) => name.includes("/api/"))',
      )) as string[]
    await on.driver.sleep(5000)
    const before = (await asked()).length
    await on.driver.sleep(20_000)
    const since = (await asked()).slice(before)
    expect(since.length).toBeGreaterThan(2)
    expect(since.filter((name) => !name.endsWith(`/api/jobs/${id}/newest`))).toEqual([])
    expect(since.length).toBeLessThanOrEqual(6)
    const pipe = 'copper-half-hard-en-1057-r250-22x0.9'
    const { job: text, version } = await stored(id)
    const body = JSON.stringify({ version, job: { ...text, title: 'Kiln, by another' } })
    await fetch(`${site().origin}/api/jobs/${id}`, {
      method: 'PUT',
      body,
      headers: { 'Content-Type': 'application/json' },
    })
    await fetch(`${site().origin}/api/rack`, {
      method: 'POST',
      body: JSON.stringify({ for: 'x', leaves: [{ pipe, mm: 1234 }] }),
    })
    const title = async () => (await on.see('[aria-label="Title of the job"]')).getAttribute('value')
    await on.driver.wait(async () => (await title()) === 'Kiln, by another', 30_000)
    await on.driver.wait(async () => (await asked()).filter((name) => name.endsWith('/api/rack')).length > 1, 30_000)
  })
})
