import { createServer } from 'node:net'
import { Failure } from './failure'

/** Whether a port on loopback is free. */
function isPortFree(port: number): Promise<boolean> {
  return new Promise((resolve) => {
    const probe = createServer()
    probe.once('error', () => resolve(false))
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)))
  })
}

/** A free port that the system chooses. */
export function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer()
    probe.once('error', reject)
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address()
      probe.close(() => (address && typeof address === 'object' ? resolve(address.port) : reject(new Error('no port'))))
    })
  })
}

/** A port from a setting of the environment, or the usual one. */
export function portSetting(name: 'PORT' | 'DB_PORT', usual: number): number {
  const text = process.env[name]
  if (text === undefined || text === '') return usual
  const port = Number(text)
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Failure(`${name}=${text} is not a port: a whole number from 1 to 65535.`)
  return port
}

/** @throws Failure when another program listens there */
export async function needPort(name: 'PORT' | 'DB_PORT', port: number): Promise<void> {
  if (await isPortFree(port)) return
  throw new Failure(`Port ${port} is in use by another program. Choose another: ${name}=${port + 1} ./start`)
}
