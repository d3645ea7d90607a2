import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { methodIds, type MethodId } from '../catalogue/method'
import { profiles } from '../job/profile'
import { pipeId } from '../sample-run'
import { jointCard } from './joint-card'
import { solderLength } from './solder-length'
import { countSundries } from './sundries'

const pipe = (...of: Parameters<typeof pipeId>) => catalogue.pipe(pipeId(...of))!
const card = (method: MethodId, of: ReturnType<typeof pipe>) => jointCard(catalogue, of, method, profiles.metric)
const figure = (method: MethodId, of: ReturnType<typeof pipe>, label: string) =>
  card(method, of).steps.find((step) => step.figure?.label === label)?.figure

describe('joint cards', () => {
  it.each(methodIds)('%s has steps, an inspection, what spoils it, a caution', (method) => {
    const made = card(method, pipe('EN 1057', '22', 0.9))
    expect(made.steps.length).toBeGreaterThanOrEqual(4)
    for (const list of [made.inspection, made.spoils, made.cautions, made.tools]) expect(list.length).toBeGreaterThan(0)
  })

  it('the solder for 22: 133 mm³ of gap is 18.8 mm of 3 mm wire', () => {
    expect(solderLength(22, 15.4, 3)).toBeCloseTo(18.8, 1)
    expect(figure('solder', pipe('EN 1057', '22', 0.9), 'Solder')).toMatchObject({ mm: expect.closeTo(18.8, 1) })
    expect(() => solderLength(22, 0, 3)).toThrow(RangeError)
  })

  it('the gauge for a half-inch crimp: 0.700 to 0.715 inch', () => {
    const gauge = figure('crimp', pipe('ASTM F876', '1/2', 'pex-b'), 'Finished ring')
    expect(gauge).toMatchObject({ mm: expect.closeTo(17.97, 2), tolerance: expect.closeTo(0.19, 2) })
  })

  it('the nut: a turn at 15, three quarters at 22, the maker’s sheet above 28', () => {
    expect(figure('compression', pipe('EN 1057', '15', 0.7), 'Turn the nut')).toMatchObject({ text: '1 turn' })
    expect(figure('compression', pipe('EN 1057', '22', 0.9), 'Turn the nut')).toMatchObject({ text: '¾ turn' })
    expect(figure('compression', pipe('EN 1057', '35', 1.2), 'Turn the nut')).toMatchObject({
      text: 'by the maker’s sheet',
    })
  })

  it('asks for a measure where the depth is not known', () => {
    expect(figure('compression', pipe('EN ISO 21003', '16'), 'Mark at')).toMatchObject({ text: 'measure the socket' })
  })

  it('waits by temperature: cement, shrinking, and what is not known', () => {
    const waits = (method: MethodId, of: ReturnType<typeof pipe>, celsius?: number) =>
      jointCard(catalogue, of, method, profiles.metric, undefined, celsius).steps.flatMap(
        ({ wait }) => wait?.seconds ?? [],
      )
    const pvc = pipe('ASTM D1785', '3/4', 'Schedule 40')
    expect(waits('solvent', pvc, 20)).toEqual([30, 3600])
    expect(waits('solvent', pvc, 5)).toEqual([30, 7200])
    expect(waits('solvent', pvc)).toEqual([30])
    expect(waits('expansion', pipe('ASTM F876', '1/2', 'pex-a'), -2)).toEqual([36000])
    expect(waits('expansion', pipe('ASTM F876', '1/2', 'pex-a'), -20)).toEqual([])
    expect(waits('solder', pipe('EN 1057', '22', 0.9))).toEqual([300, 3600])
  })

  it('an insert for plastic in push-fit, none for copper or CPVC', () => {
    const joints = [pipe('BS 7291', '15', 'pb'), pipe('EN 1057', '15', 0.7), pipe('ASTM D2846', '1/2')].map((of) => ({
      method: 'push-fit' as const,
      pipe: of,
    }))
    expect(countSundries(joints)).toEqual([{ label: '15 insert', count: 1 }])
  })
})
