import { createServer, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { setTimeout as sleep } from 'node:timers/promises'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { keepAnswering } from './keep-answering'

const watch = { everyMs: 20, mostSilent: 3 }
/** Of a server that answers, so long that a slow machine is not taken for silence. */
const [short, long] = [60, 20_000]
let server: Server | undefined
afterEach(() => server?.close())

/** A server that answers so, hangs or breaks off, and how often it was ended meanwhile. */
async function killedIn(
  ms: number,
  patienceMs: number,
  answer: (number: number) => number | 'hang' | 'break off',
): Promise<number> {
  let asked = 0
  server = createServer((_, response) => {
    const status = answer(++asked)
    if (status === 'break off') response.destroy()
    else if (status !== 'hang') response.writeHead(status).end()
  })
  await new Promise<void>((done) => server!.listen(0, '127.0.0.1', done))
  const { port } = server.address() as AddressInfo
  const kill = vi.fn()
  const end = keepAnswering({ origin: `http://127.0.0.1:${port}`, kill }, { ...watch, patienceMs })
  await sleep(ms)
  end()
  server.closeAllConnections()
  return kill.mock.calls.length
}

describe('a server that is watched', () => {
  it('is ended where it runs and answers nothing', async () => {
    vi.spyOn(console, 'error').mockImplementation(() => {})
    expect(await killedIn(800, short, () => 'hang')).toBeGreaterThan(0)
  })

  it('is left alone while it answers, that its database is away too, and after a silence now and then', async () => {
    expect(await killedIn(400, long, (number) => (number % 2 === 0 ? 503 : 200))).toBe(0)
    expect(await killedIn(900, long, (number) => (number % 3 === 0 ? 200 : 'break off'))).toBe(0)
  })
})
