import { writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { asc, eq, inArray } from 'drizzle-orm'
import { drawnAnew } from '../pictures/drawn-anew'
import { useDatabase } from './connection/connection'
import { isDaysAgo } from './days-ago'
import { photoPieces, photos } from './schema'

export interface Photo {
  readonly sha: string
  readonly type: string
  readonly size: number
}

/** Keeps a photo; one that is kept already is not kept again. */
export async function keepPhoto({ sha, type, size }: Photo, bytes: Buffer): Promise<void> {
  const database = await useDatabase()
  await database
    .insert(photos)
    .ignore()
    .values({ sha, type, size, base64: bytes.toString('base64'), at: new Date() })
}

export async function findPhoto(sha: string): Promise<(Photo & { readonly bytes: Buffer }) | null> {
  const database = await useDatabase()
  const [row] = await database.select().from(photos).where(eq(photos.sha, sha))
  return row ? { sha, type: row.type, size: row.size, bytes: Buffer.from(row.base64, 'base64') } : null
}

/** Which of these photos are kept. */
export async function keptPhotos(shas: readonly string[]): Promise<Set<string>> {
  if (shas.length === 0) return new Set()
  const database = await useDatabase()
  const rows = await database
    .select({ sha: photos.sha })
    .from(photos)
    .where(inArray(photos.sha, [...new Set(shas)]))
  return new Set(rows.map(({ sha }) => sha))
}

/** A print shows so many photos at most, the newest; each as large as a third of a page wants it, in pixels. */
const [mostPrinted, printedPixels] = [200, 900]

/**
 * Writes photos into a folder as a PDF takes them, one by one. One that cannot be read does not keep a record from its
 * paper: it is left out.
 *
 * @returns their files, by their SHA-256
 */
export async function printedPhotos(shas: readonly string[], folder: string): Promise<Record<string, string>> {
  const files: Record<string, string> = {}
  for (const sha of [...new Set(shas)].slice(-mostPrinted)) {
    const photo = await findPhoto(sha)
    const drawn = photo && (await drawnAnew(photo.bytes, { longest: printedPixels }))
    if (!drawn) continue
    files[sha] = join(folder, `${sha}.jpg`)
    await writeFile(files[sha], drawn)
  }
  return files
}

/** What is here of a photo that comes in pieces: so many bytes from its beginning on. */
export async function takePiece(sha: string, from: number, bytes: Buffer): Promise<number> {
  const database = await useDatabase()
  await database
    .insert(photoPieces)
    .ignore()
    .values({ sha, from, size: bytes.length, base64: bytes.toString('base64'), at: new Date() })
  const rows = await database
    .select({ from: photoPieces.from, size: photoPieces.size })
    .from(photoPieces)
    .where(eq(photoPieces.sha, sha))
    .orderBy(asc(photoPieces.from))
  return rows.reduce((taken, piece) => (piece.from <= taken ? Math.max(taken, piece.from + piece.size) : taken), 0)
}

/** The pieces of a photo, one laid over the other. */
export async function joinPieces(sha: string, size: number): Promise<Buffer> {
  const database = await useDatabase()
  const rows = await database.select().from(photoPieces).where(eq(photoPieces.sha, sha)).orderBy(asc(photoPieces.from))
  const whole = Buffer.alloc(size)
  for (const { from, base64 } of rows) Buffer.from(base64, 'base64').copy(whole, from)
  return whole
}

/** Lets the pieces of a photo go: it is whole, or they do not make it. */
export async function dropPieces(sha: string): Promise<void> {
  const database = await useDatabase()
  await database.delete(photoPieces).where(eq(photoPieces.sha, sha))
}

/** So long a photo may take to come. */
const keptPieceDays = 30

/** Lets go the pieces of photos of which no more came for so long. */
export async function forgetOldPieces(): Promise<void> {
  const database = await useDatabase()
  await database.delete(photoPieces).where(isDaysAgo(photoPieces.at, keptPieceDays))
}
