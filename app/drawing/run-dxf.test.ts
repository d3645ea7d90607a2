import DxfParser from 'dxf-parser'
import { describe, expect, it } from 'vitest'
import { pipeId, sampleSystem } from '~~/core/testing/sample-run'
import { runsDxf } from './run-dxf'

interface ReadLine {
  readonly type: string
  readonly layer: string
  readonly vertices?: readonly { readonly x: number; readonly y: number; readonly z: number }[]
  readonly text?: string
}

describe('a DXF file, read back by another package', () => {
  const system = sampleSystem({
    pipe: pipeId('EN 1057', '22', 0.9),
    method: 'solder',
    service: 'hot',
    legs: [
      ['tie-in:s', 'east', 1000, 'elbow:a'],
      ['elbow:a', 'north', 800.5, 'tee:t'],
      ['tee:t', 'up', 400, 'outlet:e'],
    ],
  })
  const read = new DxfParser().parseSync(runsDxf([system], new Map([['l1', 'P1']]), 'metric'))!
  const entities = read.entities as unknown as ReadLine[]

  it('has every leg as a line in space, in millimetres, on its service’s layer', () => {
    const lines = entities.filter(({ type }) => type === 'LINE')
    expect(lines.map(({ layer }) => layer)).toEqual(['HOT', 'HOT', 'HOT'])
    expect(lines.map(({ vertices }) => vertices!.map(({ x, y, z }) => [x, y, z ?? 0]))).toEqual([
      [
        [0, 0, 0],
        [1000, 0, 0],
      ],
      [
        [1000, 0, 0],
        [1000, 800.5, 0],
      ],
      [
        [1000, 800.5, 0],
        [1000, 800.5, 400],
      ],
    ])
    expect(read.header.$INSUNITS).toBe(4)
  })

  it('a leg with a service of its own lies on that one’s layer', () => {
    const legs = system.legs.map((leg) => (leg.id === 'l3' ? { ...leg, service: 'heating-return' as const } : leg))
    const drawn = new DxfParser().parseSync(runsDxf([{ ...system, legs }], new Map(), 'metric'))!
    const lines = (drawn.entities as unknown as ReadLine[]).filter(({ type }) => type === 'LINE')
    expect(lines.map(({ layer }) => layer)).toEqual(['HOT', 'HOT', 'HEATING_RETURN'])
  })

  it('in a job of feet and inches is in inches, texts and points alike', () => {
    const inches = new DxfParser().parseSync(runsDxf([system], new Map([['l1', 'P1']]), 'imperial'))!
    const drawn = inches.entities as unknown as ReadLine[]
    expect(inches.header.$INSUNITS).toBe(1)
    expect(drawn.find(({ type }) => type === 'LINE')!.vertices!.map(({ x }) => x)).toEqual([
      0,
      expect.closeTo(1000 / 25.4, 6),
    ])
    // 1 000 mm are 39.37 inches, to the sixteenth 3 feet 3 3/8.
    expect(drawn.map(({ text }) => text)).toContain(`3' 3 3/8" P1`)
  })

  it('has each fitting as a named block, as it lies seen from above, with what it is drawn of', () => {
    const inserts = (read.entities as unknown as { type: string; name: string; position: { x: number; y: number } }[])
      .filter(({ type }) => type === 'INSERT')
      .map(({ name, position: { x, y } }) => [name, x, y])
    expect(inserts).toEqual([
      ['TIE-IN', 0, 0],
      ['ELBOW', 1000, 0],
      ['TEE', 1000, 800.5],
      ['OUTLET', 1000, 800.5],
    ])
    const blocks = read.blocks as unknown as Record<string, { entities?: readonly ReadLine[] }>
    expect(blocks['TIE-IN']!.entities!.map(({ type }) => type)).toEqual(['CIRCLE'])
    // From the pipe that comes in from the west, round to the one that goes north: mouths 2.2 thirds of 40 off.
    const [curve] = blocks.ELBOW!.entities!
    const ends = [curve!.vertices![0]!, curve!.vertices!.at(-1)!].map(({ x, y }) => [x, y])
    const far = (2.2 * 40) / 3
    for (const [at, expected] of [
      [-far, 0],
      [0, far],
    ].entries())
      expected.forEach((mm, axis) => expect(ends[at]![axis]).toBeCloseTo(mm, 3))
  })

  it('two fittings that lie alike share a block, one that lies otherwise has its own', () => {
    const zigzag = sampleSystem({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['open:s', 'east', 1000, 'elbow:a'],
        ['elbow:a', 'north', 500, 'elbow:b'],
        ['elbow:b', 'east', 500, 'elbow:c'],
        ['elbow:c', 'north', 500, 'open:e'],
      ],
    })
    const drawn = new DxfParser().parseSync(runsDxf([zigzag], new Map(), 'metric'))!
    const elbows = (drawn.entities as unknown as { name?: string }[]).flatMap(({ name }) =>
      name?.startsWith('ELBOW') ? [name] : [],
    )
    expect(elbows).toEqual(['ELBOW', 'ELBOW-2', 'ELBOW'])
  })

  it('writes a length along its leg, never upside down', () => {
    const square = sampleSystem({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['open:s', 'east', 1000, 'elbow:a'],
        ['elbow:a', 'north', 900, 'elbow:b'],
        ['elbow:b', 'west', 800, 'elbow:c'],
        ['elbow:c', 'south', 700, 'elbow:d'],
        ['elbow:d', 'up', 600, 'open:e'],
      ],
    })
    const drawn = new DxfParser().parseSync(runsDxf([square], new Map(), 'metric'))!
    const turns = (drawn.entities as unknown as { type: string; text: string; rotation?: number }[])
      .filter(({ type, text }) => type === 'TEXT' && /^\d/.test(text))
      .map(({ text, rotation }) => [text, rotation ?? 0])
    expect(turns).toEqual([
      ['1000', 0],
      ['900', 90],
      ['800', 0],
      ['700', 90],
      ['600', 0],
    ])
  })

  it('names lengths, pieces and fittings', () => {
    const texts = entities.filter(({ type }) => type === 'TEXT').map(({ text }) => text)
    expect(texts).toEqual(expect.arrayContaining(['1000 P1', '800.5', 'tee', 'outlet']))
  })
})
