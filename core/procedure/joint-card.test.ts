import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { methodIds, type MethodId } from '../methods/ids'
import { profiles } from '../workshop/profile'
import { pipeId } from '../testing/sample-run'
import { speakerIn } from '../speech'
import { jointCard, type CardPlace } from './joint-card'
import type { Attitude } from './procedure'
import { solderLength } from '../methods/solder-length'
import { countSundries } from '../pipework/list/sundries'
import { mostWraps } from '../methods/thread-tape'
import { suppliesFor } from '../pipework/list/supplies'

const pipe = (...of: Parameters<typeof pipeId>) => catalogue.pipe(pipeId(...of))!
const say = speakerIn('metric')
const card = (method: MethodId, of: ReturnType<typeof pipe>, here: Partial<CardPlace> = {}) =>
  jointCard(catalogue, of, method, { profile: profiles.metric, here: { say, ...here } })
const figure = (method: MethodId, of: ReturnType<typeof pipe>, label: string) =>
  card(method, of).steps.find((step) => step.figure?.label === label)?.figure

describe('joint cards', () => {
  it.each(methodIds)('%s has steps, an inspection, what spoils it, a caution', (method) => {
    const made = card(method, pipe('EN 1057', '22', 0.9))
    expect(made.steps.length).toBeGreaterThanOrEqual(4)
    for (const list of [made.inspection, made.spoils, made.cautions, made.tools]) expect(list.length).toBeGreaterThan(0)
  })

  it.each(methodIds)('%s: nothing on the card denies what its way apart says', (method) => {
    const made = card(method, pipe('BS 7291', '22', 'pex-b'))
    const steps = made.steps.map(({ text }) => text).join(' ')
    if (/release tool|undo|unscrew/i.test(made.apart)) expect(steps).not.toMatch(/does not come out|unharmed/)
    if (method === 'thread') expect(steps).not.toMatch(/push/i)
  })

  it('a push-fit seal serves five times when it is lubricated, or as often as the workshop says', () => {
    const apart = (uses: number) =>
      jointCard(catalogue, pipe('EN 1057', '22', 0.9), 'push-fit', {
        profile: { ...profiles.metric, pushFitUses: uses },
        here: { say },
      }).apart
    expect(profiles.metric.pushFitUses).toBe(5)
    expect(apart(6)).toContain('after 6 uses, a new fitting')
  })

  it('the solder for 22: 133 mm³ of gap is 18.8 mm of 3 mm wire', () => {
    expect(solderLength(22, 15.4, 3)).toBeCloseTo(18.8, 1)
    // Nobody measures wire to the millimetre: from 0.4 to 1.6 times 18.8, to the nearest five.
    expect(figure('solder', pipe('EN 1057', '22', 0.9), 'Solder')).toMatchObject({
      text: 'about 20\u2009mm',
      basis: expect.stringMatching(/^10\u2009mm to 30\u2009mm/),
    })
    for (const [od, depth, wire] of [
      [0, 15, 3],
      [22, 0, 3],
      [22, 15, 0],
      [-1, 15, 3],
    ] as const)
      expect(() => solderLength(od, depth, wire)).toThrow(RangeError)
  })

  it('solder elsewhere is wire of 1/8 inch, and as long as the size where no depth is known', () => {
    const american = jointCard(catalogue, pipe('ASTM B88', '3/4', 'L'), 'solder', {
      profile: profiles['us-a'],
      here: {
        say: speakerIn('imperial'),
      },
    })
    const wire = american.steps.find((step) => step.figure?.label === 'Solder')?.figure
    const depth = catalogue.socketFor('solder', pipe('ASTM B88', '3/4', 'L'))!.insertion!.mm
    // 21 mm are 0.83 inches, to the quarter 3/4; from 0.4 to 1.6 of it 0.33 and 1.32.
    expect(solderLength(22.225, depth, 3.175)).toBeCloseTo(21, 1)
    expect(wire).toMatchObject({ text: 'about 3/4″', basis: expect.stringMatching(/^1\/4″ to 1 1\/4″/) })
    expect(wire?.basis).toContain('0.125″')
    expect(figure('solder', pipe('BS 659', '3/4'), 'Solder')).toMatchObject({
      text: 'as long as the pipe’s nominal size',
    })
  })

  it('the rule of thumb for solder is in the reader’s units, whatever units the pipe is called by', () => {
    const thumb = (of: ReturnType<typeof pipe>, units: 'metric' | 'imperial') =>
      card('solder', of, { say: speakerIn(units), insertion: { mm: 15, tolerance: 1, basis: 'typical' } })
        .steps.flatMap(({ figure: of22 }) => (of22?.label === 'Solder' ? [of22.basis.replaceAll('\u2009', ' ')] : []))
        .join()
    expect(thumb(pipe('BS 659', '3/4'), 'metric')).toMatch(/rule of thumb: 19 mm$/)
    expect(thumb(pipe('ASTM B88', '1-1/4'), 'imperial')).toMatch(/rule of thumb: 1 1\/4″$/)
    expect(thumb(pipe('EN 1057', '22', 0.9), 'metric')).toMatch(/rule of thumb: 22 mm$/)
  })

  it('a crimp of a size without limits is gauged by the tool’s own gauge', () => {
    const metric = pipe('EN ISO 15875', '16')
    expect(figure('crimp', metric, 'Gauge')).toEqual({
      label: 'Gauge',
      text: 'use the tool’s go/no-go gauge',
      basis: 'no figure for this size',
    })
    expect(figure('crimp', metric, 'Finished ring')).toBeUndefined()
  })

  it('the gauge for a half-inch crimp: 0.700 to 0.715 inch', () => {
    const gauge = figure('crimp', pipe('ASTM F876', '1/2', 'pex-b'), 'Finished ring')
    expect(gauge).toMatchObject({ go: expect.closeTo(18.161, 3), noGo: expect.closeTo(17.78, 3) })
  })

  it('the nut: a turn at 15, three quarters at 22, the maker’s sheet above 28', () => {
    expect(figure('compression', pipe('EN 1057', '15', 0.7), 'Turn the nut')).toMatchObject({ text: '1 turn' })
    expect(figure('compression', pipe('EN 1057', '22', 0.9), 'Turn the nut')).toMatchObject({ text: '¾ turn' })
    expect(figure('compression', pipe('EN 1057', '28', 0.9), 'Turn the nut')).toMatchObject({ text: '¾ turn' })
    expect(figure('compression', pipe('EN 1057', '35'), 'Turn the nut')).toMatchObject({ text: 'by the maker’s sheet' })
    expect(figure('compression', pipe('EN 1057', '35', 1.2), 'Turn the nut')).toMatchObject({
      text: 'by the maker’s sheet',
    })
  })

  it('asks for a measure where the depth is not known', () => {
    const unknown = card('compression', pipe('EN ISO 21003', '16'), { insertion: null })
    expect(unknown.steps.find((step) => step.figure?.label === 'Mark at')?.figure).toMatchObject({
      text: 'measure the socket',
    })
    // 0.55 × 16 + 4, to the insert's shoulder.
    expect(figure('compression', pipe('EN ISO 21003', '16'), 'Mark at')).toMatchObject({ mm: 12.8, tolerance: 3 })
  })

  it('waits by temperature: cement, shrinking, and what is not known', () => {
    const waits = (method: MethodId, of: ReturnType<typeof pipe>, celsius?: number) =>
      card(method, of, { celsius }).steps.flatMap(({ wait }) => wait?.seconds ?? [])
    const pvc = pipe('ASTM D1785', '3/4', 'Schedule 40')
    expect(waits('solvent', pvc, 20)).toEqual([30, 3600])
    expect(waits('solvent', pvc, 5)).toEqual([30, 7200])
    expect(waits('solvent', pvc)).toEqual([30])
    expect(waits('expansion', pipe('ASTM F876', '1/2', 'pex-a'), -2)).toEqual([15, 36000])
    expect(waits('expansion', pipe('ASTM F876', '1/2', 'pex-a'), -20)).toEqual([15])
    expect(waits('solder', pipe('EN 1057', '22', 0.9))).toEqual([300, 3600])
  })

  const texts = (...of: Parameters<typeof card>) => card(...of).steps.map(({ text }) => text)
  const copper22 = pipe('EN 1057', '22', 0.9)
  const pexA = pipe('ASTM F876', '1/2', 'pex-a')

  it('is dry-fitted to the stop where that can be done, and never where a grip would hold it', () => {
    const tried = (method: MethodId, of: ReturnType<typeof pipe>) =>
      texts(method, of).some((text) => /dry-fit/.test(text))
    expect([tried('solder', copper22), tried('press-metal', copper22), tried('compression', copper22)]).toEqual([
      true,
      true,
      true,
    ])
    expect([
      tried('push-fit', copper22),
      tried('expansion', pexA),
      tried('compression-pe', pipe('EN 12201', '25')),
      tried('thread', pipe('EN 10255', '3/4')),
    ]).toEqual([false, false, false, false])
    // A cemented socket is tapered: dry, nothing reaches its stop.
    expect(tried('solvent', pipe('ASTM D2846', '3/4'))).toBe(false)
    expect(texts('solvent', pipe('ASTM D2846', '3/4')).join()).toContain('a third to two thirds of the way')
  })

  it('plastic under a nut: liner, hand-size spanner, fewer turns', () => {
    const plastic = card('compression', pipe('BS 7291', '22', 'pb'))
    expect(plastic.tools).toContain('two hand-size spanners')
    expect(plastic.steps.map(({ text }) => text).join()).toContain('liner')
    expect(figure('compression', pipe('BS 7291', '22', 'pb'), 'Turn the nut')).toMatchObject({ text: '½ to ¾ turn' })
    expect(card('compression', copper22).tools[0]).toContain('250 mm')
  })

  it('solder by attitude: which side the flame stands on, in what order it is fed; opposite sides when large', () => {
    const by = (attitude: Attitude) => texts('solder', copper22, { attitude }).join()
    expect(by('level')).toContain('underside')
    expect(by('upright, fitting above')).toContain('above its mouth')
    expect(by('upright, fitting below')).toContain('the upper first')
    expect(texts('solder', copper22).join()).not.toContain('opposite sides')
    expect(texts('solder', pipe('EN 1057', '35', 1.2)).join()).toContain('opposite sides')
  })

  it('a thread: the fitting turns on old pipe, a new piece turns in its fitting, and the other is held', () => {
    const hold = (isExisting?: boolean) =>
      card('thread', pipe('EN 10255', '3/4'), isExisting === undefined ? {} : { isExisting }).steps.at(-1)!.text
    expect(hold(true)).toMatch(/turn the fitting .* hold back on the existing pipe: it must not turn/)
    expect(hold(false)).toMatch(/turn the pipe .* hold back on the fitting/)
    expect(hold()).toMatch(/hold back on the existing pipe\.$/)
  })

  it('expansion: strokes with a turn between, home within ten seconds, a hold', () => {
    const words = texts('expansion', pexA, { celsius: 20 }).join()
    expect(words).toContain('turning the head between strokes')
    expect(words).toContain('within ten seconds')
    expect(figure('expansion', pexA, 'Strokes')).toMatchObject({ text: '3 to 6' })
  })

  it('says what is bored for the pipe, and covers a joint in a wet line', () => {
    expect(card('solder', copper22).holes).toBe(
      'through a wall: a hole of 28\u2009mm for a sleeve, sealed; through a joist: 25\u2009mm',
    )
    expect(card('push-fit', pipe('BS 7291', '15', 'pb')).holes).toContain('through a joist: 21')
    expect(card('push-fit', copper22, { wet: true }).cautions[0]).toContain('keep drips off the finished joint')
    expect(card('push-fit', copper22).cautions.join()).not.toContain('keep drips off the finished joint')
    expect(card('push-fit', copper22).cautions.join()).toContain('Refill slowly')
  })

  it('temperatures are whole degrees, in the reader’s own', () => {
    const basis = card('expansion', pexA, { celsius: 22.22222222222222 }).steps.flatMap(({ wait }) => wait?.basis ?? [])
    expect(basis).toContain('typical at 22 °C')
    const american = jointCard(catalogue, pexA, 'expansion', {
      profile: profiles['us-a'],
      here: {
        say: speakerIn('imperial'),
        celsius: 22.22222222222222,
      },
    })
    expect(american.steps.flatMap(({ wait }) => wait?.basis ?? [])).toContain('typical at 72 °F')
    expect(american.steps.map(({ text }) => text).join()).toContain('below 41 °F')
  })

  it('an insert for plastic in push-fit, none for copper or CPVC', () => {
    const joints = [pipe('BS 7291', '15', 'pb'), pipe('EN 1057', '15', 0.7), pipe('ASTM D2846', '1/2')].map((of) => ({
      method: 'push-fit' as const,
      pipe: of,
    }))
    expect(countSundries(joints)).toEqual([{ item: '15 insert', label: '15 insert', count: 1 }])
  })

  it('a compression nut wants an olive, and an insert in plastic or a liner in soft copper', () => {
    const of = (...pipes: ReturnType<typeof pipe>[]) =>
      countSundries(pipes.map((one) => ({ method: 'compression', pipe: one }))).map(({ label }) => label)
    const soft = catalogue.pipes.find(({ material, temper }) => material === 'copper' && temper === 'soft')!
    expect(of(soft)).toEqual([`${soft.nominal} olive`, `${soft.nominal} liner for soft copper`])
    expect(of(pipe('EN 1057', '22', 0.9))).toEqual(['22 olive'])
    expect(of(pipe('EN ISO 15875', '16'))).toEqual(['16 olive', '16 insert'])
  })

  it('at a slip coupling both ends are marked, it goes over one and back, and nothing is tried to a stop', () => {
    for (const method of ['solder', 'press-metal', 'push-fit', 'compression'] as const) {
      const made = card(method, pipe('EN 1057', '22', 0.9), { slips: true })
      const text = made.steps.map((step) => step.text).join(' ')
      expect(text).toContain('The coupling has no stop')
      expect(text).not.toContain('dry-fit')
      expect(made.steps[1]!.figure?.label).toBe('Mark at')
      expect(made.cautions[0]).toContain('creep')
    }
  })

  it('ten soldered 22 joints want 301 mm of wire in the widest gap, so 400, and flux; each thing once', () => {
    const copper22 = pipe('EN 1057', '22', 0.9)
    const soldered = Array.from({ length: 10 }, () => ({ method: 'solder' as const, pipe: copper22, insertion: 15.4 }))
    expect(suppliesFor(soldered, 3, 'metric')).toEqual([
      { item: 'lead-free solder wire', label: 'lead-free solder wire', mm: 400 },
      { item: 'flux', label: 'flux', mm: null },
    ])
    expect(suppliesFor(soldered.slice(0, 3), 3, 'metric')[0]).toMatchObject({ mm: 100 })
    // Where pipe is sold in inches, by the half foot: 300.8 mm are 11.8 inches.
    expect(suppliesFor(soldered, 3, 'imperial')[0]!.mm).toBeCloseTo(304.8, 6)
    expect(suppliesFor([], 3, 'metric')).toEqual([])
  })

  it('a 3/4 thread wants four wraps of 26.67, a 2 inch one six of 60.3; cement and silicone come by the tin', () => {
    const male = (size: string) =>
      ({ type: 'thread', system: 'BSP', size, sex: 'M', form: 'taper', plastic: false }) as const
    const any = { pipe: pipe('EN 1057', '22', 0.9), insertion: null }
    const tape = (...sizes: string[]) =>
      suppliesFor(
        sizes.map((size) => ({ ...any, method: 'thread', male: male(size) })),
        3,
        'metric',
      )
    // 4 × π × 26.67 = 335; with 6 × π × 60.325 = 1137 it is 1472.
    expect(tape('3/4')).toEqual([{ item: 'thread tape', label: 'thread tape', mm: 400 }])
    expect(tape('3/4', '2')).toEqual([{ item: 'thread tape', label: 'thread tape', mm: 1500 }])
    // Up to 34 mm of thread four wraps are enough.
    expect([mostWraps(34), mostWraps(34.1)]).toEqual([4, 6])
    const tins = (['solvent', 'push-fit', 'push-fit', 'crimp'] as const).map((method) => ({ ...any, method }))
    expect(suppliesFor(tins, 3, 'metric').map(({ label }) => label)).toEqual(['cement and primer', 'potable silicone'])
  })
})
