import { isPlastic } from '../catalogue/material'
import type { MethodId } from '../catalogue/method'
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

const onRubber: ReadonlySet<MethodId> = new Set(['push-fit', 'press-metal', 'press-multilayer', 'compression-pe'])
const gripped: ReadonlySet<MethodId> = new Set(['push-fit', 'compression', 'compression-pe'])
const ringed: ReadonlySet<MethodId> = new Set(['crimp', 'clamp'])

const shortEffects: Partial<Record<MethodId, string>> = {
  solder: 'Not home: half the overlap holds, and the rest fills with solder inside the pipe.',
  'press-metal': 'Not home: the jaw closes on nothing; it may hold the air test and let go under water.',
  'push-fit': 'Not home: past the seal and not past the grip; it holds until the first pressure surge.',
  compression: 'Not home: the olive bites at the very end and the pipe pulls out of it.',
  'compression-pe': 'Not home: in the ring and not through the seal; it weeps from the first day.',
  thread: 'Not made up: too few threads carry the pipe.',
  solvent: 'Not home: the taper does not clasp and the cement bridges a gap it cannot fill.',
  expansion: 'Not home: the pipe shrinks on the tip of the barb and slides off.',
}

/**
 * The faults that a joint of this method on this pipe can have, with what each does.
 *
 * @example faultsOf('push-fit', copper22).map(({ id }) => id) // ['short', 'burr', 'insert in metal', 'oval']
 */
export function faultsOf(method: MethodId, pipe: Pipe): Fault[] {
  const plastic = isPlastic(pipe.material)
  const all: readonly (Fault & { readonly can: boolean })[] = [
    {
      id: 'short',
      label: 'Pipe not home',
      can: true,
      effect: shortEffects[method] ?? 'Not home: the ring closes where no barb is, and the pipe walks off.',
    },
    {
      id: 'burr',
      label: 'Burr left on',
      can: onRubber.has(method),
      effect: 'The burr shaves the seal as it passes: a channel that weeps, now or after the first hot day.',
    },
    {
      id: 'no insert',
      label: 'No insert',
      can: gripped.has(method) && plastic && !(method === 'push-fit' && pipe.material === 'cpvc'),
      effect: 'Without an insert the wall gives under the grip: the seal loses its back, and the pipe pulls out.',
    },
    {
      id: 'insert in metal',
      label: 'Insert put in',
      can: method === 'push-fit' && !plastic,
      effect: 'An insert in metal pipe holds it off its stop and off round: the seal is loaded on one side.',
    },
    {
      id: 'ring too near',
      label: 'Ring at the end',
      can: ringed.has(method),
      effect: 'The ring hangs over the end: half of it closes on nothing, and the end tears.',
    },
    {
      id: 'ring too far',
      label: 'Ring too far on',
      can: ringed.has(method),
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
