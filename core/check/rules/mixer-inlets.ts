import { serviceIn } from '../../job/leg-defaults'
import { sentence } from '../../quantity/words/sentence'
import { atPlace, checkRule, nodePlace } from '../rule'

export const mixerInlets = checkRule({
  meta: {
    id: 'mixer-inlets',
    statement: 'One pipe brings hot water to a mixer, and one brings cold.',
    why: 'Each inlet is made for its own: swapped over, the mixer scalds.',
    basis: 'trade practice',
    settings: [],
    step: 'route',
    todo: true,
    messages: {
      inlets: sentence(
        { hot: 0, cold: 1 },
        ({ hot, cold }) => `${hot} hot and ${cold} cold lead to this mixer, and it takes one of each: draw them to it`,
      ),
    },
  },
  check: (subject, { caution }) => {
    const { system, arms } = subject.layout
    return system.nodes.flatMap(({ id, kind }) => {
      if (kind !== 'mixer') return []
      const services = (arms.get(id) ?? []).flatMap(({ leg }) => (leg.to === id ? [serviceIn(system, leg)] : []))
      const [hot, cold] = (['hot', 'cold'] as const).map((of) => services.filter((service) => service === of).length)
      return hot === 1 && cold === 1
        ? []
        : [atPlace(nodePlace(subject, id), caution('inlets', { hot: hot!, cold: cold! }))]
    })
  },
})
