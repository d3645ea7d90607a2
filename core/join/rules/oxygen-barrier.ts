import { materialOf } from '../../materials'
import { isHeating } from '../../job/place'
import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const oxygenBarrier = rule({
  meta: {
    id: 'oxygen-barrier',
    statement: 'In heating with iron or steel in it, plastic pipe needs an oxygen barrier.',
    why: 'Oxygen passes through plain plastic and rusts radiators, pumps and boilers from inside.',
    basis: 'guidance',
    settings: [],
    messages: {
      marked: fixed('marked with an oxygen barrier'),
      none: fixed('no oxygen barrier known: read the print line, or use barrier pipe, multilayer or metal'),
    },
  },
  check({ pipe, service, place }, { fits, refuse }) {
    if (!isHeating(service) || !materialOf(pipe).letsOxygenThrough) return null
    if (place.barrier) return fits('marked')
    return place.ferrous === false ? null : refuse('none')
  },
})
