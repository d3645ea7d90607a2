import { shippedPipes } from '../catalogue/pipe'

export interface GaugeSize {
  readonly label: string
  /** Outside diameter that the gauge is made for, in mm. */
  readonly mm: number
}

const familyNames = { metric: 'mm', cts: 'in, copper tube size', 'old-bore': 'in, old bore' } as const

/** The sizes that go/no-go gauges are made for: each diameter of the catalogue's metric, copper-tube and old-bore pipe. */
export const gaugeSizes: readonly GaugeSize[] = [
  ...new Map(
    shippedPipes.flatMap(({ family, nominal, od }): [number, GaugeSize][] =>
      family === 'metric' || family === 'cts' || family === 'old-bore'
        ? [[od, { label: `${nominal} ${familyNames[family]} (${od.toFixed(2)})`, mm: od }]]
        : [],
    ),
  ).values(),
].sort((a, b) => a.mm - b.mm)
