import { materialOf } from '../../materials'
import { boreOf } from '../../catalogue/pipe'
import { velocityOf } from '../../flow/velocity'
import { sentence } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const velocity = rule({
  meta: {
    id: 'velocity',
    statement: 'Keep the water in copper below the speed that wears its wall.',
    why: 'Fast water strips the film that protects copper, first after elbows, soonest in a thin wall.',
    basis: 'guidance',
    settings: ['coldVelocity', 'hotVelocity'],
    messages: {
      fast: sentence(
        { speed: 3.12, flow: 60, most: 2.4 },
        ({ speed, flow, most }, say) =>
          `${say.speed(speed)} at ${say.flow(flow)}, ${say.speed(most)} allowed: one size larger, or a heavier wall`,
      ),
    },
  },
  check({ pipe, place, service, profile }, { caution }) {
    if (place.flow === undefined || !materialOf(pipe).wornByFastWater) return null
    const speed = velocityOf(place.flow, boreOf(pipe))
    const most = service === 'cold' ? profile.coldVelocity : profile.hotVelocity
    return speed > most ? caution('fast', { speed, flow: place.flow, most }) : null
  },
})
