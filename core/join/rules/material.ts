import { tableFinding } from '../method-table'
import type { Rule } from '../rule'

export const material: Rule = {
  meta: {
    id: 'material',
    statement: 'The method must suit the pipe’s material and temper.',
    why: 'Each method holds and seals on one kind of wall; on another it leaks or lets go later.',
    basis: 'trade practice',
    settings: [],
  },
  check: ({ method, pipe }) => tableFinding(method.id, pipe),
}
