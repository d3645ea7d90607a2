import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { methodIds, type MethodId } from '../methods/ids'
import type { Pipe } from '../catalogue/pipe'
import { shippedSockets } from '../catalogue/socket'
import type { Condition, Place, Service } from '../job/place'
import { profiles } from '../workshop/profile'
import { said } from '../testing/said'
import { pipeId } from '../testing/sample-run'
import { shippedCosts as costs } from '../workshop/costs'
import { cheapestChains } from './chains/chain'
import { fittingScore, jointScore, toolScore } from './chains/chain-score'
import { endSize, isInLine, matingKey, ownKey, type Fitting, type FittingEnd } from '../catalogue/fitting'
import { galvanicReason } from './chains/galvanic-chain'
import { fittingPrice } from './price'
import { fittingsFrom, shippedFittings } from '../catalogue/fittings'
import { inLine } from './chains/chain-by-piece'
import { join } from './join'
import { judge, judgeInSocket, type Circumstances } from './judge'
import type { Verdict } from './verdict'
import { fitsBySize } from '../catalogue/fit'

const pipe = (...of: Parameters<typeof pipeId>): Pipe => catalogue.pipe(pipeId(...of))!
const at = (place: Place = {}, service: Service = 'cold', condition: Condition = {}): Circumstances => ({
  service,
  place,
  profile: profiles.metric,
  condition,
})
const verdict = (of: Pipe, method: MethodId, circumstances = at()) =>
  judge(catalogue, of, method, circumstances).verdict
const copper22 = pipe('EN 1057', '22', 0.9)
const copper15 = pipe('EN 1057', '15', 0.7)
const pexA = pipe('ASTM F876', '1/2', 'pex-a')
const pexB = pipe('ASTM F876', '1/2', 'pex-b')

/** f fits, c caution, - refuse, in the order of methodIds. */
const table: readonly (readonly [string, Pipe, string])[] = [
  ['half-hard copper', copper22, 'ff----ff--c-'],
  ['soft copper, metric', pipe('EN 1057', '15', 'R220'), 'fc-----f--c-'],
  ['soft copper, inch', catalogue.pipe('copper-soft-astm-b88-l-1-2')!, 'fc-----f--c-'],
  ['PEX-A, inch', pexA, '---fffff--c-'],
  ['PEX-B, inch', pexB, '---ff-ff--c-'],
  ['PEX-A, metric', pipe('EN ISO 15875', '16', 'pex-a'), '--c----f--c-'],
  ['multilayer', pipe('EN ISO 21003', '16'), '--f----f--c-'],
  ['polybutylene, metric', pipe('BS 7291', '15', 'pb'), '------ff--c-'],
  ['old grey polybutylene', pipe('old grey CTS', '1/2'), '---cc-cc--c-'],
  ['CPVC', pipe('ASTM D2846', '1/2'), '------fc-fc-'],
  ['PVC-U', pipe('ASTM D1785', '1/2', 'Schedule 40'), '-------c-fc-'],
  ['PE', pipe('EN 12201', '25'), '--------f-c-'],
  ['PP-R', pipe('EN ISO 15874', '20', 'SDR6'), '----------cf'],
  ['galvanised steel', pipe('EN 10255', '1/2'), '-------c--f-'],
  ['stainless', pipe('EN 10312', '15'), '-f----cc--c-'],
  ['carbon steel on heating', pipe('EN 10305-3', '15'), '-f-----c--c-'],
  ['lead', catalogue.pipes.find(({ material }) => material === 'lead')!, '------------'],
]

describe('method against pipe', () => {
  it.each(table)('%s', (_, of, expected) => {
    const circumstances = at({}, of.material === 'carbon-steel' ? 'heating-flow' : 'cold')
    const letters = methodIds.map(
      (method) => ({ fits: 'f', caution: 'c', refuse: '-' })[verdict(of, method, circumstances)],
    )
    expect(letters.join('')).toBe(expected)
  })
})

const shared = { service: 'cold', place: {}, conditionA: {}, conditionB: {}, profile: 'metric' } as const
const best = (a: Pipe, b: Pipe) => join(catalogue, { a, b }, shared).chains[0]?.fittings.map(({ label }) => label)

describe('transitions', () => {
  it('finds what the trade uses', () => {
    expect(best(pipe('BS 659', '3/4'), copper22)?.[0]).toContain('converter')
    expect(best(pipe('EN 12201', '25'), pipe('EN 12201', '20'))).toEqual([
      '25 PE compression × 20 PE compression reducer',
    ])
    expect(best(pipe('ASTM A53', '3/4'), pipe('ASTM D1785', '3/4', 'Schedule 40'))).toEqual([
      '3/4 NPT thread × 3/4 F NPT coupling',
      '3/4 PVC solvent × 3/4 M NPT adapter',
    ])
    const pexToCopper = join(catalogue, { a: pexB, b: pipe('ASTM B88', '1/2', 'L') }, shared).chains.map(({ joints }) =>
      joints.map(({ method }) => method).join('+'),
    )
    expect(pexToCopper).toContain('push-fit+push-fit')
    expect(pexToCopper).toContain('crimp+press-metal')
  })

  it('says why nothing joins, and what to do', () => {
    expect(said(join(catalogue, { a: table.at(-1)![1], b: copper22 }, shared).none)).toContain('replace')
  })

  const chains = (a: Pipe, b: Pipe, more: Partial<Parameters<typeof join>[2]> = {}) =>
    join(catalogue, { a, b }, { ...shared, ...more }).chains
  const names = (...of: Parameters<typeof chains>) =>
    chains(...of).map(({ fittings }) => fittings.map(({ label }) => label).join(' + '))
  const oldBore = pipe('BS 659', '3/4')
  const galvanised = pipe('ASTM A53', '3/4')
  const inchCopper = pipe('ASTM B88', '3/4', 'L')

  it('old three-quarter bore: to itself, to 15 without a flame, to PE', () => {
    expect(names(oldBore, oldBore)).toEqual(['old 3/4 compression × old 3/4 compression coupling'])
    const cold = chains(oldBore, copper15, { place: { hotWork: 'forbidden' } })
    expect(cold[0]).toMatchObject({ hot: 0, fittings: [{ label: 'old 3/4 compression × 15 compression reducer' }] })
    expect(names(oldBore, pipe('EN 12201', '25'))[0]).toBe('old 3/4 compression × 25 PE compression adapter')
  })

  it('where fittings alone do not lead there, a short piece of copper stands between: old three-quarter to 28', () => {
    const answer = join(catalogue, { a: oldBore, b: pipe('EN 1057', '28', 0.9) }, shared)
    expect(answer.none).toBeNull()
    const [best] = answer.chains
    expect(inLine(best!)).toEqual([
      'old 3/4 compression × 22 compression converter',
      'piece of 22 × 0.9 copper half-hard',
      '28 press × 22 press reducer',
    ])
    // A joint at either end of the piece as well, with their minutes and rings.
    expect(best!.joints.map(({ method }) => method)).toEqual([
      'compression',
      'compression',
      'press-metal',
      'press-metal',
    ])
    const ways = answer.chains.map(({ tools }) => tools.toSorted().join())
    expect(new Set(ways).size).toBe(ways.length)
    expect(answer.chains.map(({ score }) => score)).toEqual(
      answer.chains.map(({ score }) => score).toSorted((x, y) => x - y),
    )
    expect(chains(oldBore, copper22).every(({ piece }) => piece === null)).toBe(true)
  })

  it('no piece helps where one of the two takes no joint at all', () => {
    expect(join(catalogue, { a: oldBore, b: pipe('EN 10305-3', '22') }, shared)).toMatchObject({ chains: [] })
  })

  it('PEX-AL-PEX in inches has its own system, and goes to copper by NPT', () => {
    const own = pipe('ASTM F1281', '1/2')
    expect(verdict(own, 'compression')).toBe('fits')
    expect(verdict(own, 'press-multilayer')).toBe('refuse')
    const joined = names(own, pipe('ASTM B88', '1/2', 'L'))
    expect(joined[0]).toContain('PEX-AL-PEX compression')
    expect(joined[0]).toContain('NPT')
    expect(joined[0]).not.toContain('BSP')
  })

  it('metric 15 to half-inch tube size by a brass adapter from BSP to NPT, no narrower than it must be', () => {
    const joined = names(copper15, pipe('ASTM B88', '1/2', 'L'))
    expect(joined[0]).toMatch(/BSP.*NPT|NPT.*BSP/)
    expect(joined[0]).toContain('thread adapter')
    expect(names(copper22, inchCopper)[0]).not.toContain('1/2')
  })

  it('a solder by expansion adapter is offered, and its hot end is made and cooled first', () => {
    const found = chains(pexA, pipe('ASTM B88', '1/2', 'L')).find(
      ({ tools }) => tools.includes('solder') && tools.includes('expansion'),
    )
    expect(found).toBeDefined()
    const hot = found!.joints.find(({ method }) => method === 'solder')!
    expect(hot.reasons.map((reason) => said(reason)).join()).toContain('let it cool')
    const plain = chains(copper15, copper22).find(({ hot: flames }) => flames > 0)!
    expect(plain.joints.flatMap(({ reasons }) => reasons.map((reason) => said(reason))).join()).not.toContain(
      'let it cool',
    )
  })

  it('PVC comes down a size by a bushing, and its socket to a thread', () => {
    const labels = shippedFittings().map(({ label }) => label)
    expect(labels).toContain('3/4 PVC solvent FTG × 1/2 PVC solvent bushing')
    expect(labels).toContain('3/4 PVC solvent FTG × 1/2 F NPT bushing')
  })

  it('brass between copper and steel is enough; where a profile asks for one, a dielectric union is; said once where neither is', () => {
    const galvanic = (more: Partial<Parameters<typeof join>[2]> = {}) =>
      chains(galvanised, inchCopper, more).map(({ fittings, joints }) => ({
        fittings: fittings.map(({ label }) => label).join(' + '),
        said: joints.flatMap(({ reasons }) => reasons.filter(({ rule }) => rule === 'galvanic')),
      }))
    const byBrass = galvanic()
    expect(byBrass.length).toBeGreaterThan(1)
    for (const chain of byBrass) expect(chain.said).toEqual([])
    const byUnion = galvanic({ profile: 'us-b' })
    const [withUnion, without] = [true, false].map((is) =>
      byUnion.filter((of) => of.fittings.includes('dielectric union') === is),
    )
    expect(withUnion!.length).toBeGreaterThan(0)
    for (const chain of withUnion!) expect(chain.said).toEqual([])
    for (const chain of without!) expect(chain.said).toHaveLength(1)
  })

  it('where a profile wants a dielectric union, a plastic body keeps them apart as well, and brass does not', () => {
    const end = (of: Pipe) => ({ pipe: of, circumstances: { ...at(), profile: profiles['us-b'] } })
    const between = (test: (fitting: Fitting) => boolean) => {
      const fitting = shippedFittings().find(test)!
      return galvanicReason(end(inchCopper), end(galvanised), [fitting])?.message
    }
    const takes = (method: MethodId) => (of: FittingEnd) => of.type === 'socket' && of.socket.method === method
    expect(between(({ kind, ends }) => kind === 'adapter' && ends.some(takes('solvent')))).toBeUndefined()
    expect(between(({ kind }) => kind === 'dielectric union')).toBeUndefined()
    expect(between(({ kind, ends }) => kind === 'adapter' && ends.some(takes('compression')))).toBe('touch')
    expect(galvanicReason(end(inchCopper), end(pexB), [])).toBeNull()
  })

  it('copper upstream of galvanised steel stays a caution, whatever stands between', () => {
    const [first] = chains(inchCopper, galvanised, { conditionA: { upstream: true } })
    const told = first!.joints.flatMap(({ reasons }) => reasons.filter(({ rule }) => rule === 'galvanic'))
    expect(told.map((reason) => said(reason))).toEqual([expect.stringContaining('whatever is between')])
    expect(first!.verdict).toBe('caution')
  })

  it('has thousands of fittings, each with an id of its own and ends of its kind', () => {
    const fittings = shippedFittings()
    expect(fittings.length).toBeGreaterThan(2000)
    expect(new Set(fittings.map(({ id }) => id)).size).toBe(fittings.length)
    for (const { kind, ends } of fittings) expect(ends).toHaveLength({ tee: 3, cap: 1, plug: 1 }[kind as 'tee'] ?? 2)
  })

  it('tees come down as couplings of their sizes do, elbows not at all, and a repair coupling turns no corner', () => {
    // Made anew: what is kept from an earlier test would hide a change.
    const all = fittingsFrom(shippedSockets)
    const sizes = (kind: string, system: string) =>
      all
        .filter(
          (fitting) =>
            fitting.kind === kind && fitting.ends.every((end) => 'socket' in end && end.socket.system === system),
        )
        .map(({ ends }) => ends.map((end) => ('socket' in end ? end.socket.size : '')).join('×'))
    expect(sizes('elbow 90', 'EN 1254-1').filter((of) => new Set(of.split('×')).size > 1)).toEqual([])
    expect(sizes('tee', 'EN 1254-1')).toEqual(expect.arrayContaining(['22×22×22', '22×22×15', '22×15×15', '22×15×22']))
    for (const not of ['15×22×15', '15×15×22', '54×54×15', '28×12×12'])
      expect(sizes('tee', 'EN 1254-1')).not.toContain(not)
    const turning = all.filter(({ kind }) => /elbow|tee/.test(kind))
    expect(
      turning.every(({ ends }) => ends.every((end) => !('socket' in end) || end.socket.system !== 'repair coupling')),
    ).toBe(true)
  })

  it('puts no plastic female thread on a metal male', () => {
    const chains = join(catalogue, { a: pipe('ASTM D1785', '3/4', 'Schedule 40'), b: pipe('ASTM A53', '3/4') }, shared)
    for (const { fittings } of chains.chains)
      expect(fittings.filter(({ label }) => /solvent.* F NPT/.test(label))).toEqual([])
  })

  it('says what a chain costs and takes', () => {
    const [first] = join(catalogue, { a: copper15, b: copper15 }, { ...shared, place: { hotWork: 'forbidden' } }).chains
    expect(first).toMatchObject({ hot: 0, tools: ['press-metal'], minutes: 4, cost: 3.8 })
  })

  it('misses no cheaper chain: the same as trying every chain of up to three fittings', () => {
    const sockets = shippedSockets.filter(
      ({ method, size }) => ['solder', 'compression', 'push-fit'].includes(method) && ['15', '22'].includes(size),
    )
    const few = fittingsFrom(sockets).filter(isInLine)
    const circumstances = at()
    const judged = (of: Pipe, socket: (typeof sockets)[number]): Verdict[] => {
      const found = fitsBySize(of, socket) ? judgeInSocket(of, socket, circumstances) : null
      return found && found.verdict !== 'refuse' ? [found] : []
    }
    const added = (before: readonly Verdict[], joint: Verdict) => jointScore(joint, costs) + toolScore(before, joint)
    const paid = (fitting: (typeof few)[number]) => fittingScore(fitting, fittingPrice(fitting, costs))
    const meeting = (open: FittingEnd): Verdict => ({
      method: open.type === 'thread' ? 'thread' : open.socket.method,
      verdict: 'fits',
      reasons: [],
    })
    const onto = (fitting: (typeof few)[number], open: FittingEnd) =>
      ([0, 1] as const).filter((side) => {
        const end = fitting.ends[side]!
        const bothParallel =
          open.type === 'thread' && end.type === 'thread' && open.form === 'parallel' && end.sex === 'F'
        return ownKey(end) === matingKey(open) && endSize(end) === endSize(open) && !bothParallel
      })
    /** The least score from an open end onward, by trying everything. */
    const tryAll = (open: FittingEnd, b: Pipe, left: number, joints: readonly Verdict[]): number => {
      const here = open.type === 'socket' ? judged(b, open.socket).map((last) => added(joints, last)) : []
      if (left === 0) return Math.min(Infinity, ...here)
      const joint = meeting(open)
      const onward = few.flatMap((fitting) =>
        onto(fitting, open).map(
          (side) =>
            paid(fitting) +
            added(joints, joint) +
            tryAll(fitting.ends[side === 0 ? 1 : 0]!, b, left - 1, [...joints, joint]),
        ),
      )
      return Math.min(Infinity, ...here, ...onward)
    }
    const pipes = [copper15, copper22, pipe('BS 659', '1/2'), pipe('BS 7291', '22', 'pb'), pexB]
    fc.assert(
      fc.property(fc.constantFrom(...pipes), fc.constantFrom(...pipes), (a, b) => {
        const starts = few.flatMap((fitting) =>
          ([0, 1] as const).flatMap((side) => {
            const end = fitting.ends[side]!
            const first = end.type === 'socket' ? judged(a, end.socket) : []
            return first.map(
              (joint) => paid(fitting) + added([], joint) + tryAll(fitting.ends[side === 0 ? 1 : 0]!, b, 2, [joint]),
            )
          }),
        )
        const least = Math.min(Infinity, ...starts)
        const found =
          cheapestChains(few, { pipe: a, circumstances }, { pipe: b, circumstances }, { wanted: 1 })[0]?.score ??
          Infinity
        expect(found).toBeCloseTo(least, 2)
      }),
      { numRuns: 25 },
    )
  })
})
