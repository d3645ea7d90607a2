import type { Socket } from '../catalogue/socket'

export type ThreadSystem = 'NPT' | 'BSPT'

/** A fitting's end: it takes a pipe, goes into a socket like a pipe, or is threaded. */
export type FittingEnd =
  | { readonly type: 'socket'; readonly socket: Socket }
  | { readonly type: 'spigot'; readonly socket: Socket }
  | {
      readonly type: 'thread'
      readonly system: ThreadSystem
      readonly size: string
      readonly sex: 'M' | 'F'
      readonly plastic: boolean
    }

/** A fitting with two ends that matter to a transition. */
export interface TransitionFitting {
  readonly id: string
  readonly label: string
  readonly ends: readonly [FittingEnd, FittingEnd]
}

/**
 * How the trade writes one end: `22 solder`, `3/4 FTG`, `1/2 M NPT`.
 *
 * @example endLabel({ type: 'thread', system: 'NPT', size: '1/2', sex: 'M', plastic: false }) // '1/2 M NPT'
 */
export function endLabel(end: FittingEnd): string {
  if (end.type === 'thread') return `${end.size} ${end.sex} ${end.system}`
  return end.type === 'spigot' ? `${end.socket.size} FTG` : end.socket.label
}

/** The key under which two ends meet: opposite threads of one system and size, or a spigot and its socket. */
export function matingKey(end: FittingEnd): string {
  if (end.type === 'thread') return `${end.system} ${end.size} ${end.sex === 'M' ? 'F' : 'M'}`
  return `${end.type === 'spigot' ? 'socket' : 'spigot'} ${end.socket.id}`
}

/** The key of an end itself, to be looked up by what it mates with. */
export function ownKey(end: FittingEnd): string {
  return end.type === 'thread' ? `${end.system} ${end.size} ${end.sex}` : `${end.type} ${end.socket.id}`
}
