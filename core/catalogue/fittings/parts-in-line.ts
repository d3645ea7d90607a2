import { methods } from '../../methods'
import { fittingOf, socketEnd, type Fitting, type ThreadEnd } from '../fitting'
import type { Socket } from '../socket'
import { threadSizes } from '../thread-size'

/** The methods that a valve is made in: a filter, a check valve or a meter comes with the same ends. */
const takesPipe = ({ method, system }: Socket): boolean =>
  system !== 'repair coupling' && methods[method].made.has('valve')

const tails = (['NPT', 'BSP'] as const).flatMap((system) =>
  threadSizes.flatMap((size): ThreadEnd[] =>
    (['taper', 'parallel'] as const).map((form) => ({ type: 'thread', system, size, sex: 'M', form, plastic: false })),
  ),
)

/**
 * What may stand in line by whatever name, by its two ends: they take pipe by a method, are female threads, or are tails,
 * on their thread or on a washer under a nut.
 *
 * @remarks for instance: '22 compression part in line', '3/4 BSP thread part in line', '3/4 M BSP part in line on washers'
 */
export const partsInLine = (sockets: readonly Socket[]): Fitting[] => [
  ...sockets
    .filter(takesPipe)
    .map((socket) => fittingOf('part in line', [socketEnd(socket), socketEnd(socket)], `${socket.label} part in line`)),
  ...tails.map((tail) => {
    const name = `${tail.size} M ${tail.system} part in line${tail.form === 'parallel' ? ' on washers' : ''}`
    return { ...fittingOf('part in line', [tail, tail], name), id: name }
  }),
]
