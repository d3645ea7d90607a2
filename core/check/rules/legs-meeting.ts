import { legsAtNode, mostLegsAt, nodeWord } from '../../job/node-legs'
import { namedFittingAt } from '../../run/named-fitting'
import { legsInto } from '../../pipework/take-off/named-fittings'
import { isNewFitting } from '../../run/states'
import { sentence } from '../../quantity/words/sentence'
import { withArticle } from '../../quantity/words/trade-words'
import { atPlace, checkRule, nodePlace, type SystemSubject } from '../rule'

interface Meeting {
  readonly id: string
  readonly kind: string
  readonly meeting: number
  readonly wanted: number
  readonly most: number
}

/** How many legs meet at each fitting that something leads to, against how many it takes. */
function meetings({ catalogue, layout, directJoints }: SystemSubject): Meeting[] {
  const { system, arms, places } = layout
  if (system.legs.length === 0) return []
  return (
    system.nodes
      .filter(({ id }) => places.has(id))
      // What is there already is drawn as far as it matters.
      .filter((node) => isNewFitting(node, arms.get(node.id) ?? []))
      .map((node) => {
        const named = namedFittingAt(node)
        const wanted = named ? legsInto({ catalogue, layout }, directJoints, named, node) : legsAtNode[node.kind]
        return {
          id: node.id,
          kind: nodeWord(node.kind),
          meeting: arms.get(node.id)?.length ?? 0,
          wanted,
          most: named ? wanted : mostLegsAt(node.kind),
        }
      })
  )
}

export const openEnd = checkRule({
  meta: {
    id: 'open-end',
    statement: 'Every end of a fitting needs its pipe.',
    why: 'An end left open lets the water out.',
    basis: 'trade practice',
    settings: [],
    step: 'route',
    todo: true,
    messages: {
      open: sentence(
        { meeting: 2, wanted: 3 },
        ({ meeting, wanted }) => `${meeting} of ${wanted} legs drawn: draw the next, or change the fitting here`,
      ),
    },
  },
  check: (subject, { caution }) =>
    meetings(subject)
      .filter(({ meeting, wanted }) => meeting < wanted)
      .map(({ id, meeting, wanted }) => atPlace(nodePlace(subject, id), caution('open', { meeting, wanted }))),
})

export const tooManyLegs = checkRule({
  meta: {
    id: 'too-many-legs',
    statement: 'A fitting takes as many pipes as it has ends.',
    why: 'A fitting has the ends it was made with.',
    basis: 'trade practice',
    settings: [],
    step: 'route',
    todo: true,
    messages: {
      many: sentence(
        { meeting: 3, wanted: 2, kind: 'elbow' },
        ({ meeting, wanted, kind }) => `${meeting} legs meet where ${withArticle(kind)} takes ${wanted}`,
      ),
    },
  },
  check: (subject, { refuse }) =>
    meetings(subject)
      .filter(({ meeting, most }) => meeting > most)
      .map(({ id, kind, meeting, most }) =>
        atPlace(nodePlace(subject, id), refuse('many', { kind, meeting, wanted: most })),
      ),
})
