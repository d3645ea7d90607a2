import { isHeating, isPotable, type Service } from '../../job/place'
import { serviceIn } from '../../job/leg-defaults'
import { sentence } from '../../quantity/words/sentence'
import { atPlace, checkRule, nodePlace } from '../rule'

export const crossConnection = checkRule({
  meta: {
    id: 'cross-connection',
    statement: 'Never join drinking water and heating water.',
    why: 'Heating water drawn or pushed back into drinking water makes people ill.',
    basis: 'standard',
    settings: [],
    step: 'route',
    todo: false,
    messages: {
      meet: sentence(
        { potable: 'cold' as Service, heating: 'heating-return' as Service },
        ({ potable, heating }) =>
          `${potable} and ${heating.replace('-', ' ')} meet here: only through a filling device with backflow protection that local code permits`,
      ),
    },
  },
  check: (subject, { refuse }) => {
    const { system, arms } = subject.layout
    return system.nodes.flatMap(({ id }) => {
      const services = (arms.get(id) ?? []).map(({ leg }) => serviceIn(system, leg))
      const [potable, heating] = [services.find(isPotable), services.find(isHeating)]
      return potable && heating ? [atPlace(nodePlace(subject, id), refuse('meet', { potable, heating }))] : []
    })
  },
})
