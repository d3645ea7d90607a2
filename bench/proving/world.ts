import { normal } from '../../core/quantity/normal'
import type { Reading } from '../../core/prove/readings'
import { atmosphere, kelvin, type TestSystem } from '../../core/prove/softness'
import { compressibilityOfWater, expansionOfWater } from '../../core/prove/water'

/*
 * A closed line as it goes in truth, by steps of some seconds, apart from what the application follows: walls that
 * remember, air by Boyle that dissolves, heat of compression, thermometers in one room of two, needles that stick.
 */

/** Somebody sets the pressure: from when, to how many bar. */
export interface Setting {
  readonly seconds: number
  readonly bar: number
}

export interface World {
  readonly system: TestSystem
  /** Times the give of water and wall. */
  readonly softer: number
  /** Share of the content that is air at atmospheric pressure; none counts where the line is full of air. */
  readonly trapped: number
  readonly dissolving: { readonly share: number; readonly minutes: number }
  readonly creep: number
  readonly heat: { readonly kelvin: number; readonly minutes: number }
  /** Litres a minute that run out at a pressure; in where less than nought. */
  readonly flow: (bar: number) => number
  /** Degrees Celsius of the water, and where the thermometer is, at a second. */
  readonly celsius: (seconds: number) => number
  readonly celsiusThere: (seconds: number) => number
  readonly settings: readonly Setting[]
  readonly seconds: number
}

export interface Instruments {
  readonly noise: number
  readonly step: number
  /** The needle moves when the pressure is so far from what it shows, in bar. */
  readonly sticks: number
  readonly dropOuts: number
  readonly thermometer: { readonly lag: number; readonly minutes: number; readonly step: number } | null
  readonly every: number
}

const thermometerNoise = 0.05

/** True pressures at every step. */
function pressures(of: World, dt: number): Float64Array {
  const { system, softer, trapped, dissolving, creep, heat } = of
  const count = Math.round(of.seconds / dt) + 1
  const bar = new Float64Array(count)
  const later = Float64Array.from({ length: count + 1 }, (_, lag) => Math.log10(1 + (lag * dt) / 60))
  const isAir = system.air === 1
  let p = of.settings[0]!.bar
  const risen = new Float64Array(count)
  risen[0] = p
  bar[0] = p
  for (let at = 1; at < count; at += 1) {
    const seconds = at * dt
    const [before, celsius] = [of.celsius(seconds - dt), of.celsius(seconds)]
    const absolute = p + atmosphere
    const faded = (minutes: number) => Math.exp(-(seconds - dt) / 60 / minutes) - Math.exp(-seconds / 60 / minutes)
    const share = isAir ? 1 : (trapped * atmosphere) / absolute
    const soft = softer * ((1 - share) * compressibilityOfWater(celsius) + system.wall) + share / absolute
    let crept = 0
    if (creep > 0 && system.creepingWall > 0) {
      for (let j = 0; j < at; j += 1) if (risen[j] !== 0) crept += risen[j]! * (later[at - j]! - later[at - 1 - j]!)
      crept *= creep * softer * system.creepingWall
    }
    const grown =
      ((1 - share) * expansionOfWater(celsius) - 3 * system.wallExpansion + share / (celsius + kelvin)) *
      (celsius - before)
    const cooled = isAir ? (heat.kelvin * faded(heat.minutes)) / (celsius + kelvin) : 0
    const dissolved = isAir ? 0 : share * dissolving.share * faded(dissolving.minutes)
    const ran = (of.flow(p) * dt) / 60 / system.litres
    const set = of.settings.find((setting) => setting.seconds > seconds - dt && setting.seconds <= seconds)
    const next = set ? set.bar : Math.max(0, p + (grown - cooled - dissolved - ran - crept) / soft)
    risen[at] = next - p
    p = next
    bar[at] = p
  }
  return bar
}

export interface Watched {
  readonly readings: Reading[]
  /** True pressure at each reading. */
  readonly truth: number[]
}

/** What gauge and thermometer show of a world. @param random numbers from 0 up to 1 */
export function watch(of: World, by: Instruments, random: () => number): Watched {
  const dt = of.seconds > 3600 ? 10 : 2
  const bar = pressures(of, dt)
  let shown = bar[0]!
  const readings: Reading[] = []
  const truth: number[] = []
  for (let seconds = 0; seconds <= of.seconds; seconds += by.every) {
    const now = bar[Math.min(bar.length - 1, Math.round(seconds / dt))]!
    if (Math.abs(now - shown) > by.sticks) shown = now + Math.sign(shown - now) * by.sticks * random()
    const read = Math.max(0, normal(random, by.sticks > 0 ? shown : now, by.noise))
    const stepped = by.step > 0 ? Math.round(read / by.step) * by.step : read
    const { thermometer } = by
    const felt =
      thermometer &&
      normal(
        random,
        of.celsiusThere(seconds) + thermometer.lag * Math.exp(-seconds / 60 / thermometer.minutes),
        thermometerNoise,
      )
    truth.push(now)
    readings.push({
      seconds,
      bar: random() < by.dropOuts ? 0 : stepped,
      ...(felt !== null
        ? { celsius: thermometer!.step > 0 ? Math.round(felt / thermometer!.step) * thermometer!.step : felt }
        : {}),
    })
  }
  return { readings, truth }
}
