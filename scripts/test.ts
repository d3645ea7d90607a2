import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { readFileSync, rmSync } from 'node:fs'
import { needPrograms } from './run/debian'
import { buildWhenChanged } from './run/build'
import { Failure } from './run/failure'

interface Tally {
  readonly passed: number
  /** What failed, by name: said once more at the end, where a long output is read first. */
  readonly failed: readonly string[]
}

const environment = { ...process.env, NUXT_TELEMETRY_DISABLED: '1', CI: '1' }

/** Runs a command to its end, and says what it said once that is reached: of two at once each is read by itself. */
async function ended(name: string, command: string, options: readonly string[]): Promise<number | null> {
  const child = spawn(command, options, { env: environment, stdio: ['ignore', 'pipe', 'pipe'] })
  const said: Buffer[] = []
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (part: Buffer) => said.push(part))
  const [status] = (await once(child, 'close')) as [number | null]
  console.log(`\n== ${name}`)
  process.stdout.write(Buffer.concat(said))
  return status
}

/** A check that passes or fails as one. */
const check =
  (name: string, command: string, ...options: string[]) =>
  async (): Promise<Tally> => {
    const status = await ended(name, command, options)
    return status === 0 ? { passed: 1, failed: [] } : { passed: 0, failed: [name] }
  }

/** What of Vitest's report is read. */
interface Report {
  readonly numPassedTests: number
  readonly testResults: readonly {
    readonly name: string
    readonly status: string
    readonly message: string
    readonly assertionResults: readonly { readonly status: string; readonly fullName: string }[]
  }[]
}

/** A project of tests, each counted. A run that breaks off before its tests counts as a failure. */
const tests =
  (name: string, project: string, ...also: string[]) =>
  async (): Promise<Tally> => {
    const report = `.data/report-${project.replace('*', '')}.json`
    rmSync(report, { force: true })
    const options = [
      '--no-install',
      'vitest',
      'run',
      '--project',
      project,
      '--reporter=default',
      '--reporter=json',
      `--outputFile=${report}`,
      ...also,
    ]
    const status = await ended(name, 'npx', options)
    try {
      const { numPassedTests, testResults } = JSON.parse(readFileSync(report, 'utf8')) as Report
      const failed = testResults.flatMap((file) => [
        ...(file.status === 'failed' && file.assertionResults.length === 0 ? [`${file.name}: ${file.message}`] : []),
        ...file.assertionResults.filter((of) => of.status === 'failed').map((of) => `${file.name}: ${of.fullName}`),
      ])
      const brokenOff = status !== 0 && failed.length === 0 ? [`${name}: it broke off`] : []
      return { passed: numPassedTests, failed: [...failed, ...brokenOff] }
    } catch {
      return { passed: 0, failed: [`${name}: no report`] }
    }
  }

/** A step before the checks that counts only when it fails, or as one. */
function step(name: string, counts: boolean, run: () => void): Tally {
  try {
    run()
    return { passed: counts ? 1 : 0, failed: [] }
  } catch (error) {
    console.error(error instanceof Failure ? error.message : error)
    return { passed: 0, failed: [name] }
  }
}

function needAllPrograms(): void {
  needPrograms(['mariadbd', 'mariadb-install-db', 'mariadb'], ['mariadb-server-core', 'mariadb-client-core'])
  needPrograms(['chromium', 'chromedriver'], ['chromium', 'chromium-driver'])
}

/** One after another. */
async function inTurn(...all: readonly (() => Promise<Tally>)[]): Promise<Tally[]> {
  const tallies: Tally[] = []
  for (const one of all) tallies.push(await one())
  return tallies
}

const tallies = [
  step('programs', false, needAllPrograms),
  // It is built before what reads the folder that building writes.
  step('build', true, buildWhenChanged),
  ...(
    await Promise.all([
      inTurn(
        check('lint and import boundaries', 'npx', '--no-install', 'eslint', '.'),
        check('format', 'npx', '--no-install', 'prettier', '--check', '--log-level', 'warn', '.'),
      ),
      inTurn(
        check('types of the application', 'npx', '--no-install', 'nuxt', 'typecheck'),
        check(
          'types of core, scripts and tests',
          'npx',
          '--no-install',
          'tsc',
          '--noEmit',
          '-p',
          'tsconfig.tools.json',
        ),
      ),
    ])
  ).flat(),
  await tests('unit tests', 'unit*', '--coverage')(),
  await tests('the interface on a real database', 'api')(),
  await tests('the pages in a browser', 'page')(),
]
const passed = tallies.reduce((sum, tally) => sum + tally.passed, 0)
const failed = tallies.flatMap((tally) => tally.failed)
for (const name of failed) console.log(`FAILED ${name}`)
console.log(`\n${passed} passed, ${failed.length} failed`)
process.exitCode = failed.length === 0 ? 0 : 1
