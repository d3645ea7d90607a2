import { methods } from '../methods'
import { isPlastic } from '../materials'
import type { MethodId } from '../methods/ids'
import type { SectionFault } from '../methods/section-shape'
import type { Pipe } from '../catalogue/pipe'

/** What takes hold of the pipe along the socket. */
export type StationName = 'seal' | 'grip' | 'stop' | 'mark'
export type FaultId = SectionFault | 'short' | 'no insert' | 'oval'

export interface Fault {
  readonly id: FaultId
  readonly label: string
  /** What it does to the joint. */
  readonly effect: string
  /** What of the joint does not hold with it, though the pipe may be fully in. */
  readonly spoils: readonly StationName[]
}

/** Whether an insert must stand in plastic pipe, which the joint grips from outside. */
export const wantsInsert = (method: MethodId, pipe: Pipe): boolean =>
  isPlastic(pipe.material) && methods[method].insert(pipe) !== null

/** Every fault but the pipe that is not fully in, whose effect is the method's own. */
const faults: Readonly<Record<Exclude<FaultId, 'short'>, Omit<Fault, 'id'>>> = {
  burr: {
    label: 'Burr left on',
    effect: 'The burr shaves the seal as it passes: a channel that weeps, now or after the first hot day.',
    spoils: ['seal'],
  },
  'no insert': {
    label: 'No insert',
    effect: 'Without an insert the wall gives under the grip: the seal loses its back, and the pipe pulls out.',
    spoils: ['seal', 'grip'],
  },
  'insert in metal': {
    label: 'Insert put in',
    effect: 'An insert in metal pipe holds it off its stop and off round: the seal is loaded on one side.',
    spoils: ['seal', 'stop'],
  },
  'ring too near': {
    label: 'Ring at the end',
    effect: 'The ring hangs over the end: half of it closes on nothing, and the end tears.',
    spoils: ['grip'],
  },
  'ring too far': {
    label: 'Ring too far on',
    effect: 'The ring stands behind the barbs: it squeezes pipe where nothing is inside it.',
    spoils: ['seal', 'grip'],
  },
  'not reamed': {
    label: 'Not deburred',
    effect: 'The burr inside makes the water swirl: it wears the wall thin just behind the joint, within years.',
    spoils: [],
  },
  'run inside': {
    label: 'Solder run inside',
    effect: 'Too much was fed: it hangs in the bore, narrows it, and a bead of it can break off into a valve.',
    spoils: [],
  },
  'bead inside': {
    label: 'Pushed too far',
    effect: 'Pushed past its mark, the melt rolls up inside: the bead narrows the bore.',
    spoils: ['stop'],
  },
  'cold side': {
    label: 'One side cold',
    effect: 'One side never got hot: nothing ran in there, and the gap leaks along its whole length.',
    spoils: ['seal', 'grip'],
  },
  'too tight': {
    label: 'Nut too tight',
    effect: 'The olive is crushed and the pipe necks under it: it weeps, and no further turn stops it.',
    spoils: ['seal'],
  },
  'tape on the olive': {
    label: 'Tape on the olive',
    effect: 'The olive slides on tape instead of biting: it seals for now, and the pipe creeps out of it.',
    spoils: ['grip'],
  },
  crossed: {
    label: 'Threads crossed',
    effect: 'It went in askew: two or three threads are cut away on one side, and no tape fills that.',
    spoils: ['seal', 'grip'],
  },
  overtightened: {
    label: 'Overtightened',
    effect: 'Past its last thread the taper spreads the female: it splits, on plastic often weeks later.',
    spoils: ['seal'],
  },
  oval: {
    label: 'Oval end',
    effect: 'Wide one way, loose the other: a gap that solder, rubber or ring cannot close all round.',
    spoils: ['seal'],
  },
}

/**
 * The faults that a joint of this method on this pipe can have, with what each does and what it spoils.
 *
 * @example faultsOf('push-fit', copper22).map(({ id }) => id) // ['short', 'burr', 'insert in metal', 'oval']
 */
export function faultsOf(method: MethodId, pipe: Pipe): Fault[] {
  const { shortText, faults: own } = methods[method].section
  const can = own.filter((id) => id !== 'insert in metal' || !isPlastic(pipe.material))
  const named = [...(wantsInsert(method, pipe) ? (['no insert'] as const) : []), ...can, 'oval' as const]
  return [
    { id: 'short', label: 'Pipe not fully in', effect: shortText, spoils: [] },
    ...named.map((id) => ({ id, ...faults[id] })),
  ]
}
