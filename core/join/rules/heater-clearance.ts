import { isPlastic } from '../../materials'
import { fixed, sentence } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const heaterClearance = rule({
  meta: {
    id: 'heater-clearance',
    statement: 'Keep plastic away from water heaters, stoves and flues.',
    why: 'The stub of a heater runs hotter than the water, and its thermostat can fail; a flue melts plastic.',
    basis: 'guidance',
    settings: ['heaterClearance', 'heatSourceClearance'],
    messages: {
      flue: fixed('plastic on a flue or its connector: metal there'),
      source: sentence(
        { least: 1000 },
        ({ least }, say) => `within ${say.length(least)} of an uncontrolled heat source: run that part in metal`,
      ),
      heater: sentence(
        { least: 450 },
        ({ least }, say) => `within ${say.length(least)} of a water heater: run that part in metal`,
      ),
    },
  },
  check({ pipe, place, profile }, { caution, refuse }) {
    if (!isPlastic(pipe.material)) return null
    if (place.onFlue) return refuse('flue')
    if (place.heatSourceDistance !== undefined && place.heatSourceDistance < profile.heatSourceClearance)
      return caution('source', { least: profile.heatSourceClearance })
    if (place.heaterDistance !== undefined && place.heaterDistance < profile.heaterClearance)
      return caution('heater', { least: profile.heaterClearance })
    return null
  },
})
