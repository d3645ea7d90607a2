import type { PlanJoint } from '../pipework/planned'
import { methods } from '../methods'
import type { Pipe } from '../catalogue/pipe'
import type { Evidence } from './evidence-schema'

export type { Evidence } from './evidence-schema'
export type EvidenceId = keyof Evidence

/** A question as it is asked beside Made, and what stands in the record where it was answered. */
export interface EvidenceWords {
  readonly ask: string
  readonly seen: string
  readonly missing: string
}
export const evidenceWords: Readonly<Record<EvidenceId, EvidenceWords>> = {
  markSeen: { ask: 'mark at the mouth', seen: 'mark seen', missing: 'mark not seen' },
  windowFull: { ask: 'window full of pipe', seen: 'window full', missing: 'window not checked' },
  atShoulder: { ask: 'pipe at the shoulder', seen: 'pipe at the shoulder', missing: 'shoulder not checked' },
  ringPlaced: { ask: 'ring in its place', seen: 'ring in its place', missing: 'ring’s place not checked' },
  gauge: { ask: 'gauge', seen: 'gauge', missing: 'no gauge result' },
  earClosed: { ask: 'ear closed evenly', seen: 'ear closed', missing: 'ear not checked' },
  ringTurned: { ask: 'collar locked, or none to lock', seen: 'collar locked', missing: 'collar not checked' },
  insert: { ask: 'insert is in', seen: 'insert in', missing: 'insert not checked' },
  turns: { ask: 'turns given', seen: 'turns', missing: 'turns not noted' },
  beadEven: { ask: 'double bead even all round', seen: 'bead even', missing: 'bead not checked' },
  facesRight: { ask: 'faces the right way', seen: 'faces the right way', missing: 'direction not checked' },
}

/**
 * What is asked of a joint when it is made: what can be seen of its method, and its insert.
 *
 * @param pipe that goes in; between two fittings the one beside them, of which nothing goes in
 * @remarks for instance: push-fit on PEX: its mark, its collar, its insert; crimp: shoulder, ring, gauge
 */
export function evidenceAsked(joint: Pick<PlanJoint, 'method' | 'inner'>, pipe: Pipe): EvidenceId[] {
  const asked: readonly EvidenceId[] = methods[joint.method].looked
  return joint.inner === null && methods[joint.method].insert(pipe) !== null ? [...asked, 'insert'] : [...asked]
}

/** Whether a question is answered so that nothing is left to ask: what was said not to be so is still to be put right. */
export const isAnswered = (id: EvidenceId, { [id]: answer }: Evidence): boolean =>
  typeof answer === 'number' || answer === true || answer === 'goes'

/** What was asked of a joint and is not answered, in the order in which it was asked. */
export const unanswered = (asked: readonly EvidenceId[], given: Evidence): EvidenceId[] =>
  asked.filter((id) => !isAnswered(id, given))

/** What was seen of a joint, in words, in the order in which it is asked. */
export const evidenceTexts = (given: Evidence & { readonly uses?: number }): string[] => [
  ...(Object.keys(evidenceWords) as EvidenceId[]).flatMap((id) => {
    const answer = given[id]
    const { seen } = evidenceWords[id]
    if (typeof answer === 'number') return [`${answer} ${seen}`]
    if (typeof answer === 'string') return [`${seen} ${answer}`]
    return answer === true ? [seen] : []
  }),
  ...(typeof given.uses === 'number' ? [`use ${given.uses}`] : []),
]
