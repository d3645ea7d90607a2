/** What a gauge showed, and a thermometer where there was one. */
export interface Reading {
  readonly seconds: number
  /** Gauge pressure. */
  readonly bar: number
  readonly celsius?: number | undefined
}

/** Readings brought together: so many at once, their means. */
export interface Bin extends Reading {
  readonly count: number
}

/** The middle of so many figures, the upper one of two; nought of none. */
export const median = (of: readonly number[]): number => [...of].sort((a, b) => a - b)[Math.floor(of.length / 2)] ?? 0

/** A gauge that lets go shows nothing for a moment: less than this share of what it shows about it. */
export const dropOut = 0.3
/** What falls by more than this share from one reading to the next may be empty at the one after. */
const runs = 0.3
const about = 2

/** Whether all readings about one are so against it: the two before and the two after. */
export function isNear(readings: readonly Reading[], at: number, is: (bar: number) => boolean): boolean {
  for (let other = Math.max(0, at - about); other <= Math.min(readings.length - 1, at + about); other += 1)
    if (!is(readings[other]!.bar)) return false
  return true
}

/**
 * The readings in order of time without those in which the gauge let go.
 *
 * @remarks for instance: 6.0, 6.0, 0.0, 5.9, 5.9: the third is left out
 */
export function soundReadings(readings: readonly Reading[]): Reading[] {
  const ordered = [...readings].sort((a, b) => a.seconds - b.seconds)
  return ordered.filter(({ bar }, at) => {
    if (isNear(ordered, at, (other) => bar >= dropOut * other)) return true
    const before = ordered.slice(Math.max(0, at - about), at).map((of) => of.bar)
    const later = ordered.slice(at + 1, at + 1 + about).map((of) => of.bar)
    if (bar >= dropOut * median([...before, ...later])) return true
    // What stays down has lost its water; a gauge that let go comes back, and at the very end it fell from nowhere.
    if (later.length > 0) return later.every((next) => next <= 2 * bar + 0.01)
    return before.length < about || before[1]! < (1 - runs) * before[0]!
  })
}

/** The divisions that gauges have, in bar, the coarsest first. */
const divisions = [0.1, 0.05, 0.02, 0.01]
/** A gauge of coarser divisions than these shows it by so many of them. */
const coarser = [0.5, 0.2]
const shownBy = 4
/** A finer step than this is none that matters, in bar. */
const finest = 0.003

/** Whether all are whole numbers of a step. */
const areWhole = (values: readonly number[], step: number): boolean =>
  values.every((value) => Math.abs(value / step - Math.round(value / step)) < 0.02)

/**
 * The gauge's smallest step that shows, in bar; 0 where it shows none. A gauge that never moves may have any step by which
 * what it shows is whole: readings of 10 say less than readings of 10.03.
 */
function stepOf(readings: readonly Reading[]): number {
  const values = [...new Set(readings.map(({ bar }) => Math.round(bar * 1e5) / 1e5))].sort((a, b) => a - b)
  const usual = [...(values.length >= shownBy ? coarser : []), ...divisions].find((step) => areWhole(values, step))
  if (usual !== undefined || values.length === 1) return usual ?? 0
  const steps = values.slice(1).map((bar, at) => bar - values[at]!)
  const least = Math.min(...steps)
  // A step shows where all differences are whole numbers of it.
  return least >= finest && areWhole(steps, least) ? least : 0
}

/** Scatter of a single gauge is never taken to be less, in bar. */
const leastScatter = 0.002

/** How a gauge errs: the scatter of a reading, and its step, in bar. */
export interface GaugeError {
  readonly scatter: number
  readonly step: number
}

/** How the gauge errs, by what is left of each reading against the line through its neighbours, and by the steps in which it shows. */
export function gaugeErrorOf(readings: readonly Reading[], division?: number): GaugeError {
  const left = readings.slice(1, -1).map(({ bar, seconds }, at) => {
    const [before, after] = [readings[at]!, readings[at + 2]!]
    const share = (seconds - before.seconds) / (after.seconds - before.seconds || 1)
    return Math.abs(bar - before.bar - share * (after.bar - before.bar))
  })
  const scatter = median(left) / 0.6745 / Math.sqrt(1.5)
  return {
    scatter: Math.max(leastScatter, left.length >= 5 ? Math.min(scatter, 0.2) : 0.01),
    step: division ?? stepOf(readings),
  }
}

/** A needle of divisions from here on may stick between two of them, in bar; by so much of a division it is off then. */
const [needle, sticks] = [0.05, 0.4]
/** What rounds is off by so much of a step. */
const rounds = 1 / Math.sqrt(12)

/**
 * How the errors of two bins hang together, in bar²: what scatters does not, and a mean has less of it; what a step hides
 * hangs together as long as the gauge shows the same, and lets what is hidden move over the test.
 *
 * @param span seconds of the test
 */
export function gaugeCovariance({ scatter, step }: GaugeError, a: Bin, b: Bin, span: number): number {
  const own = a === b ? scatter ** 2 / a.count : 0
  if (step === 0) return own
  // A gauge that scatters over its steps averages them out.
  const hidden = ((step >= needle ? sticks : rounds) * step) ** 2 * Math.exp(-((scatter / step) ** 2))
  const apart = (a.seconds - b.seconds) / (span / 2 || 1)
  return own + hidden * Math.exp(-Math.abs(a.bar - b.bar) / step - apart ** 2 / 2)
}

/** What is left of the first pressure where nothing more can be told, as a share of it. */
const empty = 0.04
/** Within a bin the pressure changes by no more than this share of its whole change: a mean of a bend is off it. */
const steepest = 1 / 18

/**
 * Readings brought together, about so many bins: the first one, from which all is reckoned, stands alone; where the
 * pressure runs, bins are short, but not for the gauge's scatter. What comes once the pipe is empty is left out; never
 * more than twice so many bins.
 */
export function binned(readings: readonly Reading[], most: number): Bin[] {
  const first = readings[0]!
  const emptied = readings.findIndex(({ bar }) => bar < empty * first.bar)
  const told = emptied < 0 ? readings : readings.slice(0, Math.max(4, emptied + 1))
  const all = told.map(({ bar }) => bar)
  const range = Math.max(...all) - Math.min(...all)
  const size = Math.ceil((told.length - 1) / (most / 2))
  const { scatter, step } = gaugeErrorOf(told)
  const steep = Math.max(range * steepest, 4 * scatter, 2 * step)
  const bins: Bin[] = [{ ...first, count: 1 }]
  for (let from = 1; from < told.length;) {
    let to = from + 1
    while (to < told.length && to - from < size && Math.abs(told[to]!.bar - told[from]!.bar) <= steep) to += 1
    bins.push(meanOf(told.slice(from, to)))
    from = to
  }
  return bins.length > 2 * most ? evenly(told, 2 * most) : bins
}

/** More readings than these are brought together before anything else: a logger's of a day, one a second. */
const plenty = 1500

/** Readings of a logger, brought together where there are plenty; the first stands alone. */
export const thinned = (readings: readonly Reading[]): readonly Reading[] =>
  readings.length > plenty ? evenly(readings, plenty) : readings

/** What is kept of a file of readings: all of them, or of a logger's plenty as many as tell as much, without those in which it let go. */
export const worthKeeping = (readings: readonly Reading[]): readonly Reading[] =>
  readings.length > plenty ? thinned(soundReadings(readings)) : readings

/** The first reading alone, and so many bins of as many readings each. */
function evenly(readings: readonly Reading[], most: number): Bin[] {
  const size = Math.ceil((readings.length - 1) / (most - 1))
  const starts = Array.from({ length: Math.ceil((readings.length - 1) / size) }, (_, at) => 1 + at * size)
  return [{ ...readings[0]!, count: 1 }, ...starts.map((from) => meanOf(readings.slice(from, from + size)))]
}

function meanOf(those: readonly Reading[]): Bin {
  const mean = (of: readonly number[]) => of.reduce((sum, value) => sum + value, 0) / of.length
  const warm = those.flatMap(({ celsius }) => (celsius === undefined ? [] : [celsius]))
  return {
    seconds: mean(those.map(({ seconds }) => seconds)),
    bar: mean(those.map(({ bar }) => bar)),
    celsius: warm.length > 0 ? mean(warm) : undefined,
    count: those.length,
  }
}
