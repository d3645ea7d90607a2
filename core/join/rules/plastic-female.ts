import { fixed } from '../../quantity/words/sentence'
import { threadRule } from '../rule'

export const plasticFemale = threadRule({
  meta: {
    id: 'plastic-female',
    statement: 'A plastic female thread never goes on a metal male.',
    why: 'The metal taper wedges the plastic open: it splits, at once or in the first cold night.',
    basis: 'trade practice',
    settings: [],
    messages: {
      splits: fixed('it splits: use a metal coupling of the metal pipe’s kind, with a plastic male in it'),
      gently: fixed('plastic in plastic: hand-tight and one turn, tape only'),
    },
  },
  checkThreads({ male, female }, { caution, refuse }) {
    if (!female.plastic) return null
    return male.plastic ? caution('gently') : refuse('splits')
  },
})
