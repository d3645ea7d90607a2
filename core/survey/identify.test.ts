import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { readLook } from '../job/look'
import type { IdentifyRequest, Observation } from '../job/observation'
import type { Message } from '../quantity/words/message'
import { said } from '../testing/said'
import { pipeId } from '../testing/sample-run'
import { findPipes } from './find-pipe'
import { identify } from './identify'
import { parsePrintLine, printLikelihood } from './print-line'
import { regionAsked } from './region-asked'

const caliper = (mm: number): Observation => ({ kind: 'diameter', mm, instrument: 'caliper' })
const copper: Observation[] = [
  { kind: 'scratch', value: 'reddish' },
  { kind: 'feel', value: 'rigid' },
]
const told = (messages: readonly Message[]) => messages.map((message) => said(message)).join('; ')
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

describe('where it stands', () => {
  const blueCoil: Observation[] = [
    { kind: 'colour', value: 'blue' },
    { kind: 'feel', value: 'springs back, keeps its curl' },
    { kind: 'cut-end', value: 'plastic' },
  ]
  const shareOf = (material: string, observations: Observation[], rest: Partial<IdentifyRequest> = {}) =>
    asked(observations, rest)
      .candidates.filter(({ pipe }) => catalogue.pipe(pipe)!.material === material)
      .reduce((sum, { probability }) => sum + probability, 0)

  it.each([20, 25])('blue pipe of %d mm, coiled, out of British ground is PE', (mm) => {
    const inGround: Observation[] = [...blueCoil, caliper(mm), { kind: 'place', value: 'in the ground' }]
    expect(shareOf('pe', inGround, { region: 'britain' })).toBeGreaterThan(0.98)
  })

  it('weighs both ways, and is asked for while it tells', () => {
    const floor = shareOf('pe', [...blueCoil, { kind: 'place', value: 'in a floor' }], { region: 'britain' })
    const ground = shareOf('pe', [...blueCoil, { kind: 'place', value: 'in the ground' }], { region: 'britain' })
    expect(floor).toBeLessThan(0.5)
    expect(ground).toBeGreaterThan(0.95)
    expect(asked(blueCoil, { region: 'britain' }).next[0]?.kind).toBe('place')
  })

  it('what speaks against it is said', () => {
    const answer = asked([
      { kind: 'print', text: 'PEX-B 16x2 EN ISO 15875' },
      { kind: 'place', value: 'outdoors' },
    ])
    expect(told(answer.contradictions)).toContain('PEX-B is seldom found outdoors')
  })

  it('blue plastic of 5/8 inch over there is PEX, sold blue for cold', () => {
    const cold: Observation[] = [
      { kind: 'colour', value: 'blue' },
      { kind: 'cut-end', value: 'plastic' },
      caliper(15.9),
    ]
    const pex = ['pex-a', 'pex-b', 'pex-c'].map((of) => shareOf(of, cold, { region: 'north-america' }))
    expect(pex.reduce((sum, of) => sum + of)).toBeGreaterThan(0.95)
  })

  it('inches ask as North America, millimetres say nothing, and what is said holds', () => {
    expect(regionAsked(undefined, 'imperial')).toBe('north-america')
    expect(regionAsked(undefined, 'metric')).toBeUndefined()
    expect(regionAsked('britain', 'imperial')).toBe('britain')
  })

  it.each([
    ['britain', 'pe', '25 × 2.3 PE'],
    ['britain', 'copper', '15 ×'],
    ['europe', 'multilayer', '16 × 2'],
    ['north-america', 'pex', '1/2 PEX'],
  ] as const)('the head of a list in %s for “%s” is what houses have', (region, words, head) => {
    expect(findPipes(catalogue.pipes, words, { region })[0]!.label).toContain(head)
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
    expect(told(against.contradictions)).toContain('28.00 mm gauge')
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
    expect(told(answer.warnings)).not.toContain('barrier')
    expect(told(asked([{ kind: 'print', text: 'PE-Xa 16x2.0 EN ISO 15875' }]).warnings)).toContain('barrier')
  })
})

describe('prints as they stand on pipe', () => {
  const first = (text: string) => catalogue.pipe(asked([{ kind: 'print', text }]).candidates[0]!.pipe)!
  it.each([
    ['PB2110 1/2 CTS', { material: 'pb', standard: 'old grey CTS' }],
    ['PE-Xb/Al/PE-Xb 20x2.0', { material: 'multilayer', nominal: '20' }],
    ['BS 2871 Table X 15 x 0.7', { standard: 'EN 1057', nominal: '15', grade: 'R250' }],
    ['22 x 0.9 BS2871 TABLE-Z', { standard: 'EN 1057', nominal: '22' }],
    ['TYPE-L 3/4 B88', { material: 'copper', grade: 'L' }],
    ['PVC SCH-40 1/2 IN D-1785', { material: 'pvc-u', standard: 'ASTM D1785' }],
    ['15 BS7291 PB', { material: 'pb', standard: 'BS 7291' }],
    ['E-XA 16x2 15875', { material: 'pex-a', nominal: '16' }],
  ])('%s', (text, expected) => expect(first(text)).toMatchObject(expected))

  it('a size at the very beginning may have lost its first figure, and no other', () => {
    expect(parsePrintLine('15 MM EN 1057')).toMatchObject({ nominal: '15', nominalCut: true })
    expect(parsePrintLine('EN 1057 15 MM').nominalCut).toBeUndefined()
    expect(parsePrintLine('5X1.0 EN 1057')).toMatchObject({ nominal: '5', nominalCut: true })
    expect(parsePrintLine('EN 1057 15X1.0').nominalCut).toBeUndefined()
  })

  it('a whole wall at the very end may have lost what came after its point', () => {
    expect(parsePrintLine('PE-X 16X2')).toMatchObject({ wall: 2, wallCut: true })
    expect(parsePrintLine('PE-X 16X2 DIN').wallCut).toBeUndefined()
    expect(parsePrintLine('PE-X 16X2,0').wallCut).toBeUndefined()
  })

  it('a wall is its own within 0.11, may be the beginning of one that was cut off, and else speaks against the pipe', () => {
    const pex = catalogue.pipe(pipeId('EN ISO 15875', '16', 'pex-a'))!
    const weight = (text: string, wall: number) => printLikelihood(parsePrintLine(text), { ...pex, wall })
    const [agrees, perhaps, disagrees] = [0.96, 0.3, 0.004]
    // All else of the text counts alike for both.
    const ofWall = (text: string, wall: number) => (agrees * weight(text, wall)) / weight(text, 2)
    expect(ofWall('PE-X 16X2.0 DIN', 2.1)).toBeCloseTo(agrees, 9)
    expect(ofWall('PE-X 16X2.0 DIN', 2.2)).toBeCloseTo(disagrees, 9)
    expect(ofWall('PE-X 16X2', 2.2)).toBeCloseTo(perhaps, 9)
    expect(ofWall('PE-X 16X2', 1.8)).toBeCloseTo(disagrees, 9)
    expect(ofWall('PE-X 16X2 DIN', 2.2)).toBeCloseTo(disagrees, 9)
  })

  it('a wall that cannot be read says nothing of the wall', () => {
    expect(parsePrintLine('22 x 0 EN 1057')).toMatchObject({ nominal: '22' })
    expect(parsePrintLine('22 x 0 EN 1057').wall).toBeUndefined()
    expect(first('COPPER 22 x 0.')).toMatchObject({ material: 'copper', nominal: '22' })
  })

  it('what stands at either end may be cut off: a size loses its first digit, a wall its decimals, CPVC its C', () => {
    expect(first('5 x 0.7 EN 1057').nominal).toBe('15')
    expect(first('PE-X/AL/PE-X 20 x 2').nominal).toBe('20')
    expect(parsePrintLine('PVC 3/4 IN SDR 11 ASTM D2846').materials).toContain('cpvc')
    expect(first('PVC 3/4 IN SDR 11 ASTM D2846').material).toBe('cpvc')
    expect(parsePrintLine('uPVC 3/4').materials).toEqual(['pvc-u'])
  })

  it('PE-RT without aluminium is no PEX: what takes it its maker lists, so nothing is settled', () => {
    expect(first('PE-RT type II 16x2.0 ISO 22391')).toMatchObject({ material: 'pe-rt', od: 16, wall: 2 })
    const answer = asked([{ kind: 'print', text: 'PE-RT 16x2.0' }, caliper(16)])
    expect(answer.settled).toBe(false)
    expect(answer.groups[0]).toMatchObject({ fits: [], doubtful: ['16 multilayer press', '16 insert compression'] })
    expect(told(answer.warnings)).toContain('oxygen barrier')
    expect(parsePrintLine('PE-RT/AL/PE-RT 16x2').materials).toEqual(['multilayer'])
  })

  it('the usual floor pipe is there: 16 × 2.0 PE-Xa', () => {
    expect(first('PE-Xa 16x2.0 EN ISO 15875')).toMatchObject({ material: 'pex-a', od: 16, wall: 2 })
  })
})

describe('what is settled', () => {
  it('an ordinary 22 copper, by caliper and a ring of solder', () => {
    const answer = asked([caliper(22), { kind: 'joint', value: 'silver ring of solder' }])
    expect(answer.settled).toBe(true)
    expect(answer.groups[0]!.fits).toContain('22 solder')
  })

  it('painted, said as a colour, is allowed for as if it had been said with the reading', () => {
    const seen: Observation[] = [caliper(22.25), { kind: 'scratch', value: 'reddish' }]
    const share = (of: Observation[]) =>
      asked(of, { region: 'britain' })
        .candidates.filter(({ pipe }) => catalogue.pipe(pipe)!.nominal === '22')
        .reduce((sum, { probability }) => sum + probability, 0)
    const painted = share([...seen, { kind: 'colour', value: 'painted' }])
    expect(painted).toBeGreaterThan(0.9)
    expect(painted).toBeGreaterThan(share([...seen, { kind: 'colour', value: 'red-brown' }]))
  })

  it('metal between plastic is multilayer, whatever else speaks for another pipe', () => {
    const answer = asked(
      [
        { kind: 'cut-end', value: 'plastic-metal-plastic' },
        { kind: 'feel', value: 'springs back' },
        { kind: 'colour', value: 'blue' },
        caliper(15.9),
      ],
      { region: 'north-america' },
    )
    expect(catalogue.pipe(answer.candidates[0]!.pipe)!.material).toBe('multilayer')
  })

  it('after a tape a caliper is still worth asking for, after a caliper not', () => {
    const next = (instrument: 'tape' | 'caliper') =>
      asked([{ kind: 'diameter', mm: 22, instrument }], { region: 'britain' }).next.map(({ kind }) => kind)
    expect(next('tape')).toContain('diameter')
    expect(next('caliper')).not.toContain('diameter')
    expect(next('caliper').length).toBeGreaterThan(0)
  })

  it('a mark on any of several prints holds for the pipe', () => {
    const answer = asked([
      { kind: 'print', text: 'PE-Xa 16x2.0 potable' },
      { kind: 'print', text: 'EVOH' },
    ])
    expect(answer.marks).toEqual({ barrier: true, potable: true })
  })

  it('not on a fitting that a rule doubts: push-fit on stainless is named, and not offered', () => {
    const answer = asked([
      { kind: 'magnet', value: 'does not stick' },
      { kind: 'colour', value: 'silver' },
      { kind: 'joint', value: 'press bead' },
      { kind: 'scratch', value: 'silver-grey' },
      caliper(22),
    ])
    const [group] = answer.groups
    expect(group).toMatchObject({ fits: ['22 press'], doubtful: expect.arrayContaining(['22 push-fit']) })
  })
})

describe('words for looks', () => {
  it.each([
    ['magnet', 'no', 'does not stick'],
    ['magnet', 'yes', 'sticks'],
    ['cut-end', 'plastic, a bright metal ring, plastic', 'plastic-metal-plastic'],
    ['cut-end', ' Reddish_Metal ', 'reddish metal'],
    ['cut-end', 'GREY-METAL', 'grey metal'],
    ['cut-end', 'Plastic-Metal-Plastic', 'plastic-metal-plastic'],
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
    expect(told(answer.contradictions)).toBe('a magnet does not stick to copper')
    expect(asked([...copper, caliper(22)]).contradictions).toEqual([])
  })

  it('a diameter far from any pipe of the kind is named', () => {
    expect(
      told(asked([...copper, { kind: 'cut-end', value: 'reddish metal' }, caliper(24.9)]).contradictions),
    ).toContain('24.90 mm is')
  })

  it('warns of lead, of old grey polybutylene, of steel that is for heating only', () => {
    const lead = asked([
      { kind: 'scratch', value: 'shiny soft grey' },
      { kind: 'tap', value: 'dull' },
    ])
    expect(told(lead.warnings)).toContain('Lead')
    const grey = asked([{ kind: 'colour', value: 'grey' }, { kind: 'feel', value: 'springs back' }, caliper(15.9)], {
      region: 'north-america',
      built: 1985,
    })
    expect(told(grey.warnings)).toContain('Old grey polybutylene')
    const steel = asked([{ kind: 'magnet', value: 'sticks' }, { kind: 'colour', value: 'silver' }, caliper(22)])
    expect(told(steel.warnings)).toContain('Carbon steel')
  })
})
