import { sentence } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const size = rule({
  meta: {
    id: 'size',
    statement: 'Pipe and fitting must match by outside diameter, within tolerance, never by nominal name.',
    why: 'A seal or a solder gap works within a hair’s breadth; two pipes of one name can differ by six times that.',
    basis: 'standard',
    settings: [],
    messages: {
      none: sentence(
        { method: 'solder', od: 21.49 },
        ({ method, od }, say) => `no ${method} fitting in the catalogue is made for ${say.diameter(od)} outside`,
      ),
    },
  },
  check({ method, pipe, socket }, { refuse }) {
    // What is threaded goes by its thread, and is judged by rules of its own.
    if (socket || method.threaded) return null
    return refuse('none', { method: method.fitting, od: pipe.od })
  },
})
