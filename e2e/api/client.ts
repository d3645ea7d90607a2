import { afterAll, beforeAll } from 'vitest'
import { startSite, type Site } from '../../scripts/run/site'
import { fetchAgain } from '../../scripts/tests/fetch-again'

export interface Reply {
  readonly status: number
  // eslint-disable-next-line @typescript-eslint/no-explicit-any -- a test reads whatever the interface answers
  readonly body: any
  readonly headers: Headers
}

/** The application on a real database for one file of tests, and how to ask it. */
export function useSite(demo: boolean) {
  let site: Site
  beforeAll(async () => {
    site = await startSite(demo)
  })
  afterAll(() => site.stop())

  async function ask(
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<Reply> {
    const response = await fetchAgain(`${site.origin}/api/${path}`, {
      method,
      headers: { 'Content-Type': 'application/json', ...headers },
      ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    })
    const text = await response.text()
    const isJson = response.headers.get('content-type')?.includes('json') ?? false
    const read = isJson ? JSON.parse(text) : text
    return { status: response.status, body: text === '' ? null : read, headers: response.headers }
  }

  return { ask, site: () => site }
}
