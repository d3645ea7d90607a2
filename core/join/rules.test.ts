import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { methodIds, type MethodId } from '../methods/ids'
import type { Pipe } from '../catalogue/pipe'
import type { Place } from '../job/place'
import { profiles, profileWith } from '../workshop/profile'
import { velocityOf } from '../flow/velocity'
import { said } from '../testing/said'
import { pipeId } from '../testing/sample-run'
import type { ThreadEnd } from '../catalogue/fitting'
import { judge, judgeThreads, type Circumstances } from './judge'
import { jointRules, ruleMetas, threadRules } from './rules'
import { tableSentences } from './table-sentences'

const pipe = (...of: Parameters<typeof pipeId>): Pipe => catalogue.pipe(pipeId(...of))!
const pipes = {
  'copper 22': pipe('EN 1057', '22', 0.9),
  'copper 15': pipe('EN 1057', '15', 0.7),
  'copper 28': pipe('EN 1057', '28', 0.9),
  'copper 35': pipe('EN 1057', '35'),
  'soft copper 15': pipe('EN 1057', '15', 'R220'),
  'grade K': pipe('ASTM B88', '3/4', 'K'),
  'grade L': pipe('ASTM B88', '3/4', 'L'),
  'grade M': pipe('ASTM B88', '1/2', 'M'),
  'old 1/2': pipe('BS 659', '1/2'),
  'old 3/4': pipe('BS 659', '3/4'),
  'old 1': pipe('BS 659', '1'),
  'pex-a': pipe('ASTM F876', '1/2', 'pex-a'),
  'pex-b': pipe('ASTM F876', '1/2', 'pex-b'),
  multilayer: pipe('EN ISO 21003', '16'),
  cpvc: pipe('ASTM D2846', '3/4'),
  'pvc-u': pipe('ASTM D1785', '3/4', 'Schedule 40'),
  pe: catalogue.pipes.find(({ material, nominal }) => material === 'pe' && nominal === '25')!,
  galvanised: pipe('EN 10255', '3/4'),
  'carbon steel': pipe('EN 10305-3', '22'),
} satisfies Record<string, Pipe>

type Given = Place & Partial<Pick<Circumstances, 'service' | 'condition' | 'tools' | 'profile' | 'other'>>
const circumstances = ({ service = 'cold', condition, tools, profile = profiles.metric, other, ...place }: Given) =>
  ({ service, place, condition, tools, profile, other }) satisfies Circumstances

/** A rule, the pipe and method that it looks at, what is given, and what it says: verdict and sentence, or nothing. */
type Case = readonly [
  rule: string,
  of: keyof typeof pipes,
  method: MethodId,
  given: Given,
  says: string | null,
  values?: object,
]
const strict = profileWith('metric', { concealedDemountable: 'refuse', thinCopper: 'refuse', missingTool: 'refuse' })
const lenient = profileWith('metric', { concealedDemountable: 'fits' })
const press15 = { method: 'press-metal', sizes: ['15', '28'] } as const

const cases: readonly Case[] = [
  ['air-test', 'pex-a', 'crimp', {}, null],
  ['air-test', 'pex-a', 'crimp', { airTest: 'planned' }, 'refuse water'],
  ['air-test', 'pex-a', 'crimp', { airTest: 'maker allows' }, 'fits allowed'],
  ['air-test', 'copper 22', 'solder', { airTest: 'planned' }, null],

  ['alignment', 'copper 22', 'push-fit', { inLine: false }, 'refuse askew'],
  ['alignment', 'copper 22', 'push-fit', { inLine: true }, null],
  ['alignment', 'copper 22', 'push-fit', {}, null],
  ['alignment', 'copper 22', 'compression', { inLine: false }, null],

  ['concealed', 'copper 22', 'push-fit', { concealed: true }, 'caution unreachable'],
  ['concealed', 'copper 22', 'push-fit', { concealed: true, profile: strict }, 'refuse unreachable'],
  ['concealed', 'copper 22', 'compression', { concealed: true, profile: lenient }, 'fits accepted'],
  ['concealed', 'pe', 'compression-pe', { concealed: true }, 'caution unreachable'],
  ['concealed', 'copper 22', 'solder', { concealed: true }, null],
  ['concealed', 'copper 22', 'push-fit', { concealed: false }, null],

  ['condition', 'copper 22', 'push-fit', { condition: { scored: true } }, 'refuse scored'],
  ['condition', 'copper 22', 'press-metal', { condition: { scored: true } }, 'refuse scored'],
  ['condition', 'pe', 'compression-pe', { condition: { scored: true } }, 'refuse scored'],
  ['condition', 'copper 22', 'solder', { condition: { scored: true } }, null],
  [
    'condition',
    'copper 22',
    'solder',
    { condition: { painted: true } },
    'caution first',
    { painted: true, oldSolder: false, oval: null, most: 1.5 },
  ],
  [
    'condition',
    'copper 22',
    'solder',
    { condition: { oldSolder: true } },
    'caution first',
    { painted: false, oldSolder: true, oval: null, most: 1.5 },
  ],
  [
    'condition',
    'copper 22',
    'solder',
    { condition: { ovality: 1.6 } },
    'caution first',
    { painted: false, oldSolder: false, oval: 1.6, most: 1.5 },
  ],
  ['condition', 'copper 22', 'solder', { condition: { ovality: 1.5, painted: false, oldSolder: false } }, null],

  ['demountable', 'copper 22', 'solder', { demountable: true }, 'refuse cut'],
  ['demountable', 'copper 22', 'compression', { demountable: true }, 'fits apart'],
  ['demountable', 'copper 22', 'solder', {}, null],

  ['factory-end', 'copper 22', 'push-fit', { condition: { factoryEnd: true } }, 'caution square'],
  ['factory-end', 'copper 22', 'push-fit', {}, null],
  ['factory-end', 'copper 22', 'solder', { condition: { factoryEnd: true } }, null],

  ['galvanic', 'copper 22', 'solder', {}, null],
  ['galvanic', 'copper 22', 'solder', { other: pipes['pex-a'] }, null],
  ['galvanic', 'carbon steel', 'press-metal', { other: pipes.galvanised }, null],
  ['galvanic', 'copper 22', 'solder', { other: pipes.galvanised }, 'caution touch', { between: 'brass' }],
  ['galvanic', 'galvanised', 'thread', { other: pipes['copper 22'] }, 'caution touch', { between: 'brass' }],
  ['galvanic', 'copper 22', 'solder', { other: pipes.galvanised, condition: { upstream: true } }, 'caution upstream'],
  ['galvanic', 'copper 22', 'solder', { other: pipes.galvanised, condition: { upstream: false } }, 'caution touch'],
  ['galvanic', 'copper 22', 'solder', { other: pipes['carbon steel'], condition: { upstream: true } }, 'caution touch'],
  ['galvanic', 'galvanised', 'thread', { other: pipes['copper 22'], condition: { upstream: true } }, 'caution touch'],
  [
    'galvanic',
    'copper 22',
    'solder',
    { other: pipes.galvanised, profile: profiles['us-b'] },
    'caution touch',
    { between: 'dielectric union' },
  ],

  ['heat-near-joint', 'copper 22', 'solder', { heatNear: 449 }, 'caution unsaid', { short: 1, least: 450 }],
  ['heat-near-joint', 'copper 22', 'solder', { heatNear: 450 }, null],
  ['heat-near-joint', 'copper 22', 'solder', {}, null],
  ['heat-near-joint', 'copper 22', 'solder', { heatNear: 100, heatOrder: 'soldered first' }, 'caution first'],
  ['heat-near-joint', 'copper 22', 'solder', { heatNear: 100, heatOrder: 'wet-wrapped' }, 'caution wrapped'],
  ['heat-near-joint', 'copper 22', 'solder', { heatNear: 100, heatOrder: 'neither' }, 'refuse neither', { short: 350 }],
  ['heat-near-joint', 'copper 22', 'push-fit', { heatNear: 100 }, null],

  ['heater-clearance', 'pex-a', 'crimp', { onFlue: true }, 'refuse flue'],
  ['heater-clearance', 'pex-a', 'crimp', { heatSourceDistance: 999 }, 'caution source', { least: 1000 }],
  ['heater-clearance', 'pex-a', 'crimp', { heatSourceDistance: 1000 }, null],
  ['heater-clearance', 'pex-a', 'crimp', { heaterDistance: 449 }, 'caution heater', { least: 450 }],
  ['heater-clearance', 'pex-a', 'crimp', { heaterDistance: 450 }, null],
  ['heater-clearance', 'pex-a', 'crimp', { heaterDistance: 456, profile: profiles['us-a'] }, 'caution heater'],
  ['heater-clearance', 'copper 22', 'solder', { onFlue: true, heaterDistance: 1, heatSourceDistance: 1 }, null],

  ['heating-only', 'carbon steel', 'press-metal', { service: 'cold' }, 'refuse potable'],
  ['heating-only', 'carbon steel', 'press-metal', { service: 'recirculation' }, 'refuse potable'],
  ['heating-only', 'carbon steel', 'press-metal', { service: 'heating-flow' }, null],
  ['heating-only', 'galvanised', 'thread', { service: 'cold' }, null],

  ['hot-work', 'copper 22', 'solder', { hotWork: 'forbidden' }, 'refuse forbidden'],
  ['hot-work', 'copper 22', 'solder', { hotWork: 'combustible-near' }, 'caution near', { minutes: 60 }],
  ['hot-work', 'copper 22', 'solder', { hotWork: 'allowed' }, null],
  ['hot-work', 'copper 22', 'solder', {}, null],
  ['hot-work', 'copper 22', 'push-fit', { hotWork: 'forbidden' }, null],

  [
    'jaw-space',
    'copper 22',
    'press-metal',
    { wallDistance: 24 },
    'refuse short',
    { short: [{ where: 'to the wall', by: 1, needed: 25 }] },
  ],
  [
    'jaw-space',
    'copper 22',
    'press-metal',
    { wallDistance: 10, pipeDistance: 60 },
    'refuse short',
    {
      short: [
        { where: 'to the wall', by: 15, needed: 25 },
        { where: 'between the pipes', by: 5, needed: 65 },
      ],
    },
  ],
  ['jaw-space', 'copper 22', 'press-metal', { wallDistance: 25, pipeDistance: 65 }, null],
  ['jaw-space', 'copper 22', 'solder', { wallDistance: 1 }, null],

  ['lead-free', 'copper 22', 'solder', { leadFree: false }, 'refuse lead'],
  ['lead-free', 'copper 22', 'solder', { leadFree: true }, null],
  ['lead-free', 'copper 22', 'solder', {}, null],
  ['lead-free', 'copper 22', 'solder', { leadFree: false, service: 'heating-flow' }, null],
  ['lead-free', 'copper 22', 'press-metal', { leadFree: false }, null],

  ['old-bore', 'old 1/2', 'solder', {}, 'fits goes', { nominal: '1/2', size: '15' }],
  ['old-bore', 'old 1/2', 'push-fit', {}, 'caution tight', { od: pipes['old 1/2'].od, size: '15' }],
  ['old-bore', 'old 1/2', 'press-metal', {}, 'caution tight'],
  ['old-bore', 'old 1', 'compression', {}, 'fits goes', { nominal: '1', size: '28' }],
  ['old-bore', 'old 3/4', 'solder', {}, 'refuse converter', { od: pipes['old 3/4'].od }],
  ['old-bore', 'old 3/4', 'push-fit', {}, 'refuse converter'],
  ['old-bore', 'old 3/4', 'press-metal', {}, 'refuse converter'],
  ['old-bore', 'old 3/4', 'compression', {}, 'refuse olive', { od: pipes['old 3/4'].od }],
  ['old-bore', 'old 3/4', 'crimp', {}, null],
  ['old-bore', 'copper 22', 'solder', {}, null],

  ['oxygen-barrier', 'pex-b', 'crimp', { service: 'heating-flow' }, 'refuse none'],
  ['oxygen-barrier', 'pex-b', 'crimp', { service: 'heating-flow', barrier: true }, 'fits marked'],
  ['oxygen-barrier', 'pex-b', 'crimp', { service: 'heating-flow', ferrous: false }, null],
  ['oxygen-barrier', 'pex-b', 'crimp', { service: 'hot' }, null],
  ['oxygen-barrier', 'multilayer', 'press-multilayer', { service: 'heating-flow' }, null],

  ['rotation', 'copper 22', 'solder', { oriented: true }, 'caution fixed'],
  ['rotation', 'pex-a', 'crimp', { oriented: true }, 'fits turns'],
  ['rotation', 'pex-a', 'clamp', { oriented: true }, 'fits turns'],
  ['rotation', 'copper 22', 'compression', { oriented: true }, null],
  ['rotation', 'copper 22', 'solder', {}, null],

  ['same-system', 'pex-a', 'crimp', { system: 'mixed' }, 'refuse mixed'],
  ['same-system', 'pex-a', 'crimp', { system: 'listed' }, 'fits listed'],
  ['same-system', 'pex-a', 'crimp', { system: 'one' }, 'fits one'],
  ['same-system', 'pex-a', 'crimp', {}, null],
  ['same-system', 'copper 22', 'push-fit', { system: 'mixed' }, null],
  ['same-system', 'cpvc', 'solvent', { system: 'mixed' }, null],

  ['screed', 'copper 22', 'solder', { screed: true }, 'caution sleeve'],
  ['screed', 'copper 22', 'solder', { screed: false }, null],

  ['service-temperature', 'pex-a', 'crimp', { solarOrSteam: true }, 'refuse metal'],
  ['service-temperature', 'copper 22', 'solder', { solarOrSteam: true }, null],
  ['service-temperature', 'pvc-u', 'solvent', { service: 'hot' }, 'refuse cold'],
  ['service-temperature', 'pe', 'compression-pe', { service: 'heating-flow' }, 'refuse cold'],
  ['service-temperature', 'pvc-u', 'solvent', { service: 'cold' }, null],
  ['service-temperature', 'pex-a', 'crimp', { service: 'hot', temperature: 70 }, null],
  [
    'service-temperature',
    'pex-a',
    'crimp',
    { service: 'hot', temperature: 71 },
    'refuse hotter',
    { celsius: 71, limit: 70 },
  ],
  ['service-temperature', 'pex-a', 'crimp', { service: 'heating-flow' }, null],
  [
    'service-temperature',
    'copper 22',
    'press-metal',
    { service: 'hot', temperature: 111 },
    'refuse hotter',
    { limit: 110 },
  ],

  ['size', 'copper 22', 'solder', {}, null],
  ['size', 'galvanised', 'thread', {}, null],
  ['size', 'copper 22', 'crimp', {}, 'refuse none', { od: 22 }],

  ['stub-out', 'pex-a', 'crimp', { stubOut: 'bare' }, 'refuse bare'],
  ['stub-out', 'pex-a', 'crimp', { stubOut: 'fixed' }, 'fits held'],
  ['stub-out', 'pex-a', 'crimp', {}, null],
  ['stub-out', 'copper 22', 'solder', { stubOut: 'bare' }, null],

  ['sunlight', 'pex-a', 'crimp', { outdoors: true }, 'refuse light'],
  ['sunlight', 'pex-a', 'crimp', {}, null],
  ['sunlight', 'copper 22', 'solder', { outdoors: true }, null],

  ['temper', 'soft copper 15', 'solder', {}, 'fits round'],
  ['temper', 'soft copper 15', 'compression', {}, 'fits round'],
  ['temper', 'soft copper 15', 'press-metal', {}, null],
  ['temper', 'copper 15', 'solder', {}, null],

  ['thin-copper', 'grade M', 'solder', { profile: profiles['us-a'] }, 'fits accepted'],
  ['thin-copper', 'grade M', 'solder', { profile: strict }, 'refuse thin'],
  ['thin-copper', 'grade M', 'solder', { profile: strict, service: 'heating-flow' }, null],
  ['thin-copper', 'grade L', 'solder', { profile: strict }, null],

  ['tool-range', 'copper 22', 'press-metal', {}, null],
  ['tool-range', 'copper 22', 'press-metal', { tools: [{ method: 'press-metal' }] }, null],
  ['tool-range', 'copper 22', 'press-metal', { tools: [{ method: 'solder' }] }, 'caution none'],
  ['tool-range', 'copper 22', 'press-metal', { tools: [], profile: strict }, 'refuse none'],
  ['tool-range', 'copper 22', 'press-metal', { tools: [press15] }, 'caution size', { size: '22' }],
  ['tool-range', 'copper 15', 'press-metal', { tools: [press15] }, null],
  ['tool-range', 'copper 22', 'push-fit', { tools: [] }, null],

  ['underground', 'copper 22', 'solder', { underground: true }, 'refuse house'],
  ['underground', 'soft copper 15', 'solder', { underground: true }, 'refuse house'],
  ['underground', 'grade K', 'solder', { underground: true }, null],
  ['underground', 'grade L', 'solder', { underground: true }, 'refuse house'],
  ['underground', 'grade K', 'compression', { underground: true }, 'caution locks'],
  ['underground', 'pe', 'compression-pe', { underground: true }, null],
  ['underground', 'copper 22', 'solder', {}, null],

  // 40 l/min through 320.5 mm² is 2.08 m/s, 46.1 is just under 2.4, 46.2 just over.
  ['velocity', 'copper 22', 'solder', { flow: 46.1 }, null],
  ['velocity', 'copper 22', 'solder', { flow: 46.2 }, 'caution fast', { flow: 46.2, most: 2.4 }],
  ['velocity', 'copper 22', 'solder', { flow: 40, service: 'hot' }, 'caution fast', { most: 1.5 }],
  ['velocity', 'pex-a', 'crimp', { flow: 100 }, null],
  ['velocity', 'copper 22', 'solder', {}, null],

  ['wet-line', 'copper 22', 'solder', { wet: true }, 'refuse wet'],
  ['wet-line', 'cpvc', 'solvent', { wet: true }, 'refuse wet'],
  ['wet-line', 'copper 22', 'compression', { wet: true }, null],
  ['wet-line', 'copper 22', 'solder', { wet: false }, null],
]

describe('rules', () => {
  it('each has an id of its own, a statement, a why', () => {
    expect(new Set(ruleMetas.map(({ id }) => id)).size).toBe(ruleMetas.length)
    for (const { statement, why } of ruleMetas) expect(statement.length > 20 && why.length > 20).toBe(true)
  })

  it.each(cases.map(([rule, of, method, given, says, values]) => ({ rule, of, method, given, says, values })))(
    '$rule of $of by $method, $given: $says',
    ({ rule, of, method, given, says, values }) => {
      const { reasons, verdict } = judge(catalogue, pipes[of], method, circumstances(given))
      const found = reasons.filter((reason) => reason.rule === rule)
      expect(found.map((reason) => `${reason.verdict} ${reason.message}`)).toEqual(says === null ? [] : [says])
      if (values) expect(found[0]!.values).toMatchObject(values)
      // The worst of all reasons is the verdict.
      if (says?.startsWith('refuse')) expect(verdict).toBe('refuse')
    },
  )

  it('every sentence of every rule is said in one of these cases, and some case hears nothing of it', () => {
    const missing = jointRules.flatMap(({ meta: { id, messages } }) => {
      const own = cases.filter(([rule]) => rule === id).map(([, , , , says]) => says)
      if (id === 'material') return []
      const unsaid = Object.keys(messages).filter((key) => !own.some((says) => says?.split(' ')[1] === key))
      return [...unsaid.map((key) => `${id}: ${key}`), ...(own.includes(null) ? [] : [`${id}: nothing`])]
    })
    // What two rules say of a whole chain is tested with chains.
    expect(missing).toEqual(['galvanic: pits', 'heat-near-joint: cooled'])
  })

  it('the table of methods and materials has no sentence that nothing says', () => {
    const said = new Set(
      catalogue.pipes.flatMap((of) =>
        methodIds.flatMap((method) =>
          judge(catalogue, of, method, circumstances({}))
            .reasons.filter(({ rule }) => rule === 'material')
            .map(({ message }) => message),
        ),
      ),
    )
    expect(Object.keys(tableSentences).filter((key) => !said.has(key))).toEqual([])
  })

  it('says in words what is to be done first, and by how much room is short', () => {
    const words = (method: MethodId, given: Given, rule: string) =>
      said(judge(catalogue, pipes['copper 22'], method, circumstances(given)).reasons.find((of) => of.rule === rule))
    expect(words('solder', { condition: { painted: true, oldSolder: true, ovality: 2 } }, 'condition')).toBe(
      'first strip the paint, cut back past the old solder: 23.1 mm of bright, round pipe, re-round it (2 % oval, 1.5 % allowed)',
    )
    expect(words('solder', { condition: { oldSolder: true } }, 'condition')).toBe(
      // One and a half times the depth of 15.4.
      'first cut back past the old solder: 23.1 mm of bright, round pipe',
    )
    // How much of it, where the depth is not known, is not said.
    expect(words('crimp', { condition: { oldSolder: true } }, 'condition')).toBe('first cut back past the old solder')
    expect(words('press-metal', { wallDistance: 10 }, 'jaw-space')).toContain('15 mm short to the wall (25 mm needed)')
    expect(words('solder', { other: pipes.galvanised }, 'galvanic')).toContain('put brass between')
    expect(words('solder', { flow: 60 }, 'velocity')).toContain('3.1 m/s')
  })

  it('velocity: 20 litres a minute in a 20.2 bore is 1.04 m/s; there is none in no bore', () => {
    expect(velocityOf(20, 20.2)).toBeCloseTo(1.04, 2)
    expect(() => velocityOf(20, 0)).toThrow(RangeError)
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
  const [parallel, plastic] = [{ form: 'parallel' }, { plastic: true }] as const
  const threads: readonly (readonly [string, ThreadEnd, ThreadEnd, string])[] = [
    ['NPT in BSP', end('M', { system: 'NPT' }), end('F'), 'refuse families'],
    ['taper in taper', end('M'), end('F'), 'fits threads'],
    ['taper in parallel', end('M'), end('F', parallel), 'fits taper in parallel'],
    ['parallel in parallel', end('M', parallel), end('F', parallel), 'fits washer'],
    ['parallel in taper', end('M', parallel), end('F'), 'refuse jams'],
    ['metal in plastic', end('M'), end('F', plastic), 'refuse splits'],
    ['plastic in metal', end('M', plastic), end('F'), 'fits threads'],
    ['plastic in plastic', end('M', plastic), end('F', plastic), 'caution gently'],
  ]
  it.each(threads)('%s', (_, male, female, says) => {
    const { verdict, reasons } = judgeThreads(male, female)
    expect(reasons.map((reason) => `${reason.verdict} ${reason.message}`)).toEqual([says])
    expect(verdict).toBe(says.split(' ')[0])
  })
  it('every sentence of theirs is said in one of these cases', () => {
    const said = new Set(threads.map(([, , , says]) => says.slice(says.indexOf(' ') + 1)))
    expect(threadRules.flatMap(({ meta }) => Object.keys(meta.messages)).filter((key) => !said.has(key))).toEqual([])
  })
})
