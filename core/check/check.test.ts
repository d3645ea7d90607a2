import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { MethodId } from '../catalogue/method'
import { planJob } from '../plan'
import { said } from '../said'
import { pipeId, sampleJob, type SampleRun } from '../sample-run'

const copper22 = pipeId('EN 1057', '22', 0.9)
const plan = (of: Partial<SampleRun>) =>
  planJob(sampleJob({ pipe: copper22, method: 'solder', legs: [], ...of }), catalogue)
const saying = (of: Partial<SampleRun>, rule: string) =>
  plan(of)
    .checks.filter((check) => check.rule === rule)
    .map((check) => `${check.verdict} at ${check.where}: ${said(check)}`)

describe('bends on a piece', () => {
  const twoBends = (between: number, first = 500): Partial<SampleRun> => ({
    legs: [
      ['open:s', 'east', first, 'bend:b'],
      ['bend:b', 'north', between, 'bend:c'],
      ['bend:c', 'east', 500, 'open:e'],
    ],
    nodes: { b: { radius: 60 }, c: { radius: 60 } },
  })

  it('100 between two 90s of 60 overlap by 20: refused, and no cut length', () => {
    expect(saying(twoBends(100), 'bend-room').join()).toMatch(/refuse at Run, piece P1: bends 1 and 2 overlap by 20.mm/)
    expect(plan(twoBends(100)).pieces[0]!.cut).toBeNull()
    expect(saying(twoBends(120), 'bend-room')).toEqual([])
    expect(plan(twoBends(120)).pieces[0]!.cut).not.toBeNull()
  })

  it('a bend that begins before the pipe’s end is refused by how much', () => {
    expect(saying(twoBends(200, 48), 'bend-room').join()).toMatch(
      /bend 1 would begin 12.mm beyond the pipe’s first end/,
    )
  })

  it.each<[string, string, number, string]>([
    ['PEX 16 at 40', pipeId('EN ISO 15875', '16', 'pex-a'), 40, 'refuse'],
    ['22 copper at 5', copper22, 5, 'refuse'],
    ['CPVC', pipeId('ASTM D2846', '1/2'), 100, 'refuse'],
    ['galvanised steel', pipeId('EN 10255', '1/2'), 60, 'refuse'],
  ])('%s is held against the least radius of its pipe', (_, pipe, radius, verdict) => {
    const found = saying(
      {
        pipe,
        legs: [
          ['open:s', 'east', 1000, 'bend:b'],
          ['bend:b', 'north', 1000, 'open:e'],
        ],
        nodes: { b: { radius } },
      },
      'bend-radius',
    )
    expect(found).toHaveLength(1)
    expect(found[0]).toContain(`${verdict} at Run, bend`)
  })
})

describe('room for the tool between two mouths', () => {
  const short = (method: MethodId, length: number, pipe = copper22): Partial<SampleRun> => ({
    pipe,
    method,
    legs: [
      ['open:s', 'east', 1000, 'elbow:a'],
      ['elbow:a', 'north', length, 'elbow:b'],
      ['elbow:b', 'east', 1000, 'open:e'],
    ],
  })
  /** Centre to centre for so much bare pipe between the mouths of two elbows. */
  function lengthFor(method: MethodId, bare: number, pipe = copper22): number {
    const of = catalogue.pipe(pipe)!
    const socket = catalogue.socketFor(method, of)!
    return 2 * (catalogue.takeOff(socket, 'elbow-90', 'either')!.mm + socket.insertion!.mm) + bare
  }

  it('a press jaw wants 20 on 22: at 8 it lacks 12, at 20 nothing', () => {
    expect(saying(short('press-metal', lengthFor('press-metal', 8)), 'tool-room').join()).toMatch(
      /refuse at Run, piece P2: 8.mm of bare pipe between the two fittings, and the .* needs 20.mm: move one by 12.mm/,
    )
    expect(saying(short('press-metal', lengthFor('press-metal', 20)), 'tool-room')).toEqual([])
  })

  it('solder asks for none', () => {
    expect(saying(short('solder', lengthFor('solder', 2)), 'tool-room')).toEqual([])
  })

  it('a piece that does not even go into both is another fault', () => {
    const tight = short('press-metal', lengthFor('press-metal', -5))
    expect(saying(tight, 'tool-room')).toEqual([])
    expect(saying(tight, 'least-piece').join()).toMatch(/move a fitting by 5.mm/)
  })
})
