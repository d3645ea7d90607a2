import { fixed } from '../../quantity/words/sentence'
import { refusalsOf } from '../../quantity/words/refusal'
import { distance, minus, times, unitOf, type Vector } from '../../quantity/vector'
import type { Job, Node } from '../../job/job'
import { systemsOf } from '../../job/system'
import { fixtureEndAt } from '../../run/fixture-end'
import { layOut } from '../../run/layout'
import { setNode } from '../edit-run'
import { moveNode } from './move-node'

const refuse = refusalsOf({
  id: 'stretch-fixture',
  messages: {
    apart: fixed('How far apart: draw the pipe to both ends in one run, or begin both at fixed points'),
  },
})

/** A fixture's two ends that stand beside each other, in the hand and the other, and how far apart their outlets are. */
export interface BothEnds {
  readonly other: Node
  /** From the other to the one in the hand, in mm; null where they are drawn apart and nothing says how they stand. */
  readonly between: Vector | null
}

/** Where a node stands, in the frame of the whole job where its system has a fixed point, else in that of its system. */
function placeIn(job: Job, node: Node): { readonly frame: string; readonly at: Vector } | null {
  const system = systemsOf(job).find(({ nodes }) => nodes.some(({ id }) => id === node.id))
  const at = system && layOut(system).places.get(node.id)
  return at ? { frame: system.nodes.some((of) => of.at) ? 'the job' : system.id, at } : null
}

/**
 * The two outlets of a fixture whose ends stand beside each other, as hot and cold do.
 *
 * @param id one of the two outlets
 * @returns null where the fixture has no such pair, or the other end is led to by nothing
 * @remarks for instance: a basin's hot in the hand: its cold, and 150 to the left
 */
export function endsBeside(job: Job, id: string): BothEnds | null {
  const own = job.fixtures ?? []
  const node = job.nodes.find((of) => of.id === id)
  const led = node && fixtureEndAt(node, own)
  if (!node || !led) return null
  const beside = job.nodes.filter((of) => {
    const end = of.id !== id && of.fixture?.id === node.fixture!.id ? fixtureEndAt(of, own)?.end : undefined
    return end !== undefined && end.up === led.end.up && end.across !== led.end.across
  })
  const [other, more] = beside
  if (!other || more) return null
  const [one, two] = [placeIn(job, node), placeIn(job, other)]
  return { other, between: one && two && one.frame === two.frame ? minus(one.at, two.at) : null }
}

/**
 * The job with a fixture as wide as it was measured: the outlet in the hand moves away from the other or towards it, and
 * pipe is stretched as by {@link moveNode}.
 *
 * @param apart mm between its two ends
 * @throws RangeError where nothing says how far they stand apart now, or the pipe cannot follow
 * @remarks for instance: a basin of 150 measured at 180: the outlet in the hand 30 farther off
 */
export function stretchFixture(job: Job, { run, node: id }: { run: string; node: string }, apart: number): Job {
  const ends = endsBeside(job, id)
  if (!ends?.between) throw refuse('apart')
  const { other, between } = ends
  const longer = apart - distance(between, [0, 0, 0])
  const moved = moveNode(job, run, id, times(unitOf(between), longer))
  return [id, other.id].reduce((of, end) => {
    const node = of.nodes.find((at) => at.id === end)!
    return setNode(of, node.run, end, { fixture: { ...node.fixture!, apart } })
  }, moved)
}
