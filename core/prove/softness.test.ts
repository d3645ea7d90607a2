import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { pipeId } from '../testing/sample-run'
import { airShareAt, litresIn, softness, systemOf, thermalGain } from './softness'
import { compressibilityOfWater, density, expansionOfWater } from './water'

const copper = catalogue.pipe(pipeId('EN 1057', '22', 0.9))!
const pex = catalogue.pipe('pex-b-astm-f876-sdr9-cts-1-2')!
const tenMetres = systemOf([{ pipe: copper, litres: litresIn(copper, 10) }], 0)

describe('water', () => {
  it('is as it was published', () => {
    expect(density(4)).toBeCloseTo(999.972, 3)
    expect(density(20)).toBeCloseTo(998.204, 3)
    expect(expansionOfWater(15) * 1e6).toBeCloseTo(150.9, 1)
    expect(Math.abs(expansionOfWater(4)) * 1e6).toBeLessThan(0.5)
    expect([20, 80].map((celsius) => Math.round(compressibilityOfWater(celsius) * 1e8) / 100)).toEqual([45.89, 46.14])
  })
})

describe('how soft a system is', () => {
  it('10 m of 22 copper hold 3.205 l: one kelvin makes 1.51 bar at 15 °C, and takes 0.27 at 6 °C', () => {
    expect(tenMetres.litres).toBeCloseTo(3.205, 3)
    expect(softness(tenMetres, 15, 6) * 1e6).toBeCloseTo(66.77, 2)
    expect(thermalGain(tenMetres, 15).water / softness(tenMetres, 15, 6)).toBeCloseTo(1.51, 2)
    // A fifth air: the water's share of its growth, and a 1/288.15 of the air.
    const aired = thermalGain({ ...tenMetres, air: 0.2 }, 15)
    expect(aired.water).toBeCloseTo(0.8 * expansionOfWater(15) - 3 * tenMetres.wallExpansion, 12)
    expect(aired.air).toBeCloseTo(0.2 / 288.15, 12)
    expect(thermalGain(tenMetres, 6).water / softness(tenMetres, 6, 6)).toBeCloseTo(-0.27, 2)
    // One bar is 0.21 ml.
    expect(softness(tenMetres, 15, 6) * tenMetres.litres * 1000).toBeCloseTo(0.21, 2)
  })

  it('30 m of half-inch PEX hold 3.576 l, give 4.5 ml a bar, and warming lowers the gauge', () => {
    const system = systemOf([{ pipe: pex, litres: litresIn(pex, 30) }], 0)
    expect(system.litres).toBeCloseTo(3.576, 2)
    // With 0.7 GPa for PEX-B, where the worked example has 0.65: 1180 beside 1265.
    expect(softness(system, 15, 6) * 1e6).toBeCloseTo(47 + (15.875 - 1.778) / (7000 * 1.778) / 1e-6, -1)
    expect(thermalGain(system, 15).water / softness(system, 15, 6)).toBeCloseTo(-0.33, 1)
    expect(system.hasPlastic).toBe(true)
    expect(system.doubt).toBeCloseTo(0.4, 6)
  })

  it('of several pipes the mean by content; air softens as it is compressed', () => {
    const both = systemOf(
      [
        { pipe: copper, litres: 3 },
        { pipe: pex, litres: 1 },
      ],
      0,
    )
    const one = (pipe: typeof copper) => systemOf([{ pipe, litres: 1 }], 0).wall
    expect(both.wall).toBeCloseTo((3 * one(copper) + one(pex)) / 4, 12)
    const airy = systemOf([{ pipe: copper, litres: 1 }], 0.001)
    // A thousandth under 6 bar is 7.013/3.013 as much under 2; a line full of air stays full.
    expect(airShareAt(airy, 6, 2)).toBeCloseTo((0.001 * 7.013) / 3.013, 9)
    expect(airShareAt({ ...airy, air: 1 }, 6, 2)).toBe(1)
    expect(systemOf([{ pipe: copper, litres: 5 }], 0.5).air).toBeCloseTo(0.1, 12)
    // As doubtful as the plastic where it gives all the way, as the metal where that does.
    expect(systemOf([{ pipe: pex, litres: 1 }], 0).doubt).toBeCloseTo(0.4, 9)
    expect(systemOf([{ pipe: copper, litres: 1 }], 0).doubt).toBeCloseTo(0.15, 9)
    expect(softness(airy, 15, 0) - softness(airy, 15, 10)).toBeCloseTo(0.001 / 1.013 - 0.001 / 11.013, 9)
    expect(() => systemOf([], 0)).toThrow(/at least one pipe/)
    expect(() => systemOf([{ pipe: copper, litres: 1 }], 1)).toThrow(/less than the content/)
  })
})
