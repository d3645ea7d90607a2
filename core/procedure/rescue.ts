import type { Pipe } from '../catalogue/pipe'
import { methods } from '../methods'
import type { MethodId } from '../methods/ids'
import type { RescueWay } from '../methods/rescue-way'
import type { Message } from '../quantity/words/message'
import { rescueSays } from './rescue-sayings'

/** What a way leaves: pipe at its full length, and the fitting. */
const saves: Readonly<Record<RescueWay, { readonly length: boolean; readonly fitting: boolean }>> = {
  tighten: { length: true, fitting: true },
  'undo the nut': { length: true, fitting: true },
  'heat again': { length: true, fitting: true },
  'cut out': { length: false, fitting: false },
  'cut behind the barb': { length: false, fitting: true },
  'warm off': { length: false, fitting: true },
  'cut off the olive': { length: false, fitting: true },
  release: { length: true, fitting: true },
  'cut back the end': { length: false, fitting: true },
  unscrew: { length: true, fitting: true },
}
/** Nothing closes on the pipe anew. */
const keepsRing: ReadonlySet<RescueWay> = new Set(['tighten', 'undo the nut', 'release', 'unscrew', 'heat again'])

/** One way of putting a joint right. */
export interface Rescue {
  readonly way: RescueWay
  readonly how: Message
  /** What becomes of the pipe: how much shorter, and whether it still reaches. */
  readonly pipe: Message
  /** The fitting can be used again. */
  readonly savesFitting: boolean
  /** What has to be there for it, by the names on the list. */
  readonly bring: readonly string[]
}

interface Broken {
  readonly joint: {
    readonly method: MethodId
    /** How far the pipe goes in, in mm; null while it is not known. */
    readonly insertion: number | null
    /** Where it is between two fittings, what they are. */
    readonly inner: object | null
  }
  /** The pipe in it; beside a joint of two fittings, what nothing is cut of. */
  readonly pipe: Pipe
  /** The piece of new pipe in it; null for existing pipe. */
  readonly piece: {
    readonly cut: number | null
    readonly blank: number | null
    /** How much shorter it may be, in mm; null where that is not known. */
    readonly allowance: { readonly short: number | null }
  } | null
  /** What its fitting is called on the list. */
  readonly fitting: string
}

/** What becomes of the pipe where its end is cut off by how far it goes in. */
function afterCut({ joint: { insertion: off }, piece }: Broken): Message {
  if (off === null) return rescueSays('depth not known')
  if (!piece) return rescueSays('existing shorter', { off })
  const { cut, blank, allowance } = piece
  if (allowance.short === null || cut === null) return rescueSays('may not reach', { off })
  return off <= allowance.short
    ? rescueSays('still reaches', { off, length: cut - off })
    : rescueSays('too short', { off, blank })
}

/**
 * How a joint that is not OK is put right by its method, the least work first: what is saved, what becomes of the pipe,
 * and what to bring.
 *
 * @remarks for instance: a crimped half-inch end that goes in 15.24: cut behind the barb, the fitting is saved, the piece
 *   15.24 shorter; a new ring is brought
 */
export function rescuesOf(broken: Broken): Rescue[] {
  const { joint, pipe, fitting } = broken
  const method = methods[joint.method]
  return method.rescues.flatMap((way) => {
    const { length, fitting: savesFitting } = saves[way]
    // Of two fittings one in the other no pipe is cut.
    if (joint.inner && !length) return []
    const insert = length ? null : method.insert(pipe)
    return [
      {
        way,
        how: rescueSays(way),
        pipe: length ? rescueSays('keeps its length') : afterCut(broken),
        savesFitting,
        bring: [
          ...(savesFitting ? [] : [fitting]),
          ...(method.ring && !keepsRing.has(way) ? [`${pipe.nominal} ${method.ring}`] : []),
          ...(insert ? [`${pipe.nominal} ${insert}`] : []),
        ],
      },
    ]
  })
}
