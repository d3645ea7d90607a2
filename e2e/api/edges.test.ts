import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { emptyJob } from '../../core/edit/new-job'
import tarn from '../../demo/tarn-lane-bakehouse.json'
import { serverEntry } from '../../scripts/run/build'
import { calls, pages } from '../../server/http/routes'
import first from '../../demo/version-1/tarn-lane-bakehouse.json'
import { useSite } from './client'

const { ask, site } = useSite(false)

/** Files below a folder, as the paths that they stand for. */
const filesOf = (folder: string, ending: string): string[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith(ending) && !name.includes('[...]'))
    .map((name) => name.slice(0, -ending.length).replaceAll(/\[(\w+)\]/g, ':$1'))

describe('the tables of what there is', () => {
  it('hold every call and its methods', () => {
    const files = filesOf('server/api', '.ts').map((name) => {
      const [, path, method] = /^(.*)\.(\w+)$/.exec(name)!
      return `${method!.toUpperCase()} /api/${path!.replace(/\/?index$/, '')}`
    })
    expect(calls.flatMap(([path, ...methods]) => methods.map((method) => `${method} ${path}`)).toSorted()).toEqual(
      files.toSorted(),
    )
  })

  it('hold every page', () => {
    const folders = new Set(filesOf('app/pages', '.vue').map((name) => `/${name}`.replace(/\/index$/, '') || '/'))
    expect(pages.toSorted()).toEqual([...folders].toSorted())
  })
})

describe('what is not there', () => {
  it('an unknown page is answered 404, a known one 200', async () => {
    const status = async (path: string) => (await fetch(site().origin + path)).status
    expect(await status('/')).toBe(200)
    expect(await status('/bench/bend/')).toBe(200)
    expect(await status('/jobs/whatever/route')).toBe(200)
    expect(await status('/nothing')).toBe(404)
    expect(await status('/jobs/whatever/nothing')).toBe(404)
  })

  it('another method is answered 405 with those that there are', async () => {
    const wrong = await ask('DELETE', 'rack')
    expect(wrong).toMatchObject({ status: 405, body: { error: 'method', message: expect.stringContaining('POST') } })
    expect(wrong.headers.get('allow')).toBe('GET, HEAD, POST')
    for (const [path, ...methods] of calls)
      for (const method of ['GET', 'POST', 'PUT', 'PATCH', 'DELETE'].filter((other) => !methods.includes(other)))
        expect([path, method, (await ask(method, path.slice(5).replace(':id', 'x'))).status]).toEqual([
          path,
          method,
          405,
        ])
    expect((await ask('GET', 'nothing')).status).toBe(404)
  })

  it('HEAD is answered as GET is, without the body', async () => {
    const head = await fetch(`${site().origin}/api/jobs`, { method: 'HEAD' })
    expect(head.status).toBe(200)
    expect(await head.text()).toBe('')
    expect((await fetch(`${site().origin}/api/jobs/none`, { method: 'HEAD' })).status).toBe(404)
  })
})

describe('what is not known', () => {
  const job = emptyJob('Fields', 'metric', 'metric')
  it.each([
    ['POST', 'jobs', { ...job, colour: 'red' }, 'colour'],
    ['POST', 'plan', { ...first, legs: [] }, 'legs'],
    [
      'POST',
      'plan',
      { ...tarn, runs: tarn.runs.map((run, at) => (at === 0 ? { ...run, slope: 1 } : run)) },
      'runs.0.slope',
    ],
    ['POST', 'stock', { pieces: [{ id: 'a', length: 5, wide: 1 }], barLength: 3000 }, 'pieces.0.wide'],
    ['POST', 'join', { a: 'x', b: 'y', service: 'cold', servise: 'hot' }, 'servise'],
    ['POST', 'identify', { observations: [], regio: 'britain' }, 'regio'],
    ['POST', 'rack', { for: 'x', take: [1] }, 'take'],
    ['PATCH', 'workshop', { changes: [{ path: ['hours'], value: 3 }] }, 'hours'],
    ['PATCH', 'workshop', { changes: [{ path: ['methods', 'solder', 'colour'], value: 3 }] }, 'methods.solder.colour'],
  ])('%s %s: the field is named', async (method, path, body, field) => {
    const reply = await ask(method, path, body)
    expect(reply.status).toBe(422)
    expect(reply.body.fields.map((one: { field: string }) => one.field)).toContain(field)
  })

  it.each([[{ a: 1 }], [[[[]]]], [-1], [1.5], ['x'], [null], [true]])('version %j is refused', async (version) => {
    const reply = await ask('PUT', 'jobs/x', { version, job })
    expect(reply).toMatchObject({ status: 422, body: { fields: [{ field: 'version' }] } })
  })
})

describe('while something heavy is worked out', () => {
  /** Sizes without a common measure: the bound of such a question was worked at for over a minute. */
  const hard = {
    pieces: Array.from({ length: 300 }, (_, at) => ({ id: `p${at}`, length: 211.137 + ((at * 7919) % 2803) * 0.613 })),
    barLength: 5999.71,
    kerf: 1.13,
  }

  it('a thread loads the core and what speaks for it, and never the server', () => {
    const loaded = new Set<string>()
    const load = (file: string): void => {
      if (loaded.has(file)) return
      loaded.add(file)
      const text = readFileSync(file, 'utf8')
      for (const [, next] of text.matchAll(/(?:from|import) ?['"](\.[^'"]+)['"]/g)) load(join(dirname(file), next!))
    }
    load(join(dirname(serverEntry), 'work-thread.mjs'))
    expect([...loaded].filter((file) => /core\.mjs$/.test(file))).toHaveLength(1)
    expect([...loaded].filter((file) => file.includes('/nitro/'))).toEqual([])
  })

  it('others are answered meanwhile, and who goes away is not worked for', async () => {
    const gone = new AbortController()
    const asked = [1, 2, 3].map(() =>
      fetch(`${site().origin}/api/stock`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(hard),
        signal: gone.signal,
      }).catch(() => null),
    )
    await new Promise((resolve) => setTimeout(resolve, 300))
    let answered = 0
    const until = Date.now() + 1500
    while (Date.now() < until) {
      expect((await ask('GET', 'workshop')).status).toBe(200)
      answered += 1
    }
    // On the loop that answers, not one would be heard in this time.
    expect(answered).toBeGreaterThan(10)
    gone.abort()
    await Promise.all(asked)
    const small = await ask('POST', 'stock', { pieces: [{ id: 'a', length: 500 }], barLength: 3000 })
    expect(small).toMatchObject({ status: 200, body: { newBars: 1 } })
  })

  it('more than can wait is sent away with when to come back', async () => {
    const gone = new AbortController()
    const one = () =>
      fetch(`${site().origin}/api/stock`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(hard),
        signal: gone.signal,
      })
    const busy = await new Promise<Response>((resolve) => {
      for (let at = 0; at < 40; at++)
        void one().then(
          (reply) => reply.status === 429 && resolve(reply),
          () => {},
        )
    })
    expect(Number(busy.headers.get('retry-after'))).toBeGreaterThan(0)
    expect(await busy.json()).toMatchObject({ error: 'busy' })
    gone.abort()
  })
})
