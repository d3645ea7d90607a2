import type { Axis, Node } from '../job/job'
import type { Service } from '../job/place'
import type { MethodId } from '../methods/ids'
import type { Draft } from './draft'
import type { PipeThere, PipeWay } from './pipes-asked'

/** How a fitting goes into pipe that is there: on metal as the new pipe's fittings do, in plastic by its own way. */
export const methodInto = (there: PipeThere, way: Pick<PipeWay, 'onMetal'>): MethodId =>
  there.isMetal ? way.onMetal : there.method

/** A line that is there, and what is cut into it. */
interface CutIn {
  readonly there: PipeThere
  readonly way: Pick<PipeWay, 'onMetal'>
  readonly name: string
  readonly service: Service
  readonly kind: Node['kind']
  readonly along: Axis
  readonly at: Node['at']
  /** By how much the cut ends were found to spring apart, in mm. */
  readonly play: number
}

/**
 * Something cut into a line that is there, which goes on out of sight to both sides of it: a run of its own. No slip
 * coupling is made for plastic: while nobody found that its ends spring apart, that stays to be said.
 */
export function cutIntoLine(draft: Draft, { there, way, name, service, kind, along, at, play }: CutIn): string {
  const run = draft.run({ name, service, pipe: there.pipe, method: methodInto(there, way) })
  const node = draft.node(run, kind, { state: 'new', at, ...(there.isMetal || play > 0 ? { play } : {}) })
  draft.comesFrom(node, along, there.pipe)
  draft.goesOn(node, along, there.pipe)
  return node
}
