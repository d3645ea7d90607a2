import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { emptyJob } from '~~/core/edit/new-job'
import type { Job } from '~~/core/job/job'
import { SaveLoop, type KeptDraft, type SaveStatus } from './save-loop'
import type { Answer, Transport } from './job-transport'

const base = emptyJob('Base', 'metric', 'metric')
/** A server that takes each key once, on a line that loses requests and answers. */
class Server {
  version = 1
  job = base
  saves = 0
  lines: ('whole' | 'request lost' | 'answer lost')[] = []
  private readonly taken = new Map<string, number>()

  private take(version: number, job: Job, key: string): Answer {
    const before = this.taken.get(key)
    if (before !== undefined) return { outcome: 'done', stored: { id: 'j', version: before, job } }
    if (version !== this.version)
      return { outcome: 'conflict', stored: { id: 'j', version: this.version, job: this.job } }
    this.version += 1
    this.job = job
    this.saves += 1
    this.taken.set(key, this.version)
    return { outcome: 'done', stored: { id: 'j', version: this.version, job } }
  }

  readonly transport: Transport = {
    load: () => Promise.resolve({ outcome: 'done', stored: { id: 'j', version: this.version, job: this.job } }),
    save: (_, { version, job, key }) => {
      const line = this.lines.shift() ?? 'whole'
      const away: Answer = { outcome: 'away', what: 'server' }
      if (line === 'request lost') return Promise.resolve(away)
      const answer = this.take(version, job, key)
      return Promise.resolve(line === 'answer lost' ? away : answer)
    },
  }
}

/** A tab that writes its own notes into the job: a survey each, named by what was typed. */
class Tab {
  loop!: SaveLoop
  job!: Job
  kept: KeptDraft | null = null
  status: SaveStatus = { kind: 'saved' }
  /** The page that is open in this tab now; a reload opens another. */
  #page = {}

  constructor(
    private readonly server: Server,
    readonly name: string,
    private readonly room: { left: boolean },
  ) {
    this.open()
  }

  /** Opens the job as the page does: what the server has, with the draft that was left. */
  open(): void {
    const page = (this.#page = {})
    const isOpen = () => this.#page === page
    this.status = { kind: 'saved' }
    const draft = this.kept
    const stored = { id: 'j', version: this.server.version, job: this.server.job }
    this.job = stored.job
    this.loop = new SaveLoop({
      ...stored,
      version: draft?.version ?? stored.version,
      base: draft ? draft.base : stored.job,
      // A page that is closed sends nothing more; what was under way may still arrive, its answer is heard by nobody.
      transport: {
        ...this.server.transport,
        save: async (...of) => {
          if (!isOpen()) return new Promise(() => {})
          const answer = await this.server.transport.save(...of)
          return isOpen() ? answer : new Promise(() => {})
        },
      },
      isSound: () => true,
      attempt: draft?.attempt,
      keep: (text) => {
        if (this.room.left && isOpen()) this.kept = text
        return Promise.resolve(this.room.left)
      },
      drop: () => {
        if (isOpen()) this.kept = null
      },
      onStatus: (status) => {
        if (isOpen()) this.status = status
      },
      onKept: () => {},
      onMerged: (job) => {
        if (isOpen()) this.job = job
      },
      onSaved: () => {},
      wait: () => Promise.resolve(),
    })
    if (draft) this.change(draft.job)
  }

  private change(job: Job): void {
    this.job = job
    this.loop.change(job)
  }

  type(what: string): void {
    this.change({ ...this.job, surveys: [...this.job.surveys, { id: what, name: what, observations: [] }] })
  }

  erase(what: string): void {
    this.change({ ...this.job, surveys: this.job.surveys.filter(({ id }) => id !== what) })
  }
}

const settle = async () => {
  for (let turn = 0; turn < 200; turn++) await Promise.resolve()
}

describe('random histories of two tabs on one job', () => {
  const step = fc.oneof(
    { weight: 4, arbitrary: fc.record({ do: fc.constant('type' as const), tab: fc.nat(1) }) },
    { weight: 2, arbitrary: fc.record({ do: fc.constant('erase' as const), tab: fc.nat(1) }) },
    { weight: 2, arbitrary: fc.record({ do: fc.constant('reload' as const), tab: fc.nat(1) }) },
    { weight: 3, arbitrary: fc.record({ do: fc.constant('pause' as const), tab: fc.constant(0) }) },
    { weight: 1, arbitrary: fc.record({ do: fc.constant('fill' as const), tab: fc.nat(1) }) },
    { weight: 1, arbitrary: fc.record({ do: fc.constant('free' as const), tab: fc.nat(1) }) },
  )
  const lines = fc.array(fc.constantFrom('whole' as const, 'request lost' as const, 'answer lost' as const), {
    maxLength: 30,
  })

  it('nothing that was acknowledged is missing in the end, nothing stands twice, and what was erased stays away', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(step, { minLength: 5, maxLength: 40 }), lines, async (steps, lost) => {
        const server = new Server()
        server.lines = [...lost]
        const rooms = [{ left: true }, { left: true }]
        const tabs = rooms.map((room, index) => new Tab(server, `tab ${index}`, room))
        const typed: [what: string, tab: Tab][] = []
        const erased: string[] = []
        for (const [number, { do: act, tab: index }] of steps.entries()) {
          const tab = tabs[index]!
          if (act === 'type') {
            const what = `typed ${number} in ${tab.name}`
            tab.type(what)
            // With no room here it is only there once the server has it; until then the page says so.
            if (rooms[index]!.left) typed.push([what, tab])
          } else if (act === 'erase') {
            const at = typed.findIndex(([, by]) => by === tab)
            if (at < 0 || !rooms[index]!.left) continue
            const [[what]] = typed.splice(at, 1) as [[string, Tab]]
            tab.erase(what)
            erased.push(what)
          } else if (act === 'reload') {
            tab.open()
          } else if (act === 'fill') rooms[index]!.left = false
          else if (act === 'free') rooms[index]!.left = true
          else await settle()
        }
        server.lines = []
        for (let turn = 0; turn < 4; turn++) {
          await settle()
          for (const tab of tabs) if (!tab.loop.isClean) tab.open()
        }
        await settle()
        expect(tabs.map(({ status }) => status.kind)).toEqual(['saved', 'saved'])
        const ids = server.job.surveys.map(({ id }) => id)
        expect(new Set(ids).size).toBe(ids.length)
        for (const [what] of typed) expect(ids).toContain(what)
        for (const what of erased) expect(ids).not.toContain(what)
      }),
      { numRuns: 300 },
    )
  })
})
