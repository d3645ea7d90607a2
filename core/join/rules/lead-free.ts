import { isPotable } from '../../job/place'
import { refuse, type Rule } from '../rule'

export const leadFree: Rule = {
  meta: {
    id: 'lead-free',
    statement: 'Solder and flux on drinking water are lead-free.',
    why: 'Lead goes from the joint into the water, and there is no safe amount of it.',
    basis: 'model code',
    settings: [],
  },
  check({ method, service, place }) {
    if (method.id !== 'solder' || !isPotable(service) || place.leadFree !== false) return null
    return refuse('the solder or flux at hand is not lead-free: change it, or use another method')
  },
}
