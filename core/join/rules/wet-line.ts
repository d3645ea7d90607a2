import { refuse, type Rule } from '../rule'

export const wetLine: Rule = {
  meta: {
    id: 'wet-line',
    statement: 'A line that still drips is not soldered or cemented.',
    why: 'Water in the pipe holds the joint below soldering heat and turns to steam; cement does not bite on a wet wall.',
    basis: 'trade practice',
    settings: [],
  },
  check({ method, place }) {
    if (!place.wet || (method.id !== 'solder' && method.id !== 'solvent')) return null
    return refuse('the line is wet: dry it first, or use push-fit, press or compression')
  },
}
