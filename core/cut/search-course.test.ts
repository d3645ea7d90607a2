import loadHighs from 'highs'
import { beforeAll, beforeEach, expect, it, vi } from 'vitest'
import { cutStock } from './cut-stock'
import { cuttingProblem, type StockQuestion } from './cutting-problem'
import { layFirstFit } from './first-fit'
import { highsSolver } from './highs-solver'
import { combine, dive } from './search-patterns'
import type { Solver } from './solver'

const steps = { dive: vi.fn(dive), combine: vi.fn(combine) }

let solver: Solver
beforeAll(async () => {
  solver = highsSolver(await loadHighs())
})
beforeEach(() => void vi.resetAllMocks())

const pieces = (lengths: readonly number[]) => lengths.map((length, index) => ({ id: `p${index}`, length }))
/** Longest first takes three; 1500 + 900 + 600 and 1200 + 1000 + 800 fill two. */
const full: StockQuestion = {
  pieces: pieces([1500, 1200, 1000, 900, 800, 600]),
  barLength: 3000,
  kerf: 0,
  offcuts: [],
}
const stagesOf = (question: StockQuestion) => {
  const search = cutStock(question, solver, steps)
  const stages: string[] = []
  for (let step = search.next(); ; step = search.next()) {
    stages.push(step.value.stage)
    if (step.done) return { stages, ended: step.value }
  }
}

it('where bound and plan differ it dives twelve times, each from another step, and combines after every fourth', () => {
  steps.dive.mockReturnValue(null)
  steps.combine.mockReturnValue(null)
  const { stages, ended } = stagesOf(full)
  expect(ended).toMatchObject({ newBars: 3, bound: 2 })
  const dives = steps.dive.mock.calls.map(([, , , asked]) => asked)
  expect(dives).toHaveLength(12)
  expect(steps.combine).toHaveBeenCalledTimes(3)
  expect(stages).toEqual(['first fit', 'bound', ...Array<string>(15).fill('search'), 'done'])
  for (const [at, { goal, below, choose }] of dives.entries()) {
    expect([goal, below]).toEqual([2, 3])
    // The first takes the largest fraction throughout, each later one the second largest at a step of its own.
    expect(Array.from({ length: 12 }, (_, step) => choose(step, 5))).toEqual(
      Array.from({ length: 12 }, (_, step) => (at > 0 && step === at - 1 ? 1 : 0)),
    )
    expect(choose(at - 1, 1)).toBe(0)
  }
})

it('what combining finds is taken where it is better, and ends the search where it is the best', () => {
  const problem = cuttingProblem(full, 'nearest')
  const better = dive(problem, [...layFirstFit(problem)], solver, { goal: 2, below: 3, choose: () => 0 })!
  steps.dive.mockClear()
  steps.dive.mockReturnValueOnce(null)
  steps.combine.mockReturnValueOnce(better)
  const { stages, ended } = stagesOf(full)
  expect(ended).toMatchObject({ newBars: 2, bound: 2 })
  expect(stages.filter((stage) => stage === 'search')).toHaveLength(2)
  expect(steps.dive).toHaveBeenCalledTimes(1)
})

it('what a dive finds ends the search before anything is combined', () => {
  expect(stagesOf(full).ended.newBars).toBe(2)
  expect(steps.combine).not.toHaveBeenCalled()
})

it('what combining finds is left where it takes no fewer bars', () => {
  const first = layFirstFit(cuttingProblem(full, 'nearest'))
  steps.dive.mockReturnValue(null)
  steps.combine.mockReturnValue([...first].reverse())
  expect(stagesOf(full).ended.plan.bars.map(({ pieces: laid }) => laid.length)).toEqual(
    first.map(({ counts }) => counts.reduce((sum, count) => sum + count, 0)),
  )
})
