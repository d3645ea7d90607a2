import { materialOf } from '../../materials'
import type { Service } from '../../job/place'
import { fixed, sentence } from '../../quantity/words/sentence'
import { rule } from '../rule'

/** Water temperatures taken where the job says nothing, in degrees Celsius. */
const usual: Readonly<Record<Service, number>> = {
  cold: 20,
  hot: 60,
  recirculation: 60,
  'heating-flow': 70,
  'heating-return': 60,
  // A temperature and pressure relief valve opens at 99 °C.
  relief: 99,
}

export const serviceTemperature = rule({
  meta: {
    id: 'service-temperature',
    statement:
      'No pipe above its continuous temperature limit; PVC-U and PE for cold water only, metal for solar and steam.',
    why: 'Plastic loses strength with heat: the wall creeps and the joint lets go, not at once but later.',
    basis: 'guidance',
    settings: [],
    messages: {
      metal: fixed('solar or steam: metal only'),
      cold: fixed('for cold water only'),
      hotter: sentence(
        { celsius: 85, limit: 70 },
        ({ celsius, limit }, say) =>
          `${say.temperature(celsius)} is above its continuous limit of ${say.temperature(limit)}: run that part in metal`,
      ),
    },
  },
  check({ pipe, service, place }, { refuse }) {
    const of = materialOf(pipe)
    if (place.solarOrSteam && of.isPlastic) return refuse('metal')
    if (of.coldOnly && service !== 'cold') return refuse('cold')
    const celsius = place.temperature ?? usual[service]
    return celsius > of.maxContinuous ? refuse('hotter', { celsius, limit: of.maxContinuous }) : null
  },
})
