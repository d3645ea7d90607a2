import type { NodeKind } from '../../job/job'
import { nodeWord } from '../../job/node-legs'
import { sentence } from '../../quantity/words/sentence'
import { withArticle } from '../../quantity/words/trade-words'
import { turnAt } from '../../run/layout'
import { isNewFitting } from '../../run/states'
import { atPlace, checkRule, nodePlace } from '../rule'

/** Fittings whose two ends are in line. */
const straightKinds: ReadonlySet<NodeKind> = new Set([
  'coupling',
  'slip-coupling',
  'union',
  'reducer',
  'adapter',
  'valve',
  'in-line',
])
/** Degrees by which two legs may be out of line and still take a straight fitting. */
const outOfLine = 1

export const goesStraight = checkRule({
  meta: {
    id: 'goes-straight',
    statement: 'A fitting with its two ends in line goes in a straight.',
    why: 'Pipe pulled sideways into a straight fitting loads its seal on one side.',
    basis: 'trade practice',
    settings: [],
    step: 'route',
    todo: true,
    messages: {
      turns: sentence(
        { kind: 'coupling' },
        ({ kind }) =>
          `the pipe turns here, and ${withArticle(kind)} goes straight on: put an elbow or a bend beside it`,
      ),
    },
  },
  check(subject, { refuse }) {
    const { system, arms } = subject.layout
    return system.nodes
      .filter((node) => isNewFitting(node, arms.get(node.id) ?? []))
      .filter(({ id, kind }) => straightKinds.has(kind) && (turnAt(arms.get(id) ?? []) ?? 0) > outOfLine)
      .map(({ id, kind }) => atPlace(nodePlace(subject, id), refuse('turns', { kind: nodeWord(kind) })))
  },
})
