import { expect, it } from 'vitest'
import { shippedCatalogue } from './catalogue'
import { fitsBySize } from './fit'

it('a repair coupling takes either steel of its size, half a millimetre off; any other socket a tenth', () => {
  const by = (method: string, is: (system: string) => boolean) => {
    const socket = shippedCatalogue.sockets.find(
      (of) => of.method === method && is(of.system) && of.family !== 'old-bore',
    )!
    const pipe = shippedCatalogue.pipes.find((of) => of.family === socket.family && fitsBySize(of, socket))!
    return (off: number) => fitsBySize({ ...pipe, od: socket.od + off, odTolerance: 0 }, socket)
  }
  const repair = by('compression', (system) => system === 'repair coupling')
  expect([0.4, -0.4, 0.6].map(repair)).toEqual([true, true, false])
  const solder = by('solder', (system) => system === 'EN 1254-1')
  expect([0.09, -0.09, 0.4].map(solder)).toEqual([true, true, false])
})
