import { spawnSync } from 'node:child_process'
import { readFileSync, rmSync } from 'node:fs'
import { needPrograms } from './run/debian'
import { buildWhenChanged } from './run/build'
import { Failure } from './run/failure'

interface Tally {
  passed: number
  failed: number
}

const environment = { ...process.env, NUXT_TELEMETRY_DISABLED: '1', CI: '1' }

/** A check that passes or fails as one. */
function check(name: string, command: string, ...options: string[]): Tally {
  console.log(`\n== ${name}`)
  const { status } = spawnSync(command, options, { stdio: 'inherit', env: environment })
  return status === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 }
}

/** A project of tests, each counted. A run that breaks off before its tests counts as a failure. */
function tests(name: string, project: string, ...also: string[]): Tally {
  console.log(`\n== ${name}`)
  const report = `.data/report-${project}.json`
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
  const { status } = spawnSync('npx', options, { stdio: 'inherit', env: environment })
  try {
    const { numPassedTests, numFailedTests } = JSON.parse(readFileSync(report, 'utf8')) as {
      numPassedTests: number
      numFailedTests: number
    }
    const broken = status !== 0 && numFailedTests === 0 ? 1 : 0
    return { passed: numPassedTests, failed: numFailedTests + broken }
  } catch {
    return { passed: 0, failed: 1 }
  }
}

function build(): Tally {
  console.log('\n== build')
  try {
    buildWhenChanged()
    return { passed: 1, failed: 0 }
  } catch (error) {
    console.error(error instanceof Failure ? error.message : error)
    return { passed: 0, failed: 1 }
  }
}

function prepare(): Tally {
  try {
    needPrograms(['mariadbd', 'mariadb-install-db', 'mariadb'], ['mariadb-server-core', 'mariadb-client-core'])
    needPrograms(['chromium', 'chromedriver'], ['chromium', 'chromium-driver'])
    return { passed: 0, failed: 0 }
  } catch (error) {
    console.error(error instanceof Failure ? error.message : error)
    return { passed: 0, failed: 1 }
  }
}

const tallies = [
  prepare(),
  check('lint and import boundaries', 'npx', '--no-install', 'eslint', '.'),
  check('format', 'npx', '--no-install', 'prettier', '--check', '--log-level', 'warn', '.'),
  check('types of the application', 'npx', '--no-install', 'nuxt', 'typecheck'),
  check('types of core, scripts and tests', 'npx', '--no-install', 'tsc', '--noEmit', '-p', 'tsconfig.tools.json'),
  tests('unit tests', 'unit', '--coverage'),
  build(),
  tests('the interface on a real database', 'api'),
  tests('the pages in a browser', 'page'),
]
const passed = tallies.reduce((sum, tally) => sum + tally.passed, 0)
const failed = tallies.reduce((sum, tally) => sum + tally.failed, 0)
console.log(`\n${passed} passed, ${failed} failed`)
process.exitCode = failed === 0 ? 0 : 1
