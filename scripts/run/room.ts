import { statfsSync } from 'node:fs'
import { setTimeout as sleep } from 'node:timers/promises'

/** What a database of its own needs to start, to recover and to grow a little. */
const leastFreeBytes = 400_000_000
const lookAgain = 5000

/** Waits until there is room on the disk of a folder, saying so once. */
export async function roomOn(folder: string, least = leastFreeBytes, pause = lookAgain): Promise<void> {
  const free = () => {
    const { bavail, bsize } = statfsSync(folder)
    return bavail * bsize
  }
  for (let said = false; free() < least; said = true) {
    if (!said)
      console.error(
        `The disk is full: ${Math.round(free() / 1_000_000)} MB are free, and the database wants ${least / 1_000_000} MB. Waiting for room; nothing that was saved is touched.`,
      )
    await sleep(pause)
  }
}
