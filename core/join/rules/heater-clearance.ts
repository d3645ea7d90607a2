import { isPlastic } from '../../catalogue/material'
import { caution, type Rule } from '../rule'

export const heaterClearance: Rule = {
  meta: {
    id: 'heater-clearance',
    statement: 'Plastic keeps its distance from a water heater.',
    why: 'The stub of a heater runs hotter than the water, and its thermostat can fail.',
    basis: 'guidance',
    settings: ['heaterClearance'],
  },
  check({ pipe, place, profile }) {
    if (place.heaterDistance === undefined || !isPlastic(pipe.material)) return null
    if (place.heaterDistance >= profile.heaterClearance) return null
    return caution(`within ${profile.heaterClearance} mm of a water heater: run that part in metal`)
  },
}
