import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { Pipe } from '../catalogue/pipe'
import type { Observation } from '../job/observation'
import { pipeId } from '../testing/sample-run'
import { contradictionsOf } from './contradictions'
import { warningsOf } from './warnings'

const pipe = (...of: Parameters<typeof pipeId>): Pipe => catalogue.pipe(pipeId(...of))!
const copper22 = pipe('EN 1057', '22', 0.9)
const named = (of: Pipe, seen: Observation) => contradictionsOf(of, [seen]).map(({ message }) => message)

describe('what speaks against a pipe', () => {
  // Three limits of error: a caliper's 0.1 and the pipe's own 0.05 make 0.45, a tape's 1 makes 3.15.
  it.each<[string, Observation, number, number]>([
    ['a caliper', { kind: 'diameter', mm: 0, instrument: 'caliper' }, 0.44, 0.46],
    [
      'a caliper over paint, 0.4 more each',
      { kind: 'diameter', mm: 0, instrument: 'caliper', painted: true },
      1.64,
      1.66,
    ],
    [
      'a caliper on an oval end, a fiftieth more each',
      { kind: 'diameter', mm: 0, instrument: 'caliper', oval: true },
      1.76,
      1.78,
    ],
    ['a tape across', { kind: 'diameter', mm: 0, instrument: 'tape' }, 3.14, 3.16],
  ])('%s, both ways', (_, seen, within, beyond) => {
    expect(copper22.odTolerance).toBe(0.05)
    const at = (mm: number) => named(copper22, { ...seen, mm } as Observation)
    for (const side of [1, -1]) {
      expect(at(22 + side * within)).toEqual([])
      expect(at(22 + side * beyond)).toEqual(['off'])
    }
  })

  it('a string round it is π times as long, and its error as much less', () => {
    const round = (diameter: number) => named(copper22, { kind: 'circumference', mm: diameter * Math.PI })
    // (1 / π + 0.05) × 3 = 1.105
    expect([round(23.1), round(20.9), round(23.11), round(20.89)]).toEqual([[], [], ['off'], ['off']])
    expect(contradictionsOf(copper22, [{ kind: 'circumference', mm: 75.4 }])[0]!.values).toMatchObject({
      of: 'the string gives',
      expected: 22,
    })
  })

  it('a wall, with a twentieth of its own', () => {
    // (0.1 + 0.045) × 3 = 0.435
    expect(named(copper22, { kind: 'wall', mm: 1.33 })).toEqual([])
    expect(named(copper22, { kind: 'wall', mm: 1.34 })).toEqual(['off'])
  })

  it('a gauge that cannot have gone on, or would hang loose, or must have gone', () => {
    expect(named(copper22, { kind: 'gauge', mm: 22.05, fits: true })).toEqual([])
    expect(named(copper22, { kind: 'gauge', mm: 21.49, fits: true })).toEqual(['gauge'])
    expect(named(copper22, { kind: 'gauge', mm: 22.5, fits: true })).toEqual(['gauge'])
    expect(named(copper22, { kind: 'gauge', mm: 22.05, fits: false })).toEqual(['gauge'])
    expect(contradictionsOf(copper22, [{ kind: 'gauge', mm: 22.05, fits: false }])[0]!.values).toEqual({
      gauge: 22.05,
      goes: false,
      od: 22,
    })
  })

  it('a print of another pipe; one that says nothing speaks for nothing', () => {
    expect(named(copper22, { kind: 'print', text: 'ASTM F876 PEX 1/2' })).toEqual(['print'])
    expect(named(copper22, { kind: 'print', text: '22 X 0.9 EN 1057' })).toEqual([])
    expect(named(copper22, { kind: 'print', text: '????' })).toEqual([])
    expect(contradictionsOf(copper22, [{ kind: 'print', text: 'PEX 1/2' }])[0]!.values).toEqual({ text: 'PEX 1/2' })
  })

  it('a magnet, either way, and any other look in its own words', () => {
    expect(named(copper22, { kind: 'magnet', value: 'sticks' })).toEqual(['sticks'])
    expect(named(copper22, { kind: 'magnet', value: 'does not stick' })).toEqual([])
    expect(named(pipe('EN 10305-3', '22'), { kind: 'magnet', value: 'does not stick' })).toEqual(['does not stick'])
    expect(contradictionsOf(copper22, [{ kind: 'cut-end', value: 'plastic' }])).toMatchObject([
      { message: 'look', values: { kind: 'cut-end', value: 'plastic', material: 'copper' } },
    ])
  })

  it('each thing that was seen is held against it by itself', () => {
    const seen: Observation[] = [
      { kind: 'magnet', value: 'sticks' },
      { kind: 'scratch', value: 'reddish' },
      { kind: 'wall', mm: 2.9 },
    ]
    expect(contradictionsOf(copper22, seen).map(({ message }) => message)).toEqual(['sticks', 'off'])
  })
})

describe('what to be warned of', () => {
  const none = { barrier: false, potable: false }
  const warned = (of: Pipe, marks = none) => warningsOf(of, marks).map(({ message }) => message)
  it.each<[string, Pipe, string[]]>([
    ['hard copper', copper22, []],
    ['soft copper', pipe('EN 1057', '15', 'R220'), ['soft copper']],
    ['lead', catalogue.pipes.find(({ material }) => material === 'lead')!, ['lead']],
    ['carbon steel', pipe('EN 10305-3', '22'), ['carbon steel']],
    ['PEX', pipe('ASTM F876', '1/2', 'pex-b'), ['barrier']],
    ['old grey', catalogue.pipes.find(({ standard }) => standard === 'old grey CTS')!, ['old grey', 'barrier']],
    ['multilayer', pipe('EN ISO 21003', '16'), []],
  ])('%s', (_, of, expected) => expect(warned(of)).toEqual(expected))
  it('a barrier that the print names ends that warning', () => {
    expect(warned(pipe('ASTM F876', '1/2', 'pex-b'), { barrier: true, potable: false })).toEqual([])
  })
})

it('a print is named where what was read of it is of another pipe, and not where nothing of it was understood', () => {
  const print = (text: string) => named(copper22, { kind: 'print', text })
  expect([print('EN 1057 R250 22 x 0.9'), print('PE-Xa 16 x 2.0 EN ISO 15875'), print('~~~'), print('')]).toEqual([
    [],
    ['print'],
    [],
    [],
  ])
})
