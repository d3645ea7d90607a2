import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { setTimeout as sleep } from 'node:timers/promises'

/** Files that have come down whole: the browser lays an empty one in their place until they have. */
export const downloadsIn = (folder: string): string[] =>
  readdirSync(folder).filter((name) => !name.endsWith('.crdownload') && statSync(join(folder, name)).size > 0)

/** Waits for a file to have come down, and gives its bytes. */
export async function downloaded(folder: string, name: string): Promise<Buffer> {
  for (let tries = 0; tries < 100; tries++) {
    if (downloadsIn(folder).includes(name)) return readFileSync(join(folder, name))
    await sleep(100)
  }
  throw new Error(`${name} did not come down`)
}
