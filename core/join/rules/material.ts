import { ringPlace } from '../../catalogue/tables/ring-place'
import { tableFinding } from '../method-table'
import { rule } from '../rule'
import { tableSentences } from '../table-sentences'

export const material = rule({
  meta: {
    id: 'material',
    statement: 'The method must suit the pipe’s material and temper.',
    why: 'Each method seals on one kind of wall; on another it leaks or lets go later.',
    basis: 'trade practice',
    settings: [],
    messages: tableSentences,
  },
  check({ method, pipe }, { as }) {
    const { verdict, message } = tableFinding(method.id, pipe)
    return message === 'ring on barb' ? as(verdict)(message, ringPlace) : as(verdict)(message)
  },
})
