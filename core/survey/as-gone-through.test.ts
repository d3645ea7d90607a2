import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { lookValues, type LookKind } from '../job/look'
import type { IdentifyRequest, Observation } from '../job/observation'
import { said } from '../testing/said'
import { findPipes } from './find-pipe'
import { identify } from './identify'
import { parsePrintLine } from './print-line'

/*
 * What is made of everyday looks, readings, prints and words, as it was gone through once: any change of a probability,
 * a next check or a word that is understood shows. What is right about them is tested beside.
 */

const thousandths = (value: number) => Math.round(value * 1000) / 1000
function told(request: IdentifyRequest) {
  const { groups, next, settled, contradictions, warnings } = identify(catalogue, request)
  return {
    settled,
    groups: groups.slice(0, 6).map(({ probability, fits, candidates }) => {
      const likely = candidates.slice(0, 3).map(({ label, probability: of }) => `${label} ${thousandths(of)}`)
      return `${thousandths(probability)}: ${fits.join(', ')} | ${likely.join('; ')}`
    }),
    next: next.slice(0, 4).map(({ kind, gain, seconds }) => `${kind} ${thousandths(gain)} ${seconds}`),
    says: [...contradictions, ...warnings].map((message) => said(message)),
  }
}

const caliper = (mm: number): Observation => ({ kind: 'diameter', mm, instrument: 'caliper' })
const requests: readonly IdentifyRequest[] = [
  { observations: [] },
  { observations: [], region: 'britain', built: 1958 },
  { observations: [], region: 'north-america', built: 1988 },
  { observations: [], region: 'europe' },
  { observations: [caliper(22), { kind: 'scratch', value: 'reddish' }] },
  { observations: [caliper(21.9), { kind: 'scratch', value: 'reddish' }], region: 'britain', built: 1965 },
  {
    observations: [
      { kind: 'circumference', mm: 69.4 },
      { kind: 'feel', value: 'rigid' },
    ],
  },
  {
    observations: [
      { kind: 'diameter', mm: 16, instrument: 'tape' },
      { kind: 'colour', value: 'white' },
    ],
  },
  { observations: [caliper(15.9), { kind: 'cut-end', value: 'plastic' }], region: 'north-america' },
  {
    observations: [
      { kind: 'magnet', value: 'sticks' },
      { kind: 'joint', value: 'thread' },
    ],
  },
  { observations: [{ kind: 'colour', value: 'grey' }, { kind: 'feel', value: 'bends and stays' }, caliper(22)] },
  { observations: [caliper(22.3), { kind: 'colour', value: 'painted' }], region: 'britain' },
  {
    observations: [
      { kind: 'gauge', mm: 22, fits: false },
      { kind: 'gauge', mm: 21.49, fits: true },
    ],
  },
  {
    observations: [
      { kind: 'wall', mm: 2 },
      { kind: 'cut-end', value: 'plastic-metal-plastic' },
    ],
  },
  { observations: [{ kind: 'print', text: 'PEX-B 3/4 SDR9 ASTM F876' }] },
  {
    observations: [
      { kind: 'diameter', mm: 22.4, instrument: 'caliper', oval: true },
      { kind: 'tap', value: 'rings' },
    ],
  },
]

describe('identifications as they were gone through', () => {
  it.each(requests.map((request) => ({ request })))('$request', ({ request }) =>
    expect(told(request)).toMatchSnapshot(),
  )
  it.each(Object.keys(lookValues) as LookKind[])('each answer of one look alone: %s', (kind) => {
    const answers = lookValues[kind].map((value) => [
      value,
      told({ observations: [{ kind, value }] }).groups.slice(0, 3),
    ])
    expect(answers).toMatchSnapshot()
  })
})

describe('prints as they were read', () => {
  it.each([
    'PB2110',
    'PE-Xb/Al/PE-Xb 16x2',
    'BS 2871 Table X 15 x 0.7',
    'BS2871 TABLE Y',
    'TYPE-L 3/4',
    'TYPE K',
    'SCH-40 1/2"',
    'SCH 80 3/4 IN',
    'D-1785',
    'D2846 CPVC',
    'BS7291 22',
    '22 x 0',
    '22 x 0.9',
    '15X1,0',
    '28 x 1',
    '5 x 0.7',
    '22 MM',
    '15mm COPPER',
    '2MM',
    '1-1/4 IN',
    '1 1/4"',
    '2 IN',
    'PE-RT 16x2',
    'PERT/AL/PERT 20 x 2.0',
    'PEX-A 16 x 2.0 EN ISO 15875 EVOH',
    'PE100 SDR11 32x3.0 EN 12201',
    'OLYBUTYLENE',
    'COPP',
    'PER TYPE L',
    'POTABLE',
    'NSF-pw',
    'R220 15x0.7',
    'R290',
    'EN 1057',
    '1057',
    'ISO 21003',
    'F876 F877',
    'F1281 PEX-AL-PEX 1/2',
    'B88 M',
    'GALVANISED EN 10255',
    'STAINLESS 316L',
    '',
    '????',
  ])('“%s”', (text) => expect(parsePrintLine(text)).toMatchSnapshot())
})

describe('pipes as they were asked for', () => {
  it.each([
    '22 copper',
    '15',
    'copper',
    '3/4',
    'old 3/4',
    'half inch pex',
    '16 multilayer',
    '16x2',
    'mdpe 25',
    'blue pipe',
    'galv',
    'lead',
    'grey pb',
    'soft copper 15',
    'type l 1/2',
    'cpvc',
    'ppr 20',
    'stainless 22',
    'table x 22',
    'imperial 1/2',
    'pex-a 3/4',
    'upvc',
    '28mm',
    '1 1/4 pe',
    'nothing of the kind',
    '',
  ])('“%s”', (text) => {
    const found = (['britain', 'north-america'] as const).map((region) => findPipes(catalogue.pipes, text, { region }))
    expect(found.map((pipes) => [pipes.length, ...pipes.slice(0, 5).map(({ label }) => label)])).toMatchSnapshot()
  })
  it('those in use come first', () => {
    const used = catalogue.pipes
      .filter(({ nominal, material }) => nominal === '28' && material === 'copper')
      .map(({ id }) => id)
    expect(
      findPipes(catalogue.pipes, 'copper', { used })
        .slice(0, 4)
        .map(({ id }) => id),
    ).toMatchSnapshot()
  })
})
