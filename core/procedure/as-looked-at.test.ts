import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { MethodId } from '../methods/ids'
import { profiles, profileWith, type Profile } from '../workshop/profile'
import { pipeId } from '../testing/sample-run'
import { speakerIn } from '../speech'
import { jointCard, type CardPlace } from './joint-card'
import { faultsOf, type FaultId } from '../section/faults'
import { sectionOf } from '../section/section'

/*
 * Cards as they were read through, and sections as they were looked at: any change of a word, figure or line shows.
 * What is right about them is tested beside; after a change on purpose, read the difference, then `vitest -u`.
 */

const pipe = (...of: Parameters<typeof pipeId>) => catalogue.pipe(pipeId(...of))!
const pipes = {
  'copper 15': pipe('EN 1057', '15', 0.7),
  'copper 22': pipe('EN 1057', '22', 0.9),
  'copper 35': pipe('EN 1057', '35', 1.2),
  'soft copper 15': pipe('EN 1057', '15', 'R220'),
  'PEX 1/2': pipe('ASTM F876', '1/2', 'pex-a'),
  'PEX 3/4': pipe('ASTM F876', '3/4', 'pex-a'),
  'PB 22': pipe('BS 7291', '22', 'pb'),
  'multilayer 16': pipe('EN ISO 21003', '16'),
  'CPVC 3/4': pipe('ASTM D2846', '3/4'),
  'PVC-U 3/4': pipe('ASTM D1785', '3/4', 'Schedule 40'),
  'PE 25': pipe('EN 12201', '25'),
  'steel 3/4': pipe('EN 10255', '3/4'),
}

const smear = profileWith('us-a', { oliveSmear: 'a smear' })
const cards: readonly (readonly [MethodId, keyof typeof pipes, Partial<CardPlace>?])[] = [
  ['solder', 'copper 22'],
  ['solder', 'copper 35', { attitude: 'level' }],
  ['solder', 'copper 15', { attitude: 'upright, fitting above', wet: true }],
  ['solder', 'soft copper 15', { attitude: 'upright, fitting below' }],
  ['press-metal', 'copper 22'],
  ['press-metal', 'copper 35', { wet: true }],
  ['press-multilayer', 'multilayer 16'],
  ['crimp', 'PEX 1/2'],
  ['crimp', 'PEX 3/4'],
  ['clamp', 'PEX 1/2'],
  ['expansion', 'PEX 1/2', { celsius: 20 }],
  ['expansion', 'PEX 3/4', { celsius: 4.9 }],
  ['expansion', 'PEX 1/2', { celsius: 5 }],
  ['expansion', 'PEX 1/2', { celsius: -11 }],
  ['expansion', 'PEX 1/2'],
  ['push-fit', 'copper 22'],
  ['push-fit', 'PB 22'],
  ['push-fit', 'CPVC 3/4'],
  ['compression', 'copper 15'],
  ['compression', 'copper 35'],
  ['compression', 'soft copper 15'],
  ['compression', 'PB 22'],
  ['compression', 'multilayer 16'],
  ['compression-pe', 'PE 25'],
  ['solvent', 'CPVC 3/4', { celsius: 20 }],
  ['solvent', 'PVC-U 3/4', { celsius: 3 }],
  ['solvent', 'PVC-U 3/4', { celsius: -19 }],
  ['solvent', 'PVC-U 3/4'],
  ['thread', 'steel 3/4'],
]

/** A card as lines of text. */
function lines(method: MethodId, of: keyof typeof pipes, profile: Profile, here: CardPlace): string[] {
  const {
    title,
    insertion,
    minutes,
    holes,
    steps,
    apart,
    method: _,
    ...lists
  } = jointCard(catalogue, pipes[of], method, { profile, here })
  const figure = (value: unknown) => (value ? ` | ${Object.values(value).join(', ')}` : '')
  return [
    `${title}, ${minutes} minutes${figure(insertion)}`,
    ...steps.map((step, index) => `${index + 1} ${step.text}${figure(step.figure)}${figure(step.wait)}`),
    ...Object.entries(lists).map(([name, texts]) => `${name}: ${texts.join('; ')}`),
    `apart: ${apart}`,
    `holes: ${holes}`,
  ]
}

describe('cards as they were read through', () => {
  it.each(cards.map(([method, of, here = {}]) => ({ method, of, here })))(
    '$method on $of, $here',
    ({ method, of, here }) => {
      expect(lines(method, of, profiles.metric, { say: speakerIn('metric'), ...here })).toMatchSnapshot()
    },
  )
  it('in feet, inches and the trade’s words there', () => {
    const say = speakerIn('imperial')
    expect(lines('crimp', 'PEX 1/2', profiles['us-a'], { say })).toMatchSnapshot()
    expect(lines('compression', 'copper 22', smear, { say })).toMatchSnapshot()
  })
})

describe('sections as they were looked at', () => {
  const tenths = (value: number) => Math.round(value * 10) / 10
  const drawn = (
    method: MethodId,
    of: keyof typeof pipes,
    depth: number,
    home: number,
    faults: readonly FaultId[] = [],
  ) => {
    const { parts, stations, says } = sectionOf({ pipe: pipes[of], method, depth, home, faults: new Set(faults) })
    return {
      says,
      stations: stations.map(({ name, at, text, state }) => `${name} ${tenths(at)} ${text}: ${state}`),
      parts: parts.map(
        ({ part, points }) => `${part}: ${points.map((point) => point.map(tenths).join(',')).join(' ')}`,
      ),
    }
  }
  const sections: readonly (readonly [MethodId, keyof typeof pipes, number])[] = [
    ['solder', 'copper 22', 15.4],
    ['press-metal', 'copper 22', 23],
    ['press-multilayer', 'multilayer 16', 20],
    ['crimp', 'PEX 1/2', 15],
    ['expansion', 'PEX 1/2', 18],
    ['push-fit', 'PB 22', 28],
    ['compression', 'copper 15', 18],
    ['compression', 'copper 15', 14],
    ['compression-pe', 'PE 25', 54],
    ['solvent', 'CPVC 3/4', 18],
    ['thread', 'steel 3/4', 15],
  ]
  it.each(sections)('%s on %s, %d deep: home, and half way in', (method, of, depth) => {
    expect([drawn(method, of, depth, depth), drawn(method, of, depth, depth / 2)]).toMatchSnapshot()
  })
  it.each(sections)('%s on %s: its faults', (method, of, depth) => {
    const faults = faultsOf(method, pipes[of])
    expect(faults.map((fault) => [fault, drawn(method, of, depth, depth, [fault.id])])).toMatchSnapshot()
  })
})
