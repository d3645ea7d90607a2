import { caution, refuse, type ThreadRule } from '../rule'

export const plasticFemale: ThreadRule = {
  meta: {
    id: 'plastic-female',
    statement: 'A plastic female thread never goes on a metal male.',
    why: 'The metal taper wedges the plastic open: it splits, at once or in the first cold night.',
    basis: 'trade practice',
    settings: [],
  },
  checkThreads({ male, female }) {
    if (!female.plastic) return null
    if (!male.plastic)
      return refuse('it splits: use a metal coupling of the metal pipe’s kind, with a plastic male in it')
    return caution('plastic in plastic: hand-tight and one turn, tape only')
  },
}
