import type { Catalogue } from '../catalogue/catalogue'
import type { ProveRequest } from './prove-schema'
import { litresIn, systemOf, type Segment, type TestSystem } from './softness'

type AskedSegments = ProveRequest['system']['segments']

const segmentsOf = (catalogue: Catalogue, segments: AskedSegments): Segment[] =>
  segments.map((of) => {
    const pipe = catalogue.pipe(of.pipe)!
    return { pipe, litres: 'litres' in of ? of.litres : litresIn(pipe, of.metres) }
  })

/** Litres in all that is asked about. */
export const litresAsked = (catalogue: Catalogue, segments: AskedSegments): number =>
  segmentsOf(catalogue, segments).reduce((sum, { litres }) => sum + litres, 0)

/** What is asked about, as one system. @throws RangeError as `systemOf` does */
export const systemAsked = (
  catalogue: Catalogue,
  { system, test }: Pick<ProveRequest, 'system' | 'test'>,
): TestSystem =>
  systemOf(segmentsOf(catalogue, system.segments), test.medium === 'air' ? 'all' : (system.air?.litres ?? 0))
