import { describe, expect, it } from 'vitest'
import { shippedCatalogue } from '../catalogue/catalogue'
import type { sampleJob } from '../testing/sample-run'
import { pipeId, sampleSystem } from '../testing/sample-run'
import { placeTexts } from './place-texts'
import { compassOf, drawRun } from './drawing'
import { layOut } from '../run/layout'
import { sampleColours } from '../testing/sample-colours'
import { acrossPaper, runSheet } from './sheet'

const system = sampleSystem({
  pipe: pipeId('EN 1057', '22', 0.9),
  method: 'solder',
  service: 'hot',
  legs: [
    ['tie-in:s', 'east', 1000, 'elbow:a'],
    ['elbow:a', 'up', 400, 'valve:v'],
    ['valve:v', 'up', 300, 'outlet:e'],
  ],
})
const length = (mm: number) => `${mm} mm`

describe('the numbers of the joints', () => {
  it('stand beside their node, where any are told', () => {
    const sheet = (jointsOf?: ReadonlyMap<string, string>) =>
      runSheet(shippedCatalogue, system, 'isometric', {
        title: 'Sink',
        length,
        colours: sampleColours,
        units: 'metric',
        size: acrossPaper('a4'),
        pieceOf: new Map(),
        ...(jointsOf ? { jointsOf } : {}),
      })
    const plain = sheet()
    const numbered = sheet(new Map([['a', '2 3']]))
    const texts = (svg: string) => [...svg.matchAll(/<text x="([\d.]+)" y="([\d.]+)"[^>]*>2 3</g)]
    expect(texts(plain)).toEqual([])
    // Once as its own ground, once to be read.
    expect(texts(numbered)).toHaveLength(2)
    const nodes = [...numbered.matchAll(/transform="translate\(([\d.]+) ([\d.]+)\) scale/g)]
    const [, x, y] = texts(numbered)[0]!
    // Within five millimetres of what they are the numbers of, and on none of it.
    const far = Math.min(...nodes.map((of) => Math.hypot(Number(x) - Number(of[1]), Number(y) - 0.83 - Number(of[2]))))
    expect(far).toBeGreaterThan(2)
    expect(far).toBeLessThan(5)
  })
})

describe('plan and elevations', () => {
  it('each shows two axes as they are, and the third as a point', () => {
    const drawn = (view: Parameters<typeof drawRun>[1]) =>
      drawRun(layOut(system), view).legs.map(({ to }) => to.map((mm) => mm + 0))
    expect(drawn('plan')).toEqual([
      [1000, 0],
      [1000, 0],
      [1000, 0],
    ])
    expect(drawn('from the south')).toEqual([
      [1000, 0],
      [1000, -400],
      [1000, -700],
    ])
    expect(compassOf('plan').map(({ word }) => word)).toEqual(['N', 'E'])
    expect(compassOf('from the east').map(({ word }) => word)).toEqual(['N', 'up'])
  })
})

describe('what stands at a node', () => {
  it('is drawn by its kind, a held bend as held, what is there already as that, and what hangs on nothing not at all', () => {
    const system = sampleSystem({
      pipe: pipeId('EN ISO 15875', '16'),
      method: 'compression',
      legs: [
        ['tie-in:s', 'east', 1000, 'bend:b'],
        ['b', 'up', 600, 'valve:v'],
        ['v', 'up', 300, 'bend:c'],
        ['c', 'east', 300, 'open:e'],
      ],
      nodes: { b: { held: true }, v: { held: true, state: 'existing' } },
    })
    const alone = { id: 'x', run: 'r1', kind: 'cap' as const }
    const { nodes } = drawRun(layOut({ ...system, nodes: [...system.nodes, alone] }))
    expect(
      nodes.map(({ id, kind, isHeld, isNew }) => [id, isHeld && kind === 'bend' ? `held ${kind}` : kind, isNew]),
    ).toEqual([
      ['s', 'tie-in', true],
      ['b', 'held bend', true],
      ['v', 'valve', false],
      ['c', 'bend', true],
      ['e', 'open', true],
    ])
  })
})

describe('heights of ends', () => {
  const placed = (legs: Parameters<typeof sampleJob>[0]['legs']) =>
    placeTexts(drawRun(layOut(sampleSystem({ pipe: pipeId('EN 1057', '22', 0.9), method: 'solder', legs }))), 60)
      .heights
  it('stand above to the right; near another one below, or not at all', () => {
    expect([...placed([['tie-in:s', 'east', 1000, 'outlet:e']])]).toEqual([
      ['s', [7, -3]],
      // To its right it would stand beyond what is seen, above to its left on the pipe.
      ['e', [-7, 3]],
    ])
    // Five ends within ten millimetres: above and below, and three that are not written.
    const near = placed([
      ['tie-in:a', 'east', 4, 'tee:t'],
      ['tee:t', 'up', 4, 'outlet:b'],
      ['tee:t', 'north', 4, 'outlet:c'],
      ['tee:t', 'south', 4, 'outlet:d'],
      ['tee:t', 'down', 4, 'outlet:e'],
    ])
    expect([...near.values()]).toEqual([
      [7, -3],
      [7, 3],
    ])
    expect(near.has('t')).toBe(false)
  })
})

describe('the sheet', () => {
  const svg = runSheet(shippedCatalogue, system, 'isometric', {
    title: 'Quarry & Sons',
    colours: sampleColours,
    units: 'metric',
    size: acrossPaper('a4'),
    length,
    pieceOf: new Map([['l1', 'P1']]),
  })

  it('fits one page, with its lengths, pieces and heights, words escaped', () => {
    expect(svg).toContain('width="297mm" height="210mm"')
    for (const text of ['Quarry &amp; Sons', '1000 mm  P1', '+700 mm', '+0 mm']) expect(svg).toContain(text)
    const coordinates = [...svg.matchAll(/ [xy][12]="([-0-9.]+)"/g)].map(([, value]) => Number(value))
    expect(coordinates.length).toBe(12)
    expect(Math.min(...coordinates)).toBeGreaterThan(0)
    expect(Math.max(...coordinates)).toBeLessThan(297)
  })

  it('fits the paper that it is for: Letter is 279.4 across and 215.9 down', () => {
    const on = (paper: 'a4' | 'letter') =>
      runSheet(shippedCatalogue, system, 'isometric', {
        title: 'A',
        colours: sampleColours,
        units: 'metric',
        size: acrossPaper(paper),
        length,
        pieceOf: new Map(),
      })
    expect(on('a4')).toContain('viewBox="0 0 297 210"')
    expect(on('letter')).toContain('viewBox="0 0 279.4 215.9"')
  })

  it('draws hot pipe dashed', () => expect(svg).toContain('stroke-dasharray="5 1.4"'))
})
