import { eq } from 'drizzle-orm'
import { useDatabase } from './connection'
import { photos } from './schema'

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
