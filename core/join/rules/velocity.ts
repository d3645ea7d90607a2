import { boreOf } from '../../catalogue/pipe'
import { caution, type Rule } from '../rule'
import { velocityOf } from '../../flow/velocity'

export const velocity: Rule = {
  meta: {
    id: 'velocity',
    statement: 'Water in copper keeps below the speed that wears its wall.',
    why: 'Fast water strips the film that protects copper, first behind elbows, and soonest in a thin wall.',
    basis: 'guidance',
    settings: ['coldVelocity', 'hotVelocity'],
  },
  check({ pipe, place, service, profile }) {
    if (place.flow === undefined || pipe.material !== 'copper') return null
    const speed = velocityOf(place.flow, boreOf(pipe))
    const most = service === 'cold' ? profile.coldVelocity : profile.hotVelocity
    if (speed <= most) return null
    return caution(
      `${speed.toFixed(1)} m/s at ${place.flow} litres a minute, ${most} m/s allowed: one size larger, or a heavier wall`,
    )
  },
}
