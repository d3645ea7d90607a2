import { describe, expect, it } from 'vitest'
import { groupBy } from '../../quantity/group-by'
import { shippedSockets } from '../socket'
import { mixedSizes, reducingSizes } from '../tables/made'
import { threadSizes } from '../thread-size'
import { nameableFittings, shippedFittings } from '.'
import { threadFor } from './thread-for'

const made = new Set(shippedFittings().map(({ id }) => id))
const isMade = (id: string): boolean => made.has(id)

describe('what the trade makes in one body', () => {
  it.each([
    '22 solder × 15 solder reducer',
    '22 FTG × 15 solder fitting reducer',
    '28 press × 15 press reducer',
    '22 solder × 22 solder × 15 solder tee',
    '22 solder × 15 solder × 15 solder tee',
    '22 solder × 15 solder × 22 solder tee',
    '16 multilayer press × 15 FTG adapter',
    '22 press × 25 multilayer press adapter',
    '16 insert compression × 16 multilayer press adapter',
    '15 compression × 16 multilayer press adapter',
    '22 compression × 25 PE compression adapter',
    '3/4 solder × 1/2 crimp adapter',
    '1/2 press × 1/2 expansion adapter',
    '1/2 F BSP × 1/2 F NPT thread adapter',
    '3/4 F BSP × 3/4 M NPT thread adapter',
    '5/8 OD compression × 3/8 OD compression angle stop',
    '15 solder × 1/2 M BSP angle stop',
    'old 3/4 solder × 22 solder converter',
    'old 3/4 compression × 15 compression reducer',
    '16 multilayer press × 16 multilayer press union',
  ])('%s', (id) => expect(isMade(id)).toBe(true))

  it.each([
    // First choices of the search once, and what a drawn node once stood for.
    '8 compression × 14 multilayer press adapter',
    '28 press × 15 compression adapter',
    '28 press × 18 multilayer press adapter',
    '22 press × 16 insert compression adapter',
    '10 solder × 16 insert compression adapter',
    '25 insert compression × 25 PE compression adapter',
    '22 press × 16 multilayer press adapter',
    '22 solder × 22 press adapter',
    '22 compression × 22 press adapter',
    '3/4 press × 1/2 crimp adapter',
    '22 solder × 15 solder elbow 90',
    '15 solder × 15 solder × 22 solder tee',
    '28 push-fit × 15 push-fit reducer',
    '1 F BSP × 1 M NPT thread adapter',
    '22 compression × 1/2 M BSP angle stop',
    '15 compression × 15 push-fit adapter',
    '1/2 crimp × 1/2 clamp adapter',
    '22 compression × 22 compression union',
  ])('not %s', (id) => expect(isMade(id)).toBe(false))

  it('each pair of either table is there, in every kind that it tells', () => {
    const bySystem = groupBy(shippedSockets, ({ method, system }) => `${method}:${system}`)
    for (const [of, sizes] of Object.entries(reducingSizes))
      for (const pair of sizes.split(', ')) {
        const [larger, smaller] = pair
          .split(' × ')
          .map((size) => bySystem.get(of)!.find((socket) => socket.size === size))
        // Three eighths is not in every system.
        if (!larger || !smaller) continue
        expect([of, pair, isMade(`${larger.label} × ${smaller.label} reducer`)]).toEqual([of, pair, true])
        const tee = `${larger.label} × ${larger.label} × ${smaller.label} tee`
        expect([tee, isMade(tee)]).toEqual([tee, true])
      }
    for (const [of, sizes] of Object.entries(mixedSizes)) {
      const [one, other] = of.split(' + ')
      const found = shippedFittings().filter(
        ({ kind, ends }) =>
          kind === 'adapter' &&
          ends.length === 2 &&
          [one, other].every((method) => ends.some((end) => end.type !== 'thread' && end.socket.method === method)),
      )
      const told = new Set(
        found.map(({ ends }) =>
          ends
            .toSorted((a, b) => (a.type !== 'thread' && a.socket.method === one ? -1 : b.type === 'thread' ? 0 : 1))
            .map((end) =>
              end.type === 'thread' ? '' : end.socket.system === 'old-size olive' ? '22' : end.socket.size,
            )
            .join(' × '),
        ),
      )
      expect([of, [...told].toSorted()]).toEqual([of, sizes.split(', ').toSorted()])
    }
  })

  it('metric and inch meet in no body, nor BSP and NPT but in brass of a half and three quarters', () => {
    for (const { id, kind, ends } of shippedFittings()) {
      const families = new Set(
        ends.flatMap((end) => (end.type === 'thread' || end.socket.method === 'thread' ? [] : [end.socket.family])),
      )
      expect([id, families.has('metric') && families.has('cts')]).toEqual([id, false])
      const threads = new Set(ends.flatMap((end) => (end.type === 'thread' ? [end.system] : [])))
      if (threads.size > 1) expect([id, kind, /^(1\/2|3\/4) /.test(id)]).toEqual([id, 'thread adapter', true])
    }
  })

  it('what older jobs name is known by its name all the same', () => {
    const known = new Set(nameableFittings().map(({ id }) => id))
    expect(known.has('22 press × 16 multilayer press adapter')).toBe(true)
    for (const id of made) expect(known.has(id)).toBe(true)
  })
})

describe('the thread that goes with a pipe', () => {
  const of = (id: string) => threadFor(shippedSockets.find((socket) => socket.id === id)!)
  it.each([
    ['solder:EN 1254-1:12', '1/2'],
    ['solder:EN 1254-1:18', '1/2'],
    ['solder:EN 1254-1:22', '3/4'],
    ['solder:EN 1254-1:54', '2'],
    ['press-multilayer:EN ISO 21003:20', '1/2'],
    ['press-multilayer:EN ISO 21003:26', '3/4'],
    ['press-multilayer:EN ISO 21003:32', '1'],
    ['compression:insert set, metric:20', '1/2'],
    ['compression-pe:EN 12201 mechanical:20', '1/2'],
    ['compression-pe:EN 12201 mechanical:25', '3/4'],
    ['compression-pe:EN 12201 mechanical:63', '2'],
    ['push-fit:metal body, CTS:3/4', '3/4'],
    ['compression:by outside diameter, inch:7/8', '3/4'],
    ['thread:NPT:1', '1'],
  ])('%s: %s', (id, size) => expect(of(id)).toBe(size))

  it('is offered with the next to each side, and no other', () => {
    const sizes = shippedFittings()
      .filter(({ id }) => /^22 solder × .* M BSP adapter$/.test(id))
      .map(({ ends }) => (ends[1]!.type === 'thread' ? ends[1]!.size : ''))
    expect(sizes).toEqual(threadSizes.slice(0, 3))
  })
})
