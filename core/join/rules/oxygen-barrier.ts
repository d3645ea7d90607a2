import type { Material } from '../../catalogue/material'
import { isPotable } from '../../job/place'
import { fits, refuse, type Rule } from '../rule'

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

export const oxygenBarrier: Rule = {
  meta: {
    id: 'oxygen-barrier',
    statement: 'A heating circuit with iron or steel in it takes only plastic pipe with an oxygen barrier.',
    why: 'Oxygen passes through plain plastic and rusts radiators, pumps and boilers from inside.',
    basis: 'guidance',
    settings: [],
  },
  check({ pipe, service, place }) {
    if (isPotable(service) || !letsOxygenThrough.has(pipe.material)) return null
    if (place.barrier) return fits('marked with an oxygen barrier')
    if (place.ferrous === false) return null
    return refuse('no oxygen barrier is known of: read the print line, or use barrier pipe, multilayer or metal')
  },
}
