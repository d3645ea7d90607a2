import { isPlastic } from '../../catalogue/material'
import { caution, refuse, type Rule } from '../rule'

export const heaterClearance: Rule = {
  meta: {
    id: 'heater-clearance',
    statement: 'Plastic keeps its distance from a water heater, a stove, and every flue.',
    why: 'The stub of a heater runs hotter than the water, and its thermostat can fail; a flue melts plastic.',
    basis: 'guidance',
    settings: ['heaterClearance', 'heatSourceClearance'],
  },
  check({ pipe, place, profile }) {
    if (!isPlastic(pipe.material)) return null
    if (place.onFlue) return refuse('plastic on a flue or its connector: metal there')
    if (place.heatSourceDistance !== undefined && place.heatSourceDistance < profile.heatSourceClearance)
      return caution(`within ${profile.heatSourceClearance} mm of an uncontrolled heat source: run that part in metal`)
    if (place.heaterDistance !== undefined && place.heaterDistance < profile.heaterClearance)
      return caution(`within ${profile.heaterClearance} mm of a water heater: run that part in metal`)
    return null
  },
}
