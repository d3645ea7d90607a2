import { spawn, type ChildProcess } from 'node:child_process'
import { tmpdir } from 'node:os'
import { resolve } from 'node:path'
import { setTimeout as sleep } from 'node:timers/promises'
import { serverEntry } from './build'
import { Failure } from './failure'

export interface ServerSettings {
  readonly port: number
  readonly databaseUrl: string
  /** Whether an empty database gets the demo jobs. */
  readonly demo: boolean
}

/** The built application, serving on loopback. */
export class LocalServer {
  #process: ChildProcess | undefined

  constructor(private readonly settings: ServerSettings) {}

  get pid(): number | undefined {
    return this.#process?.pid
  }

  get origin(): string {
    return `http://127.0.0.1:${this.settings.port}`
  }

  /** Starts it and waits until it answers; whether its database does is another matter. */
  async start(): Promise<void> {
    const { port, databaseUrl, demo } = this.settings
    const env = {
      ...process.env,
      HOST: '127.0.0.1',
      NITRO_HOST: '127.0.0.1',
      PORT: String(port),
      NITRO_PORT: String(port),
      DATABASE_URL: databaseUrl,
      JOLVET_DEMO: demo ? '1' : '0',
    }
    const server = spawn(process.execPath, [resolve(serverEntry)], {
      env,
      // It must not matter from where it is started.
      cwd: tmpdir(),
      stdio: ['ignore', 'ignore', 'inherit'],
      detached: true,
    })
    this.#process = server
    for (let tries = 0; tries < 300; tries++) {
      if (server.exitCode !== null) break
      const answer = await fetch(`${this.origin}/api/health`).catch(() => null)
      if (answer) return
      await sleep(100)
    }
    await this.stop()
    throw new Failure('The server did not start; what it said stands above.')
  }

  onUnexpectedEnd(callback: () => void): void {
    const server = this.#process
    server?.once('exit', () => {
      if (this.#process === server) callback()
    })
  }

  /** Ends it as a crash would. */
  kill(): void {
    this.#process?.kill('SIGKILL')
  }

  async stop(): Promise<void> {
    const server = this.#process
    this.#process = undefined
    if (!server || server.exitCode !== null || server.signalCode !== null) return
    const ended = new Promise((done) => server.once('exit', done))
    server.kill('SIGTERM')
    // Open connections of a browser must not hold it back.
    await Promise.race([ended, sleep(3000)])
    if (server.exitCode === null && server.signalCode === null) server.kill('SIGKILL')
  }
}
