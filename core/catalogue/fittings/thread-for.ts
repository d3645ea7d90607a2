import { methods } from '../../methods'
import type { Socket } from '../socket'
import { threadBeside } from '../tables/made'
import { threadSizes, type ThreadSize } from '../thread-size'

/**
 * The thread of the adapter that the counter hands over first for a pipe of this socket: as wide as its bore.
 *
 * @returns undefined above 2 inches
 * @remarks for instance: 22 copper: 3/4; 20 multilayer and 20 PE: 1/2; 3/4 copper tube size: 3/4
 * @remarks parts.md, *Thread by pipe*
 */
export function threadFor({ method, system, family, size, od }: Socket): ThreadSize | undefined {
  const named = threadSizes.find((of) => of === size)
  if (family === 'schedule' || (family === 'cts' && system !== 'by outside diameter, inch') || family === 'pex-al-pex')
    return named ?? '1/2'
  const upTo =
    threadBeside[methods[method].threadsByPlasticBore || system === 'insert set, metric' ? 'plastic' : 'copper']
  return Object.entries(upTo).find(([most]) => od <= Number(most))?.[1]
}
