import { expose } from 'comlink'
import { shareThatCloses, type Chain } from '~~/core/plan/closure'
import { randomStream } from '~~/core/quantity/random-stream'

const builds = 20_000
/** The same builds every time, so that a figure changes only when the job does. */
const seed = 1

const closureWorker = {
  share: (chain: Chain, spring: number): number => shareThatCloses(chain, spring, randomStream(seed), builds),
}
export type ClosureWorker = typeof closureWorker

expose(closureWorker)
