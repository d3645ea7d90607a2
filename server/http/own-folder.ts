import { readdirSync, rmSync } from 'node:fs'
import { mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

/** What a server lays aside in a folder while it answers. */
type Kind = 'put-back' | 'pictures'

/** Each server's own: a folder of one that is no more is known by its number. */
export async function inOwnFolder<Answer>(kind: Kind, use: (folder: string) => Promise<Answer>): Promise<Answer> {
  const folder = await mkdtemp(join(tmpdir(), `jolvet-${kind}-${process.pid}-`))
  try {
    return await use(folder)
  } finally {
    await rm(folder, { recursive: true, force: true })
  }
}

function isRunning(pid: number): boolean {
  try {
    process.kill(pid, 0)
    return true
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM'
  }
}

/** Clears what servers left that were killed as they answered. */
export function clearFolders(of = tmpdir()): void {
  for (const name of readdirSync(of)) {
    const pid = /^jolvet-(?:put-back|pictures)-(?:(\d+)-)?/.exec(name)
    const isLeft =
      pid !== null && (pid[1] === undefined || Number(pid[1]) === process.pid || !isRunning(Number(pid[1])))
    if (isLeft) rmSync(join(of, name), { recursive: true, force: true })
  }
}
