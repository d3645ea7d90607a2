import { readFileSync, writeFileSync } from 'node:fs'

/**
 * Completes package-lock.json after `npm install`.
 *
 * A registry that carries packages for one platform only leaves the other platforms' optional binaries out of the
 * lock file, and `npm ci` then refuses it. They are written in here by name and version, so that `npm ci` skips them.
 */
interface LockedPackage {
  version?: string
  optional?: boolean
  os?: string[]
  cpu?: string[]
  optionalDependencies?: Record<string, string>
}

const file = 'package-lock.json'
const lock = JSON.parse(readFileSync(file, 'utf8')) as { packages: Record<string, LockedPackage> }
const systems = ['darwin', 'win32', 'android', 'freebsd', 'linux', 'openbsd', 'openharmony', 'netbsd', 'sunos', 'aix']
const processors = ['arm64', 'x64', 'ia32', 'riscv64', 'ppc64', 's390x', 'loong64', 'mips64el', 'arm']

function isLocked(from: string, name: string): boolean {
  for (let base = from; ; base = base.slice(0, Math.max(0, base.lastIndexOf('/node_modules/')))) {
    if (`${base === '' ? '' : `${base}/`}node_modules/${name}` in lock.packages) return true
    if (base === '') return false
  }
}

function platformOf(name: string): Pick<LockedPackage, 'os' | 'cpu'> | null {
  if (/wasm32|wasi/.test(name)) return { cpu: ['wasm32'] }
  const words = name.replace(/arm-(gnu|musl|)eabi(hf)?/, 'arm').split(/[-/]/)
  const os = systems.filter((system) => words.includes(system)).slice(0, 1)
  const cpu = processors.filter((processor) => words.includes(processor)).slice(0, 1)
  return os.length + cpu.length > 0 ? { ...(os.length ? { os } : {}), ...(cpu.length ? { cpu } : {}) } : null
}

let added = 0
for (const [path, { optionalDependencies = {} }] of Object.entries(lock.packages)) {
  for (const [name, range] of Object.entries(optionalDependencies)) {
    const platform = platformOf(name)
    if (isLocked(path, name) || !platform) continue
    lock.packages[`node_modules/${name}`] = { version: range.replace(/^[~^]/, ''), optional: true, ...platform }
    added += 1
  }
}
const { '': root, ...rest } = lock.packages
lock.packages = { '': root!, ...Object.fromEntries(Object.entries(rest).sort(([a], [b]) => (a < b ? -1 : 1))) }
writeFileSync(file, `${JSON.stringify(lock, null, 2)}\n`)
console.log(`${added} packages of other platforms added to ${file}`)
