import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { Place } from '../job/place'
import { shippedCosts } from '../workshop/costs'
import { said } from '../testing/said'
import { pipeId } from '../testing/sample-run'
import { findFittings } from './names/find-fitting'
import { shippedFittings } from '../catalogue/fittings'
import { join } from './join'

/*
 * What joins everyday pairs, and what counter names mean, as it was gone through once: any change of a fitting, a minute
 * or a price shows. What is right about them is tested beside; after a change on purpose, read the difference.
 */

const pipes = {
  'copper 15': pipeId('EN 1057', '15', 0.7),
  'copper 22': pipeId('EN 1057', '22', 0.9),
  'copper 28': pipeId('EN 1057', '28', 0.9),
  'copper 3/4': pipeId('ASTM B88', '3/4', 'L'),
  'copper 1/2': pipeId('ASTM B88', '1/2', 'L'),
  'old 3/4': pipeId('BS 659', '3/4'),
  'PEX 1/2': pipeId('ASTM F876', '1/2', 'pex-b'),
  'PEX-A 3/4': pipeId('ASTM F876', '3/4', 'pex-a'),
  'multilayer 16': pipeId('EN ISO 21003', '16'),
  'PB 15': pipeId('BS 7291', '15', 'pb'),
  'CPVC 1/2': pipeId('ASTM D2846', '1/2'),
  'PVC-U 3/4': pipeId('ASTM D1785', '3/4', 'Schedule 40'),
  'PE 25': pipeId('EN 12201', '25'),
  'steel 3/4': pipeId('EN 10255', '3/4'),
}
type Name = keyof typeof pipes
const pairs: readonly (readonly [Name, Name, Place?])[] = [
  ['copper 22', 'copper 22'],
  ['copper 22', 'copper 15', { demountable: true }],
  ['copper 15', 'copper 22', { hotWork: 'forbidden' }],
  ['copper 28', 'copper 15'],
  ['old 3/4', 'copper 22'],
  ['old 3/4', 'PB 15'],
  ['copper 22', 'multilayer 16'],
  ['copper 15', 'PB 15', { concealed: true }],
  ['PE 25', 'copper 22', { underground: true }],
  ['steel 3/4', 'copper 22'],
  ['steel 3/4', 'PVC-U 3/4'],
  ['copper 3/4', 'PEX-A 3/4'],
  ['copper 1/2', 'PEX 1/2', { wet: true }],
  ['PEX 1/2', 'PEX-A 3/4'],
  ['CPVC 1/2', 'copper 1/2'],
  ['copper 15', 'copper 1/2'],
]

describe('chains as they were gone through', () => {
  it.each(pairs.map(([a, b, place = {}]) => ({ a, b, place })))('$a to $b, $place', ({ a, b, place }) => {
    const ends = { a: catalogue.pipe(pipes[a])!, b: catalogue.pipe(pipes[b])! }
    const { chains, none } = join(
      catalogue,
      ends,
      { service: 'cold', place, profile: 'metric', conditionA: {}, conditionB: {} },
      shippedCosts,
    )
    const lines = chains.slice(0, 8).map((chain) => {
      const joints = chain.joints.map(({ method, verdict, reasons }) => {
        const more = reasons.filter((reason) => reason.verdict !== 'fits').map(({ rule }) => rule)
        return [method, verdict, ...more].join(' ')
      })
      const figures = [chain.score, chain.minutes, chain.cost, chain.hot].map((of) => Math.round(of * 100) / 100)
      return `${chain.verdict}: ${chain.fittings.map(({ label }) => label).join(' + ')} | ${joints.join('; ')} | ${figures.join(', ')} | ${JSON.stringify(chain.tools)}`
    })
    expect([chains.length, ...lines, said(none)]).toMatchSnapshot()
  })
})

describe('names at the counter as they were gone through', () => {
  const names = [
    '22 x 15 solder reducer',
    '3/4 x 1/2 x 1/2 tee',
    '3/4 tee',
    'street 90 1/2',
    'street elbow 22',
    '1/2 press elbow 45',
    '22 90',
    '15 straight',
    '15 coupler',
    '22 slip coupling',
    'repair coupling 22',
    '1/2 C x M adapter',
    '1/2 C x F adapter',
    '3/4 fip adapter',
    '1/2 bushing',
    '3/4 x 1/2 bush',
    '22 union',
    '1/2 ball valve',
    '15 service valve',
    '3/4 nipple',
    '1/2 cap',
    '22 stop end',
    '1/2 plug',
    '15 x 1/2 tap connector',
    '1/2 swivel',
    '1/2 drop ear',
    '15 wall plate elbow',
    'converter old 3/4 to 22',
    'dielectric union 3/4',
    '1/2 crimp x 1/2 male adapter',
    '1/2 pex tee',
    '16 multilayer elbow',
    '25 pe coupling',
    '3/4 cpvc elbow',
    '1/2 npt nipple',
    'adaptor 15 x 1/2 bsp',
    '22 x 15 x 15 push-fit tee',
    'compression elbow 15',
    '3/4 in. 90 ell',
    'wye 22',
    'tee',
    '22',
    '',
    'banana 22',
  ]
  it.each(names)('“%s”', (name) => {
    const { named, problem, fittings } = findFittings(shippedFittings(), name)
    expect([named, problem, fittings.length, ...fittings.slice(0, 4).map(({ label }) => label)]).toMatchSnapshot()
  })
})
