import { interfaceHeader, interfaceVersion } from '~~/core/job/interface-version'
import { hearInterface } from './server-interface'

/** So long nothing may move on the line before it is given up, in ms. */
const idle = 15_000
/** The slowest line on which a request gets through, in bytes a ms: what is sent is not seen to move. */
const slowest = 4

type Asked = Omit<RequestInit, 'headers'> & { readonly headers?: Record<string, string> }

export interface Heard {
  readonly status: number
  readonly isGood: boolean
  readonly headers: Headers
  /** What was answered as JSON; undefined where it is none, or was cut off. */
  readonly json: unknown
}

const bytesOf = (body: RequestInit['body']): number =>
  body instanceof Blob ? body.size : typeof body === 'string' ? body.length : 0

/** Reads an answer as long as more of it comes. */
async function readWhole(response: Response, onMore: () => void): Promise<string> {
  const reader = response.body?.getReader()
  const decoder = new TextDecoder()
  let text = ''
  for (let step = await reader?.read(); step && !step.done; step = await reader!.read()) {
    onMore()
    text += decoder.decode(step.value, { stream: true })
  }
  return text + decoder.decode()
}

/**
 * Asks the server. On a slow line it waits as long as something moves, however much there is to send or to read.
 *
 * @returns null where it was not heard, or not to the end
 */
export async function ask(path: string, init: Asked = {}): Promise<Heard | null> {
  const gone = new AbortController()
  const giveUp = () => gone.abort()
  let timer = setTimeout(giveUp, idle + bytesOf(init.body) / slowest)
  const onMore = () => {
    clearTimeout(timer)
    timer = setTimeout(giveUp, idle)
  }
  try {
    const named = { ...init.headers, [interfaceHeader]: String(interfaceVersion) }
    const response = await fetch(path, { ...init, headers: named, signal: gone.signal })
    onMore()
    hearInterface(response.headers)
    const { status, ok, headers } = response
    const text = await readWhole(response, onMore)
    return { status, isGood: ok, headers, json: parsed(text) }
  } catch {
    return null
  } finally {
    clearTimeout(timer)
  }
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return undefined
  }
}
