import type { PlanJoint } from '../pipework/planned'
import type { Plan } from '../plan/types'
import type { BodyOf } from './known-entry'

/** To what a joint is made: said as it is ticked, so that a plan which changes under the tick is noticed. */
export type MadeTo = Pick<BodyOf<'joint-made'>, 'insertion' | 'method' | 'pipe' | 'fitting' | 'cut'>

export interface PlanChange {
  readonly what: keyof MadeTo
  readonly made: string | number
  readonly planned: string | number | null
}

/** The figures of a plan's joints, and by how many mm each may differ and still be the same. */
interface PlannedFigures {
  readonly figures: MadeTo
  readonly tolerance: Readonly<Partial<Record<keyof MadeTo, number | null>>>
}

/** Looks up the figures of a plan's joints; undefined for a joint that it does not have. */
export function plannedFigures(plan: Pick<Plan, 'joints' | 'parts' | 'pieces'>) {
  const joints = new Map(plan.joints.map((joint) => [joint.id, joint]))
  const parts = new Map(plan.parts.map((part) => [part.id, part]))
  const pieces = new Map(plan.pieces.map((piece) => [piece.id, piece]))
  const fittingOf = ({ between }: PlanJoint): string =>
    between
      .flatMap(({ part }) => {
        const of = parts.get(part)
        return of && (of.kind === 'fitting' || of.kind === 'fixture') ? [of.label] : []
      })
      .join(' and ')
  return (id: string): PlannedFigures | undefined => {
    const joint = joints.get(id)
    if (!joint) return undefined
    const { insertion, method, pipe, insertionTolerance } = joint
    const piece = pieces.get(joint.piece ?? '')
    return {
      figures: { insertion, method, pipe, fitting: fittingOf(joint) || undefined, cut: piece?.cut ?? null },
      tolerance: { insertion: insertionTolerance, cut: piece?.tolerance },
    }
  }
}

/** mm: what is left of a figure after it was written down and read again. */
const rounding = 0.05

/**
 * In what a joint was made to other figures than are planned now; null where nothing differs by more than its tolerance,
 * and where it is planned no more. What was not said as it was ticked is not compared.
 *
 * @remarks for instance: a piece made to 612 mm and now planned at 640 ± 2: cut, 612, 640
 */
export function planChanges(made: MadeTo, planned: PlannedFigures | undefined): PlanChange[] | null {
  if (!planned) return null
  const { figures, tolerance } = planned
  const found = (['insertion', 'method', 'pipe', 'fitting', 'cut'] as const).flatMap((what): PlanChange[] => {
    const [was, now] = [made[what], figures[what] ?? null]
    if (was === undefined || was === null || was === '' || was === now) return []
    const isSame =
      typeof was === 'number' && typeof now === 'number' && Math.abs(was - now) <= (tolerance[what] ?? 0) + rounding
    return isSame ? [] : [{ what, made: was, planned: now }]
  })
  return found.length > 0 ? found : null
}
