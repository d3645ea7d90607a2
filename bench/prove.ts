import { shippedCatalogue } from '../core/catalogue/catalogue'
import { caseOf } from '../core/prove/case-of'
import { judge, type Case, type Judgement } from '../core/prove/judge'
import { soundReadings } from '../core/prove/readings'
import { randomStream } from '../core/quantity/random-stream'
import { diceOf, flows, lines, simulate, troubles, type Simulated } from './proving/kinds'

/*
 * Simulated tests of random systems whose truth is known: how often each verdict is right, whether the range holds the
 * truth, and how soon a right verdict stands.
 *
 *   npm run bench:prove [-- --tests 3000] [--seed N]
 */
const option = (name: string, otherwise: number): number => {
  const at = process.argv.indexOf(`--${name}`)
  return at < 0 ? otherwise : Number(process.argv[at + 1])
}
const tests = option('tests', 3000)
const seed = option('seed', Math.ceil(Math.random() * 2 ** 31))
console.log(`${tests} simulated tests, seed ${seed}`)
const dice = diceOf(randomStream(seed))

interface Counted extends Simulated {
  readonly judged: Judgement
  /** What runs in truth at the pressure from which it is reckoned, litres a minute. */
  readonly litres: number
  readonly isWrong: boolean
  readonly holds: boolean | null
  /** Verdicts by fewer of the readings, and whether each was wrong. */
  readonly live: readonly { readonly share: number; readonly verdict: string; readonly isWrong: boolean }[]
}

/** What runs in truth at the pressure from which a case reckons. */
function litresFrom({ flowAt, request, truth }: Simulated, { question }: Case): number {
  const from = question.stretches[0]?.[0]?.seconds ?? 0
  const at = request.readings.findIndex(({ seconds }) => seconds >= from)
  return flowAt(truth[Math.max(0, at)]!)
}

/** Wrong is: tight with more than twice the least leak, a leak or an inflow where there is none. */
function isWrong(verdict: string, litres: number, least: number): boolean {
  if (verdict === 'tight') return Math.abs(litres) > 2 * least
  if (verdict === 'weep') return litres > 2 * least || litres <= 0
  if (verdict === 'leak') return litres <= 0
  return verdict === 'inflow' && litres >= 0
}

const isQuick = process.argv.includes('--quick')
const liveAt = isQuick ? [] : [0.25, 0.5, 0.75]
const started = performance.now()
const all = Array.from({ length: tests }, (_, index): Counted => {
  const made = simulate(dice, index % 10 === 0 ? troubles[1 + ((index / 10) % 3)]! : 'none')
  const of = caseOf(shippedCatalogue, made.request, soundReadings(made.request.readings))
  const judged = judge(of)
  const litres = litresFrom(made, of)
  const live = liveAt.map((share) => {
    const readings = made.request.readings.filter(({ seconds }) => seconds <= share * made.seconds)
    const early = caseOf(shippedCatalogue, { ...made.request, readings }, soundReadings(readings))
    const { verdict } = judge(early)
    return { share, verdict, isWrong: isWrong(verdict, litresFrom(made, early), made.least) }
  })
  const { proof, doubt } = judged
  const holds = proof && !doubt ? proof.leak.low <= litres + 1e-15 && litres <= proof.leak.high + 1e-15 : null
  return { ...made, judged, litres, isWrong: isWrong(judged.verdict, litres, made.least), holds, live }
})

const share = (some: number, of: number): number => (of > 0 ? (100 * some) / of : NaN)
const plain = all.filter(({ trouble }) => trouble === 'none')
let isOutside = false
/** One line: a share of so many, in the hundred, and between which it is to lie. */
function line(what: string, [value, count]: readonly [number, number], wanted: { low?: number; high?: number } = {}) {
  const { low, high } = wanted
  const is = Number.isNaN(value) || (value >= (low ?? 0) && value <= (high ?? 100))
  if (!is) isOutside = true
  const words = [low === undefined ? '' : `at least ${low}`, high === undefined ? '' : `at most ${high}`]
    .join(' ')
    .trim()
  console.log(
    `${is ? ' ' : '!'} ${what.padEnd(46)} ${value.toFixed(1).padStart(6)} % of ${String(count).padStart(4)}  ${words}`,
  )
}
const counted = (of: readonly Counted[], is: (one: Counted) => boolean): readonly [number, number] => [
  share(of.filter(is).length, of.length),
  of.length,
]
const says = (...verdicts: string[]) => plain.filter(({ judged }) => verdicts.includes(judged.verdict))
const isOpen = ({ judged }: Counted) => judged.verdict === 'undecided'
const wrong = (one: Counted) => one.isWrong
const isHeld = ({ holds }: Counted) => holds === true
line('tight, more than twice the least runs', counted(says('tight', 'weep'), wrong), { high: 1 })
line('leak or inflow, none there', counted(says('leak', 'inflow'), wrong), { high: 1 })
const fits = plain.filter(({ holds }) => holds !== null)
line('the range holds', counted(fits, isHeld), { low: 92, high: 98 })
for (const flow of flows)
  line(
    `  of ${flow}`,
    counted(
      fits.filter((of) => of.flow === flow),
      isHeld,
    ),
    { low: 85 },
  )
for (const kind of lines)
  line(
    `  of ${kind}`,
    counted(
      fits.filter((of) => of.line === kind),
      isHeld,
    ),
    { low: 85 },
  )
for (const kind of lines)
  line(
    `undecided, ${kind}`,
    counted(
      plain.filter((of) => of.line === kind),
      isOpen,
    ),
  )
/** What runs is neither about the least that matters nor half or twice that, which is on the edge itself. */
const isPlain = ({ litres, least }: Counted) => Math.abs(litres) < least / 2 || Math.abs(litres) > 2 * least
const clean = plain.filter((of) => of.line === 'clean metal' && isPlain(of))
line('  clean metal, not on the edge', counted(clean, isOpen), { high: 10 })
const airTight = plain.filter((of) => of.line === 'air-filled' && of.flow === 'tight' && of.isRead)
line(
  'air-filled, tight, read: decided',
  counted(airTight, (of) => !isOpen(of)),
  { low: 50 },
)
line(
  'undecided without temperature',
  counted(
    plain.filter(({ isRead }) => !isRead),
    isOpen,
  ),
)
for (const trouble of troubles.slice(1))
  line(
    `wrong with ${trouble}`,
    counted(
      all.filter((of) => of.trouble === trouble),
      wrong,
    ),
    { high: 2 },
  )
for (const kind of ['few', 'plastic settles', 'odd row', 'topped up', 'no fit'] as const)
  line(
    `${kind}, of plain ones`,
    counted(plain, ({ judged }) => judged.doubt?.kind === kind),
  )
const live = plain.flatMap((of) => of.live).filter(({ verdict }) => verdict !== 'undecided')
line('live verdicts that are wrong', [share(live.filter((of) => of.isWrong).length, live.length), live.length], {
  high: 2,
})
const times = plain
  .filter((of) => !isOpen(of) && !of.isWrong)
  .map(({ judged, live: early }) => {
    const open = early.findLastIndex(({ verdict }) => verdict !== judged.verdict)
    return early[open + 1]?.share ?? 1
  })
  .sort((a, b) => a - b)
console.log(
  `median time to a right verdict: ${100 * (times[Math.floor(times.length / 2)] ?? NaN)} % of the test’s, or less`,
)
console.log(`${((performance.now() - started) / tests).toFixed(0)} ms a test`)
if (process.argv.includes('--wrong'))
  for (const of of all.filter((one) => one.isWrong))
    console.log(
      of.line,
      of.flow,
      of.trouble,
      of.judged.verdict,
      (of.litres / of.least).toFixed(2),
      of.isRead,
      of.request.test.profile,
    )
console.log(isOutside ? 'outside what is asked' : 'within what is asked')
process.exitCode = isOutside ? 1 : 0
