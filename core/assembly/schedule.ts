import type { AssemblyStep } from './order'
import type { AssemblyJoint } from './question'
import type { WaterStep } from './water-off'

/** A step of the plan of work, in minutes from its beginning. */
export interface WorkStep extends AssemblyStep {
  readonly start: number
  readonly end: number
  /** When water may stand on it; nothing is done by hand from end to ready. */
  readonly ready: number
  /** It took as long as this says, which was entered. */
  readonly isReal: boolean
}

/** A step with the water off that is no joint. */
export interface TimedWaterStep extends WaterStep {
  readonly start: number
  readonly end: number
}

export interface WorkPlan {
  readonly steps: readonly WorkStep[]
  /** From shutting the water to the cut, and from the last wait to water at the outlets; none where no joint needs it. */
  readonly before: readonly TimedWaterStep[]
  readonly after: readonly TimedWaterStep[]
  /** Minutes that the household is without water: shut, drained, cut, made, cooled or set, refilled, purged, looked at. */
  readonly waterOff: number
  readonly whole: number
  /** A wait is not known, so that both may be longer. */
  readonly isLeast: boolean
}

/** One after another from a beginning. */
function inTurn(steps: readonly WaterStep[], from: number): TimedWaterStep[] {
  let at = from
  return steps.map((step) => ({ ...step, start: at, end: (at += step.minutes) }))
}

const minutesOf = (steps: readonly WaterStep[]): number => steps.reduce((sum, { minutes }) => sum + minutes, 0)

/**
 * The steps one after another, waits overlapping with the work that follows. Where the work before the water is off still
 * has to wait when its hands are done, the water stays on until the water-off work would end no sooner for it.
 *
 * @param real minutes that a step took, by joint
 * @param water what is done with the water off beside the joints
 */
export function schedule(
  steps: readonly AssemblyStep[],
  joints: ReadonlyMap<string, AssemblyJoint>,
  real: ReadonlyMap<string, number>,
  water: { readonly before: readonly WaterStep[]; readonly after: readonly WaterStep[] },
): WorkPlan {
  const firstOff = steps.findIndex(({ phase }) => phase === 'water off')
  let at = 0
  const timed = steps.map((step, index): WorkStep => {
    const { minutes, wait } = joints.get(step.joint)!
    const start = index === firstOff ? at + minutesOf(water.before) : at
    at = start + (real.get(step.joint) ?? minutes)
    return { ...step, start, end: at, ready: at + wait, isReal: real.has(step.joint) }
  })
  const isLeast = steps.some(({ joint }) => joints.get(joint)!.unknown.some(({ of }) => of === 'wait'))
  const readyAt = (of: readonly WorkStep[]) => Math.max(0, ...of.map(({ ready }) => ready))
  if (firstOff < 0) return { steps: timed, before: [], after: [], waterOff: 0, whole: readyAt(timed), isLeast }
  const off = timed.filter(({ phase }) => phase === 'water off')
  // Waiting with the water on: the water-off work is put off by what the bench still has to wait beyond it.
  const late = readyAt(timed) - readyAt(off)
  const shifted = timed.map((step) =>
    step.phase === 'water off'
      ? { ...step, start: step.start + late, end: step.end + late, ready: step.ready + late }
      : step,
  )
  const before = inTurn(water.before, timed[firstOff]!.start + late - minutesOf(water.before))
  const after = inTurn(water.after, readyAt(off) + late)
  const [shut, back] = [before[0]?.start ?? timed[firstOff]!.start + late, after.at(-1)?.end ?? readyAt(off) + late]
  return { steps: shifted, before, after, waterOff: back - shut, whole: back, isLeast }
}
