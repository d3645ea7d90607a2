import { shallowReactive, type Ref } from 'vue'
import type { Entry } from '~~/core/log/entry'
import type { BodyOf, EntryOf, KindId } from '~~/core/log/known-entry'
import { smallPhoto } from '~/saving/small-photo'

/** What is written down: of its kind, with what its kind says. */
type Written = Partial<Pick<Entry, 'replaces' | 'why'>> &
  { [Kind in KindId]: Pick<EntryOf<Kind>, 'kind' | 'subject' | 'body'> }[KindId]

interface Writer {
  /** Who writes, as it was last said. */
  readonly who: Readonly<Ref<string>>
  /** Of the open job, by which the entries are dated. */
  readonly jobVersion: () => number
  /** Keeps entries here and sends them. */
  readonly send: (entries: readonly Entry[], says: string) => void
  readonly sendPhoto: (photo: Blob) => void
}

/** Writes entries of the open job down: kept here at once, and sent. */
export function logWriting({ who, jobVersion, send, sendPhoto }: Writer) {
  function writeAll(written: readonly Written[], says: string): readonly Entry[] {
    const entries = written.map((of): Entry => ({
      ...of,
      id: crypto.randomUUID(),
      at: new Date().toISOString(),
      by: who.value.trim(),
      jobVersion: jobVersion(),
    }))
    send(entries, says)
    return entries
  }
  const write = (written: Written, says: string): void => void writeAll([written], says)
  /** Takes an entry back, as if it had not been written: it stays, and does not count. */
  const strikeOut = (id: string, why: string, says: string) =>
    write({ kind: 'correction', subject: {}, body: { withdrawn: true }, replaces: id, why }, says)

  /** Pictures that were taken in this visit, by their SHA-256: shown before the server has them. */
  const pictures = shallowReactive(new Map<string, string>())
  const photoUrl = (sha: string): string => pictures.get(sha) ?? `/api/photos/${sha}`

  /**
   * Keeps a picture and writes it down: of a joint, or of the whole job.
   *
   * @throws Error where the file is no picture that the browser can read
   */
  async function addPhoto(file: Blob, joint: string | null, more: Partial<BodyOf<'photo'>> = {}): Promise<void> {
    const { blob, sha } = await smallPhoto(file)
    pictures.set(sha, URL.createObjectURL(blob))
    // The picture goes first: an entry never names one that nobody has.
    sendPhoto(blob)
    write({ kind: 'photo', subject: joint === null ? {} : { joint }, body: { sha, ...more } }, 'a photo')
  }

  return { write, writeAll, strikeOut, addPhoto, photoUrl }
}
