import { describe, expect, it } from 'vitest'
import { pipeId } from '../testing/sample-run'
import { shippedCatalogue as catalogue } from './catalogue'
import type { MethodId } from '../methods/ids'
import { endIdentity, type FittingEnd, type ThreadEnd } from './fitting'
import { shippedFittings } from './fittings'
import { isLeastDepth, shippedSockets } from './socket'
import { supportSpacing } from './support-spacing'

const socketOf = (id: string) => catalogue.sockets.find((socket) => socket.id === id)!
const socketSize = (method: MethodId, id: string) => catalogue.socketFor(method, catalogue.pipe(id)!)?.size

describe('the catalogue', () => {
  it('has an id for every row, each its own, and keeps every figure', () => {
    expect(catalogue.pipes).toHaveLength(243)
    expect(new Set(catalogue.pipes.map(({ id }) => id)).size).toBe(243)
    expect(catalogue.pipe(pipeId('ASTM B88', '3/4', 'L'))).toMatchObject({
      od: 22.225,
      wall: 1.143,
      odTolerance: 0.05,
      basis: 'standard',
    })
  })

  it('finds sockets by outside diameter, never by nominal name', () => {
    // 3/4 copper tube size is 7/8 inch outside: that is what a compression fitting by outside diameter is called.
    expect(socketSize('compression', pipeId('ASTM B88', '3/4', 'L'))).toBe('7/8')
    expect(socketSize('push-fit', pipeId('ASTM D2846', '1/2'))).toBe('1/2')
    // Schedule pipe of the same name is 21.3 mm, not 15.9.
    expect(socketSize('push-fit', pipeId('ASTM D1785', '1/2', 'Schedule 40'))).toBeUndefined()
    // 16.0 metric PEX lies within a tenth of 15.88 and still is not copper tube size.
    expect(socketSize('crimp', pipeId('EN ISO 15875', '16', 'S4'))).toBeUndefined()
    expect(socketSize('solder', pipeId('EN 1057', '22', 0.9))).toBe('22')
  })

  it('puts old bore in 15 and 28 where the trade does, and never in 22', () => {
    expect(socketSize('solder', pipeId('BS 659', '1/2'))).toBe('15')
    expect(socketSize('push-fit', pipeId('BS 659', '1/2'))).toBe('15')
    expect(socketSize('compression', pipeId('BS 659', '1'))).toBe('28')
    expect(socketSize('push-fit', pipeId('BS 659', '1'))).toBeUndefined()
    expect(socketSize('solder', pipeId('BS 659', '3/4'))).toBeUndefined()
    expect(catalogue.converterSocketFor('solder', catalogue.pipe(pipeId('BS 659', '3/4'))!)?.insertion).toMatchObject({
      mm: 15.5,
      tolerance: 2,
    })
  })

  it('knows the converter of old 3/4 bore by method, and of no other pipe', () => {
    const old = catalogue.pipe(pipeId('BS 659', '3/4'))!
    for (const method of ['solder', 'compression'] as const) {
      const socket = catalogue.converterSocketFor(method, old)
      expect(socket).toMatchObject({ method, family: 'old-bore', insertion: { basis: 'typical' } })
    }
    expect(catalogue.converterSocketFor('crimp', old)).toBeUndefined()
    expect(catalogue.converterSocketFor('solder', catalogue.pipe(pipeId('EN 1057', '22', 0.9))!)).toBeUndefined()
  })

  it('has the take-off of its table, of a size between or beyond its rows by these, and none of what is not made', () => {
    expect(catalogue.takeOff(socketOf('solder:EN 1254-1:22'), 'elbow-90', 'either')).toEqual({
      mm: 14.6,
      tolerance: 1.5,
      basis: 'typical',
    })
    // Compression elbows of 15 and 22 take off 14 and 18.9; 7/8 is 22.225: on the line of 22 and 28.
    const inch = catalogue.takeOff(socketOf('compression:by outside diameter, inch:7/8'), 'elbow-90', 'either')!
    const metric = (size: string) => catalogue.takeOff(socketOf(`compression:EN 1254-2:${size}`), 'elbow-90', 'either')!
    const [at22, at28] = [metric('22').mm, metric('28').mm]
    expect(inch.mm).toBeCloseTo(at22 + ((at28 - at22) * 0.225) / 6, 1)
    expect(inch.tolerance).toBeCloseTo(1.5 * metric('22').tolerance, 6)
    expect(catalogue.takeOff(socketOf('compression:EN 1254-2:22'), 'union', 'either')).toBeNull()
  })
})

describe('support distances', () => {
  const spacing = (profile: 'metric' | 'us-a', id: string, attitude: 'horizontal' | 'vertical') =>
    supportSpacing(profile, catalogue.pipe(id)!, attitude)?.mm

  it('differ by size, attitude and profile', () => {
    expect(spacing('metric', pipeId('EN 1057', '15', 0.7), 'horizontal')).toBe(1200)
    expect(spacing('metric', pipeId('EN 1057', '15', 0.7), 'vertical')).toBe(1800)
    // 15.14 is above the row that ends at 15.
    expect(spacing('metric', pipeId('BS 659', '1/2'), 'horizontal')).toBe(1800)
    expect(spacing('us-a', pipeId('ASTM F876', '1/2', 'pex-a'), 'horizontal')).toBe(813)
    // 16.002 stands in the gap between the rows to 16 and from 16.1.
    expect(spacing('metric', pipeId('ASTM F1281', '1/2'), 'horizontal')).toBe(1200)
  })

  it('are unknown where the profile is silent', () => {
    expect(spacing('us-a', pipeId('EN 10312', '15'), 'horizontal')).toBeUndefined()
    expect(spacing('metric', pipeId('EN 10312', '15'), 'horizontal')).toBe(1200)
  })
})

it('a depth is the least engagement where its standard says so, and nowhere else', () => {
  const [socket] = shippedSockets
  const of = (basis: 'standard' | 'typical', note: string) =>
    isLeastDepth({ ...socket!, insertion: { mm: 15, tolerance: 1, basis }, note })
  expect([of('standard', 'least engagement, so'), of('standard', 'whole'), of('typical', 'least engagement')]).toEqual([
    true,
    false,
    false,
  ])
  expect(isLeastDepth({ ...socket!, insertion: null, note: 'least engagement' })).toBe(false)
})

it('ends are the same to what goes into them by wall, taper and size, and by no more', () => {
  const thread: ThreadEnd = { type: 'thread', system: 'BSP', size: '1/2', sex: 'M', form: 'taper', plastic: false }
  const socket = shippedFittings().find(({ kind }) => kind === 'coupling')!.ends[0]!
  const others = [
    { ...thread, plastic: true },
    { ...thread, form: 'parallel' as const },
    { ...thread, sex: 'F' as const },
    { ...thread, size: '3/4' },
    { ...thread, system: 'NPT' as const },
    socket,
  ]
  expect(new Set([thread, { ...thread }, ...others].map(endIdentity)).size).toBe(1 + others.length)
})

describe('bodies between two systems', () => {
  const all = shippedFittings()
  const methodsOf = (kind: string) =>
    all
      .filter((of) => of.kind === kind)
      .map(({ ends }) => ends.map((end) => (end.type === 'thread' ? 'thread' : end.socket.method)))
  it('a stub-out leads plastic behind the wall to copper of its size before it, and nothing else', () => {
    const stubs = all.filter(({ kind }) => kind === 'stub-out')
    expect(stubs.length).toBeGreaterThan(3)
    for (const { id, ends } of stubs) {
      const [behind, before] = ends as [
        Extract<FittingEnd, { type: 'socket' }>,
        Extract<FittingEnd, { type: 'spigot' }>,
      ]
      expect(['crimp', 'clamp', 'expansion', 'press-multilayer'], id).toContain(behind.socket.method)
      expect([before.type, before.socket.method, before.socket.family], id).toEqual([
        'spigot',
        'solder',
        behind.socket.family,
      ])
      expect(Math.abs(before.socket.od - behind.socket.od), id).toBeLessThan(3)
    }
  })

  it('an adapter joins two methods of one family of sizes, near enough for one body', () => {
    const mixed = all.filter(
      ({ kind, ends }) =>
        kind === 'adapter' && ends.every(({ type }) => type === 'socket') && new Set(methodsOf(kind).flat()).size > 1,
    )
    expect(mixed.length).toBeGreaterThan(20)
    for (const { id, ends } of mixed) {
      const [one, other] = ends.map((end) => (end.type === 'thread' ? null : end.socket))
      if (!one || !other || one.family === 'old-bore' || other.family === 'old-bore') continue
      if (one.family !== other.family) continue
      expect(Math.max(one.od, other.od) / Math.min(one.od, other.od), id).toBeLessThanOrEqual(2.3)
    }
    expect(all.some(({ id }) => id === '22 solder × 16 multilayer press adapter')).toBe(false)
  })
})
