import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const rotation = rule({
  meta: {
    id: 'rotation',
    statement: 'A crimped fitting may still be turned; a soldered, pressed or cemented one may not.',
    why: 'Turning a made joint tears solder and cement and rolls a pressed seal.',
    basis: 'trade practice',
    settings: [],
    messages: {
      fixed: fixed('it cannot be turned once made: dry-fit and mark its orientation across pipe and fitting'),
      turns: fixed('it may be turned after it is made and still seals'),
    },
  },
  check({ method, place }, { fits, caution }) {
    if (!place.oriented) return null
    if (method.turnsOnceMade === null) return null
    return method.turnsOnceMade ? fits('turns') : caution('fixed')
  },
})
