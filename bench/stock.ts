import loadHighs from 'highs'
import { cutStock, type StockProgress } from '../core/cut/cut-stock'
import type { StockQuestion } from '../core/cut/cutting-problem'
import { highsSolver } from '../core/cut/highs-solver'
import type { Solver } from '../core/cut/solver'
import { randomStream } from '../core/quantity/random-stream'

const pick = <Item>(random: () => number, items: readonly Item[]): Item => items[Math.floor(random() * items.length)]!
const between = (random: () => number, least: number, most: number): number =>
  least + Math.floor(random() * (most - least + 1))

/** Up to 300 pieces of up to 60 lengths, in half millimetres, some with a saw and some with a rack. */
export function randomQuestion(seed: number): StockQuestion {
  const random = randomStream(seed)
  const barLength = pick(random, [3000, 5000, 6000])
  const shortest = pick(random, [80, 150, 0.15 * barLength])
  const longest = pick(random, [0.35, 0.5, 0.7, 0.95]) * barLength
  const lengths = Array.from(
    { length: between(random, 3, 60) },
    () => Math.round(2 * (shortest + random() * (longest - shortest))) / 2,
  )
  return {
    pieces: Array.from({ length: between(random, 10, 300) }, (_, index) => ({
      id: `p${index}`,
      length: pick(random, lengths),
    })),
    barLength,
    kerf: pick(random, [0, 0, 2]),
    offcuts:
      random() < 0.3
        ? Array.from({ length: between(random, 1, 12) }, (_, index) => ({
            id: `o${index}`,
            length: between(random, 300, barLength - 200),
          }))
        : [],
  }
}

/** Whole bars cut up without waste, at most 60 bars; the fewest bars are known. */
export function plantedQuestion(seed: number): { question: StockQuestion; bars: number } {
  const random = randomStream(10_000 + seed)
  const barLength = pick(random, [3000, 6000])
  const bars = between(random, 5, 60)
  const layouts = Array.from({ length: between(random, 3, 15) }, () => {
    const cuts = Array.from({ length: between(random, 1, 5) }, () => between(random, 1, barLength / 5 - 1) * 5)
    const marks = [0, ...new Set(cuts), barLength].sort((a, b) => a - b)
    return marks.slice(1).map((mark, index) => mark - marks[index]!)
  })
  const pieces = Array.from({ length: bars }, () => pick(random, layouts)).flat()
  return {
    question: { pieces: pieces.map((length, index) => ({ id: `p${index}`, length })), barLength, kerf: 0, offcuts: [] },
    bars,
  }
}

interface Solved {
  readonly seconds: number
  readonly firstFit: number
  readonly last: StockProgress
}

function solve(question: StockQuestion, solver: Solver): Solved {
  const start = performance.now()
  const search = cutStock(question, solver)
  let step = search.next()
  const firstFit = step.value.newBars
  while (!step.done) step = search.next()
  return { seconds: (performance.now() - start) / 1000, firstFit, last: step.value }
}

const sum = (numbers: readonly number[]) => numbers.reduce((total, each) => total + each, 0)

function report(name: string, solved: readonly Solved[]): void {
  const times = solved.map(({ seconds }) => seconds).sort((a, b) => a - b)
  const reached = solved.filter(({ last }) => last.newBars === last.bound).length
  console.log(
    `${name}: bound reached on ${reached} of ${solved.length}; new bars ${sum(solved.map(({ last }) => last.newBars))},` +
      ` first fit ${sum(solved.map(({ firstFit }) => firstFit))}, bound ${sum(solved.map(({ last }) => last.bound))};` +
      ` median ${times[times.length >> 1]!.toFixed(2)} s, worst ${times.at(-1)!.toFixed(1)} s`,
  )
}

/** Stock used, against first-fit decreasing and against the lower bound. */
export async function benchStock(): Promise<void> {
  const solver = highsSolver(await loadHighs())
  report(
    'stock, 200 random sets',
    Array.from({ length: 200 }, (_, seed) => solve(randomQuestion(seed), solver)),
  )
  const planted = Array.from({ length: 50 }, (_, seed) => plantedQuestion(seed))
  const solved = planted.map(({ question }) => solve(question, solver))
  report('stock, 50 sets without waste', solved)
  const off = solved.filter(({ last }, index) => last.newBars !== planted[index]!.bars).length
  console.log(`  ${off} of them take more bars than they were planted with`)
}
