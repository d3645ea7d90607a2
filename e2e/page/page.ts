import { afterAll, beforeAll } from 'vitest'
import { openBrowser, type OpenBrowser } from '../../scripts/run/browser'
import { startSite, type Site } from '../../scripts/run/site'
import { Page } from '../../scripts/tests/page'

/** The application with its demo jobs and a browser on it, for one file of tests. */
export function usePage(width = 1280, height = 800, downloads?: string) {
  let site: Site
  let browser: OpenBrowser
  let page: Page
  beforeAll(async () => {
    site = await startSite(true)
    browser = await openBrowser(width, height, { downloads })
    page = new Page(browser.driver, site.origin)
  })
  afterAll(async () => {
    await browser.close()
    await site.stop()
  })
  const job = async (title: string): Promise<string> => {
    const jobs = (await (await fetch(`${site.origin}/api/jobs`)).json()) as { id: string; job: { title: string } }[]
    const found = jobs.find((listed) => listed.job.title === title)
    if (!found) throw new Error(`there is no job “${title}”`)
    return found.id
  }
  const stored = async (id: string) =>
    (await (await fetch(`${site.origin}/api/jobs/${id}`)).json()) as {
      version: number
      job: import('../../core/job/job').Job
    }
  return { page: () => page, site: () => site, job, stored }
}
