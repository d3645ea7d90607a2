import type { Direction, Leg, Node } from '../job/job'
import { serviceIn } from '../job/leg-defaults'
import type { System } from '../job/system'
import { plus, type Vector } from '../quantity/vector'
import { unitVector } from '../job/direction'

/** How far a mixer's two inlets stand apart, and which way from hot to cold: hot stands on the left, seen from the south. */
export const usualMixer: { readonly centres: number; readonly across: Direction } = { centres: 150, across: 'east' }

const middle: Vector = [0, 0, 0]

/**
 * Where the port of a leg stands from its node, in mm: at a mixer, the pipe that brings hot water half the centres to one
 * side, the one that brings cold water as much to the other; everywhere else, and for a mixer's outlets, in the middle.
 *
 * @remarks for instance: hot and cold up to a mixer of 150 across, east: 75 west and 75 east of its node
 */
export function portOffset(system: System, node: Node, leg: Leg): Vector {
  if (node.kind !== 'mixer' || leg.to !== node.id) return middle
  const { centres, across } = { ...usualMixer, ...node.mixer }
  const service = serviceIn(system, leg)
  const side = service === 'hot' ? -1 : service === 'cold' ? 1 : 0
  return side === 0 ? middle : plus(middle, unitVector(across), (side * centres) / 2)
}
