import { Stryker } from '@stryker-mutator/core'
import { noticedFromTheStart } from './look-again'
import { refusedByTypes } from './refused-by-types'
import { stretchesOf, topics } from './sample'

/**
 * Changes the core's code in small ways, a sample of each topic, and counts how many of the changes a test notices.
 *
 *   npm run test:mutation [-- --seed N] [--lines N] [--topics route,bend]
 */
const least = 0.85

function option(name: string, otherwise: string): string {
  const at = process.argv.indexOf(`--${name}`)
  return at < 0 ? otherwise : (process.argv[at + 1] ?? otherwise)
}
function wholeNumber(name: string, otherwise: number): number {
  const value = Number(option(name, String(otherwise)))
  if (!Number.isInteger(value) || value < 1) throw new RangeError(`--${name}: a whole number above 0`)
  return value
}

const seed = wholeNumber('seed', Math.ceil(Math.random() * 2 ** 31))
const lines = wholeNumber('lines', 100)
const asked = option('topics', topics().join(',')).split(',')
console.log(`Mutation test with seed ${seed}, ${lines} lines of each topic; the same again: --seed ${seed}`)

const stretches = new Map(asked.map((topic) => [topic, stretchesOf(topic, lines, seed)]))
const results = await new Stryker({
  testRunner: 'vitest',
  vitest: { configFile: 'scripts/mutation/vitest.config.ts' },
  plugins: ['@stryker-mutator/vitest-runner'],
  mutate: [...stretches.values()].flat().map(({ file, from, to }) => `${file}:${from}-${to}`),
  // What is said is held by other means: a test renders every sentence, and a text changed to another is still a text.
  mutator: { excludedMutations: ['StringLiteral'] },
  // What runs once as a module loads would need every test anew for each change: an hour more.
  ignoreStatic: true,
  ignorePatterns: ['!.nuxt', '.output', '.data', 'docs', 'app', 'server', 'e2e', 'public'],
  reporters: ['clear-text', 'progress-append-only'],
  clearTextReporter: { allowColor: false, allowEmojis: false, reportTests: false, skipFull: true },
  thresholds: { high: 85, low: 85, break: null },
  concurrency: 2,
  timeoutMS: 20_000,
  // All tests one after another, before anything is changed: a slow machine needs more than the five minutes that are usual.
  dryRunTimeoutMinutes: 40,
  tempDirName: '.data/mutation',
}).runMutationTest()

type MutantResult = (typeof results)[number]
const noticed = new Set(['Killed', 'Timeout'])
const counted = new Set([...noticed, 'Survived', 'NoCoverage'])
const unseen = results.filter(({ status }) => status === 'Survived' || status === 'NoCoverage')
const refused = refusedByTypes(unseen)
const topicOf = (file: string) => {
  const folder = /core\/([^/]+)\//.exec(file)?.[1]
  return folder ?? '.'
}
const allowed = results.filter((of) => counted.has(of.status) && !refused.has(of))
/** Of a topic in whose sample nothing could be changed, nothing is shown. */
const shareOf = (own: readonly MutantResult[], isNoticed: (of: MutantResult) => boolean): number =>
  own.length ? own.filter(isNoticed).length / own.length : 0
const ownOf = (topic: string) => allowed.filter((of) => topicOf(of.fileName) === topic)
const atFirst = (of: MutantResult): boolean => noticed.has(of.status)
// What is reckoned once and kept is asked of the first test alone that comes to it: where a topic would be low for that,
// all that went unseen in it is looked at.
const low = new Set(asked.filter((topic) => shareOf(ownOf(topic), atFirst) < least))
const again = await noticedFromTheStart(
  unseen.filter((of) => !refused.has(of) && (of.static === true || low.has(topicOf(of.fileName)))),
)
let below = 0
for (const topic of asked) {
  const own = ownOf(topic)
  const share = shareOf(own, (of) => atFirst(of) || again.has(of))
  if (share < least) below += 1
  console.log(
    `${topic.padEnd(10)} ${Math.round(share * own.length)} of ${own.length} noticed, ${(share * 100).toFixed(0)} %`,
  )
}
console.log(below ? `${below} topics below ${least * 100} %` : `Every topic at ${least * 100} % or more`)
process.exitCode = below ? 1 : 0
