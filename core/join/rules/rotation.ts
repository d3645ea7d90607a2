import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const rotation = rule({
  meta: {
    id: 'rotation',
    statement: 'A crimped fitting can still be turned; a soldered, pressed or cemented one must not be.',
    why: 'Turning a made joint tears solder and cement and rolls a pressed seal.',
    basis: 'trade practice',
    settings: [],
    messages: {
      fixed: fixed('cannot be turned once made: dry-fit, and mark across pipe and fitting'),
      turns: fixed('can be turned once made and still seals'),
    },
  },
  check({ method, place }, { fits, caution }) {
    if (!place.oriented) return null
    if (method.turnsOnceMade === null) return null
    return method.turnsOnceMade ? fits('turns') : caution('fixed')
  },
})
