import { DisjointSets } from '../quantity/disjoint-sets'
import { groupBy } from '../quantity/group-by'
import type { AssemblyQuestion } from './question'

/**
 * A question taken apart: joints that share a part, or of which one's flame is felt at the other, belong together. What
 * belongs to different questions cannot stand in each other's way.
 *
 * @remarks for instance: two runs off two existing pipes: two questions
 */
export function separate(question: AssemblyQuestion): AssemblyQuestion[] {
  const groups = new DisjointSets()
  for (const { id, parts } of question.joints) {
    const joint = `joint ${id}`
    for (const part of parts) groups.tie(joint, `part ${part}`)
    for (const hurt of question.near.get(id) ?? []) groups.tie(joint, `joint ${hurt}`)
  }
  const apart = groupBy(question.joints, ({ id }) => groups.root(`joint ${id}`))
  return [...apart.values()].map((joints) => ({ ...question, joints }))
}
