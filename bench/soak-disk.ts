import { execFileSync } from 'node:child_process'
import { closeSync, openSync, rmSync, writeSync } from 'node:fs'
import { join } from 'node:path'
import { setTimeout as sleep } from 'node:timers/promises'

const diskMegabytes = 700

/** A small disk under the database; false where this user may not mount one. */
export function smallDisk(folder: string): boolean {
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', `size=${diskMegabytes}m`, 'jolvet-soak', folder], { stdio: 'ignore' })
    return true
  } catch {
    return false
  }
}
function hasRoomFor(file: number, size: number): boolean {
  try {
    return writeSync(file, Buffer.alloc(size)) > 0
  } catch {
    return false
  }
}

/** Leaves no room on it for a while. */
export async function fillDisk(folder: string, counts: { fullDisks: number }): Promise<void> {
  const filler = join(folder, 'filler')
  const file = openSync(filler, 'w')
  try {
    for (const size of [2 ** 20, 2 ** 12]) while (hasRoomFor(file, size));
  } finally {
    closeSync(file)
  }
  await sleep(8000)
  rmSync(filler)
  counts.fullDisks += 1
}
