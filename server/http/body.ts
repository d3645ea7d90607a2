import type { H3Event } from 'h3'
import type * as z from 'zod'
import { fieldProblems, unknownFields } from '~~/core/quantity/field-problem'
import { invalid, refusal } from './refusal'

/** A job of a few thousand legs is under one megabyte. */
const mostBytes = 2_000_000
/** What is too large is read to its end and thrown away, so that the answer is heard; beyond this the line is cut. */
const mostDiscarded = 20_000_000

const tooLarge = (most: number) =>
  refusal(413, { error: 'too-large', message: `a request is at most ${most / 1_000_000} MB` })

/** So long a body may take to come: two megabytes over a poor line. */
const patience = 30_000

async function readWhole(event: H3Event, most: number): Promise<Buffer> {
  const chunks: Buffer[] = []
  let bytes = 0
  for await (const chunk of event.node.req as AsyncIterable<Buffer>) {
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
  return refusal(408, { error: 'too-slow', message: `a request comes within ${patience / 1000} seconds` })
}

/** The request's body, of at most so many bytes, in at most half a minute. */
export async function readBytes(event: H3Event, most: number): Promise<Buffer> {
  let timer: ReturnType<typeof setTimeout> | undefined
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(tooSlow(event)), patience)
  })
  return Promise.race([readWhole(event, most), late]).finally(() => clearTimeout(timer))
}

/** The request's body as JSON. */
export async function readJson(event: H3Event): Promise<unknown> {
  const text = (await readBytes(event, mostBytes)).toString('utf8')
  try {
    return JSON.parse(text)
  } catch {
    const fields = [
      {
        field: '(body)',
        problem: text === '' ? 'there is no body: send JSON' : 'the body is not whole JSON; was it cut short?',
      },
    ]
    throw refusal(422, { error: 'invalid', message: 'The body cannot be read.', fields })
  }
}

/** The body as this schema reads it; what is wrong in it, and what the schema does not know, is named. */
export async function readAs<Schema extends z.ZodType>(event: H3Event, schema: Schema): Promise<z.output<Schema>> {
  const input = await readJson(event)
  const read = schema.safeParse(input)
  if (!read.success) throw invalid(fieldProblems(read.error))
  const unknown = unknownFields(input, read.data)
  if (unknown.length > 0) throw invalid(unknown)
  return read.data
}
