import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { Failure } from './failure'

const sources = ['app', 'core', 'server', 'demo', 'public', 'build', 'nuxt.config.ts', 'package-lock.json']
const stamp = '.output/jolvet-sources'
export const serverEntry = '.output/server/index.mjs'

function filesIn(path: string): string[] {
  if (!existsSync(path)) return []
  if (!statSync(path).isDirectory()) return [path]
  return readdirSync(path)
    .sort()
    .flatMap((name) => filesIn(join(path, name)))
}

/** What is no part of what is built. */
const isTest = (file: string): boolean => /\.test\.ts$|__snapshots__/.test(file)

function sourcesHash(): string {
  const hash = createHash('sha256')
  for (const file of sources.flatMap(filesIn).filter((of) => !isTest(of)))
    hash.update(file).update('\0').update(readFileSync(file))
  return hash.digest('hex')
}

/** Builds the application where its sources changed since the last build. */
export function buildWhenChanged(): void {
  const wanted = sourcesHash()
  if (existsSync(serverEntry) && existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return
  console.log('Building ...')
  const { status, stdout, stderr } = spawnSync('npx', ['--no-install', 'nuxt', 'build'], {
    encoding: 'utf8',
    maxBuffer: 1e8,
    env: { ...process.env, NUXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' },
  })
  if (status !== 0)
    throw new Failure(`The application could not be built:\n${stdout.slice(-2000)}\n${stderr.slice(-4000)}`)
  writeFileSync(stamp, wanted)
}
