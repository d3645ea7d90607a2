import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { methodIds, type MethodId } from '../catalogue/method'
import type { Pipe } from '../catalogue/pipe'
import { shippedSockets } from '../catalogue/socket'
import type { Condition, Place, Service } from '../job/place'
import { profiles } from '../job/profile'
import { pipeId } from '../sample-run'
import { cheapestChains, jointScore } from './chain'
import { matingKey, ownKey } from './fitting'
import { fittingsFrom, shippedFittings } from './fitting-catalogue'
import { join } from './join'
import { judge, judgeInSocket, type Circumstances } from './judge'
import { fitsBySize } from '../catalogue/fit'
import { rules } from './rules'

const pipe = (...of: Parameters<typeof pipeId>): Pipe => catalogue.pipe(pipeId(...of))!
const at = (
  place: Place = {},
  service: Service = 'cold',
  condition: Condition = {},
  tools?: MethodId[],
): Circumstances => ({ service, place, profile: profiles.metric, condition, tools })
const verdict = (of: Pipe, method: MethodId, circumstances = at()) =>
  judge(catalogue, of, method, circumstances).verdict
const ruled = (of: Pipe, method: MethodId, rule: string, circumstances = at()) =>
  judge(catalogue, of, method, circumstances).reasons.find((reason) => reason.rule === rule)

const copper22 = pipe('EN 1057', '22', 0.9)
const copper15 = pipe('EN 1057', '15', 0.7)
const pexA = pipe('ASTM F876', '1/2', 'pex-a')
const pexB = pipe('ASTM F876', '1/2', 'pex-b')

/** f fits, c caution, - refuse, in the order of methodIds. */
const table: readonly (readonly [string, Pipe, string])[] = [
  ['half-hard copper', copper22, 'ff----ff--c'],
  ['soft copper, metric', pipe('EN 1057', '15', 'R220'), 'fc-----f--c'],
  ['soft copper, inch', catalogue.pipe('copper-soft-astm-b88-l-1-2')!, 'fc-----f--c'],
  ['PEX-A, inch', pexA, '---fffff--c'],
  ['PEX-B, inch', pexB, '---ff-ff--c'],
  ['PEX-A, metric', pipe('EN ISO 15875', '16', 'pex-a'), '--c----f--c'],
  ['multilayer', pipe('EN ISO 21003', '16'), '--f----f--c'],
  ['polybutylene, metric', pipe('BS 7291', '15', 'pb'), '------ff--c'],
  ['old grey polybutylene', pipe('old grey CTS', '1/2'), '---cc-ff--c'],
  ['CPVC', pipe('ASTM D2846', '1/2'), '------fc-fc'],
  ['PVC-U', pipe('ASTM D1785', '1/2', 'Schedule 40'), '-------c-fc'],
  ['PE', pipe('EN 12201', '25'), '--------f-c'],
  ['PP-R', pipe('EN ISO 15874', '20', 'SDR6'), '----------c'],
  ['galvanised steel', pipe('EN 10255', '1/2'), '-------c--f'],
  ['stainless', pipe('EN 10312', '15'), '-f----cc--c'],
  ['carbon steel on heating', pipe('EN 10305-3', '15'), '-f-----c--c'],
  ['lead', catalogue.pipes.find(({ material }) => material === 'lead')!, '-----------'],
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

describe('rules', () => {
  it('each has an id of its own, a statement, a why', () => {
    expect(new Set(rules.map(({ meta }) => meta.id)).size).toBe(rules.length)
    for (const { meta } of rules) expect(meta.statement.length > 20 && meta.why.length > 20).toBe(true)
  })

  it('bmt: 1/2 goes in 15, with care under rubber; 1 goes in 28; 3/4 needs a converter', () => {
    const [half, threeQuarter, one] = [pipe('BS 659', '1/2'), pipe('BS 659', '3/4'), pipe('BS 659', '1')]
    expect([verdict(half, 'solder'), verdict(half, 'push-fit'), verdict(half, 'press-metal')]).toEqual([
      'fits',
      'caution',
      'caution',
    ])
    expect([verdict(one, 'solder'), verdict(one, 'compression'), verdict(one, 'press-metal')]).toEqual([
      'fits',
      'fits',
      'refuse',
    ])
    expect(verdict(threeQuarter, 'solder')).toBe('refuse')
    expect(ruled(threeQuarter, 'solder', 'bmt')?.text).toContain('converter')
    expect(ruled(threeQuarter, 'compression', 'bmt')?.text).toContain('old-size olive')
  })

  it('service-temperature: PVC-U and PE cold only, plastic below its limit', () => {
    expect(verdict(pipe('ASTM D1785', '3/4', 'Schedule 40'), 'solvent', at({}, 'hot'))).toBe('refuse')
    expect(verdict(pexA, 'crimp', at({}, 'hot'))).toBe('fits')
    expect(verdict(pexA, 'crimp', at({ temperature: 85 }, 'hot'))).toBe('refuse')
    expect(verdict(copper22, 'press-metal', at({ temperature: 85 }, 'hot'))).toBe('fits')
  })

  it('oxygen-barrier: on heating, PEX without a barrier is refused, multilayer not', () => {
    expect(verdict(pexB, 'crimp', at({}, 'heating-flow'))).toBe('refuse')
    expect(verdict(pexB, 'crimp', at({ barrier: true }, 'heating-flow'))).toBe('fits')
    expect(verdict(pexB, 'crimp', at({ ferrous: false }, 'heating-flow'))).toBe('fits')
    expect(verdict(pipe('EN ISO 21003', '16'), 'press-multilayer', at({}, 'heating-flow'))).toBe('fits')
  })

  it('heating-only: carbon steel in drinking water', () => {
    expect(ruled(pipe('EN 10305-3', '22'), 'press-metal', 'heating-only')?.verdict).toBe('refuse')
  })

  it.each<[string, MethodId, Place, string, string]>([
    ['wet-line', 'solder', { wet: true }, 'refuse', 'compression'],
    ['lead-free', 'solder', { leadFree: false }, 'refuse', 'press-metal'],
    ['hot-work', 'solder', { hotWork: 'forbidden' }, 'refuse', 'push-fit'],
    ['hot-work', 'solder', { hotWork: 'combustible-near' }, 'caution', 'push-fit'],
    ['concealed', 'push-fit', { concealed: true }, 'caution', 'solder'],
    ['demountable', 'solder', { demountable: true }, 'refuse', 'compression'],
  ])('%s speaks of %s and not of the other', (rule, method, place, expected, other) => {
    expect(ruled(copper22, method, rule, at(place))?.verdict).toBe(expected)
    expect(verdict(copper22, other as MethodId, at(place))).toBe('fits')
  })

  it('concealed is what the profile makes of it', () => {
    const strict = {
      ...at({ concealed: true }),
      profile: { ...profiles.metric, concealedDemountable: 'refuse' as const },
    }
    expect(verdict(copper22, 'compression', strict)).toBe('refuse')
  })

  it('underground, sunlight, heater-clearance, condition, temper, tool-range', () => {
    expect(verdict(copper22, 'solder', at({ underground: true }))).toBe('refuse')
    expect(verdict(pipe('EN 1057', '22', 'R220'), 'solder', at({ underground: true }))).toBe('refuse')
    expect(verdict(pipe('ASTM B88', '3/4', 'K'), 'solder', at({ underground: true }))).toBe('fits')
    expect(verdict(pexA, 'crimp', at({ outdoors: true }))).toBe('refuse')
    expect(verdict(pexA, 'crimp', at({ heaterDistance: 300 }))).toBe('caution')
    expect(verdict(copper22, 'push-fit', at({}, 'cold', { scored: true }))).toBe('refuse')
    expect(verdict(copper22, 'solder', at({}, 'cold', { ovality: 2 }))).toBe('caution')
    expect(verdict(copper22, 'solder', at({}, 'cold', { ovality: 1.5 }))).toBe('fits')
    expect(ruled(pipe('EN 1057', '15', 'R220'), 'solder', 'temper')?.verdict).toBe('fits')
    expect(verdict(copper22, 'press-metal', at({}, 'cold', {}, ['solder']))).toBe('caution')
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
      '3/4 solvent × 3/4 M NPT adapter',
    ])
    const pexToCopper = join(catalogue, { a: pexB, b: pipe('ASTM B88', '1/2', 'L') }, shared).chains.map(({ joints }) =>
      joints.map(({ method }) => method).join('+'),
    )
    expect(pexToCopper).toContain('push-fit+push-fit')
    expect(pexToCopper).toContain('crimp+press-metal')
  })

  it('says why nothing joins, and what to do', () => {
    expect(join(catalogue, { a: pipe('ASTM B88', '3/4', 'L'), b: copper22 }, shared)).toMatchObject({
      chains: [],
      none: expect.stringContaining('metric'),
    })
    expect(join(catalogue, { a: table.at(-1)![1], b: copper22 }, shared).none).toContain('replace')
  })

  it('gives no plastic female thread', () => {
    const plasticFemale = shippedFittings().filter(({ ends }) =>
      ends.some((end) => end.type === 'thread' && end.plastic && end.sex === 'F'),
    )
    expect(plasticFemale).toEqual([])
  })

  it('misses no cheaper chain: the same as trying every chain of up to three fittings', () => {
    const sockets = shippedSockets.filter(
      ({ method, size }) => ['solder', 'compression', 'push-fit'].includes(method) && ['15', '22'].includes(size),
    )
    const few = fittingsFrom(sockets)
    const circumstances = at()
    const score = (of: Pipe, socket: (typeof sockets)[number]) => {
      const judged = fitsBySize(of, socket) ? judgeInSocket(of, socket, circumstances) : null
      return judged && judged.verdict !== 'refuse' ? jointScore(judged) : Infinity
    }
    /** The least score from an open end onward, by trying everything. */
    const tryAll = (open: (typeof few)[number]['ends'][0], b: Pipe, left: number): number => {
      const here = open.type === 'socket' ? score(b, open.socket) : Infinity
      if (left === 0) return here
      const onward = few.flatMap((fitting) =>
        ([0, 1] as const)
          .filter((side) => ownKey(fitting.ends[side]) === matingKey(open))
          .map(
            (side) =>
              3 +
              jointScore({
                method: open.type === 'thread' ? 'thread' : open.socket.method,
                verdict: 'fits',
                reasons: [],
              }) +
              tryAll(fitting.ends[side === 0 ? 1 : 0], b, left - 1),
          ),
      )
      return Math.min(here, ...onward)
    }
    const pipes = [copper15, copper22, pipe('BS 659', '1/2'), pipe('BS 7291', '22', 'pb'), pexB]
    fc.assert(
      fc.property(fc.constantFrom(...pipes), fc.constantFrom(...pipes), (a, b) => {
        const starts = few.flatMap((fitting) =>
          ([0, 1] as const).map((side) => {
            const end = fitting.ends[side]
            return end.type === 'socket'
              ? 3 + score(a, end.socket) + tryAll(fitting.ends[side === 0 ? 1 : 0], b, 2)
              : Infinity
          }),
        )
        const least = Math.min(...starts)
        const found =
          cheapestChains(few, { pipe: a, circumstances }, { pipe: b, circumstances }, 1)[0]?.score ?? Infinity
        expect(found).toBeCloseTo(least, 2)
      }),
      { numRuns: 25 },
    )
  })
})
