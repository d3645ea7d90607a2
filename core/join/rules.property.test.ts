import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { methodIds } from '../methods/ids'
import type { Condition, Place } from '../job/place'
import { services } from '../job/place'
import { profiles } from '../workshop/profile'
import { said } from '../testing/said'
import { judge, judgeAll } from './judge'
import { ruleMetas } from './rules'
import { verdictKinds, worstOf } from './verdict'

const badness = (kind: (typeof verdictKinds)[number]): number => verdictKinds.indexOf(kind)
const anyPipe = fc.constantFrom(...catalogue.pipes)
const anyMethod = fc.constantFrom(...methodIds)
const anyService = fc.constantFrom(...services)
const distance = fc.option(fc.double({ min: 0, max: 2000, noNaN: true }), { nil: undefined })
const flag = fc.option(fc.boolean(), { nil: undefined })
const anyPlace: fc.Arbitrary<Place> = fc.record({
  concealed: flag,
  underground: flag,
  outdoors: flag,
  wet: flag,
  demountable: flag,
  hotWork: fc.constantFrom(undefined, 'allowed' as const, 'combustible-near' as const, 'forbidden' as const),
  heaterDistance: distance,
  heatNear: distance,
  wallDistance: distance,
  inLine: flag,
  oriented: flag,
  screed: flag,
  stubOut: fc.constantFrom(undefined, 'bare' as const, 'fixed' as const),
})
/** Things that can only speak against a joint, never for one. */
const hazards: readonly Place[] = [
  { wet: true },
  { concealed: true },
  { underground: true },
  { outdoors: true },
  { screed: true },
  { onFlue: true },
  { inLine: false },
  { hotWork: 'forbidden' },
  { heaterDistance: 0 },
  { heatNear: 0, heatOrder: 'neither' },
  { wallDistance: 0, pipeDistance: 0 },
  { airTest: 'planned' },
  { solarOrSteam: true },
  { flow: 1000 },
]
const conditions: readonly Condition[] = [{ scored: true }, { painted: true }, { factoryEnd: true }, { ovality: 50 }]

describe('whatever the joint', () => {
  it('the verdict is the worst of its reasons, and every reason is a rule’s', () => {
    const ids = new Set(ruleMetas.map(({ id }) => id))
    fc.assert(
      fc.property(anyPipe, anyService, anyPlace, (pipe, service, place) => {
        for (const { verdict, reasons } of judgeAll(catalogue, pipe, { service, place, profile: profiles.metric })) {
          expect(verdict).toBe(worstOf(reasons.map((reason) => reason.verdict)))
          for (const reason of reasons) expect(ids.has(reason.rule) && said(reason).length > 3).toBe(true)
        }
      }),
    )
  })

  it('a hazard more never makes a verdict better', () => {
    fc.assert(
      fc.property(
        anyPipe,
        anyMethod,
        anyService,
        fc.constantFrom(...hazards),
        fc.constantFrom({}, ...conditions),
        (pipe, method, service, hazard, condition) => {
          const at = (place: Place, end: Condition) =>
            badness(
              judge(catalogue, pipe, method, { service, place, profile: profiles.metric, condition: end }).verdict,
            )
          expect(at(hazard, condition)).toBeGreaterThanOrEqual(at({}, {}))
        },
      ),
      { numRuns: 400 },
    )
  })

  it('what is not said is not assumed: an empty place refuses nothing that the pipe, size and service allow', () => {
    const inherent = new Set([
      'material',
      'size',
      'old-bore',
      'temper',
      'service-temperature',
      'oxygen-barrier',
      'heating-only',
      'thin-copper',
    ])
    fc.assert(
      fc.property(anyPipe, anyService, (pipe, service) => {
        for (const { reasons } of judgeAll(catalogue, pipe, { service, place: {}, profile: profiles['us-b'] }))
          expect(reasons.map(({ rule }) => rule).filter((rule) => !inherent.has(rule))).toEqual([])
      }),
    )
  })
})
