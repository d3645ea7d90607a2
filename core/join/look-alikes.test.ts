import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { methodIds } from '../methods/ids'
import { profiles } from '../workshop/profile'
import { judge, type Circumstances } from './judge'

const usual: Circumstances = { service: 'cold', place: {}, profile: profiles.metric }

describe('pipe that looks like another', () => {
  const verdicts = (id: string) =>
    methodIds.filter((method) => judge(catalogue, catalogue.pipe(id)!, method, usual).verdict !== 'refuse')

  it('drain pipe holds no pressure, whatever goes on it', () => {
    for (const { id } of catalogue.pipes.filter(({ standard }) => standard === 'drain')) {
      expect(verdicts(id)).toEqual([])
      expect(judge(catalogue, catalogue.pipe(id)!, 'solvent', usual).reasons.map(({ message }) => message)).toContain(
        'drain',
      )
    }
  })

  it('CPVC of schedule sizes is as wide as PVC, and is not cemented into its sockets', () => {
    expect(catalogue.socketFor('solvent', catalogue.pipe('cpvc-astm-f441-sch80-3-4')!)).toBeUndefined()
    expect(catalogue.socketFor('solvent', catalogue.pipe('pvc-u-astm-d1785-schedule-40-3-4')!)?.label).toBe(
      '3/4 PVC solvent',
    )
  })

  it('copper of 16, and PVC of metric sizes, go into no insert set made for PEX', () => {
    for (const id of ['copper-half-hard-en-1057-r250-16x1', 'pvc-u-en-iso-1452-pn16-20x1.5'])
      expect(catalogue.socketFor('compression', catalogue.pipe(id)!)).toBeUndefined()
  })

  it('PE of copper tube size is no PEX: only what its maker lists, and no ring on a barb', () => {
    expect(verdicts('pe-astm-d2737-cts-sdr9-3-4')).toEqual(['push-fit', 'compression', 'thread'])
  })

  it('PE that is made by its bore, and old imperial PE, go into nothing by their diameter', () => {
    for (const id of ['pe-astm-d2239-sidr-15-3-4', 'pe-bs-1972-imperial-1-2']) expect(verdicts(id)).toEqual(['thread'])
  })
})
