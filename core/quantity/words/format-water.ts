import { toFahrenheit } from '../temperature'
import { inch, type Units } from '../units'

/** US gallons, and pounds to the square inch, by their definitions. */
const litresPerGallon = 3.785411784
const kilopascalPerPsi = 6.894757293
const foot = 12 * inch

/** Two figures below ten, one decimal below a hundred, whole above: no more digits than such a reckoning has. */
const rounded = (value: number): string =>
  value === 0
    ? '0'
    : Math.abs(value) < 10
      ? value.toFixed(2)
      : Math.abs(value) < 100
        ? value.toFixed(1)
        : value.toFixed(0)

/**
 * A temperature as people read it, to the whole degree, with its unit.
 *
 * @example formatTemperature(60, 'imperial') // '140 °F'
 */
export const formatTemperature = (celsius: number, units: Units): string =>
  units === 'metric' ? `${Math.round(celsius)} °C` : `${Math.round(toFahrenheit(celsius))} °F`

/**
 * A difference of temperatures, to the whole degree, with its unit.
 *
 * @example formatWarming(50, 'imperial') // '90 °F'
 */
export const formatWarming = (kelvin: number, units: Units): string =>
  units === 'metric' ? `${Math.round(kelvin)} K` : `${Math.round(kelvin * 1.8)} °F`

/** Millilitres in a US fluid ounce, and in a drop. */
const fluidOunce = 29.5735
const drop = 0.05

/**
 * Litres or US gallons; millilitres or fluid ounces of what would be less than a tenth of one.
 *
 * @example formatVolume(3.785, 'imperial') // '1.0 gal'
 * @example formatVolume(0.04, 'metric') // '40 ml'
 */
export function formatVolume(litres: number, units: Units): string {
  const [large, small, inLarge, inSmall] =
    units === 'metric'
      ? (['l', 'ml', litres, litres * 1000] as const)
      : (['gal', 'fl oz', litres / litresPerGallon, (litres * 1000) / fluidOunce] as const)
  if (inLarge > 0 && inLarge < 0.1) return `${Math.max(1, Math.round(inSmall))} ${small}`
  return `${inLarge === 0 ? '0' : inLarge < 100 ? inLarge.toFixed(1) : inLarge.toFixed(0)} ${large}`
}

/** Litres a minute, or US gallons a minute, in at most three figures. @example formatFlow(20, 'imperial') // '5.28 gal/min' */
export function formatFlow(litresPerMinute: number, units: Units): string {
  const [flow, unit] = units === 'metric' ? [litresPerMinute, 'l'] : [litresPerMinute / litresPerGallon, 'gal']
  return `${Number(flow.toPrecision(3))} ${unit}/min`
}

/** Metres a second to the tenth, or feet a second. @example formatSpeed(2.4, 'imperial') // '7.9 ft/s' */
export const formatSpeed = (metresPerSecond: number, units: Units): string =>
  units === 'metric' ? `${metresPerSecond.toFixed(1)} m/s` : `${speedOut(metresPerSecond).toFixed(1)} ft/s`

/** Kilopascals, or pounds to the square inch. @example formatPressure(100, 'imperial') // '14.5 psi' */
export const formatPressure = (kilopascal: number, units: Units): string =>
  units === 'metric' ? `${kilopascal.toFixed(1)} kPa` : `${(kilopascal / kilopascalPerPsi).toFixed(1)} psi`

/**
 * A fall along pipe: millimetres to the metre, or inches to the foot.
 *
 * @param perMille mm of fall to a metre
 * @example formatFall(20.8, 'imperial') // '0.25 in to the foot'
 */
export const formatFall = (perMille: number, units: Units): string =>
  units === 'metric'
    ? `${Math.round(perMille * 10) / 10} mm to the metre`
    : `${((perMille * 12) / 1000).toFixed(2)} in to the foot`

/** Litres from a typed figure in the reader's units, and back: litres, or US gallons; of a flow, those a minute. */
export const volumeIn = (typed: number, units: Units): number => (units === 'metric' ? typed : typed * litresPerGallon)
export const volumeOut = (litres: number, units: Units): number =>
  units === 'metric' ? litres : litres / litresPerGallon

/** Metres a second from feet a second, and back. */
export const speedIn = (feet: number): number => (feet * foot) / 1000
export const speedOut = (metres: number): number => (metres * 1000) / foot

/**
 * Pressure of a test: bar to the hundredth, or pounds to the square inch to the tenth, whole where they are. No coarser: a
 * target that is told too low would be reached on the gauge and not by the standard.
 *
 * @example formatTestPressure(6.6, 'metric') // '6.60 bar'
 * @example formatTestPressure(5.5, 'imperial') // '79.8 psi'
 */
export function formatTestPressure(bar: number, units: Units): string {
  if (units === 'metric') return `${bar.toFixed(2)} bar`
  return `${Number(((bar * 100) / kilopascalPerPsi).toFixed(1))} psi`
}

/** Bar from a typed figure in the reader's units, and back: bar, or pounds to the square inch. */
export const testPressureIn = (typed: number, units: Units): number =>
  units === 'metric' ? typed : (typed * kilopascalPerPsi) / 100
export const testPressureOut = (bar: number, units: Units): number =>
  units === 'metric' ? bar : (bar * 100) / kilopascalPerPsi

/**
 * A leak: millilitres or fluid ounces a minute, and drops a second where they can be counted.
 *
 * @example formatLeak(0.6, 'metric') // '0.60 ml/min, 0.2 drops a second'
 */
export function formatLeak(mlPerMinute: number, units: Units): string {
  const size =
    units === 'metric' ? `${rounded(mlPerMinute)} ml/min` : `${(mlPerMinute / fluidOunce).toPrecision(2)} fl oz/min`
  const drops = mlPerMinute / drop / 60
  return drops >= 0.05 && drops <= 10 ? `${size}, ${drops.toFixed(1)} drops a second` : size
}
