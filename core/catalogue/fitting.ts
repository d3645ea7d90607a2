import { methods } from '../methods'
import type { Figure } from '../quantity/basis'
import type { Socket } from './socket'

export type ThreadSystem = 'NPT' | 'BSP'

export interface ThreadEnd {
  readonly type: 'thread'
  readonly system: ThreadSystem
  readonly size: string
  readonly sex: 'M' | 'F'
  /** A taper seals on the thread; a parallel one needs a taper in it, or a washer. */
  readonly form: 'taper' | 'parallel'
  readonly plastic: boolean
}

/** A fitting's end: it takes a pipe, goes into a socket like a pipe, or is threaded. */
export type FittingEnd =
  | { readonly type: 'socket'; readonly socket: Socket }
  | { readonly type: 'spigot'; readonly socket: Socket }
  | ThreadEnd

export const fittingKinds = [
  'coupling',
  'slip coupling',
  'reducer',
  'fitting reducer',
  'bushing',
  'converter',
  'union',
  'dielectric union',
  'valve',
  'part in line',
  'elbow 90',
  'elbow 45',
  'street elbow 90',
  'street elbow 45',
  'tee',
  'adapter',
  'thread adapter',
  'swivel connector',
  'drop-ear elbow',
  'angle stop',
  'radiator valve',
  'stub-out',
  'nipple',
  'cap',
  'plug',
] as const
export type FittingKind = (typeof fittingKinds)[number]

/** A fitting as the counter sells it. A tee's ends are its run, then its branch. */
export interface Fitting {
  readonly id: string
  readonly label: string
  readonly kind: FittingKind
  readonly ends: readonly FittingEnd[]
  /** Of a part in line: what it is, by whatever name, and how long from end to end, where somebody said so. */
  readonly described?: { readonly name: string; readonly whole: Figure | null }
}

/**
 * How one end is written in full: `22 solder`, `3/4 FTG`, `1/2 M NPT`.
 *
 * @example endLabel({ type: 'thread', system: 'NPT', size: '1/2', sex: 'M', form: 'taper', plastic: false }) // '1/2 M NPT'
 */
export function endLabel(end: FittingEnd): string {
  if (end.type === 'thread') return `${end.size} ${end.sex} ${end.system}`
  if (end.type === 'socket') return end.socket.label
  const { method, size, word } = end.socket
  return methods[method].isCup ? `${size} FTG` : `${size} ${word} FTG`
}

/** The size that an end is called by. */
export const endSize = (end: FittingEnd): string => (end.type === 'thread' ? end.size : end.socket.size)

/** The key under which two ends meet: opposite threads of one system and size, or a spigot and its socket. */
export function matingKey(end: FittingEnd): string {
  if (end.type === 'thread') return `${end.system} ${end.size} ${end.sex === 'M' ? 'F' : 'M'}`
  return `${end.type === 'spigot' ? 'socket' : 'spigot'} ${end.socket.id}`
}

/** The key of an end itself, to be looked up by what it mates with. */
export function ownKey(end: FittingEnd): string {
  return end.type === 'thread' ? `${end.system} ${end.size} ${end.sex}` : `${end.type} ${end.socket.id}`
}

/** How one fitting stands in another: a male thread in a female one, or a spigot in the socket of its size. */
export type Meeting =
  | { readonly kind: 'thread'; readonly male: ThreadEnd; readonly female: ThreadEnd }
  | { readonly kind: 'spigot'; readonly socket: Socket }

/** Whether two threads are tight on a washer: a swivel nut is parallel; a taper, or tape, seals in all else. */
export const sealsOnWasher = ({ female }: { readonly female: ThreadEnd }): boolean => female.form === 'parallel'

/** How two ends meet; null where the one does not go with the other. */
export function meetingOfEnds(one: FittingEnd, other: FittingEnd): Meeting | null {
  if (matingKey(one) !== ownKey(other)) return null
  if (one.type !== 'thread') return { kind: 'spigot', socket: one.socket }
  if (other.type !== 'thread') return null
  return one.sex === 'M' ? { kind: 'thread', male: one, female: other } : { kind: 'thread', male: other, female: one }
}

/** How two fittings meet in a chain; null where no end of the one goes with one of the other. */
export function meetingOf(one: Fitting, other: Fitting): Meeting | null {
  for (const a of one.ends)
    for (const b of other.ends) {
      const meeting = meetingOfEnds(a, b)
      if (meeting) return meeting
    }
  return null
}

/** Two ends that are the same to whatever goes into them, wall material and taper counted. */
export function endIdentity(end: FittingEnd): string {
  return end.type === 'thread' ? `${ownKey(end)} ${end.form} ${end.plastic ? 'plastic' : 'metal'}` : ownKey(end)
}

/** A fitting named by its ends and what it is; the label is its id. */
export function fittingOf(kind: FittingKind, ends: readonly FittingEnd[], label?: string): Fitting {
  const full = `${ends.map(endLabel).join(' × ')} ${kind}`
  return { id: full, label: label ?? full, kind, ends }
}

export const socketEnd = (socket: Socket): FittingEnd => ({ type: 'socket', socket })
export const spigotEnd = (socket: Socket): FittingEnd => ({ type: 'spigot', socket })

const widest = 2.3

/** Sizes near enough for one body to be made with both. */
export const isNear = (a: Socket, b: Socket): boolean => Math.max(a.od, b.od) / Math.min(a.od, b.od) <= widest

/** Whether pipe goes straight on through a fitting: what turns a corner stands in the route, and in no chain. */
export const isInLine = (of: Fitting): of is Fitting & { readonly ends: readonly [FittingEnd, FittingEnd] } =>
  of.ends.length === 2 && !/elbow|angle stop|radiator valve|stub-out/.test(of.kind)
