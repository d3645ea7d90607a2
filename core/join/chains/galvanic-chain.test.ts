import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import type { MethodId } from '../../methods/ids'
import { profiles } from '../../workshop/profile'
import { pipeId } from '../../testing/sample-run'
import type { Fitting, FittingEnd } from '../../catalogue/fitting'
import { galvanicReason } from './galvanic-chain'
import type { Circumstances } from '../judge'

const copper = catalogue.pipe(pipeId('EN 1057', '22', 0.9))!
const steel = catalogue.pipe(pipeId('EN 10255', '3/4'))!
const pex = catalogue.pipe(pipeId('EN ISO 15875', '16', 'pex-a'))!

const socket = (method: MethodId) => ({ type: 'socket', socket: { method } }) as unknown as FittingEnd
const thread = { type: 'thread' } as unknown as FittingEnd
const fitting = (kind: string, ...ends: FittingEnd[]) => ({ id: kind, label: kind, kind, ends }) as unknown as Fitting

function says(fittings: Fitting[], of: Partial<Circumstances> = {}, pipes = [copper, steel] as const) {
  const circumstances: Circumstances = { service: 'cold', place: {}, profile: profiles.metric, ...of }
  const [a, b] = pipes.map((pipe) => ({ pipe, circumstances }))
  return galvanicReason(a!, b!, fittings)?.message ?? null
}
const brass = { ...profiles.metric, dielectric: 'brass' as const }
const union = { ...profiles.metric, dielectric: 'dielectric union' as const }

describe('copper to steel, over the whole chain', () => {
  it.each<[string, Fitting, string | null]>([
    ['a dielectric union', fitting('dielectric union', thread, socket('solder')), null],
    ['a valve', fitting('valve', thread, thread), null],
    ['a thread adapter', fitting('thread adapter', thread, thread), null],
    ['a brass body', fitting('coupling', socket('push-fit'), socket('solder')), null],
    ['what is threaded for copper', fitting('adapter', socket('solder'), thread), null],
    ['a steel socket', fitting('coupling', thread, thread), 'touch'],
    ['a steel fitting with threaded sockets', fitting('coupling', socket('thread'), thread), 'touch'],
    ['a copper reducer', fitting('reducer', socket('solder'), socket('solder')), 'touch'],
    ['a pressed coupling', fitting('coupling', socket('press-metal'), socket('press-metal')), 'touch'],
  ])('%s between', (_, between, expected) => {
    expect(says([between], { profile: brass })).toBe(expected)
    expect(says([between], { profile: brass }, [steel, copper])).toBe(expected)
    expect(says([fitting('reducer', socket('solder'), socket('solder')), between], { profile: brass })).toBe(expected)
  })

  it('a profile that asks for a dielectric union takes that or a cemented body, and brass is not enough', () => {
    expect(says([fitting('dielectric union', thread, socket('solder'))], { profile: union })).toBeNull()
    expect(says([fitting('adapter', socket('solvent'), thread)], { profile: union })).toBeNull()
    expect(says([fitting('valve', thread, thread)], { profile: union })).toBe('touch')
    expect(says([fitting('adapter', socket('solder'), thread)], { profile: union })).toBe('touch')
  })

  it('copper upstream of galvanised steel stays a caution whatever stands between', () => {
    const upstream = { profile: brass, condition: { upstream: true } }
    expect(says([], upstream)).toBe('upstream')
    expect(says([fitting('valve', thread, thread)], upstream)).toBe('pits')
  })

  it('says nothing of copper to plastic', () => {
    expect(says([], { profile: brass }, [copper, pex])).toBeNull()
  })
})
