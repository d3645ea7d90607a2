import type { AssemblyStep } from './order'
import { needsFlame, type AssemblyJoint } from './question'
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
  /** Somebody watches where there was a flame, from when to when; null where there was none. */
  readonly fireWatch: { readonly start: number; readonly end: number } | null
  readonly whole: number
  /** A wait is not known, so that both may be longer. */
  readonly isLeast: boolean
}

/** Minutes that the next mouth of a fitting takes that is hot from the one before: typical. */
const sameHeat = 1

/** Whether a joint is soldered in the heat of the one before it: another mouth of the same fitting, one right after the other. */
const isSameHeat = (before: AssemblyJoint | undefined, joint: AssemblyJoint): boolean =>
  before !== undefined && needsFlame(before) && needsFlame(joint) && before.parts[0] === joint.parts[0]

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
 * @param beside what is done with the water off beside the joints, and how long a flame is watched after, in minutes
 */
export function schedule(
  steps: readonly AssemblyStep[],
  joints: ReadonlyMap<string, AssemblyJoint>,
  real: ReadonlyMap<string, number>,
  beside: { readonly before: readonly WaterStep[]; readonly after: readonly WaterStep[]; readonly fireWatch?: number },
): WorkPlan {
  const firstOff = steps.findIndex(({ phase }) => phase === 'water off')
  let at = 0
  const timed = steps.map((step, index): WorkStep => {
    const joint = joints.get(step.joint)!
    const before = steps[index - 1]
    const isHotFrom = before?.phase === step.phase && isSameHeat(joints.get(before.joint), joint)
    const start = index === firstOff ? at + minutesOf(beside.before) : at
    at = start + (real.get(step.joint) ?? (isHotFrom ? Math.min(sameHeat, joint.minutes) : joint.minutes))
    return { ...step, start, end: at, ready: at + joint.wait, isReal: real.has(step.joint) }
  })
  const isLeast = steps.some(({ joint }) => joints.get(joint)!.unknown.some(({ of }) => of === 'wait'))
  const readyAt = (of: readonly WorkStep[]) => Math.max(0, ...of.map(({ ready }) => ready))
  const watched = (of: readonly WorkStep[]): WorkPlan['fireWatch'] => {
    const hot = of.filter(({ joint }) => needsFlame(joints.get(joint)!))
    const start = Math.max(0, ...hot.map(({ end }) => end))
    return hot.length > 0 && beside.fireWatch ? { start, end: start + beside.fireWatch } : null
  }
  if (firstOff < 0) {
    const fireWatch = watched(timed)
    const whole = Math.max(readyAt(timed), fireWatch?.end ?? 0)
    return { steps: timed, before: [], after: [], waterOff: 0, whole, fireWatch, isLeast }
  }
  const off = timed.filter(({ phase }) => phase === 'water off')
  // Waiting with the water on: the water-off work is put off by what the bench still has to wait beyond it.
  const late = readyAt(timed) - readyAt(off)
  const shifted = timed.map((step) =>
    step.phase === 'water off'
      ? { ...step, start: step.start + late, end: step.end + late, ready: step.ready + late }
      : step,
  )
  const before = inTurn(beside.before, timed[firstOff]!.start + late - minutesOf(beside.before))
  const after = inTurn(beside.after, readyAt(off) + late)
  const [shut, back] = [before[0]?.start ?? timed[firstOff]!.start + late, after.at(-1)?.end ?? readyAt(off) + late]
  const fireWatch = watched(shifted)
  const whole = Math.max(back, fireWatch?.end ?? 0)
  return { steps: shifted, before, after, waterOff: back - shut, whole, fireWatch, isLeast }
}
