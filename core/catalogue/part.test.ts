import { describe, expect, it } from 'vitest'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob } from '../testing/sample-run'
import { catalogueWith, shippedCatalogue } from './catalogue'
import { chainLengthOf, fittingNamed } from './chain-length'
import { endLength, handLength } from './fitting-length'
import { shippedSockets } from './socket'
import { partLabel, partSchema, socketNamed, takeOffFromFace, type Part } from './part'
import { partKey } from './part-key'
import { readPartRows, toPartRows, type PartRow } from './part-rows'
import { byName } from '../testing/sample-choice'

const [solder22, adapter] = ['solder:EN 1254-1:22', '22 solder × 1/2 M BSP adapter']
const part = (rest: Partial<Part>): Part => ({
  socket: solder22,
  end: 'either',
  mm: 15,
  tolerance: 0.2,
  basis: 'measured',
  by: 'R. Beck',
  note: '',
  ...rest,
})
const elbow = part({
  fitting: 'elbow-90',
  mm: takeOffFromFace({ mm: 31, tolerance: 0 }, { mm: 15.4, tolerance: 0 }).mm,
})
const row = (rest: PartRow): PartRow => ({
  what: 'depth',
  method: 'solder',
  size: '22',
  system: '',
  end: '',
  mm: '15.8',
  tolerance_mm: '0.2',
  basis: 'measured',
  by: 'R. Beck',
  ...rest,
})

describe('the user’s own parts', () => {
  it('overrule the shipped figure, and the plan follows with their basis', () => {
    const job = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['elbow:a', 'east', 1000, 'elbow:b'],
        ['elbow:b', 'up', 500, 'open:c'],
        ['open:d', 'up', 500, 'elbow:a'],
      ],
    })
    const [shipped] = planJob(job, shippedCatalogue).pieces
    const [own] = planJob(job, catalogueWith([elbow, part({ mm: 15.8 })])).pieces
    // 1000 less twice 14.6 as shipped; less twice 31 − 15.4 = 15.6 as measured.
    expect([shipped!.cut, shipped!.basis, shipped!.tolerance]).toEqual([970.8, 'typical', 3])
    expect([own!.cut, own!.basis, own!.tolerance]).toEqual([968.8, 'measured', 0.4])
    expect(own!.ends[0]).toMatchObject({ insertion: 15.8, insertionBasis: 'measured', takeOffBasis: 'measured' })
  })

  it('stand in place of what is only estimated: a valve', () => {
    const job = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['open:a', 'east', 1000, 'valve:b'],
        ['valve:b', 'east', 500, 'open:c'],
      ],
    })
    // 0.55 × 22 + 12 from the valve's middle.
    expect(planJob(job, shippedCatalogue).pieces[0]).toMatchObject({ cut: 975.9, tolerance: 6, basis: 'typical' })
    expect(planJob(job, catalogueWith([part({ fitting: 'valve', mm: 30 })])).pieces[0]!.cut).toBe(970)
  })

  it('are named, and refused with the field and what is accepted', () => {
    expect(partLabel(elbow)).toBe('22 solder elbow-90: take-off')
    const { socket } = elbow
    expect(partLabel({ socket, end: 'either' })).toBe('22 solder: insertion depth')
    expect(partLabel({ socket, fitting: 'tee', end: 'branch' })).toBe('22 solder tee, branch: take-off')
    expect(partLabel({ socket: 'glue:x:1', end: 'either' })).toBe('glue:x:1: insertion depth')
    const keys = [partKey(elbow), partKey({ socket, end: 'either' }), partKey({ socket, fitting: 'tee', end: 'run' })]
    expect(keys).toEqual([`${socket}|elbow-90|either`, `${socket}|depth|either`, `${socket}|tee|run`])
    expect(partKey({ socket: '', named: adapter, end: 'either' })).toBe(`${adapter}|named|either`)
    const problem = (rest: Partial<Part>) => {
      const [issue] = partSchema.safeParse(part(rest)).error?.issues ?? []
      return issue && [issue.path.join('.'), issue.message]
    }
    expect(problem({ socket: 'glue:x:1' })?.[0]).toBe('socket')
    expect(problem({ mm: 900 })).toEqual(['mm', 'millimetres from -50 to 500'])
    expect(problem({ mm: 0 })).toEqual(['mm', 'an insertion depth from 1 to 500 mm'])
    expect([problem({ mm: 1 }), problem({ fitting: 'coupling', mm: 0.5 })]).toEqual([undefined, undefined])
    const named = '22 solder × 22 solder × 15 solder tee'
    expect(problem({ socket: '', named })).toEqual(['end', 'a tee’s end: run or branch'])
    expect(problem({ socket: '', named, end: 'branch' })).toBeUndefined()
    expect(problem({ by: ' ' })?.[0]).toBe('by')
    expect(problem({ named: adapter })?.[1]).toContain('one of the two')
    expect(problem({ socket: '' })).toEqual(['socket', 'a socket, or a fitting by its name: one of the two'])
    expect(problem({ socket: '', named: adapter, fitting: 'valve' })?.[1]).toContain('one of the two')
    expect(problem({ socket: '', named: 'a hose' })?.[0]).toBe('named')
    expect(problem({ socket: '', named: adapter, end: 'run' })).toEqual(['end', 'either'])
    expect(problem({ socket: '', named: adapter, mm: 0 })).toBeUndefined()
    expect(problem({ fitting: 'tee' })).toEqual(['end', 'a tee’s end: run or branch'])
  })
})

describe('a fitting that was measured by its name', () => {
  const named = (name: string, mm: number, rest: Partial<Part> = {}) => part({ socket: '', named: name, mm, ...rest })

  it('in line it is measured from stop to stop, and each end has half of it', () => {
    const own = catalogueWith([named(adapter, 15)])
    const of = fittingNamed(adapter)!
    expect(endLength(shippedCatalogue, of, 0)).toMatchObject({ mm: 6.25, basis: 'typical' })
    for (const end of [0, 1]) expect(endLength(own, of, end)).toEqual({ mm: 7.5, tolerance: 0.1, basis: 'measured' })
    expect(handLength(own, of, 'either')).toEqual({ mm: 15, tolerance: 0.2, basis: 'measured' })
    expect(handLength(shippedCatalogue, of, 'either')!.mm).toBe(12.5)
    expect(chainLengthOf(own, [adapter])).toMatchObject({ mm: 15, basis: 'measured' })
  })

  it('round a corner it is measured at the end that takes pipe, and its thread stays as the table has it', () => {
    const [outlet, tee] = ['22 solder × 1/2 F BSP drop-ear elbow', '22 solder × 22 solder × 15 solder tee']
    const own = catalogueWith([named(outlet, 21), named(tee, 16, { end: 'run' }), named(tee, 18, { end: 'branch' })])
    const [elbow, branched] = [fittingNamed(outlet)!, fittingNamed(tee)!]
    expect(endLength(own, elbow, 0)).toMatchObject({ mm: 21, basis: 'measured' })
    expect(endLength(own, elbow, 1)).toEqual(endLength(shippedCatalogue, elbow, 1))
    expect(handLength(own, elbow, 'either')!.mm).toBe(21)
    expect(handLength(own, branched, 'branch')!.mm).toBe(18)
    expect(handLength(own, branched, 'run')!.mm).toBe(16)
    expect([0, 1, 2].map((end) => endLength(own, branched, end)!.mm)).toEqual([16, 16, 18])
    expect(partLabel(named(outlet, 21))).toBe(`${outlet}: take-off`)
    expect(partLabel(named(tee, 18, { end: 'branch' }))).toBe(`${tee}, branch: take-off`)
    expect(partLabel(named(adapter, 15))).toBe(`${adapter}: from stop to stop`)
  })

  it('is what a plan is cut by, where that fitting was chosen', () => {
    const outlet = '22 solder × 1/2 F BSP drop-ear elbow'
    const job = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [['open:a', 'east', 1000, 'outlet:b']],
      nodes: { b: { fitting: byName(outlet) } },
    })
    expect(planJob(job, catalogueWith([named(outlet, 21)])).pieces[0]).toMatchObject({ cut: 979, basis: 'measured' })
  })
})

describe('a parts file', () => {
  it('says what each row would change, and names every bad one by its line', () => {
    const { changes, problems } = readPartRows(
      [
        row({}),
        row({ what: 'center-to-face', fitting: 'elbow-90', mm: '31,2' }),
        row({ mm: 'long', size: '15' }),
        row({ size: '23' }),
        row({ what: 'weight' }),
        row({ mm: '16' }),
        row({ what: 'take-off', fitting: 'valve', mm: '30', basis: 'guess' }),
        row({ method: 'solvent', size: '1/2' }),
      ],
      [part({ mm: 15.4 })],
    )
    expect(changes.map(({ line, kind, part: { mm, tolerance } }) => [line, kind, mm, tolerance])).toEqual([
      [2, 'changed', 15.8, 0.2],
      // 31.2 to the face, less the 15.8 that the row before gives, with the tolerance of both.
      [3, 'new', 15.4, 0.4],
    ])
    expect(problems.map(({ line }) => line)).toEqual([4, 5, 6, 7, 8, 9])
    expect(problems[0]!.problem).toContain('millimetres')
    expect(problems[1]!.problem).toContain('size 23')
    expect(problems[2]!.problem).toBe('what: depth, take-off, centre-to-face or named')
    expect(problems[3]!.problem).toContain('earlier row')
    expect(problems[4]!.problem).toContain('basis')
    expect(problems[5]!.problem).toContain('CPVC, ASTM D2846')
  })

  it('reads round spaces, and a figure that is not there is not nought', () => {
    const read = (change: Partial<Parameters<typeof row>[0]>) => readPartRows([row(change)], [])
    expect(read({ method: ' Solder ', size: ' 22 ', basis: ' Measured ', mm: ' 15,8 ' }).changes[0]?.part.mm).toBe(15.8)
    for (const mm of ['', '   ']) {
      expect(read({ what: 'take-off', fitting: 'valve', mm }).changes).toEqual([])
      expect(read({ what: 'take-off', fitting: 'valve', mm }).problems[0]!.problem).toMatch(/^mm: /)
    }
    const without = (column: keyof PartRow, rest: PartRow = {}) => {
      const { [column]: _, ...others } = row(rest)
      return readPartRows([others], [])
    }
    const takeOff = { what: 'take-off', fitting: 'valve' }
    expect(without('mm', takeOff).problems[0]!.problem).toMatch(/^mm: /)
    for (const column of ['basis', 'by'] as const)
      expect(without(column).problems[0]!.problem).toMatch(new RegExp(`^${column}: `))
    expect(without('end').changes[0]!.part.end).toBe('either')
    expect(without('note').changes[0]!.part.note).toBe('')
    const spaced = { what: 'take-off', fitting: ' tee ', end: ' branch ', by: ' Pat ', note: ' from the drawer ' }
    expect(read(spaced).changes[0]!.part).toMatchObject({
      fitting: 'tee',
      end: 'branch',
      by: 'Pat',
      note: 'from the drawer',
    })
    expect(read({ tolerance_mm: '' }).problems[0]!.problem).toMatch(/^tolerance_mm: /)
    expect(read({ what: 'take-off', fitting: ' ' }).problems[0]!.problem).toMatch(/^fitting: /)
  })

  it('what is written out is read back as the same', () => {
    const parts = [
      part({ mm: 15.8, note: 'a, b "c"' }),
      elbow,
      part({ fitting: 'tee', end: 'branch', mm: 13 }),
      part({ socket: '', named: adapter, mm: 15 }),
    ]
    const { changes, problems } = readPartRows(toPartRows(parts), parts)
    expect(problems).toEqual([])
    expect(changes.map(({ kind }) => kind)).toEqual(['same', 'same', 'same', 'same'])
    expect(readPartRows(toPartRows(parts), []).changes.map((change) => change.part)).toEqual(parts)
  })
})

describe('a socket by method, size and system', () => {
  it('is found where only one is meant, else what is wrong is said', () => {
    expect(socketNamed('solder', '22', '')).toMatchObject({ method: 'solder', size: '22' })
    expect(socketNamed('solder', '23', '')).toEqual({ problem: 'there is no solder socket of size 23' })
    const systems = shippedSockets.filter(({ method, size }) => method === 'compression' && size === '15')
    const { system } = systems[0]!
    expect(socketNamed('compression', '15', system)).toMatchObject({ size: '15', system })
    expect(socketNamed('compression', '15', 'another')).toEqual({
      problem: `the system is one of: ${systems.map((of) => of.system).join('; ')}`,
    })
  })

  it('of which there are several needs its system', () => {
    const twice = shippedSockets.find((one) =>
      shippedSockets.some((other) => other !== one && other.method === one.method && other.size === one.size),
    )!
    expect(socketNamed(twice.method, twice.size, '')).toMatchObject({ problem: expect.stringContaining(twice.system) })
    expect(socketNamed(twice.method, twice.size, twice.system)).toBe(twice)
  })
})
