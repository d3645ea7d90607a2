import { inHands, type HandedStep } from './hands'
import type { AssemblyStep } from './phases'
import { needsFlame, type AssemblyQuestion } from './question'
import { gapsBetween, lengthOf, outside, type Stretch } from './waits'
import type { WaterStep } from './water-off'

/** A step of the plan of work, in minutes from its beginning. */
export interface WorkStep extends HandedStep {
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
  /** Minutes in which nobody can go on, until the water is back: all that is left to do waits for what sets or cools. */
  readonly idle: number
  /** Those of them in which nobody has to watch either: one may go elsewhere meanwhile. */
  readonly waits: readonly Stretch[]
  /** A wait is not known, so that both may be longer. */
  readonly isLeast: boolean
}

/** What is done beside the joints, and by how many. */
export interface Beside {
  readonly before: readonly WaterStep[]
  readonly after: readonly WaterStep[]
  /** Minutes that a flame is watched after. */
  readonly fireWatch?: number
  /** Pairs of hands: one where nothing is said. */
  readonly pairs?: number
}

/** One after another from a beginning. */
function inTurn(steps: readonly WaterStep[], from: number): TimedWaterStep[] {
  let at = from
  return steps.map((step) => ({ ...step, start: at, end: (at += step.minutes) }))
}

const minutesOf = (steps: readonly WaterStep[]): number => steps.reduce((sum, { minutes }) => sum + minutes, 0)

/** When nobody can go on, and when of that nobody watches for fire. */
function idleIn(
  done: readonly { readonly start: number; readonly end: number }[],
  watched: WorkPlan['fireWatch'],
): Pick<WorkPlan, 'idle' | 'waits'> {
  const gaps = gapsBetween(done)
  return { idle: lengthOf(gaps), waits: outside(gaps, watched) }
}

/**
 * The steps one after another, waits overlapping with the work that follows. Where the work before the water is off still
 * has to wait when its hands are done, the water stays on until the water-off work would end no sooner for it.
 *
 * @param real minutes that a step took, by joint
 */
export function schedule(
  question: AssemblyQuestion,
  steps: readonly AssemblyStep[],
  real: ReadonlyMap<string, number>,
  beside: Beside,
): WorkPlan {
  const joints = new Map(question.joints.map((joint) => [joint.id, joint]))
  const handed = inHands(question, steps, { pairs: beside.pairs ?? 1, real, shutting: minutesOf(beside.before) })
  const timed = handed.map((step): WorkStep => {
    return { ...step, ready: step.end + joints.get(step.joint)!.wait, isReal: real.has(step.joint) }
  })
  const firstOff = timed.findIndex(({ phase }) => phase === 'water off')
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
    return { steps: timed, before: [], after: [], waterOff: 0, whole, ...idleIn(timed, fireWatch), fireWatch, isLeast }
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
  const idle = idleIn([...shifted, ...before, ...after], fireWatch)
  return { steps: shifted, before, after, waterOff: back - shut, whole, ...idle, fireWatch, isLeast }
}
