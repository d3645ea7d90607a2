/**
 * The median times of several functions, in milliseconds, taken turn about after a warm-up, so that a busy machine
 * slows all of them alike and their ratios hold.
 */
export function medianTimes(works: readonly (() => unknown)[], rounds = 101): number[] {
  const times = works.map((): number[] => [])
  for (let round = -40; round < rounds; round++) {
    works.forEach((work, index) => {
      const start = performance.now()
      work()
      if (round >= 0) times[index]!.push(performance.now() - start)
    })
  }
  return times.map((taken) => taken.sort((a, b) => a - b)[rounds >> 1]!)
}
