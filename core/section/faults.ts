import { methods } from '../methods'
import { isPlastic } from '../materials'
import type { MethodId } from '../methods/ids'
import type { Pipe } from '../catalogue/pipe'

export const faultIds = [
  'short',
  'burr',
  'no insert',
  'insert in metal',
  'ring too near',
  'ring too far',
  'oval',
] as const
export type FaultId = (typeof faultIds)[number]

export interface Fault {
  readonly id: FaultId
  readonly label: string
  /** What it does to the joint. */
  readonly effect: string
}

/** Whether an insert must stand in plastic pipe, which the joint grips from outside. */
export const wantsInsert = (method: MethodId, pipe: Pipe): boolean =>
  isPlastic(pipe.material) && methods[method].insert(pipe) !== null

/**
 * The faults that a joint of this method on this pipe can have, with what each does.
 *
 * @example faultsOf('push-fit', copper22).map(({ id }) => id) // ['short', 'burr', 'insert in metal', 'oval']
 */
export function faultsOf(method: MethodId, pipe: Pipe): Fault[] {
  const { shortText, burrHurts, insertHurtsMetal, hasRingPlace } = methods[method].section
  const all: readonly (Fault & { readonly can: boolean })[] = [
    {
      id: 'short',
      label: 'Pipe not home',
      can: true,
      effect: shortText,
    },
    {
      id: 'burr',
      label: 'Burr left on',
      can: burrHurts,
      effect: 'The burr shaves the seal as it passes: a channel that weeps, now or after the first hot day.',
    },
    {
      id: 'no insert',
      label: 'No insert',
      can: wantsInsert(method, pipe),
      effect: 'Without an insert the wall gives under the grip: the seal loses its back, and the pipe pulls out.',
    },
    {
      id: 'insert in metal',
      label: 'Insert put in',
      can: insertHurtsMetal && !isPlastic(pipe.material),
      effect: 'An insert in metal pipe holds it off its stop and off round: the seal is loaded on one side.',
    },
    {
      id: 'ring too near',
      label: 'Ring at the end',
      can: hasRingPlace,
      effect: 'The ring hangs over the end: half of it closes on nothing, and the end tears.',
    },
    {
      id: 'ring too far',
      label: 'Ring too far on',
      can: hasRingPlace,
      effect: 'The ring stands behind the barbs: it squeezes pipe where nothing is inside it.',
    },
    {
      id: 'oval',
      label: 'Oval end',
      can: true,
      effect: 'Wide one way, loose the other: a gap that solder, rubber or ring cannot close all round.',
    },
  ]
  return all.filter(({ can }) => can).map(({ id, label, effect }) => ({ id, label, effect }))
}
