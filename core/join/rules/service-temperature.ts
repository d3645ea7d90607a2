import { isPlastic, materialKey } from '../../catalogue/material'
import { materialFacts } from '../../catalogue/tables/materials'
import type { Service } from '../../job/place'
import { refuse, type Rule } from '../rule'

/** Water temperatures taken where the job says nothing, in degrees Celsius. */
const usual: Readonly<Record<Service, number>> = {
  cold: 20,
  hot: 60,
  recirculation: 60,
  'heating-flow': 70,
  'heating-return': 60,
}

export const serviceTemperature: Rule = {
  meta: {
    id: 'service-temperature',
    statement:
      'No pipe works hotter than its continuous limit; PVC-U and PE are for cold water only, solar and steam for metal.',
    why: 'Plastic loses strength with heat: the wall creeps and the joint lets go, not at once but later.',
    basis: 'guidance',
    settings: [],
  },
  check({ pipe, service, place }) {
    if (place.solarOrSteam && isPlastic(pipe.material)) return refuse('solar or steam: metal only')
    const temperature = place.temperature ?? usual[service]
    if ((pipe.material === 'pvc-u' || pipe.material === 'pe') && service !== 'cold') {
      return refuse('for cold water only')
    }
    const limit = materialFacts[materialKey(pipe)].maxContinuous
    if (temperature <= limit) return null
    return refuse(`${temperature} °C is above its continuous limit of ${limit} °C: run that part in metal`)
  },
}
