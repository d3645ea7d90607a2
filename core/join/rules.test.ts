import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { MethodId } from '../catalogue/method'
import type { Pipe } from '../catalogue/pipe'
import type { Condition, OwnedTool, Place, Service } from '../job/place'
import { profiles, profileWith } from '../job/profile'
import { said } from '../said'
import { pipeId } from '../sample-run'
import type { ThreadEnd } from './fitting'
import { judge, judgeThreads, type Circumstances } from './judge'
import { ruleMetas } from './rules'
import { velocityOf } from '../flow/velocity'

const pipe = (...of: Parameters<typeof pipeId>): Pipe => catalogue.pipe(pipeId(...of))!
const at = (
  place: Place = {},
  service: Service = 'cold',
  condition: Condition = {},
  tools?: OwnedTool[],
): Circumstances => ({ service, place, profile: profiles.metric, condition, tools })
const verdict = (of: Pipe, method: MethodId, circumstances = at()) =>
  judge(catalogue, of, method, circumstances).verdict
const ruled = (of: Pipe, method: MethodId, rule: string, circumstances = at()) =>
  judge(catalogue, of, method, circumstances).reasons.find((reason) => reason.rule === rule)

const copper22 = pipe('EN 1057', '22', 0.9)
const pexA = pipe('ASTM F876', '1/2', 'pex-a')
const pexB = pipe('ASTM F876', '1/2', 'pex-b')
const galvanised = pipe('EN 10255', '3/4')

describe('rules', () => {
  it('each has an id of its own, a statement, a why', () => {
    expect(new Set(ruleMetas.map(({ id }) => id)).size).toBe(ruleMetas.length)
    for (const { statement, why } of ruleMetas) expect(statement.length > 20 && why.length > 20).toBe(true)
  })

  it('old-bore: 1/2 goes in 15, with care under rubber; 1 goes in 28; 3/4 needs a converter', () => {
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
    expect(said(ruled(threeQuarter, 'solder', 'old-bore'))).toContain('converter')
    expect(said(ruled(threeQuarter, 'compression', 'old-bore'))).toContain('old-size olive')
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
    expect(verdict(copper22, 'press-metal', at({}, 'cold', {}, [{ method: 'solder' }]))).toBe('caution')
  })

  it.each<[string, Pipe, MethodId, Place, string | undefined]>([
    ['heat-near-joint', copper22, 'solder', { heatNear: 449 }, 'caution'],
    ['heat-near-joint', copper22, 'solder', { heatNear: 450 }, undefined],
    ['heat-near-joint', copper22, 'solder', { heatNear: 100, heatOrder: 'wet-wrapped' }, 'caution'],
    ['heat-near-joint', copper22, 'solder', { heatNear: 100, heatOrder: 'neither' }, 'refuse'],
    ['heat-near-joint', copper22, 'push-fit', { heatNear: 100 }, undefined],
    ['alignment', copper22, 'push-fit', { inLine: false }, 'refuse'],
    ['alignment', copper22, 'compression', { inLine: false }, undefined],
    ['same-system', pexA, 'crimp', { system: 'mixed' }, 'refuse'],
    ['same-system', pexA, 'crimp', { system: 'listed' }, 'fits'],
    ['rotation', copper22, 'solder', { oriented: true }, 'caution'],
    ['rotation', pexA, 'crimp', { oriented: true }, 'fits'],
    ['rotation', copper22, 'compression', { oriented: true }, undefined],
    ['stub-out', pexA, 'crimp', { stubOut: 'bare' }, 'refuse'],
    ['stub-out', pexA, 'crimp', { stubOut: 'fixed' }, 'fits'],
    ['stub-out', copper22, 'solder', { stubOut: 'bare' }, undefined],
    ['air-test', pexA, 'crimp', { airTest: 'planned' }, 'refuse'],
    ['air-test', pexA, 'crimp', { airTest: 'maker allows' }, 'fits'],
    ['air-test', copper22, 'solder', { airTest: 'planned' }, undefined],
    ['screed', copper22, 'solder', { screed: true }, 'caution'],
    ['service-temperature', pexA, 'crimp', { solarOrSteam: true }, 'refuse'],
    ['heater-clearance', pexA, 'crimp', { onFlue: true }, 'refuse'],
    ['heater-clearance', pexA, 'crimp', { heatSourceDistance: 999 }, 'caution'],
    ['heater-clearance', pexA, 'crimp', { heatSourceDistance: 1000 }, undefined],
    ['jaw-space', copper22, 'press-metal', { wallDistance: 24 }, 'refuse'],
    ['jaw-space', copper22, 'press-metal', { wallDistance: 25, pipeDistance: 65 }, undefined],
    ['jaw-space', copper22, 'solder', { wallDistance: 1 }, undefined],
  ])('%s of %o by %s, %o', (rule, of, method, place, expected) => {
    expect(ruled(of, method, rule, at(place))?.verdict).toBe(expected)
  })

  it('jaw-space says by how much it is short', () => {
    expect(said(ruled(copper22, 'press-metal', 'jaw-space', at({ wallDistance: 10 })))).toContain('15 mm short')
  })

  it('factory-end: into push-fit only', () => {
    expect(ruled(copper22, 'push-fit', 'factory-end', at({}, 'cold', { factoryEnd: true }))?.verdict).toBe('caution')
    expect(ruled(copper22, 'solder', 'factory-end', at({}, 'cold', { factoryEnd: true }))).toBeUndefined()
  })

  it('galvanic: copper and steel, worse where copper stands upstream', () => {
    const facing = (upstream: boolean) => ({ ...at({}, 'cold', { upstream }), other: galvanised })
    expect(said(ruled(copper22, 'solder', 'galvanic', facing(true)))).toContain('upstream')
    expect(said(ruled(copper22, 'solder', 'galvanic', facing(false)))).toContain('brass')
    expect(ruled(galvanised, 'thread', 'galvanic', { ...at(), other: copper22 })?.verdict).toBe('caution')
    expect(ruled(copper22, 'solder', 'galvanic', { ...at(), other: pexA })).toBeUndefined()
    const union = { ...facing(false), profile: profiles['us-b'] }
    expect(said(ruled(copper22, 'solder', 'galvanic', union))).toContain('dielectric union')
  })

  it('velocity: 20 litres a minute in a 20.2 bore is 1.04 m/s; 60 is too fast', () => {
    expect(velocityOf(20, 20.2)).toBeCloseTo(1.04, 2)
    expect(() => velocityOf(20, 0)).toThrow(RangeError)
    expect(ruled(copper22, 'solder', 'velocity', at({ flow: 40 }))).toBeUndefined()
    expect(ruled(copper22, 'solder', 'velocity', at({ flow: 40 }, 'hot'))?.verdict).toBe('caution')
    expect(said(ruled(copper22, 'solder', 'velocity', at({ flow: 60 })))).toContain('3.1 m/s')
  })

  it('thin-copper and tool-range are what the profile makes of them', () => {
    const gradeM = pipe('ASTM B88', '1/2', 'M')
    const strict = profileWith('us-a', { thinCopper: 'refuse', missingTool: 'refuse' })
    expect(verdict(gradeM, 'solder', at())).toBe('fits')
    expect(verdict(gradeM, 'solder', { ...at(), profile: strict })).toBe('refuse')
    expect(verdict(copper22, 'press-metal', { ...at({}, 'cold', {}, []), profile: strict })).toBe('refuse')
  })

  it('tool-range: owned in other sizes only', () => {
    const jaws = at({}, 'cold', {}, [{ method: 'press-metal', sizes: ['15', '28'] }])
    expect(said(ruled(copper22, 'press-metal', 'tool-range', jaws))).toContain('does not hold 22')
    expect(ruled(pipe('EN 1057', '15', 0.7), 'press-metal', 'tool-range', jaws)).toBeUndefined()
  })
})

describe('rules of two threads', () => {
  const end = (sex: 'M' | 'F', rest: Partial<ThreadEnd> = {}): ThreadEnd => ({
    type: 'thread',
    system: 'BSP',
    size: '1/2',
    sex,
    form: 'taper',
    plastic: false,
    ...rest,
  })
  it.each<[string, ThreadEnd, ThreadEnd, string]>([
    ['NPT in BSP', end('M', { system: 'NPT' }), end('F'), 'refuse'],
    ['taper in taper', end('M'), end('F'), 'fits'],
    ['taper in parallel', end('M'), end('F', { form: 'parallel' }), 'fits'],
    ['parallel in taper', end('M', { form: 'parallel' }), end('F'), 'refuse'],
    ['metal in plastic', end('M'), end('F', { plastic: true }), 'refuse'],
    ['plastic in metal', end('M', { plastic: true }), end('F'), 'fits'],
    ['plastic in plastic', end('M', { plastic: true }), end('F', { plastic: true }), 'caution'],
  ])('%s', (_, male, female, expected) => expect(judgeThreads(male, female).verdict).toBe(expected))
})
