import type { AssemblyStep } from './order'
import type { AssemblyJoint } from './question'

/** A step of the plan of work, in minutes from its beginning. */
export interface WorkStep extends AssemblyStep {
  readonly start: number
  readonly end: number
  /** When water may stand on it; nothing is done by hand from end to ready. */
  readonly ready: number
  /** It took as long as this says, which was entered. */
  readonly isReal: boolean
}

export interface WorkPlan {
  readonly steps: readonly WorkStep[]
  /** From the first step that needs the water off until the last joint may stand water. */
  readonly waterOff: number
  readonly whole: number
  /** A wait is not known, so that both may be longer. */
  readonly isLeast: boolean
}

/**
 * The steps one after another, waits overlapping with the work that follows. Where the work before it still has to wait
 * when its hands are done, the water stays on until the water-off work would end no sooner for it.
 *
 * @param real minutes that a step took, by joint
 */
export function schedule(
  steps: readonly AssemblyStep[],
  joints: ReadonlyMap<string, AssemblyJoint>,
  real: ReadonlyMap<string, number>,
): WorkPlan {
  let at = 0
  const timed = steps.map((step): WorkStep => {
    const { minutes, wait } = joints.get(step.joint)!
    const start = at
    at += real.get(step.joint) ?? minutes
    return { ...step, start, end: at, ready: at + wait, isReal: real.has(step.joint) }
  })
  const isLeast = steps.some(({ joint }) => joints.get(joint)!.unknown.some(({ of }) => of === 'wait'))
  const before = timed.filter(({ phase }) => phase !== 'water off')
  const off = timed.filter(({ phase }) => phase === 'water off')
  const [firstOff] = off
  const ends = Math.max(0, ...timed.map(({ ready }) => ready))
  if (!firstOff) return { steps: timed, waterOff: 0, whole: ends, isLeast }
  // Waiting with the water on: the water-off work is put off by what the bench still has to wait beyond it.
  const offEnds = Math.max(...off.map(({ ready }) => ready))
  const late = Math.max(0, Math.max(0, ...before.map(({ ready }) => ready)) - offEnds)
  const shifted = timed.map((step) =>
    step.phase !== 'water off'
      ? step
      : { ...step, start: step.start + late, end: step.end + late, ready: step.ready + late },
  )
  return { steps: shifted, waterOff: offEnds - firstOff.start, whole: offEnds + late, isLeast }
}
