import { shippedPipes } from '../catalogue/pipe'
import type { Units } from '../quantity/units'

export interface GaugeSize {
  /** What is written on it. */
  readonly name: string
  /** Outside diameter that the gauge is made for, in mm. */
  readonly mm: number
}

const familyNames = { metric: 'mm', cts: 'in, copper tube size', 'old-bore': 'in, old bore' } as const
const isOfInches = { metric: false, cts: true, 'old-bore': true } as const

/**
 * The sizes that go/no-go gauges are made for: each diameter of the catalogue's copper-tube and old-bore pipe, and of
 * metric pipe where people measure in millimetres.
 */
export const gaugeSizes = (units: Units): readonly GaugeSize[] =>
  [
    ...new Map(
      shippedPipes.flatMap(({ family, nominal, od }): [number, GaugeSize][] =>
        (family === 'metric' || family === 'cts' || family === 'old-bore') && (units === 'metric' || isOfInches[family])
          ? [[od, { name: `${nominal} ${familyNames[family]}`, mm: od }]]
          : [],
      ),
    ).values(),
  ].sort((a, b) => a.mm - b.mm)
