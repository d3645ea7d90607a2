import { refuse, type Rule } from '../rule'

const diameter = (mm: number): string => `${mm.toFixed(2).replace(/0$/, '')} mm`

export const size: Rule = {
  meta: {
    id: 'size',
    statement: 'Pipe and fitting agree by outside diameter within both tolerances, never by nominal name.',
    why: 'A seal or a capillary gap works over tenths of a millimetre; two pipes of one name can differ by six.',
    basis: 'standard',
    settings: [],
  },
  check({ method, pipe, socket }) {
    if (socket) return null
    if (method.id === 'thread') return null
    return refuse(`no ${method.fitting} fitting in the catalogue is made for ${diameter(pipe.od)} outside`)
  },
}
