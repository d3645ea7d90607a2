import type { Catalogue } from '../catalogue/catalogue'
import type { MethodId } from '../catalogue/method'
import type { Pipe } from '../catalogue/pipe'
import { threadDiameter } from '../catalogue/thread-size'
import type { ThreadEnd } from '../catalogue/fitting'
import { solderLength } from '../procedure/solder-length'
import type { PlanJoint } from './planned'
import { mostWraps } from '../procedure/methods/thread'

/** What joints use up from a reel, a tin or a tube. */
export interface Supply {
  readonly label: string
  /** How long a piece of it is needed, in mm, in full tenths of a metre; null where it comes by the tin. */
  readonly mm: number | null
}

/** A joint as far as it uses something up. */
export interface UsedUp {
  readonly method: MethodId
  readonly pipe: Pipe
  /** How far the pipe goes in, in mm; null while it is not known. */
  readonly insertion: number | null
  /** The male of a joint between two threads. */
  readonly male?: ThreadEnd
}

/** What a joint uses up. */
export const usedUpBy = (catalogue: Catalogue, { method, pipe, insertion, inner }: PlanJoint): UsedUp => ({
  method,
  pipe: catalogue.pipe(pipe)!,
  insertion,
  male: inner?.meeting.kind === 'thread' ? inner.meeting.male : undefined,
})

/** From the middle gap to the widest one that solder still fills, the volume grows to this. */
const widestGap = 1.6
const reelStep = 100

/** What comes by the tin or the tube, by method. */
const byTheTin: Readonly<Partial<Record<MethodId, readonly string[]>>> = {
  solder: ['flux'],
  solvent: ['cement and primer'],
  'push-fit': ['potable silicone'],
  'compression-pe': ['potable silicone'],
}

const fullSteps = (mm: number): number => Math.ceil(mm / reelStep - 1e-9) * reelStep

/**
 * Solder, tape, flux, cement and silicone for these joints: enough for the widest gap and the most wraps.
 *
 * @param wire diameter of the solder wire in mm
 * @remarks for instance: ten soldered 22 joints, 18.8 × 1.6 each: 300.8, so 400 mm of wire, and flux
 */
export function suppliesFor(joints: readonly UsedUp[], wire: number): Supply[] {
  let [solder, tape] = [0, 0]
  const tins = new Set<string>()
  for (const { method, pipe, insertion, male } of joints) {
    for (const tin of byTheTin[method] ?? []) tins.add(tin)
    if (method === 'solder') solder += widestGap * solderLength(pipe.od, insertion ?? pipe.od, wire)
    if (method === 'thread') {
      const od = male ? threadDiameter(male.size) : pipe.od
      tape += mostWraps(od) * Math.PI * od
    }
  }
  return [
    ...(solder > 0 ? [{ label: 'lead-free solder wire', mm: fullSteps(solder) }] : []),
    ...(tape > 0 ? [{ label: 'thread tape', mm: fullSteps(tape) }] : []),
    ...[...tins].map((label) => ({ label, mm: null })),
  ]
}
