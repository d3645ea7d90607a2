import { vi } from 'vitest'
import type { Job } from '~~/core/job/job'
import type { Entry } from '~~/core/log/entry'
import { generationHeader } from '~/sync/generation'

interface Kept {
  version: number
  job: Job
}

/** For tests of the page's logic: a server in memory that answers as the real one does, and may be away. */
export class FakeServer {
  readonly jobs = new Map<string, Kept>()
  readonly logs = new Map<string, Entry[]>()
  generation = 'first-life'
  isAway = false
  /** What it answers otherwise, by method and path: a status, and what it says. */
  readonly answers = new Map<string, readonly [status: number, answer: unknown]>()
  /** What it was sent, by method and path. */
  readonly asked: string[] = []

  constructor() {
    vi.stubGlobal('fetch', (path: string, init: RequestInit = {}) => this.#answer(path, init))
  }

  /** What another device saves: its version is the next one. */
  saveElsewhere(id: string, change: (job: Job) => Job): Kept {
    const { version, job } = this.jobs.get(id)!
    const saved = { version: version + 1, job: change(job) }
    this.jobs.set(id, saved)
    return saved
  }

  async #answer(path: string, { method = 'GET', body }: RequestInit): Promise<Response> {
    if (this.isAway) throw new TypeError('fetch failed')
    this.asked.push(`${method} ${path}`)
    const told = this.answers.get(`${method} ${path}`)
    if (told) return this.#json(...told)
    const [, id, part] = /^\/api\/jobs\/([^/?]+)(?:\/(\w+))?/.exec(path) ?? []
    const sent = typeof body === 'string' ? (JSON.parse(body) as object) : {}
    if (id && part === 'log') return this.#log(id, path, sent as { entries?: Entry[] })
    if (id && !part) return method === 'PUT' ? this.#save(id, sent as Kept) : this.#load(id)
    return this.#json(404, { message: 'nothing is there' })
  }

  #json(status: number, answer: unknown): Response {
    return new Response(JSON.stringify(answer), { status, headers: { [generationHeader]: this.generation } })
  }

  #load(id: string): Response {
    const kept = this.jobs.get(id)
    return kept ? this.#json(200, { id, ...kept }) : this.#json(404, { message: 'it is not there' })
  }

  #save(id: string, { version, job }: Kept): Response {
    const kept = this.jobs.get(id)
    if (version !== (kept?.version ?? 0)) return this.#json(kept ? 409 : 404, { id, ...kept })
    const saved = { version: version + 1, job }
    this.jobs.set(id, saved)
    return this.#json(200, { id, ...saved })
  }

  #log(id: string, path: string, { entries }: { entries?: Entry[] }): Response {
    const log = this.logs.get(id) ?? []
    if (entries) {
      const known = new Set(log.map((entry) => entry.id))
      this.logs.set(id, [...log, ...entries.filter((entry) => !known.has(entry.id))])
      return this.#json(201, { arrived: '2026-05-04T10:00:01.000Z', ahead: null })
    }
    const [, after = '0', life] = /after=(\d+)(?:\.([\w-]+))?/.exec(path) ?? []
    const isAnew = life !== undefined && life !== this.generation
    const from = isAnew ? 0 : Number(after)
    const cursor = `${log.length}.${this.generation}`
    return this.#json(200, { entries: log.slice(from), cursor, ...(isAnew ? { anew: true } : {}) })
  }
}
