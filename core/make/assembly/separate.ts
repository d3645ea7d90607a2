import { groupBy } from '../../group-by'
import type { AssemblyQuestion } from './question'

/**
 * A question taken apart: joints that share a part, or of which one's flame is felt at the other, belong together. What
 * belongs to different questions cannot stand in each other's way.
 *
 * @example two runs off two existing pipes: two questions
 */
export function separate(question: AssemblyQuestion): AssemblyQuestion[] {
  const up = new Map<string, string>()
  const root = (id: string): string => {
    const next = up.get(id)
    return next === undefined ? id : root(next)
  }
  const tie = (a: string, b: string): void => {
    const [one, other] = [root(a), root(b)]
    if (one !== other) up.set(other, one)
  }
  for (const { id, parts } of question.joints) {
    const joint = `joint ${id}`
    for (const part of parts) tie(joint, `part ${part}`)
    for (const hurt of question.near.get(id) ?? []) tie(joint, `joint ${hurt}`)
  }
  const groups = groupBy(question.joints, ({ id }) => root(`joint ${id}`))
  return [...groups.values()].map((joints) => ({ ...question, joints }))
}
