import { randomBytes } from 'node:crypto'
import { execFileSync, spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { request as requestTls } from 'node:https'
import { Agent, request, type IncomingHttpHeaders } from 'node:http'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { setTimeout as sleep } from 'node:timers/promises'
import mysql from 'mysql2/promise'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { emptyJob } from '../../core/edit/new-job'
import { needPrograms, programPath } from '../../scripts/run/debian'
import { freePort } from '../../scripts/run/port'
import { LocalServer } from '../../scripts/run/server'
import { startSite, type Site } from '../../scripts/run/site'

const name = 'jolvet.example.org'
const folder = mkdtempSync(join(tmpdir(), 'jolvet-proxy-'))
let site: Site
let second: LocalServer
let proxy: ChildProcess
let [tls, plain] = [0, 0]

/** The configuration that the documentation gives, with ports, certificate and passwords of this test. */
function configuration(): string {
  const conf = readFileSync('docs/running/nginx.conf', 'utf8')
    .replace('127.0.0.1:3000', new URL(site.origin).host)
    .replace('127.0.0.1:3001', new URL(second.origin).host)
    .replace('listen 443', `listen 127.0.0.1:${tls}`)
    .replace('listen 80', `listen 127.0.0.1:${plain}`)
    .replaceAll('/etc/jolvet/', `${folder}/`)
  const temporary = ['client_body', 'proxy', 'fastcgi', 'uwsgi', 'scgi']
    .map((kind) => `${kind}_temp_path ${folder}/${kind};`)
    .join(' ')
  // Its workers read the files of this folder, which is ours alone.
  const user = process.getuid?.() === 0 ? 'user root;' : ''
  return `daemon off; ${user} pid ${folder}/pid; error_log ${folder}/error.log; events {} http { access_log off; ${temporary} ${conf} }`
}

beforeAll(async () => {
  needPrograms(['nginx', 'openssl'], ['nginx-light', 'openssl'])
  process.env.JOLVET_HOSTS = name
  site = await startSite(true)
  second = new LocalServer({ port: await freePort(), databaseUrl: site.database.url, demo: true })
  await second.start()
  ;[tls, plain] = [await freePort(), await freePort()]
  const certificate = [
    '-keyout',
    join(folder, 'key.pem'),
    '-out',
    join(folder, 'certificate.pem'),
    '-subj',
    `/CN=${name}`,
  ]
  execFileSync('openssl', ['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '2', ...certificate], {
    stdio: 'ignore',
  })
  const hash = execFileSync('openssl', ['passwd', '-apr1', 'test']).toString().trim()
  writeFileSync(join(folder, 'passwords'), `crew:${hash}\n`)
  writeFileSync(join(folder, 'nginx.conf'), configuration())
  proxy = spawn(programPath('nginx')!, ['-p', folder, '-c', join(folder, 'nginx.conf')], { stdio: 'inherit' })
  for (let tries = 0; tries < 100; tries++) {
    if (await ask('GET', 'health').catch(() => null)) return
    await sleep(100)
  }
  throw new Error(readFileSync(join(folder, 'error.log'), 'utf8'))
})
afterAll(async () => {
  delete process.env.JOLVET_HOSTS
  proxy?.kill('SIGTERM')
  await second?.stop()
  await site?.stop()
  rmSync(folder, { recursive: true, force: true })
})

interface Reply {
  readonly status: number
  // eslint-disable-next-line @typescript-eslint/no-explicit-any -- a test reads whatever the interface answers
  readonly body: any
  readonly etag: string
  readonly headers: IncomingHttpHeaders
}

/** Asks through the proxy, as a browser of the crew does. */
function ask(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Reply> {
  return new Promise((resolve, reject) => {
    const sent = requestTls(
      {
        host: '127.0.0.1',
        port: tls,
        servername: name,
        method,
        path: path.startsWith('/') ? path : `/api/${path}`,
        rejectUnauthorized: false,
        auth: 'crew:test',
        headers: { Host: name, 'Content-Type': 'application/json', ...headers },
      },
      (response) => {
        let text = ''
        response.on('data', (chunk: Buffer) => (text += chunk.toString()))
        response.on('end', () => {
          const isJson = response.headers['content-type']?.includes('json')
          const { statusCode = 0, headers } = response
          resolve({
            status: statusCode,
            body: isJson && text ? JSON.parse(text) : text,
            etag: headers.etag ?? '',
            headers,
          })
        })
      },
    )
    sent.on('error', reject)
    sent.end(body === undefined ? undefined : JSON.stringify(body))
  })
}

/** Asks through the proxy for what is no JSON. */
const raw = (method: string, path: string, body?: Buffer): Promise<{ status: number; body: Buffer }> =>
  new Promise((resolve, reject) => {
    const auth = 'crew:test'
    const options = {
      host: '127.0.0.1',
      port: tls,
      path,
      method,
      auth,
      rejectUnauthorized: false,
      headers: { Host: name },
    }
    const sent = requestTls(options, (response) => {
      const chunks: Buffer[] = []
      response.on('data', (chunk: Buffer) => chunks.push(chunk))
      response.on('end', () => resolve({ status: response.statusCode ?? 0, body: Buffer.concat(chunks) }))
    })
    sent.on('error', reject)
    sent.end(body)
  })

/** Asks a server directly, under a name. */
/** Connections are kept: a new one for each question would take longer than its answer. */
const kept = new Agent({ keepAlive: true, maxSockets: 50 })
const under = (host: string, path: string, headers: Record<string, string> = {}): Promise<number> =>
  new Promise((resolve, reject) => {
    request(site.origin + path, { agent: kept, headers: { Host: host, ...headers } }, (response) => {
      response.resume()
      resolve(response.statusCode ?? 0)
    })
      .on('error', reject)
      .end()
  })

describe('two servers behind a proxy', { timeout: 120_000 }, () => {
  it('serves the page and the interface under its name, over TLS alone', async () => {
    const page = await ask('GET', '/')
    expect(page.status).toBe(200)
    expect(page.body).toContain('<title>Jolvet</title>')
    expect((await ask('GET', 'jobs')).body).toHaveLength(3)
    expect(await under(name, '/api/jobs')).toBe(403)
    expect(await under(name, '/')).toBe(403)
    expect(await under(name, '/api/jobs', { 'X-Forwarded-Proto': 'https' })).toBe(200)
    expect(await under('other.example', '/api/jobs', { 'X-Forwarded-Proto': 'https' })).toBe(403)
  })

  it('a job saved through one server is read through the other, and of two saves one is told of the other', async () => {
    const job = emptyJob('Behind the proxy', 'metric', 'metric')
    const { id } = (await ask('POST', 'jobs', job)).body
    for (let version = 1; version <= 6; version++) {
      const saved = await ask('PUT', `jobs/${id}`, { version, job: { ...job, title: `Saved ${version}` } })
      expect(saved).toMatchObject({ status: 200, body: { version: version + 1 } })
    }
    // Servers take turns: both have answered by now, and both know the last.
    const reads = await Promise.all([1, 2, 3, 4].map(() => ask('GET', `jobs/${id}`)))
    expect(reads.map(({ body }) => [body.version, body.job.title])).toEqual(reads.map(() => [7, 'Saved 6']))
    const both = await Promise.all(
      ['a', 'b'].map((title) => ask('PUT', `jobs/${id}`, { version: 7, job: { ...job, title } })),
    )
    expect(both.map(({ status }) => status).toSorted()).toEqual([200, 409])
    const { etag } = await ask('GET', `jobs/${id}`)
    const known = await ask('GET', `jobs/${id}`, undefined, { 'If-None-Match': etag })
    expect(known.status).toBe(304)
  })

  it('a request that comes to both is taken once; an offcut goes to one; the workshop is the same in both', async () => {
    const headers = { 'Idempotency-Key': 'proxy-once' }
    const took = { for: 'the van', takes: [], leaves: [{ pipe: 'copper-half-hard-en-1057-r250-22x0.9', mm: 777 }] }
    const answers = await Promise.all([1, 2, 3, 4].map(() => ask('POST', 'rack', took, headers)))
    expect(answers.every(({ status }) => status === 201)).toBe(true)
    const rack: { id: number; mm: number }[] = (await ask('GET', 'rack')).body
    const [left, ...more] = rack.filter(({ mm }) => mm === 777)
    expect(more).toEqual([])
    const take = { for: 'a job', takes: [left!.id], leaves: [] }
    const taken = await Promise.all([1, 2, 3, 4].map(() => ask('POST', 'rack', take)))
    expect(taken.map(({ status }) => status).toSorted()).toEqual([201, 409, 409, 409])
    await ask('PATCH', 'workshop', { changes: [{ path: ['hour'], value: 63 }] })
    const hours = await Promise.all([1, 2, 3, 4].map(() => ask('GET', 'workshop')))
    expect(hours.map(({ body }) => body.hour)).toEqual([63, 63, 63, 63])
  })

  it('goes on with one server when the other is gone', async () => {
    await second.stop()
    const statuses = await Promise.all([1, 2, 3, 4].map(async () => (await ask('GET', 'jobs')).status))
    expect(statuses).toEqual([200, 200, 200, 200])
    await second.start()
  })

  it('says that it is to be asked by TLS alone, speaks no old one, and lets a wrong password wait', async () => {
    const { headers } = await ask('GET', 'health')
    expect(headers['strict-transport-security']).toBe('max-age=31536000')
    const old = () =>
      execFileSync('openssl', ['s_client', '-connect', `127.0.0.1:${tls}`, '-tls1_1'], { input: '', stdio: 'pipe' })
    expect(old).toThrow()
    const start = performance.now()
    expect((await ask('GET', 'jobs', undefined, { Authorization: 'Basic d3Jvbmc6d3Jvbmc=' })).status).toBe(401)
    expect(performance.now() - start).toBeGreaterThan(1900)
  })

  it('a page that was opened under a port of its own may ask: the port is told on', async () => {
    const origin = `https://${name}:${tls}`
    const answer = await ask('GET', 'jobs', undefined, { Host: `${name}:${tls}`, Origin: origin })
    expect(answer.status).toBe(200)
    expect((await ask('GET', 'jobs', undefined, { Host: `${name}:${tls}`, Origin: `https://${name}` })).status).toBe(
      403,
    )
  })

  it('carries a backup larger than any other request, out and in', async () => {
    const pool = mysql.createPool({ uri: site.database.url })
    for (let count = 0; count < 4; count++) {
      const text = Buffer.from(randomBytes(6_000_000)).toString('base64')
      await pool.query('INSERT INTO photos VALUES (?, ?, ?, ?, NOW(3))', [`${count}`.repeat(64), 'image/jpeg', 1, text])
    }
    await pool.end()
    const file = await raw('GET', '/api/backup')
    expect(file.body.length).toBeGreaterThan(20_000_000)
    expect((await raw('POST', '/api/backup?replace=yes', file.body)).status).toBe(200)
  })

  it('no client takes more than its share', async () => {
    const began = Date.now()
    const client = { 'X-Forwarded-Proto': 'https', 'X-Forwarded-For': '1.2.3.4, 192.0.2.9' }
    let [answered, isLimited] = [0, false]
    // Each batch is beside the last: where a minute goes by before its share is used up, the next minute's is.
    for (let batch = 0; batch < 200 && !isLimited; batch++) {
      const statuses = await Promise.all(Array.from({ length: 50 }, () => under(name, '/api/none', client)))
      answered += statuses.filter((status) => status === 404).length
      isLimited = statuses.includes(429)
    }
    expect(isLimited).toBe(true)
    expect(answered).toBeGreaterThanOrEqual(3000)
    if (Date.now() - began < 55_000) expect(answered).toBe(3000)
    const other = { 'X-Forwarded-Proto': 'https', 'X-Forwarded-For': '192.0.2.10' }
    expect(await under(name, '/api/none', other)).toBe(404)
  })
})
