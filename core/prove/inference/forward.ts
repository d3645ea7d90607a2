import { airShareAt, atmosphere, kelvin, type TestSystem } from '../softness'
import { fadedBetween, type Course } from './course'

/** What a closed system is taken to do, by figures that an explanation may move. */
export interface Supposed {
  readonly system: TestSystem
  /** Logarithm of how many times the softness that is reckoned. */
  readonly logSofter: number
  /** Litres a minute at the first pressure: what runs out, or in where less than nought. */
  readonly flow: number
  /** Gauge pressure towards which it runs, at which it stops, in bar: 0 for a leak, the main's for an inflow. */
  readonly level: number
  /** The flow goes with this power of the pressure over that level. */
  readonly exponent: number
  /** Share of the wall's give that comes later with each tenfold of time. */
  readonly creep: number
  /** Share of the trapped air that goes into the water. */
  readonly dissolved: number
  /** Minutes to about two thirds of that. */
  readonly dissolving: number
  /** By how many kelvin pumping heated the air. */
  readonly heat: number
}

/** Each cause's part of the change of pressure since the first reading, in bar. */
export interface Causes {
  readonly leak: number
  readonly inflow: number
  readonly temperature: number
  readonly creep: number
  readonly air: number
}

/** Nothing but the pipe as it is reckoned, tight. */
export const still = (system: TestSystem): Supposed => ({
  system,
  logSofter: 0,
  flow: 0,
  level: 0,
  exponent: 0.5,
  creep: 0,
  dissolved: 0,
  dissolving: 13,
  heat: 0,
})

/** Trapped air stiffens as it is pressed: a step that changes the pressure by more than this share of it is taken in parts. */
const steepest = 0.15
const mostParts = 8

/**
 * What is left over the level after a time in which nothing else moves it: `dx/dt = −rate xⁿ`, solved exactly.
 *
 * @param over pressure over the level, as a share of what it was at first, 0 or more
 * @param rate by how much of that it would fall in this time at the first pressure
 * @remarks for instance: at half of it in this time a seep leaves 0.607, a hole 0.5625
 */
export function leftOver(over: number, rate: number, exponent: number): number {
  if (over <= 0) return over
  if (Math.abs(exponent - 1) < 1e-6) return over * Math.exp(-rate)
  const power = 1 - exponent
  const left = over ** power - power * rate
  // A hole empties it in a finite time.
  return left > 0 ? left ** (1 / power) : 0
}

/** In how many parts a step is taken that would change the pressure by so much. */
const partsOf = (change: number, bar: number): number =>
  Math.min(mostParts, Math.max(1, Math.ceil(change / (steepest * (bar + 0.1)))))

/** What the wall goes on giving in a step, in bar times tenfolds of time, by every pressure that stood before. */
function creepClock({ creptBefore, creepOf }: Course, at: number, moved: Float64Array): number {
  let clock = creptBefore[at]!
  const row = creepOf[at]!
  for (let before = 0; before < at; before += 1) clock += moved[before]! * row[before]!
  return clock
}

/**
 * The pressure that follows from what is supposed, at the end of each step, by the balance of volume:
 * `S dp = (a_water − 3 a_pipe) dT − (q / V) dt − creep − dissolved`, trapped air along its own curve, the wall's creep with
 * the memory of every pressure that stood before. What runs is followed exactly between two halves of all else.
 *
 * @param first gauge pressure at the beginning, in bar
 * @param causes what each cause did is added up here, where it is given
 * @returns bar at the beginning and after each step, not below 0
 */
export function follow(
  { system, logSofter, flow, level, exponent, creep, dissolved, dissolving, heat }: Supposed,
  first: number,
  course: Course,
  causes?: { -readonly [cause in keyof Causes]: number },
): Float64Array {
  const { steps } = course
  const { wall, wallExpansion, litres, creepingWall } = system
  const softer = Math.exp(logSofter)
  const toFirst = Math.max(1e-3, Math.abs(first - level))
  const side = flow < 0 ? -1 : 1
  const bar = new Float64Array(steps.length + 1)
  const moved = new Float64Array(steps.length)
  const passes = system.air > 0 && system.air < 1 ? 2 : 1
  const creeps = creep > 0 && creepingWall > 0
  bar[0] = first
  let p = first
  for (let at = 0; at < steps.length; at += 1) {
    const { minutes, warming, celsius, waterExpansion, waterGives, startsAt, from, to, heatLost } = steps[at]!
    const begun = p
    const crept = creeps ? softer * creepingWall * creep * creepClock(course, at, moved) : 0
    const run = Math.abs(flow * minutes) / litres
    const softAt = (pressure: number, share: number) =>
      softer * ((1 - share) * waterGives + wall + share / (pressure + atmosphere))
    const parts = system.air === 0 ? 1 : partsOf(run / softAt(p, airShareAt(system, first, p)), p)
    const dissolves = dissolved > 0 ? dissolved * fadedBetween(from, to, dissolving) : 0
    for (let part = 0; part < parts; part += 1) {
      let [grown, airGrown, ran, soft, change] = [0, 0, 0, 1, 0]
      // Trapped air is taken as it is in the middle of the way, which the first pass finds.
      for (let pass = 0; pass < passes; pass += 1) {
        const middle = Math.max(0, p + change / 2)
        const share = airShareAt(system, first, middle)
        soft = softAt(middle, share) * parts
        grown = ((1 - share) * waterExpansion - 3 * wallExpansion) * warming
        airGrown = (share / (celsius + kelvin)) * (warming - heat * heatLost) - share * dissolves
        const half = (grown + airGrown - crept) / soft / 2
        const over = (side * (p + half - level)) / toFirst
        ran = run > 0 && over > 0 ? (over - leftOver(over, run / soft / toFirst, exponent)) * toFirst : 0
        change = 2 * half - side * ran
      }
      const kept = p + change < 0 ? p / -change : 1
      if (causes) {
        causes[flow < 0 ? 'inflow' : 'leak'] -= side * ran * kept
        causes.temperature += (grown * kept) / soft
        causes.air += (airGrown * kept) / soft
        causes.creep -= (crept * kept) / soft
      }
      p = Math.max(0, p + change)
    }
    if (startsAt !== null) p = startsAt
    moved[at] = p - begun
    bar[at + 1] = p
  }
  return bar
}
