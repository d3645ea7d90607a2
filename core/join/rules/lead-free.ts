import { isPotable } from '../../job/place'
import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const leadFree = rule({
  meta: {
    id: 'lead-free',
    statement: 'On drinking water, solder and flux must be lead-free.',
    why: 'Lead goes from the joint into the water, and there is no safe amount of it.',
    basis: 'model code',
    settings: [],
    messages: {
      lead: fixed('the solder or flux on hand is not lead-free: change it, or use another method'),
    },
  },
  check({ method, service, place }, { refuse }) {
    return method.hasFiller && isPotable(service) && place.leadFree === false ? refuse('lead') : null
  },
})
