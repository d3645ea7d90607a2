import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Command } from './command'
import type { SendAnswer } from './command-answer'
import type { CommandStore } from './command-store'
import { Outbox, type Heard, type OutboxState } from './outbox'

const command = (id: string): Command => ({
  id,
  changes: 'workshop',
  says: id,
  method: 'POST',
  path: '/api/x',
  body: { value: id },
})

/** A browser: a store that all tabs share, one lock, a channel; storage may be full. */
class Browser {
  kept: Command[] = []
  puts = 0
  hasRoom = true
  mayGo = (_: Command): boolean => true
  #queue: Promise<unknown> = Promise.resolve()
  readonly tabs = new Set<Tab>()

  store(): CommandStore {
    return {
      all: async () => [...this.kept],
      put: async (made) => {
        this.puts++
        // As slow as a store is.
        for (let turn = 0; turn < 30; turn++) await Promise.resolve()
        const at = this.kept.findIndex(({ id }) => id === made.id)
        if (at >= 0) this.kept[at] = made
        else if (this.hasRoom) this.kept.push(made)
        else throw new Error('no room')
      },
      remove: async (id) => void (this.kept = this.kept.filter((other) => other.id !== id)),
    }
  }

  /** A page that is gone lets go of the lock, and never hears that its work is done. */
  alone(work: () => Promise<void>, gone: Promise<void>): Promise<void> {
    return new Promise((done) => {
      this.#queue = this.#queue.then(() => Promise.race([work().then(done), gone]))
    })
  }
}

/** A server that does each command once, over a line that loses requests, answers, or neither. */
class Server {
  readonly done: string[] = []
  readonly #taken = new Set<string>()
  line: ('whole' | 'request lost' | 'answer lost')[] = []
  refuses = (_: Command): boolean => false
  fails = (_: Command): boolean => false
  isShut = false
  /** So many more pieces of a picture are to come. */
  pieces = 0
  onPiece = (_: number): void => {}
  readonly tried: string[] = []

  send = async (made: Command): Promise<SendAnswer> => {
    const line = this.line.shift() ?? 'whole'
    if (line === 'request lost') return { outcome: 'away' }
    if (this.isShut) return { outcome: 'away', why: 'not from here' }
    if (made.changes === 'photos' && this.pieces > 0) {
      this.onPiece(this.pieces--)
      return { outcome: 'more' }
    }
    this.tried.push(made.id)
    if (this.fails(made)) return { outcome: 'failed' }
    if (this.refuses(made)) return { outcome: 'refused', message: `no ${made.id}`, fields: [] }
    if (!this.#taken.has(made.id)) this.done.push(made.id)
    this.#taken.add(made.id)
    return line === 'answer lost' ? { outcome: 'away' } : { outcome: 'done', answer: made.id }
  }
}

/** A page with its outbox; a page that is closed does and hears nothing more. */
class Tab {
  state: OutboxState = { waiting: [], refused: [], isKept: true, isAway: false, why: '', isHeld: false }
  readonly answered: string[] = []
  #close!: () => void
  #isOpen = true
  readonly outbox: Outbox
  readonly #browser: Browser

  constructor(browser: Browser, server: Server) {
    this.#browser = browser
    const gone = new Promise<void>((resolve) => (this.#close = resolve))
    const whileOpen = <Args extends unknown[], Result>(work: (...of: Args) => Promise<Result>) => {
      return async (...of: Args): Promise<Result> => {
        if (!this.#isOpen) return new Promise(() => {})
        const result = await work(...of)
        return this.#isOpen ? result : new Promise(() => {})
      }
    }
    const store = browser.store()
    this.outbox = new Outbox({
      store: { all: whileOpen(store.all), put: whileOpen(store.put), remove: whileOpen(store.remove) },
      send: whileOpen(server.send),
      whatMayGo: async () => browser.mayGo,
      alone: (work) => browser.alone(work, gone),
      pause: whileOpen(() => Promise.resolve()),
      tellOthers: (heard: Heard) => {
        for (const other of browser.tabs)
          if (other !== this) void Promise.resolve().then(() => other.outbox.hear(heard))
      },
      onState: (state) => (this.state = state),
      onAnswer: ({ id }, { outcome }) => this.answered.push(`${id} ${outcome}`),
    })
    browser.tabs.add(this)
    void this.outbox.open()
  }

  close(): void {
    this.#isOpen = false
    this.#browser.tabs.delete(this)
    this.#close()
  }
}

const settle = async () => {
  for (let turn = 0; turn < 300; turn++) await Promise.resolve()
}

describe('the outbox', () => {
  it('sends in order, again until it is heard, and tells what became of each', async () => {
    const [browser, server] = [new Browser(), new Server()]
    server.line = ['request lost', 'answer lost', 'whole']
    const keptWhenSent: boolean[] = []
    server.refuses = ({ id }) => {
      keptWhenSent.push(browser.kept.some((kept) => kept.id === id))
      return false
    }
    const tab = new Tab(browser, server)
    const answers = await Promise.all(['a', 'b', 'c'].map((id) => tab.outbox.add(command(id))))
    expect(answers.map((answer) => answer.outcome === 'done' && answer.answer)).toEqual(['a', 'b', 'c'])
    expect(server.done).toEqual(['a', 'b', 'c'])
    expect(keptWhenSent).not.toContain(false)
    expect(tab.state).toEqual({ waiting: [], refused: [], isKept: true, isAway: false, why: '', isHeld: false })
    expect(browser.kept).toEqual([])
  })

  it('lets the others by where the server fails on one, and keeps that one to be sent again', async () => {
    const [browser, server] = [new Browser(), new Server()]
    server.fails = ({ id }) => id === 'a'
    const tab = new Tab(browser, server)
    const other = new Tab(browser, server)
    const answers = await Promise.all(['a', 'b'].map((id) => tab.outbox.add(command(id))))
    expect(answers.map(({ outcome }) => outcome)).toEqual(['refused', 'done'])
    expect(server.tried).toEqual(['a', 'a', 'a', 'a', 'a', 'b'])
    await settle()
    for (const { state } of [tab, other])
      expect(state).toMatchObject({ waiting: [], refused: [{ id: 'a', isSound: true }] })
    expect(browser.kept.map(({ id }) => id)).toEqual(['a'])
    server.fails = () => false
    await other.outbox.again('a')
    await settle()
    expect(server.done).toEqual(['b', 'a'])
    expect([browser.kept, tab.state.refused, other.state.refused]).toEqual([[], [], []])
  })

  it('shows at once what waits, and that the server is away', async () => {
    const [browser, server] = [new Browser(), new Server()]
    const tab = new Tab(browser, server)
    await settle()
    void tab.outbox.add(command('a'))
    expect(tab.state.waiting.map(({ id }) => id)).toEqual(['a'])
    server.line = Array.from({ length: 10_000 }, () => 'request lost' as const)
    await settle()
    expect(tab.state).toMatchObject({ isAway: true, isKept: true, waiting: [{ id: 'a' }] })
    server.line = []
    await settle()
    expect(tab.state).toMatchObject({ isAway: false, waiting: [] })
  })

  it('what an earlier visit left is sent by the next; what is refused then stays until it is seen', async () => {
    const [browser, server] = [new Browser(), new Server()]
    browser.kept = [command('bad'), command('good')]
    server.refuses = ({ id }) => id === 'bad'
    const [tab, other] = [new Tab(browser, server), new Tab(browser, server)]
    await settle()
    expect(server.done).toEqual(['good'])
    expect(tab.state.refused).toMatchObject([{ id: 'bad', refused: 'no bad' }])
    expect(other.state.refused).toMatchObject([{ id: 'bad' }])
    await other.outbox.forget('bad')
    await settle()
    expect([tab.state.refused, browser.kept]).toEqual([[], []])
  })

  it('what is refused is told to who waits for it, whichever tab sent it', async () => {
    const [browser, server] = [new Browser(), new Server()]
    server.refuses = () => true
    const [sender, asker] = [new Tab(browser, server), new Tab(browser, server)]
    server.line = ['request lost', 'request lost', 'request lost']
    void sender.outbox.add(command('first'))
    const answer = await asker.outbox.add(command('second'))
    expect(answer).toMatchObject({ outcome: 'refused', message: 'no second' })
    await settle()
    expect([sender.state.refused, asker.state.refused, browser.kept]).toEqual([[], [], []])
  })

  it('what happened on site is not let go of when it is refused: it is listed, and sent again when somebody says so', async () => {
    const [browser, server] = [new Browser(), new Server()]
    server.refuses = ({ changes }) => changes === 'log'
    const tab = new Tab(browser, server)
    const tick: Command = { ...command('tick'), changes: 'log', body: { entries: [] } }
    expect(await tab.outbox.add(tick)).toMatchObject({ outcome: 'refused' })
    await settle()
    expect(tab.state.refused).toMatchObject([{ id: 'tick', refused: 'no tick', isSound: true }])
    expect(browser.kept).toHaveLength(1)
    const next = new Tab(browser, server)
    await settle()
    server.refuses = () => false
    await next.outbox.again('tick')
    await settle()
    expect([server.done, browser.kept, next.state.refused]).toEqual([['tick'], [], []])
  })

  it('what it holds outlives the browser’s storage: it is put there again, and sent', async () => {
    const [browser, server] = [new Browser(), new Server()]
    const [tab, other] = [new Tab(browser, server), new Tab(browser, server)]
    await settle()
    server.line = Array.from({ length: 10_000 }, () => 'request lost' as const)
    for (const id of ['a', 'b', 'c']) void tab.outbox.add(command(id))
    await settle()
    browser.kept = []
    void other.outbox.add(command('d'))
    await settle()
    expect(browser.kept.map(({ id }) => id).sort()).toEqual(['a', 'b', 'c', 'd'])
    server.line = []
    await settle()
    expect([[...server.done].sort(), browser.kept, tab.state.waiting]).toEqual([['a', 'b', 'c', 'd'], [], []])
  })

  it('what a look does not see because it is on its way there is not put a second time', async () => {
    const [browser, server] = [new Browser(), new Server()]
    const tab = new Tab(browser, server)
    await settle()
    server.isShut = true
    void tab.outbox.add(command('a'))
    for (let turn = 0; turn < 60; turn++) {
      void tab.outbox.goOn()
      await Promise.resolve()
    }
    await settle()
    server.isShut = false
    await settle()
    expect([server.done, browser.puts]).toEqual([['a'], 1])
  })

  it('lets nobody in: it waits with what was said of that, and nothing is refused', async () => {
    const [browser, server] = [new Browser(), new Server()]
    const tab = new Tab(browser, server)
    server.isShut = true
    void tab.outbox.add({ ...command('tick'), changes: 'log', body: { entries: [] } })
    await settle()
    expect(tab.state).toMatchObject({ isAway: true, why: 'not from here', refused: [], waiting: [{ id: 'tick' }] })
    server.isShut = false
    await settle()
    expect([server.done, tab.state.why]).toEqual([['tick'], ''])
  })

  it('what is about a job that the server does not have waits until it goes on', async () => {
    const [browser, server] = [new Browser(), new Server()]
    const tab = new Tab(browser, server)
    browser.mayGo = ({ path }) => path !== '/api/jobs/new/log'
    void tab.outbox.add({ ...command('tick'), changes: 'log', path: '/api/jobs/new/log', body: { entries: [] } })
    void tab.outbox.add(command('price'))
    await settle()
    expect([server.done, tab.state.waiting.map(({ id }) => id), tab.state.isHeld]).toEqual([['price'], ['tick'], true])
    browser.mayGo = () => true
    await tab.outbox.goOn()
    await settle()
    expect(server.done).toEqual(['price', 'tick'])
  })

  it('between two pieces of a picture goes what is more urgent', async () => {
    const [browser, server] = [new Browser(), new Server()]
    const tab = new Tab(browser, server)
    server.pieces = 3
    void tab.outbox.add({ ...command('photo'), changes: 'photos' })
    server.onPiece = (left) => {
      if (left === 1) void tab.outbox.add({ ...command('tick'), changes: 'log', body: { entries: [] } })
    }
    await settle()
    expect(server.done).toEqual(['tick', 'photo'])
  })

  it('without room it is sent all the same, and said not to be kept', async () => {
    const [browser, server] = [new Browser(), new Server()]
    browser.hasRoom = false
    server.line = Array.from({ length: 10_000 }, () => 'request lost' as const)
    const tab = new Tab(browser, server)
    void tab.outbox.add(command('a'))
    await settle()
    expect(tab.state).toMatchObject({ isKept: false, waiting: [{ id: 'a' }] })
    server.line = []
    await settle()
    expect([server.done, tab.state]).toMatchObject([['a'], { isKept: true, waiting: [] }])
  })
})

describe('random histories of two tabs with one outbox', () => {
  const step = fc.oneof(
    { weight: 5, arbitrary: fc.record({ do: fc.constant('add' as const), tab: fc.nat(1) }) },
    { weight: 2, arbitrary: fc.record({ do: fc.constant('reload' as const), tab: fc.nat(1) }) },
    { weight: 3, arbitrary: fc.record({ do: fc.constant('pause' as const), tab: fc.constant(0) }) },
    { weight: 1, arbitrary: fc.record({ do: fc.constant('room' as const), tab: fc.nat(1) }) },
    { weight: 1, arbitrary: fc.record({ do: fc.constant('storage gone' as const), tab: fc.constant(0) }) },
    { weight: 1, arbitrary: fc.record({ do: fc.constant('shut' as const), tab: fc.constant(0) }) },
  )
  const lines = fc.array(fc.constantFrom('whole' as const, 'request lost' as const, 'answer lost' as const), {
    maxLength: 40,
  })

  it('all that was kept arrives, once, each tab’s in its order', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(step, { minLength: 5, maxLength: 40 }), lines, async (steps, lost) => {
        const [browser, server] = [new Browser(), new Server()]
        server.line = [...lost]
        const tabs = [new Tab(browser, server), new Tab(browser, server)]
        const keptOf: string[][] = [[], []]
        for (const [number, { do: act, tab: at }] of steps.entries()) {
          if (act === 'add') {
            const id = `${number} of ${at}`
            void tabs[at]!.outbox.add(command(id))
            // Until the store has it the page does not say that it is kept.
            if (browser.hasRoom) keptOf[at]!.push(id)
            for (let turn = 0; turn < 35; turn++) await Promise.resolve()
          } else if (act === 'reload') {
            tabs[at]!.close()
            tabs[at] = new Tab(browser, server)
          } else if (act === 'room') browser.hasRoom = !browser.hasRoom
          else if (act === 'shut') server.isShut = !server.isShut
          else if (act === 'storage gone') {
            // The tabs that are open have what it held, and look again before they go.
            browser.kept = []
            // Where there is no room either, the page says that nothing more is kept.
            if (!browser.hasRoom)
              for (const ids of keptOf) ids.splice(0, ids.length, ...ids.filter((id) => server.done.includes(id)))
            for (const tab of tabs) await tab.outbox.goOn()
            await settle()
          } else await settle()
        }
        server.isShut = false
        await settle()
        await settle()
        expect(tabs.map(({ state }) => state.waiting)).toEqual([[], []])
        // A page that goes while it puts something there may leave it behind, done: the next visit asks, and clears it.
        expect(server.done).toEqual(expect.arrayContaining(browser.kept.map(({ id }) => id)))
        for (const tab of tabs) tab.close()
        const next = new Tab(browser, server)
        await settle()
        expect([next.state.waiting, browser.kept]).toEqual([[], []])
        expect(new Set(server.done).size).toBe(server.done.length)
        for (const ids of keptOf) {
          const done = server.done.filter((id) => ids.includes(id))
          // Put there again, what the storage lost may stand behind what came after it.
          const isAnyOrder = steps.some(({ do: act }) => act === 'storage gone')
          expect(isAnyOrder ? done.toSorted() : done).toEqual(isAnyOrder ? ids.toSorted() : ids)
        }
      }),
      { numRuns: 200 },
    )
  })
})
