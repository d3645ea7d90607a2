import type { Material } from '../../catalogue/material'
import { isPotable } from '../../job/place'
import { fixed } from '../../quantity/message'
import { rule } from '../rule'

const letsOxygenThrough: ReadonlySet<Material> = new Set([
  'pex-a',
  'pex-b',
  'pex-c',
  'pb',
  'pp-r',
  'pe',
  'cpvc',
  'pvc-u',
])

export const oxygenBarrier = rule({
  meta: {
    id: 'oxygen-barrier',
    statement: 'A heating circuit with iron or steel in it takes only plastic pipe with an oxygen barrier.',
    why: 'Oxygen passes through plain plastic and rusts radiators, pumps and boilers from inside.',
    basis: 'guidance',
    settings: [],
    messages: {
      marked: fixed('marked with an oxygen barrier'),
      none: fixed('no oxygen barrier is known of: read the print line, or use barrier pipe, multilayer or metal'),
    },
  },
  check({ pipe, service, place }, { fits, refuse }) {
    if (isPotable(service) || !letsOxygenThrough.has(pipe.material)) return null
    if (place.barrier) return fits('marked')
    return place.ferrous === false ? null : refuse('none')
  },
})
