import { createHash, randomBytes } from 'node:crypto'
import type { WebDriver } from 'selenium-webdriver'
import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { usePage } from './page'

const { page, site, job } = usePage(390, 844)

/** Of a line that carries so many bytes a second up. */
async function lineOf(bytes: number): Promise<void> {
  const driver = page().driver as WebDriver & { sendDevToolsCommand(name: string, of: object): Promise<void> }
  await driver.sendDevToolsCommand('Network.enable', {})
  await driver.sendDevToolsCommand('Network.emulateNetworkConditions', {
    offline: false,
    latency: 100,
    downloadThroughput: bytes < 0 ? -1 : 500_000,
    uploadThroughput: bytes,
  })
}

describe('a line of 25 kB a second', () => {
  it('carries three ticks at once, and a photo of 870 kB piece by piece behind them', async () => {
    const on = page()
    const id = await job('Cedar Kiln Studio')
    await on.open(`/jobs/${id}/make`)
    await on.see('[aria-label="Title of the job"]')
    await on.settle()
    // Noise: what cannot be made smaller.
    const noise = sharp(randomBytes(540 * 540 * 3), { raw: { width: 540, height: 540, channels: 3 } })
    const bytes = new Uint8Array(await noise.png().toBuffer())
    await lineOf(25_000)
    const entry = (name: string) => ({
      ...{ id: `slow-${name}`, kind: 'note', subject: {}, at: '2026-05-04T10:00:00Z', by: 'I. Marl', jobVersion: 1 },
      body: { text: name },
    })
    await on.driver.executeAsyncScript(
      `const [base64, entries, path, done] = arguments
      const bytes = Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0))
      const photo = { id: 'p-1', changes: 'photos', says: 'a photo', method: 'POST', path: '/api/photos',
        body: new Blob([bytes], { type: 'image/png' }) }
      const ticks = entries.map((entry, at) => ({ id: 't-' + at, changes: 'log', says: 'a tick', method: 'POST', path,
        body: { entries: [entry] } }))
      indexedDB.open('jolvet').onsuccess = ({ target: { result: database } }) => {
        const transaction = database.transaction('outbox', 'readwrite')
        ;[photo, ...ticks].forEach((command, at) => transaction.objectStore('outbox').put({ command, place: at + 1 }))
        transaction.oncomplete = () => { new BroadcastChannel('jolvet-outbox').postMessage({ kind: 'look' }); done() }
      }`,
      Buffer.from(bytes).toString('base64'),
      ['one', 'two', 'three'].map(entry),
      `/api/jobs/${id}/log`,
    )
    const has = async (path: string, test: (text: string) => boolean) =>
      test(await (await fetch(`${site().origin}/api/${path}`)).text())
    const isTicked = () => has(`jobs/${id}/log`, (text) => text.includes('slow-three'))
    const sha = createHash('sha256').update(bytes).digest('hex')
    const isShown = async () => (await fetch(`${site().origin}/api/photos/${sha}`)).status === 200
    await on.driver.wait(isTicked, 15_000, 'the ticks wait behind the photo')
    expect(await isShown()).toBe(false)
    // Reloaded under way, it goes on from where it was.
    await on.driver.sleep(8000)
    await on.driver.navigate().refresh()
    await lineOf(100_000)
    await on.driver.wait(isShown, 60_000, 'the photo does not arrive')
    await lineOf(-1)
  })
})
