import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { readLook } from '../job/look'
import type { IdentifyRequest, Observation } from '../job/observation'
import { pipeId } from '../sample-run'
import { identify } from './identify'
import { parsePrintLine } from './print-line'

const caliper = (mm: number): Observation => ({ kind: 'diameter', mm, instrument: 'caliper' })
const copper: Observation[] = [
  { kind: 'scratch', value: 'reddish' },
  { kind: 'feel', value: 'rigid' },
]
const asked = (observations: Observation[], rest: Partial<IdentifyRequest> = {}) =>
  identify(catalogue, { observations, ...rest })

describe('close pairs', () => {
  it.each([
    [22.0, 'EN 1057', '22'],
    [21.5, 'BS 659', '3/4'],
    [22.2, 'ASTM B88', '3/4'],
    [15.9, 'ASTM B88', '1/2'],
    [28.25, 'BS 659', '1'],
  ])('copper of %d mm by caliper is told, and settled', (mm, standard, nominal) => {
    const answer = asked([caliper(mm), caliper(mm), ...copper])
    const first = catalogue.pipe(answer.candidates[0]!.pipe)!
    expect([first.standard, first.nominal, answer.settled]).toEqual([standard, nominal, true])
    expect(answer.next).toEqual([])
  })

  it('by string alone they stay undecided, and a caliper is the next measure', () => {
    const answer = asked([{ kind: 'circumference', mm: 69.4 }, ...copper])
    expect(answer.settled).toBe(false)
    expect(answer.next[0]?.kind).toBe('diameter')
    expect(answer.groups.length).toBeGreaterThan(1)
  })

  it('15.0 and 15.14 take the same fittings and are one line', () => {
    const answer = asked([caliper(15.07), ...copper], { region: 'britain', built: 1965 })
    const names = answer.groups[0]!.candidates.map(({ pipe }) => catalogue.pipe(pipe)!.standard)
    expect(new Set(names)).toEqual(new Set(['EN 1057', 'BS 659']))
    expect(answer.settled).toBe(true)
  })
})

describe('what the answer rests on', () => {
  it('nothing seen: probabilities sum to one, and a cheap look is next', () => {
    const answer = asked([])
    const sum = answer.candidates.reduce((total, { probability }) => total + probability, 0)
    expect(sum).toBeGreaterThan(0.95)
    expect(sum).toBeLessThanOrEqual(1 + 1e-9)
    expect(answer.settled).toBe(false)
    expect(answer.next[0]!.seconds).toBeLessThan(10)
  })

  it('a ring of metal between plastic is multilayer at once', () => {
    const answer = asked([{ kind: 'cut-end', value: 'plastic-metal-plastic' }, caliper(16.1)])
    expect(catalogue.pipe(answer.candidates[0]!.pipe)?.material).toBe('multilayer')
  })

  it('one metal, whichever, rules out plastic', () => {
    const answer = asked([{ kind: 'cut-end', value: 'one metal' }, caliper(22)])
    const plastic = answer.candidates.filter(({ label }) => /PEX|PE |PP-R|PVC|multilayer|polybutylene/.test(label))
    expect(plastic.reduce((sum, { probability }) => sum + probability, 0)).toBeLessThan(0.05)
  })

  it('paint is allowed for: 22.25 over paint is 22 metric', () => {
    const painted = asked([{ kind: 'diameter', mm: 22.25, instrument: 'caliper', painted: true }, ...copper], {
      region: 'britain',
    })
    expect(catalogue.pipe(painted.candidates[0]!.pipe)?.nominal).toBe('22')
  })

  it('a house of 1990 has no copper of before 1971', () => {
    const answer = asked([caliper(21.75), ...copper], { region: 'britain', built: 1990 })
    expect(catalogue.pipe(answer.candidates[0]!.pipe)?.standard).toBe('EN 1057')
  })
})

describe('other observations', () => {
  const pex: Observation[] = [
    { kind: 'cut-end', value: 'plastic' },
    { kind: 'feel', value: 'springs back' },
    caliper(15.9),
  ]

  it('PEX of one size stays undecided, until its curl or the joint on it tells', () => {
    expect(asked(pex, { region: 'north-america' }).settled).toBe(false)
    const expanded = asked([...pex, { kind: 'joint', value: 'plastic ring' }], { region: 'north-america' })
    expect(expanded.settled).toBe(true)
    expect(expanded.candidates[0]?.label).toContain('PEX-A')
  })

  it('a gauge that does not go on parts 22.0 from 22.23', () => {
    const gauge = (mm: number, fits: boolean): Observation => ({ kind: 'gauge', mm, fits })
    const first = (seen: Observation[]) => catalogue.pipe(asked([...copper, ...seen]).candidates[0]!.pipe)!.od
    expect(first([gauge(22, true), { kind: 'circumference', mm: 69.5 }])).toBe(22)
    expect(first([gauge(22, false), gauge(22.225, true)])).toBeCloseTo(22.225)
    const against = asked([...copper, caliper(22), caliper(22), gauge(28, true)])
    expect(against.contradictions.join()).toContain('28.0 mm gauge')
  })

  it('a coarse answer is no surer than the finer ones that it leaves open', () => {
    const plastic = (value: string) => asked([{ kind: 'cut-end', value }]).candidates
    const share = (value: string, material: string) =>
      plastic(value)
        .filter(({ pipe }) => catalogue.pipe(pipe)!.material === material)
        .reduce((sum, { probability }) => sum + probability, 0)
    expect(share('thick plastic', 'pp-r')).toBeGreaterThan(3 * share('plastic', 'pp-r'))
  })
})

describe('the print line', () => {
  it.each([
    ['3/4 COPPER TYPE L ASTM B88', pipeId('ASTM B88', '3/4', 'L')],
    ['PEXb 1/2" SDR9 ASTM F876 F877 NSF-pw', pipeId('ASTM F876', '1/2', 'pex-b')],
    ['22 x 0.9 EN 1057 R250', pipeId('EN 1057', '22', 0.9)],
    ['PE100 SDR11 32x3.0 EN 12201', pipeId('EN 12201', '32')],
    ['PE-X/AL/PE-X 16x2,0 EN ISO 21003', pipeId('EN ISO 21003', '16')],
    ['CPVC 4120 3/4 IN SDR 11 ASTM D2846', pipeId('ASTM D2846', '3/4')],
  ])('%s', (text, expected) => {
    expect(asked([{ kind: 'print', text }]).candidates[0]?.pipe).toBe(expected)
  })

  it('a damaged line gives what is left of it', () => {
    expect(parsePrintLine('...OPPER TYPE M').grade?.test('M')).toBe(true)
    expect(parsePrintLine('xyz').understood).toEqual([])
    expect(parsePrintLine('..PPER ..1057 22').understood).toEqual(['copper', 'EN 1057'])
    expect(parsePrintLine('POLYBUTY').understood).toEqual(['polybutylene'])
  })

  it('reads the marks for oxygen and drinking water, and then no longer warns of the barrier', () => {
    const answer = asked([{ kind: 'print', text: 'PE-Xa 16x2.0 EN ISO 15875 EVOH oxygen barrier potable' }])
    expect(answer.marks).toEqual({ barrier: true, potable: true })
    expect(answer.understood).toContain('oxygen barrier')
    expect(answer.warnings.join()).not.toContain('barrier')
    expect(asked([{ kind: 'print', text: 'PE-Xa 16x2.0 EN ISO 15875' }]).warnings.join()).toContain('barrier')
  })
})

describe('words for looks', () => {
  it.each([
    ['magnet', 'no', 'does not stick'],
    ['magnet', 'yes', 'sticks'],
    ['cut-end', 'plastic, a bright metal ring, plastic', 'plastic-metal-plastic'],
    ['cut-end', 'one metal', 'one metal'],
    ['cut-end', 'one bright reddish metal', 'reddish metal'],
    ['feel', 'bends by hand, stays bent', 'bends and stays'],
    ['scratch', 'shiny soft grey', 'shiny soft grey'],
    ['feel', 'waxy', 'waxy'],
    ['feel', 'springs back', 'springs back'],
    ['joint', 'copper crimp ring', 'copper ring'],
    ['joint', 'wiped', 'wiped bulb'],
  ] as const)('%s “%s” is %s', (kind, word, expected) => expect(readLook(kind, word)).toBe(expected))

  it('a word that means nothing is not guessed', () => expect(readLook('stripe', 'wobbly')).toBeNull())
})

describe('what is said beside the answer', () => {
  it('a magnet that stuck to copper is named, not averaged away', () => {
    const answer = asked([
      ...copper,
      caliper(22),
      { kind: 'magnet', value: 'sticks' },
      { kind: 'cut-end', value: 'reddish metal' },
    ])
    expect(answer.contradictions).toEqual(['a magnet does not stick to copper'])
    expect(asked([...copper, caliper(22)]).contradictions).toEqual([])
  })

  it('a diameter far from any pipe of the kind is named', () => {
    expect(asked([...copper, { kind: 'cut-end', value: 'reddish metal' }, caliper(24.9)]).contradictions[0]).toContain(
      '24.9 mm is',
    )
  })

  it('warns of lead, of old grey polybutylene, of steel that is for heating only', () => {
    expect(
      asked([
        { kind: 'scratch', value: 'shiny soft grey' },
        { kind: 'tap', value: 'dull' },
      ]).warnings[0],
    ).toContain('Lead')
    const grey = asked([{ kind: 'colour', value: 'grey' }, { kind: 'feel', value: 'springs back' }, caliper(15.9)], {
      region: 'north-america',
      built: 1985,
    })
    expect(grey.warnings.join()).toContain('Old grey polybutylene')
    expect(
      asked([{ kind: 'magnet', value: 'sticks' }, { kind: 'colour', value: 'silver' }, caliper(22)]).warnings[0],
    ).toContain('Carbon steel')
  })
})
