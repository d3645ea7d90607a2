import { entrySchema, type Entry } from '~~/core/log/entry'
import type { JobPackage } from '~/saving/job-package'
import type { Command } from '../commands/command'
import { inPieces } from '../commands/log-pieces'
import { ask } from '../ask'
import { generationHeader } from '../generation'

/** All that was written down of a job, page by page; null where it was not heard to its end. */
async function wholeLog(job: string): Promise<{ entries: Entry[]; generation: string } | null> {
  const entries: Entry[] = []
  for (let cursor = '0'; ;) {
    const heard = await ask(`/api/jobs/${encodeURIComponent(job)}/log?after=${cursor}`)
    if (!heard?.isGood) return null
    const page = heard.json as { readonly entries: readonly Entry[]; readonly cursor: string }
    entries.push(...page.entries)
    if (page.entries.length === 0 || page.cursor === cursor)
      return { entries, generation: heard.headers.get(generationHeader) ?? '' }
    cursor = page.cursor
  }
}

async function photoOf(sha: string): Promise<Uint8Array | null> {
  const answer = await fetch(`/api/photos/${sha}`).catch(() => null)
  return answer?.ok ? new Uint8Array(await answer.arrayBuffer()) : null
}

/** A job of the server with its log and photos; null where any of it was not heard. */
export async function gatherPackage(id: string, job: string): Promise<JobPackage | null> {
  const log = await wholeLog(id)
  if (!log) return null
  const photos = new Map<string, Uint8Array>()
  for (const { kind, body } of log.entries) {
    if (kind !== 'photo') continue
    const sha = String(body.sha)
    const bytes = photos.get(sha) ?? (await photoOf(sha))
    if (!bytes) return null
    photos.set(sha, bytes)
  }
  return { id, job, ...log, photos }
}

/** What goes to the server so that a job has this log: the photos first, then the entries in their order. */
export function packageCommands(
  to: string,
  { entries, photos, generation }: Pick<JobPackage, 'entries' | 'photos' | 'generation'>,
): Omit<Command, 'id'>[] {
  const pictures = [...photos.values()].map((bytes) => ({
    ...({ changes: 'photos', says: 'a photo', method: 'POST', path: '/api/photos' } as const),
    body: new Blob([bytes.slice()], { type: 'image/jpeg' }),
  }))
  const written = inPieces(entries).map(({ ahead, entries: piece }) => ({
    ...({ changes: 'log', says: 'the log of a job file', method: 'POST', path: `/api/jobs/${to}/log` } as const),
    body: { entries: piece.map((entry) => entrySchema.parse(entry)) },
    // Its versions are those of the life in which it was written.
    generation,
    ...(ahead === undefined ? {} : { ahead }),
  }))
  return [...pictures, ...written]
}
