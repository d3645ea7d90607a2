import { shippedCatalogue as catalogue } from '../core/catalogue/catalogue'
import { join } from '../core/join/join'
import { shippedFittings } from '../core/catalogue/fittings'

const every = 9
const request = { service: 'cold', place: {}, conditionA: {}, conditionB: {}, profile: 'metric' } as const

/** What joins any two pipes of the catalogue: how many have an answer, and how long the slowest takes beside the middle one. */
export function benchJoin(): void {
  const begun = performance.now()
  join(catalogue, { a: catalogue.pipes[0]!, b: catalogue.pipes[0]! }, request)
  const first = performance.now() - begun
  const times: number[] = []
  let joined = 0
  let said = 0
  for (const a of catalogue.pipes) {
    for (const b of catalogue.pipes.filter((_, index) => index % every === 0)) {
      const start = performance.now()
      const { chains, none } = join(catalogue, { a, b }, request)
      times.push(performance.now() - start)
      if (chains.length > 0) joined += 1
      else if (none) said += 1
    }
  }
  times.sort((one, other) => one - other)
  const at = (share: number) => times[Math.floor((times.length - 1) * share)]!
  console.log(
    `${times.length} pairs of pipes, ${shippedFittings().length} fittings: ${joined} joined, ${said} told why not`,
  )
  console.log(
    `  median ${at(0.5).toFixed(1)} ms, 99.9 % ${at(0.999).toFixed(1)} ms, worst ${at(1).toFixed(1)} ms   (under 50); the very first, which makes the index, ${first.toFixed(0)} ms`,
  )
}
