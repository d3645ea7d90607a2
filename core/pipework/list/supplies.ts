import type { Catalogue } from '../../catalogue/catalogue'
import type { MethodId } from '../../methods/ids'
import type { Pipe } from '../../catalogue/pipe'
import { threadDiameter } from '../../catalogue/thread-size'
import { sealsOnWasher, type ThreadEnd } from '../../catalogue/fitting'
import { methods } from '../../methods'
import { inch, type Units } from '../../quantity/units'
import type { PlanJoint } from '../planned'

/** What joints use up from a reel, a tin or a tube. */
export interface Supply {
  /** Its full name, as a fitting’s is. */
  readonly item: string
  readonly label: string
  /** How long a piece of it is needed, in mm, in full tenths of a metre or half feet; null where it comes by the tin. */
  readonly mm: number | null
}

/** A joint as far as it uses something up. */
export interface UsedUp {
  readonly method: MethodId
  readonly pipe: Pipe
  /** How far the pipe goes in, in mm; null while it is not known. */
  readonly insertion: number | null
  /** The male of a joint that seals on its thread. */
  readonly male?: ThreadEnd
  /** The size of the washer that it seals on instead. */
  readonly washer?: string
}

/** What a joint uses up. */
export function usedUpBy(catalogue: Catalogue, { method, pipe, insertion, inner }: PlanJoint): UsedUp {
  const threads = inner?.meeting.kind === 'thread' ? inner.meeting : undefined
  const washer = threads && sealsOnWasher(threads) ? threads.male.size : undefined
  return { method, pipe: catalogue.pipe(pipe)!, insertion, male: washer ? undefined : threads?.male, washer }
}

const reelSteps: Readonly<Record<Units, number>> = { metric: 100, imperial: 6 * inch }

/**
 * Solder, tape, flux, cement and silicone for these joints: enough for the widest gap and the most wraps.
 *
 * @param wire diameter of the solder wire in mm
 * @remarks for instance: ten soldered 22 joints, 18.8 × 1.6 each: 300.8, so 400 mm of wire, and flux
 */
export function suppliesFor(joints: readonly UsedUp[], wire: number, units: Units): Supply[] {
  const step = reelSteps[units]
  const fullSteps = (mm: number): number => Math.ceil(mm / step - 1e-9) * step
  const reels = new Map<string, number>()
  const tins = new Set<string>()
  for (const { method, pipe, insertion, male, washer } of joints) {
    if (washer) continue
    const { tins: its, reel } = methods[method]
    for (const tin of its) tins.add(tin)
    const od = male ? threadDiameter(male.size) : pipe.od
    const mm = reel?.length({ od, insertion: insertion ?? pipe.od, wire })
    if (reel && mm) reels.set(reel.label, (reels.get(reel.label) ?? 0) + mm)
  }
  return [
    ...[...reels].toSorted().map(([item, mm]) => ({ item, label: item, mm: fullSteps(mm) })),
    ...[...tins].map((item) => ({ item, label: item, mm: null })),
  ]
}
