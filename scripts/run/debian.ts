import { spawnSync } from 'node:child_process'
import { existsSync } from 'node:fs'
import { delimiter, join } from 'node:path'
import { Failure } from './failure'

const folders = [...(process.env.PATH ?? '').split(delimiter), '/usr/sbin', '/usr/bin', '/usr/local/sbin']

/** The path of a program, or null where it is not on this machine. */
export function programPath(name: string): string | null {
  return folders.map((folder) => join(folder, name)).find((path) => existsSync(path)) ?? null
}

/** Installs Debian packages where one of these programs is missing. */
export function needPrograms(programs: readonly string[], packages: readonly string[]): void {
  if (programs.every((name) => programPath(name) !== null)) return
  const asRoot = process.getuid?.() === 0 ? [] : ['sudo']
  const by = `apt-get install ${packages.join(' ')}`
  if (!programPath('apt-get'))
    throw new Failure(`${programs.join(', ')} must be on this machine; install them first (on Debian: ${by}).`)
  console.log(`Installing ${packages.join(', ')} ...`)
  const run = (...command: string[]) => {
    const [program, ...rest] = [...asRoot, ...command]
    return (
      spawnSync(program!, rest, {
        stdio: ['inherit', 'ignore', 'inherit'],
        env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
      }).status === 0
    )
  }
  run('apt-get', 'update', '-q')
  const installed = run('apt-get', 'install', '-y', '-q', '--no-install-recommends', ...packages)
  if (!installed || programs.some((name) => programPath(name) === null)) {
    throw new Failure(
      `${packages.join(', ')} could not be installed. Is there a network, and may you use sudo? By hand: ${by}`,
    )
  }
}
