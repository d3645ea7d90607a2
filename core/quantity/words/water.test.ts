import { describe, expect, it } from 'vitest'
import {
  formatLeak,
  volumeIn,
  volumeOut,
  formatFlow,
  formatPressure,
  formatSpeed,
  formatTestPressure,
  testPressureIn,
  formatVolume,
  speedIn,
  speedOut,
} from './format-water'

describe('figures of water', () => {
  it('a flow is typed in litres or gallons a minute: 5 gal/min are 18.93 l/min', () => {
    expect(volumeIn(5, 'imperial')).toBeCloseTo(18.927, 3)
    expect(volumeOut(18.927, 'imperial')).toBeCloseTo(5, 3)
    expect([volumeIn(5, 'metric'), volumeOut(5, 'metric')]).toEqual([5, 5])
  })

  it('a leak is told with its drops where they can be counted: 0.05 to 10 a second', () => {
    expect([0.14, 0.16, 0.6, 30, 31].map((ml) => formatLeak(ml, 'metric'))).toEqual([
      '0.14 ml/min',
      '0.16 ml/min, 0.1 drops a second',
      '0.60 ml/min, 0.2 drops a second',
      '30.0 ml/min, 10.0 drops a second',
      '31.0 ml/min',
    ])
    // A fluid ounce is 29.57 ml.
    expect(formatLeak(14.787, 'imperial')).toBe('0.50 fl oz/min, 4.9 drops a second')
  })

  it('a little water is told in millilitres or fluid ounces, never as none', () => {
    expect([0.0004, 0.04, 0.0996, 0.1].map((litres) => formatVolume(litres, 'metric'))).toEqual([
      '1 ml',
      '40 ml',
      '100 ml',
      '0.1 l',
    ])
    // A tenth of a gallon is 0.3785 l, 12.8 fluid ounces.
    expect([0.02, 0.378, 0.379].map((litres) => formatVolume(litres, 'imperial'))).toEqual([
      '1 fl oz',
      '13 fl oz',
      '0.1 gal',
    ])
  })

  it('a test’s pressure is told to the tenth of a pound, and whole where it is', () => {
    expect(
      [0.2, 0.6, testPressureIn(80, 'imperial'), 6.6, 11].map((bar) => formatTestPressure(bar, 'imperial')),
    ).toEqual(['2.9 psi', '8.7 psi', '80 psi', '95.7 psi', '159.5 psi'])
  })

  it('a speed of 8 ft/s is 2.4384 m/s', () => {
    expect(speedIn(8)).toBeCloseTo(2.4384, 9)
    expect(speedOut(2.4384)).toBeCloseTo(8, 9)
  })

  it('is told with no more digits than it has', () => {
    expect([0, 0.5, 9.994, 42.26, 812.4].map((litres) => formatVolume(litres, 'metric'))).toEqual([
      '0 l',
      '0.5 l',
      '10.0 l',
      '42.3 l',
      '812 l',
    ])
    expect([formatFlow(20, 'metric'), formatFlow(20, 'imperial')]).toEqual(['20 l/min', '5.28 gal/min'])
    expect([formatSpeed(2.4384, 'metric'), formatSpeed(2.4384, 'imperial')]).toEqual(['2.4 m/s', '8.0 ft/s'])
    expect([formatPressure(100, 'metric'), formatPressure(100, 'imperial')]).toEqual(['100.0 kPa', '14.5 psi'])
  })
})
