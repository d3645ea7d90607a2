import { readdirSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

/** Each server's own: a folder of one that is no more is known by its number. */
const prefix = 'jolvet-put-back-'
export const putBackPrefix = `${prefix}${process.pid}-`

function isRunning(pid: number): boolean {
  try {
    process.kill(pid, 0)
    return true
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM'
  }
}

/** Clears what a server left that was killed while it put a backup back. */
export function clearPutBackFolders(folder = tmpdir()): void {
  for (const name of readdirSync(folder)) {
    const pid = Number(/^jolvet-put-back-(\d+)-/.exec(name)?.[1] ?? NaN)
    const isLeft = name.startsWith(prefix) && (Number.isNaN(pid) || pid === process.pid || !isRunning(pid))
    if (isLeft) rmSync(join(folder, name), { recursive: true, force: true })
  }
}
