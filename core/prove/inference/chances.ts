import type { Fit } from './fit'
import { hypotheses } from './hypotheses'
import type { Hypothesis } from './hypotheses/hypothesis'
import type { Prepared, ReadingEvidence } from './reading-evidence'
import { accountsOf, weigh, type Account } from './weigh'
import { softness } from '../softness'

/** Of flows any size is as likely as twice the size. */
const [smallest, largest] = [1 / 50, 3000]
/** So many times the least leak is seen and heard, and hardly lets the pressure be raised: beyond it twice the size is half as likely. */
const plain = 100
/** Sizes are weighed so far apart by their logarithm, and nearer where two neighbours differ by more than so much. */
const [coarse, nearest, apart] = [0.7, 0.08, 1.2]
/** What is by so much less likely than the likeliest, as its logarithm, changes no verdict. */
const beneathNotice = 9
/** Larger ones than those that have lost so much are not looked at. */
const hopeless = 40

/** A size of flow in one direction, with its share of the chance. */
export interface Candidate {
  readonly hypothesis: Hypothesis
  /** Litres a minute at the first pressure; 0 where none runs. */
  readonly litres: number
  /** The share of air that is supposed with it. */
  readonly air: number
  readonly chance: number
}
export interface Chances {
  /** Of each explanation the sizes that were weighed, the smallest first. */
  readonly candidates: readonly Candidate[]
  readonly likeliest: Fit
  readonly explanation: Hypothesis
  /** Chance that any runs out, were the readings so many times as far off as they are taken to be. */
  readonly chanceOut: (times: number) => number
}

interface Sized {
  readonly size: number
  readonly fit: Fit
}

const range = Math.log(largest / smallest)
const sizesApart = (step: number, from: number): number[] =>
  Array.from({ length: Math.floor((Math.log(largest) - from) / step) + 1 }, (_, at) => from + at * step)
/** Of what has a level too the sizes are looked at from farther apart; a tenth of the least leak is none of those. */
const grids = { plain: sizesApart(coarse, Math.log(smallest)), level: sizesApart(2 * coarse, Math.log(0.1)) }

const likeliestOf = <T extends { readonly fit: Fit }>(of: readonly T[]): T =>
  of.reduce((top, other) => (other.fit.log > top.fit.log ? other : top))

/** How far the gauge has gone when it tells how fast it began, as a share of all the way it went. */
const begun = 1 / 3

/**
 * Litres a minute by which the gauge began to move, were the pipe as soft as is supposed and nothing else at work. A
 * flow that soon comes to its level fits at about this size only, and a search in wide steps would go past it.
 */
function firstFlow({ prepared: { own, supposition } }: Account, { bins, meanWarmth }: ReadingEvidence): number {
  const [first] = bins as [ReadingEvidence['bins'][number]]
  const gone = bins.map(({ bar }) => Math.abs(bar - first.bar))
  const at = gone.findIndex((way) => way > 0 && way >= begun * Math.max(...gone))
  const minutes = ((bins[at]?.seconds ?? Infinity) - first.seconds) / 60
  return (supposition.softer * softness(own, meanWarmth, first.bar) * own.litres * (gone[at] ?? 0)) / minutes
}

/** One account over sizes far apart, each fit begun where its neighbour ended, as far as they may be true. */
function roughly(account: Account, evidence: ReadingEvidence, leastLeak: number): Sized[] {
  const grid = account.hypothesis.level ? grids.level : grids.plain
  const seen = Math.min(grid.at(-1)!, Math.max(grid[0]!, Math.log(firstFlow(account, evidence) / leastLeak)))
  const sized: Sized[] = []
  let best = -Infinity
  for (const size of [...grid.filter((other) => other !== seen), seen].sort((a, b) => a - b)) {
    const near = size === seen ? undefined : sized.at(-1)?.fit.supposed
    const fit = weigh(account, leastLeak * Math.exp(size), near)
    sized.push({ size, fit })
    best = Math.max(best, fit.log)
    if (size > seen && fit.log < best - hopeless) break
  }
  return sized
}

/** Sizes between those that differ, as long as one of the two may be true. */
function refined(account: Account, rough: readonly Sized[], leastLeak: number): Sized[] {
  const sized = [...rough]
  for (let at = 0; at + 1 < sized.length;) {
    const [one, other] = [sized[at]!, sized[at + 1]!]
    const best = likeliestOf(sized).fit.log
    const isClose = other.size - one.size <= nearest
    const top = Math.max(one.fit.log, other.fit.log)
    const isBeside = top === best
    if (isClose || (top < best - beneathNotice && !isBeside) || Math.abs(one.fit.log - other.fit.log) < apart) at += 1
    else {
      const size = (one.size + other.size) / 2
      sized.splice(at + 1, 0, { size, fit: weigh(account, leastLeak * Math.exp(size), one.fit.supposed) })
      // A new best makes what lies before it worth a second look.
      if (at > 0 && likeliestOf(sized) === sized[at + 1]) at -= 1
    }
  }
  return sized
}

interface Surveyed {
  readonly account: Account
  readonly sized: readonly Sized[]
}

/** Of an explanation that has a level too so many of the likeliest softnesses stand for all. */
const standFor = 3

function surveyed(accounts: readonly Account[], evidence: ReadingEvidence, leastLeak: number): Surveyed[] {
  return accounts.map((account) => ({
    account,
    sized: refined(account, roughly(account, evidence, leastLeak), leastLeak),
  }))
}

/** The softnesses under which the readings are likeliest, by what was found. */
function likelyOf(evidence: ReadingEvidence, found: readonly Found[]): Prepared[] {
  const best = (prepared: Prepared) =>
    Math.max(...found.filter(({ account }) => account.prepared === prepared).map(({ log }) => log))
  return evidence.prepared.toSorted((a, b) => best(b) - best(a)).slice(0, standFor)
}

interface Found {
  readonly account: Account
  readonly litres: number
  readonly fit: Fit
  /** Logarithm of its chance, up to what is the same for all. */
  readonly log: number
}

/** Each size's share of the logarithms' range about it. */
const widths = (sized: readonly Sized[]): number[] =>
  sized.map(({ size }, at) => ((sized[at + 1]?.size ?? size) - (sized[at - 1]?.size ?? size)) / 2)

/**
 * The chances of what may be: of nothing, and of flows of every size out or in, over all that is supposed of softness,
 * creep, air and temperature.
 *
 * @param leastLeak in litres a minute
 */
export function chancesOf(leastLeak: number, evidence: ReadingEvidence): Chances {
  const found: Found[] = []
  for (const hypothesis of hypotheses) {
    const prepared = hypothesis.level ? likelyOf(evidence, found) : evidence.prepared
    const accounts = accountsOf(hypothesis, evidence, prepared)
    const before = Math.log(hypothesis.meta.chance) - Math.log(accounts.length / prepared.length)
    if (hypothesis.direction === 'none')
      for (const account of accounts) {
        const fit = weigh(account, 0)
        found.push({ account, litres: 0, fit, log: fit.log + before })
      }
    else
      for (const { account, sized } of surveyed(accounts, evidence, leastLeak)) {
        const width = widths(sized)
        sized.forEach(({ size, fit }, at) => {
          const likely = (width[at]! + 1e-12) / range / (1 + Math.exp(size) / plain)
          found.push({ account, litres: leastLeak * Math.exp(size), fit, log: fit.log + before + Math.log(likely) })
        })
      }
  }
  const most = found.reduce((one, other) => (other.log > one.log ? other : one))
  return {
    candidates: shared(found, 1),
    likeliest: most.fit,
    explanation: most.account.hypothesis,
    chanceOut: (times) =>
      shared(found, times).reduce(
        (sum, { hypothesis, chance }) => sum + (hypothesis.direction === 'out' ? chance : 0),
        0,
      ),
  }
}

/** What was found, with its share of the chance. @param times so many times the variance that the readings are taken to have */
function shared(found: readonly Found[], times: number): Candidate[] {
  const logs = found.map(({ fit, log }) => log - fit.log + fit.log / times)
  const most = Math.max(...logs)
  const shares = logs.map((log) => Math.exp(log - most))
  const sum = shares.reduce((total, share) => total + share, 0)
  return found.map(({ account, litres }, at) => ({
    hypothesis: account.hypothesis,
    litres,
    air: account.prepared.own.air,
    chance: shares[at]! / sum,
  }))
}

/** How many explanations there are of a direction: none, out and in are each as likely as the others. */
const rivals = (direction: Hypothesis['direction']): number =>
  hypotheses.filter((other) => other.direction === direction).length

/**
 * The flow below which so much of the chance lies by the readings alone, tight, out and in being as likely beforehand:
 * litres a minute out, less than nought where it runs in. What is rare is not left out for being rare.
 */
export function quantile({ candidates }: Chances, share: number): number {
  const ordered = candidates
    .map(({ hypothesis: { direction, meta }, litres, chance }) => ({
      flow: direction === 'in' ? -litres : litres,
      weight: chance / meta.chance / rivals(direction),
    }))
    .sort((a, b) => a.flow - b.flow)
  const all = ordered.reduce((sum, { weight }) => sum + weight, 0)
  let before = 0
  for (const { flow, weight } of ordered) {
    before += weight / all
    if (before >= share) return flow
  }
  return ordered.at(-1)!.flow
}
