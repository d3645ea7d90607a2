import { request } from 'node:http'
import { describe, expect, it } from 'vitest'
import { pipeId, sampleJob } from '../../core/testing/sample-run'
import { useSite } from './client'
import { chained } from '../../core/testing/sample-choice'

const { ask, site } = useSite(true)
const copper22 = pipeId('EN 1057', '22', 0.9)

describe('the catalogue and the schema', () => {
  it('lists every pipe with its figures', async () => {
    const { body } = await ask('GET', 'catalogue/pipes')
    expect(body).toHaveLength(243)
    expect(body[0]).toMatchObject({
      id: expect.any(String),
      material: 'copper',
      temper: 'hard',
      standard: 'ASTM B88',
      grade: 'K',
      nominal: '1/4',
      od: 9.525,
      wall: 0.889,
      basis: 'standard',
    })
  })

  it('publishes the job file’s schema', async () => {
    const { body } = await ask('GET', 'schema/job.json')
    expect(body).toMatchObject({
      type: 'object',
      properties: { format: { const: 'jolvet-job' }, runs: { type: 'array' } },
    })
  })

  it('seeds the three demo jobs', async () => {
    const { body } = await ask('GET', 'jobs')
    expect(body.map(({ job }: { job: { title: string } }) => job.title).toSorted()).toEqual([
      'Cedar Kiln Studio',
      'Millrace Cottage',
      'Tarn Lane Bakehouse',
    ])
  })
})

describe('plan, identify, join', () => {
  it('plans a job file that says no more than it must', async () => {
    const { surveys: _, ...bare } = sampleJob({
      pipe: copper22,
      method: 'solder',
      legs: [
        ['open:a', 'east', 1000, 'elbow:b'],
        ['elbow:b', 'up', 500, 'open:c'],
      ],
    })
    const { status, body } = await ask('POST', 'plan', bare)
    expect(status).toBe(200)
    expect(body.pieces.map(({ cut }: { cut: number }) => cut)).toEqual([985.4, 485.4])
    expect(body.joints[0]).toMatchObject({ node: 'b', piece: 'P1', method: 'solder', insertion: 15.4, verdict: 'fits' })
    expect(Object.keys(body)).toEqual(
      expect.arrayContaining(['pieces', 'joints', 'fittings', 'clips', 'closing', 'checks']),
    )
  })

  it('puts a made-up piece between two fittings of a chain that face each other, and keeps the job as it was decided', async () => {
    const job = sampleJob({
      pipe: copper22,
      method: 'press-metal',
      legs: [
        ['open:a', 'east', 1000, 'adapter:b'],
        ['adapter:b', 'east', 500, 'open:c'],
      ],
      nodes: {
        b: {
          fitting: chained(Array(2).fill('22 press × 22 press coupling'), ['press-metal', 'press-metal']),
        },
      },
    })
    const { body: plan } = await ask('POST', 'plan', job)
    // Two depths of 23, and the jaw's 20 between.
    expect(plan.pieces.map(({ cut }: { cut: number | null }) => cut)[1]).toBe(66)
    const { body: saved } = await ask('POST', 'jobs', job)
    const { body: kept } = await ask('GET', `jobs/${saved.id}`)
    expect(kept.job).toEqual(job)
    expect((await ask('POST', 'plan', kept.job)).body).toEqual(plan)
    await ask('DELETE', `jobs/${saved.id}`)
  })

  it('identifies from observations, and names a wrong one', async () => {
    const { body } = await ask('POST', 'identify', {
      observations: [
        { kind: 'diameter', mm: 22, instrument: 'caliper' },
        { kind: 'cut-end', value: 'reddish metal' },
        { kind: 'feel', value: 'rigid' },
      ],
    })
    expect(body).toMatchObject({ settled: true, next: [] })
    expect(body.candidates[0]).toMatchObject({
      pipe: copper22,
      label: expect.stringContaining('EN 1057'),
      probability: expect.any(Number),
      fits: expect.arrayContaining(['22 solder']),
    })
    const wrong = await ask('POST', 'identify', {
      observations: [
        { kind: 'diameter', mm: -5, instrument: 'caliper' },
        { kind: 'magnet', value: 'purple' },
      ],
    })
    expect(wrong.status).toBe(422)
    expect(wrong.body.fields.map(({ field }: { field: string }) => field)).toEqual([
      'observations.0.mm',
      'observations.1.value',
    ])
  })

  it('joins two pipes, and names one that does not exist', async () => {
    const { body } = await ask('POST', 'join', {
      a: pipeId('BS 659', '3/4'),
      b: copper22,
      service: 'cold',
      place: { hotWork: 'forbidden' },
    })
    expect(body.ends.a.find(({ method }: { method: string }) => method === 'solder').verdict).toBe('refuse')
    expect(body.chains[0]).toMatchObject({
      verdict: 'fits',
      fittings: [{ label: expect.stringContaining('converter') }],
    })
    const wrong = await ask('POST', 'join', { a: 'hose', b: copper22, service: 'cold' })
    expect(wrong).toMatchObject({
      status: 422,
      body: { fields: [{ field: 'a', problem: expect.stringContaining('hose') }] },
    })
    expect((await ask('POST', 'join', { a: copper22, b: copper22 })).body.fields[0].field).toBe('service')
  })
})

describe('security', () => {
  it('sets a strict policy and the usual headers', async () => {
    const page = await fetch(site().origin)
    const policy = page.headers.get('content-security-policy') ?? ''
    // WebAssembly is let in for the solver; code made from text is not, nor scripts written into the page.
    expect(policy).toMatch(/script-src 'self' 'wasm-unsafe-eval' 'sha256-/)
    expect(policy).not.toMatch(/script-src[^;]*'unsafe-(eval|inline)/)
    const { headers } = await ask('GET', 'jobs')
    expect(headers.get('x-content-type-options')).toBe('nosniff')
    expect(headers.get('content-security-policy')).toContain("default-src 'none'")
    expect(headers.get('cache-control')).toBe('no-store')
    const script = /\/_nuxt\/[\w-]+\.js/.exec(await page.text())![0]
    const file = (await fetch(site().origin + script)).headers
    expect(file.get('x-content-type-options')).toBe('nosniff')
    expect(file.get('cross-origin-resource-policy')).toBe('same-origin')
    expect(file.get('content-security-policy')).toContain("script-src 'self' 'wasm-unsafe-eval'")
  })

  it('refuses another site’s page, and another name for this server', async () => {
    expect((await ask('POST', 'jobs', {}, { Origin: 'http://elsewhere.example' })).status).toBe(403)
    expect((await ask('GET', 'jobs', undefined, { 'Sec-Fetch-Site': 'cross-site' })).status).toBe(403)
    const status = await new Promise((resolve) => {
      request(`${site().origin}/api/jobs`, { headers: { Host: 'rebound.example' } }, (response) =>
        resolve(response.statusCode),
      ).end()
    })
    expect(status).toBe(403)
  })

  it('listens on loopback only', () => expect(site().origin).toMatch(/^http:\/\/127\.0\.0\.1:/))
})

describe('the demo data', () => {
  it('comes once in the life of a database: taken away, it stays away, and nothing measured is written over', async () => {
    const jobs: { id: string }[] = (await ask('GET', 'jobs')).body
    for (const { id } of jobs) expect((await ask('DELETE', `jobs/${id}`)).status).toBe(204)
    const [part] = (await ask('GET', 'parts')).body
    const measured = { ...part, mm: part.mm + 1, by: 'The crew' }
    const { id: _, at: __, ...own } = measured
    expect((await ask('POST', 'parts', { parts: [own] })).status).toBe(201)
    const rack = (await ask('GET', 'rack')).body
    await site().server.stop()
    await site().server.start()
    expect((await ask('GET', 'jobs')).body).toEqual([])
    expect((await ask('GET', 'rack')).body).toEqual(rack)
    const now = (await ask('GET', 'parts')).body.find((of: { socket: string }) => of.socket === part.socket)
    expect(now).toMatchObject({ mm: measured.mm, by: 'The crew' })
  })
})

describe('a test under pressure', () => {
  const readings = Array.from({ length: 63 }, (_, at) => ({
    seconds: 10 * at,
    bar: 6.6 - 0.6 * (1 - Math.exp(-at / 30)),
    celsius: 15 - 0.4 * (1 - Math.exp(-at / 30)),
  }))
  const asked = {
    system: { segments: [{ pipe: copper22, metres: 10 }] },
    test: { profile: 'en806-a', design: 6, medium: 'water' },
    readings,
  }

  it('that falls because it cools is tight, and fails by its standard', async () => {
    const { status, body } = await ask('POST', 'prove', asked)
    expect(status).toBe(200)
    expect(body).toMatchObject({
      verdict: 'tight',
      probability: expect.any(Number),
      leak: { mlPerMinute: expect.any(Number), low: expect.any(Number), high: expect.any(Number) },
      profile: {
        passes: false,
        limits: [
          { text: 'at least 6.60 bar reached', passes: true },
          { text: 'no drop in 10 minutes', limit: 0, passes: false },
        ],
      },
      decidedAfter: expect.any(Number),
      next: { kind: 'end', text: expect.any(String) },
    })
    expect(body.causes.map(({ cause }: { cause: string }) => cause)).toEqual([
      ...['leak', 'inflow', 'temperature', 'creep', 'air', 'unexplained'],
    ])
    expect(body.profile.limits[1].value).toBeCloseTo(0.5, 1)
  })

  it('that was topped up asks when; told so, it is asked no more', async () => {
    const topped = readings.map((of) => (of.seconds > 300 ? { ...of, bar: of.bar + 0.8 } : of))
    const { body: open } = await ask('POST', 'prove', { ...asked, readings: topped })
    expect([open.verdict, open.next.asks?.of]).toEqual(['undecided', 'topped up'])
    const events = [{ seconds: (open.next.asks.from + open.next.asks.to) / 2, did: 'topped up' }]
    const { body: told } = await ask('POST', 'prove', { ...asked, readings: topped, events })
    expect(told.next.asks).toBeUndefined()
    expect(told.verdict).not.toBe('leak')
  })

  it('names the field that is wrong, and what is accepted', async () => {
    const fields = async (more: object) => (await ask('POST', 'prove', { ...asked, ...more })).body.fields
    expect(await fields({ system: { segments: [{ pipe: 'none', metres: 10 }] } })).toEqual([
      { field: 'system.segments.0.pipe', problem: 'there is no pipe “none” in the catalogue' },
    ])
    expect(await fields({ system: { ...asked.system, air: { litres: 4 } } })).toEqual([
      { field: 'system.air.litres', problem: 'less than the content of 3.20 litres' },
    ])
    expect((await fields({ test: { ...asked.test, profile: 'mine' } }))[0].field).toBe('test.profile')
    expect((await fields({ readings: [{ seconds: 0, bar: -1 }] }))[0]).toMatchObject({
      field: 'readings.0.bar',
      problem: expect.stringContaining('0 to 100'),
    })
  })
})
