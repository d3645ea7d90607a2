import { strFromU8, strToU8, unzip, zip, type Unzipped } from 'fflate'
import * as z from 'zod'
import { keptEntrySchema, type Entry } from '~~/core/log/entry'
import { fieldProblems } from '~~/core/quantity/words/field-problem'
import { safeRead } from '~~/core/quantity/safe-read'
import { sha256Of } from './sha256'

/** A job with all that was written down of it, and the photos that its log names. */
export interface JobPackage {
  /** Under which the server had it. */
  readonly id: string
  /** The life of the database in which its log was written; empty where nobody knows. */
  readonly generation: string
  /** The job file's text. */
  readonly job: string
  readonly entries: readonly Entry[]
  /** By the SHA-256 of their bytes. */
  readonly photos: ReadonlyMap<string, Uint8Array>
}

const logSchema = z.object({
  format: z.literal('jolvet-log', { error: '“jolvet-log”' }),
  version: z.literal(1, { error: '1' }),
  job: z.string().min(1).max(130),
  generation: z.string().max(100).default(''),
  entries: z.array(keptEntrySchema),
})
const photoFile = /^photos\/([0-9a-f]{64})\.jpg$/

/** The package as a zip: `job.json`, `log.json` and `photos/<SHA-256>.jpg`. */
export const packJob = ({ id, generation, job, entries, photos }: JobPackage): Promise<Uint8Array> => {
  const log = { format: 'jolvet-log', version: 1, job: id, generation, entries }
  const files = {
    'job.json': strToU8(job),
    'log.json': strToU8(JSON.stringify(log, null, 1)),
    // Pictures are as small as they get.
    ...Object.fromEntries([...photos].map(([sha, bytes]) => [`photos/${sha}.jpg`, [bytes, { level: 0 }] as const])),
  }
  return new Promise((resolve, reject) =>
    zip(files as Parameters<typeof zip>[0], (error, made) => (error ? reject(error) : resolve(made))),
  )
}

export type ReadPackage =
  { readonly ok: true; readonly read: JobPackage } | { readonly ok: false; readonly problems: readonly string[] }

const refused = (...problems: string[]): ReadPackage => ({ ok: false, problems })

/** Photos whose bytes are what their names say; those that are not, by name. */
async function photosIn(files: Unzipped): Promise<{ whole: Map<string, Uint8Array>; broken: string[] }> {
  const whole = new Map<string, Uint8Array>()
  const broken: string[] = []
  for (const [name, bytes] of Object.entries(files)) {
    const sha = photoFile.exec(name)?.[1]
    if (!sha) continue
    if ((await sha256Of(new Blob([bytes.slice()]))) === sha) whole.set(sha, bytes)
    else broken.push(name)
  }
  return { whole, broken }
}

/** Reads a package back, whole or not at all: what is wrong is named by its file and field. */
export async function readPackage(file: Uint8Array): Promise<ReadPackage> {
  const files = await new Promise<Unzipped | null>((resolve) =>
    unzip(file, (error, found) => resolve(error ? null : found)),
  )
  if (!files) return refused('this is not a zip that can be read; was it cut short?')
  const [job, log] = [files['job.json'], files['log.json']]
  if (!job || !log) return refused(`${job ? 'log.json' : 'job.json'}: is not in this zip; a job with its log has it`)
  let told: unknown
  try {
    told = JSON.parse(strFromU8(log))
  } catch {
    return refused('log.json: is not JSON; was it cut short?')
  }
  const read = safeRead(logSchema, told)
  if (!read.success)
    return refused(...fieldProblems(read.error).map(({ field, problem }) => `log.json, ${field}: ${problem}`))
  const { whole, broken } = await photosIn(files)
  if (broken.length > 0) return refused(...broken.map((name) => `${name}: is not the photo that its name says`))
  const named = read.data.entries.flatMap(({ kind, body }) => (kind === 'photo' ? [String(body.sha)] : []))
  const missing = named.filter((sha) => !whole.has(sha))
  if (missing.length > 0) return refused(...missing.map((sha) => `photos/${sha}.jpg: is not in this zip`))
  const { job: id, generation, entries } = read.data
  return { ok: true, read: { id, generation, job: strFromU8(job), entries, photos: whole } }
}
