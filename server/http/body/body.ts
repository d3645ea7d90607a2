import { safeRead } from '~~/core/quantity/safe-read'
import type { H3Event } from 'h3'
import type * as z from 'zod'
import { fieldProblems, unknownFields } from '~~/core/quantity/words/field-problem'
import { notJson } from '../check-job'
import { invalid, refusal } from '../refusal'

/** A job of a few thousand legs is under one megabyte. */
const mostBytes = 2_000_000
/** What is too large is read to its end and thrown away, so that the answer is heard; beyond this the line is cut. */
const mostDiscarded = 20_000_000

const tooLarge = (most: number) =>
  refusal(413, { error: 'too-large', message: `a request is at most ${most / 1_000_000} MB` })

/** So long nothing of a body may come, in ms. */
const patience = 30_000
/** The slowest line on which one comes through, in bytes a ms: who sends a byte now and then is not waited for. */
const slowest = 2

async function readWhole(event: H3Event, most: number, onMore: () => void): Promise<Buffer> {
  const chunks: Buffer[] = []
  let bytes = 0
  for await (const chunk of event.node.req as AsyncIterable<Buffer>) {
    onMore()
    bytes += chunk.length
    if (bytes <= most) chunks.push(chunk)
    if (bytes > most + mostDiscarded) throw tooLarge(most)
  }
  if (bytes > most) throw tooLarge(most)
  return Buffer.concat(chunks)
}

/** What came too slowly: the line is let go once that is said. */
function tooSlow(event: H3Event) {
  setHeader(event, 'Connection', 'close')
  return refusal(408, {
    error: 'too-slow',
    message: `a request goes on: nothing of it came for ${patience / 1000} seconds`,
  })
}

/** The request's body, of at most so many bytes, for as long as more of it comes. */
export async function readBytes(event: H3Event, most: number): Promise<Buffer> {
  let timer: ReturnType<typeof setTimeout> | undefined
  const end = performance.now() + patience + most / slowest
  let late!: () => void
  const isLate = new Promise<never>((_, reject) => (late = () => reject(tooSlow(event))))
  const wait = () => {
    clearTimeout(timer)
    timer = setTimeout(late, Math.min(patience, end - performance.now()))
  }
  wait()
  return Promise.race([readWhole(event, most, wait), isLate]).finally(() => clearTimeout(timer))
}

/** The request's body as it came, for who reads it on a thread. */
export const readText = async (event: H3Event): Promise<string> => (await readBytes(event, mostBytes)).toString('utf8')

/** The request's body as JSON. */
export async function readJson(event: H3Event): Promise<unknown> {
  const text = await readText(event)
  try {
    return JSON.parse(text)
  } catch {
    throw refusal(422, { error: 'invalid', message: 'The body cannot be read.', fields: [notJson(text)] })
  }
}

/** The body as this schema reads it; what is wrong in it, and what the schema does not know, is named. */
export async function readAs<Schema extends z.ZodType>(event: H3Event, schema: Schema): Promise<z.output<Schema>> {
  const input = await readJson(event)
  const read = safeRead(schema, input)
  if (!read.success) throw invalid(fieldProblems(read.error))
  const unknown = unknownFields(input, read.data)
  if (unknown.length > 0) throw invalid(unknown)
  return read.data
}
