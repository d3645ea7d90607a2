import { randomUUID } from 'node:crypto'
import { setTimeout as sleep } from 'node:timers/promises'
import { By, type WebDriver } from 'selenium-webdriver'
import { emptyJob } from '../core/edit/new-job'
import type { Job } from '../core/job/job'
import { openBrowser } from '../scripts/run/browser'
import { runMain } from '../scripts/run/failure'
import { startSite, type Site } from '../scripts/run/site'
import { Page } from '../scripts/tests/page'
import { randomStream } from '../core/quantity/random-stream'

/**
 * Random histories of one browser and one other device on a job, in the browser itself: is the job in the end what was
 * done to it? Titles and notes are typed in the page; meanwhile the server stops and starts, the page is reloaded or left,
 * the line gets slow, the browser's storage goes, the browser is killed; the other device saves and writes.
 *
 *   npm run soak:browser          HISTORIES=50 SEED=7 npm run soak:browser
 */
const histories = Number(process.env.HISTORIES ?? 200)
const seed = Number(process.env.SEED ?? Date.now() % 1_000_000)
const random = randomStream(seed)
const pick = <Of>(of: readonly Of[]): Of => of[Math.floor(random() * of.length)]!
const who = 'I. Marl'
const title = '[aria-label="Title of the job"]'
/** So long what is kept in the browser may take to be written there. */
const written = 400

const counts: Record<string, number> = {}

/** What was done to a job, here and by the other. */
interface Model {
  readonly id: string
  title: string
  readonly notes: string[]
  readonly surveys: string[]
}

class History {
  private isUp = true
  private isSlow = false
  private browser!: Awaited<ReturnType<typeof openBrowser>>
  private on!: Page
  private model!: Model

  constructor(private readonly site: Site) {}

  async open(profile?: string): Promise<void> {
    this.browser = await openBrowser(1000, 800, { ...(profile ? { profile } : {}) })
    this.on = new Page(this.browser.driver, this.site.origin)
  }

  close(): Promise<void> {
    return this.browser.close()
  }

  private at = (path: string): string => `${this.site.origin}/api/jobs/${this.model.id}${path}`

  private async goTo(path: string): Promise<void> {
    await this.on.open(path)
    await this.on.driver.executeScript('localStorage.setItem("jolvet-who", arguments[0])', who)
    if (path.startsWith('/jobs')) await this.seeJob()
    else await this.on.see('main')
  }

  /** Without the server a browser that lost its storage has no copy to show: then it waits for it. */
  private async seeJob(): Promise<void> {
    if (!this.isUp) {
      const isSettled = async () =>
        (await this.on.driver.findElements(By.css(title))).length > 0 || (await this.isWaiting())
      await this.on.driver.wait(isSettled, 15_000, 'neither the job nor why not is shown')
      if (await this.isWaiting()) await this.steps['server stopped or started']()
    }
    await this.on.see(title)
  }

  private async isWaiting(): Promise<boolean> {
    const heading = await this.on.driver.executeScript('return document.querySelector("main h1")?.textContent')
    return String(heading).includes('Waiting for the server')
  }

  private readonly steps = {
    title: async () => {
      this.model.title = `Title ${Math.floor(random() * 1e6)}`
      await this.on.fill('Title of the job', this.model.title)
    },
    note: async () => {
      const text = `note ${Math.floor(random() * 1e9)}`
      await this.on.fill('A note for the record', text)
      await this.on.press('Add note')
      this.model.notes.push(text)
    },
    reload: async () => {
      await this.on.driver.navigate().refresh()
      await this.seeJob()
    },
    'away and back': async () => {
      await this.goTo('/bench/rules')
      await this.goTo(`/jobs/${this.model.id}/hand-over`)
    },
    'server stopped or started': async () => {
      if (this.isUp) await this.site.server.stop()
      else await this.site.server.start()
      this.isUp = !this.isUp
    },
    'server killed': async () => {
      if (!this.isUp) return
      this.site.server.kill()
      await this.site.server.stop()
      await this.site.server.start()
    },
    'slow line': async () => {
      this.isSlow = !this.isSlow
      const driver = this.on.driver as WebDriver & { sendDevToolsCommand(name: string, of: object): Promise<void> }
      const throughput = this.isSlow ? 30_000 : -1
      await driver.sendDevToolsCommand('Network.emulateNetworkConditions', {
        offline: false,
        latency: this.isSlow ? 200 : 0,
        downloadThroughput: throughput < 0 ? -1 : 400_000,
        uploadThroughput: throughput,
      })
    },
    'storage gone': async () => {
      await sleep(written)
      await this.on.driver.executeAsyncScript(`const done = arguments[arguments.length - 1]
        const gone = indexedDB.deleteDatabase('jolvet')
        gone.onsuccess = gone.onerror = gone.onblocked = () => done(true)`)
      await sleep(written)
    },
    'browser killed': async () => {
      await sleep(written)
      const { profile } = this.browser
      await this.browser.kill()
      await this.open(profile)
      this.isSlow = false
      await this.goTo(`/jobs/${this.model.id}/hand-over`)
    },
    'another saves': async () => {
      if (!this.isUp) return
      const name = `other ${this.model.surveys.length}`
      for (;;) {
        const { version, job } = (await (await fetch(this.at(''))).json()) as { version: number; job: Job }
        const survey = { id: randomUUID(), name, observations: [] }
        const body = JSON.stringify({ version, job: { ...job, surveys: [...job.surveys, survey] } })
        const answer = await fetch(this.at(''), {
          method: 'PUT',
          body,
          headers: { 'Content-Type': 'application/json' },
        })
        if (answer.ok) break
        if (answer.status !== 409) throw new Error(`another’s save: ${answer.status} ${await answer.text()}`)
      }
      this.model.surveys.push(name)
    },
    'another writes': async () => {
      if (!this.isUp) return
      const text = `other’s note ${this.model.notes.length}`
      const entry = {
        id: randomUUID(),
        kind: 'note',
        subject: {},
        at: new Date().toISOString(),
        by: 'R. Beck',
        jobVersion: 1,
      }
      const body = JSON.stringify({ entries: [{ ...entry, body: { text } }] })
      const answer = await fetch(this.at('/log'), { method: 'POST', body })
      if (!answer.ok) throw new Error(`another’s note: ${answer.status} ${await answer.text()}`)
      this.model.notes.push(text)
    },
  }

  /** @returns what is wrong in the end, and how it came to it; null where nothing is */
  async run(): Promise<string | null> {
    const job = emptyJob('Begun', 'metric', 'metric')
    const { id } = (await (
      await fetch(`${this.site.origin}/api/jobs`, { method: 'POST', body: JSON.stringify(job) })
    ).json()) as { id: string }
    this.model = { id, title: 'Begun', notes: [], surveys: [] }
    await this.goTo(`/jobs/${id}/hand-over`)
    await this.on.settle()
    const done: string[] = []
    const often = ['title', 'note', 'title', 'note', 'another saves', 'another writes'] as const
    const all = Object.keys(this.steps) as (keyof typeof this.steps)[]
    const count = 5 + Math.floor(random() * 8)
    for (let at = 0; at < count; at++) {
      const name = random() < 0.5 ? pick(often) : pick(all)
      done.push(name)
      counts[name] = (counts[name] ?? 0) + 1
      try {
        await this.steps[name]()
      } catch (error) {
        throw new Error(`after ${done.join(', ')}`, { cause: error })
      }
      if (random() < 0.5) await sleep(random() * 1500)
    }
    if (!this.isUp) await this.steps['server stopped or started']()
    if (this.isSlow) await this.steps['slow line']()
    for (let tries = 0; ; tries++) {
      const wrong = await this.compare()
      if (!wrong) return null
      if (tries === 60) return `${wrong}\n  after ${done.join(', ')}`
      await sleep(500)
    }
  }

  private async compare(): Promise<string | null> {
    const { title, notes, surveys } = this.model
    const { job } = (await (await fetch(this.at(''))).json()) as { job: Job }
    const { entries } = (await (await fetch(this.at('/log'))).json()) as { entries: { body: { text: string } }[] }
    const has = {
      title: job.title,
      notes: entries.map(({ body }) => body.text),
      surveys: job.surveys.map(({ name }) => name),
    }
    const isSame =
      has.title === title &&
      JSON.stringify(has.notes.toSorted()) === JSON.stringify(notes.toSorted()) &&
      JSON.stringify(has.surveys) === JSON.stringify(surveys)
    return isSame ? null : `it has ${JSON.stringify(has)}\n  and not ${JSON.stringify({ title, notes, surveys })}`
  }
}

runMain(async () => {
  const site = await startSite(false)
  const history = new History(site)
  await history.open()
  let wrong = 0
  try {
    for (let count = 1; count <= histories; count++) {
      const problem = await history.run()
      if (problem) console.log(`history ${count}: ${problem}`)
      if (problem) wrong += 1
      if (count % 20 === 0) console.log(`${count} of ${histories}: ${wrong} wrong`)
    }
    console.log(
      Object.entries(counts)
        .map(([name, times]) => `${name} ${times}`)
        .join(', '),
    )
    console.log(`${histories} histories in a browser, seed ${seed}: ${wrong} wrong   (0)`)
    if (wrong > 0) process.exitCode = 1
  } finally {
    await history.close()
    await site.stop()
  }
})
