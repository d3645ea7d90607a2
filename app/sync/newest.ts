import { ask } from './ask'
import { generationHeader } from './generation'

/** How far the server has come with a job and what stands beside it. */
export interface Newest {
  readonly version: number
  /** The life of the server's database in which it has that version. */
  readonly generation: string
  /** The cursor behind the last entry of its log. */
  readonly log: string
  /** Another where the rack, or what was cut for the job, is another. */
  readonly rack: string
}

/** Asks how far the server has come with a job; else whether it is gone there, or who does not answer. */
export async function newestOf(id: string): Promise<Newest | 'gone' | 'server' | 'database'> {
  // What the browser keeps for itself would be answered for the server.
  const heard = await ask(`/api/jobs/${encodeURIComponent(id)}/newest`, { cache: 'no-store' })
  if (heard?.status === 404) return 'gone'
  if (heard?.status === 503) return 'database'
  if (!heard?.isGood || !heard.json) return 'server'
  const { version, log, rack } = heard.json as Omit<Newest, 'generation'>
  return { version, log, rack, generation: heard.headers.get(generationHeader) ?? '' }
}
