import { atmosphere, kelvin, type TestSystem } from '../softness'
import { compressibilityOfWater, expansionOfWater } from '../water'

/** What a closed system is taken to do. */
export interface Supposed {
  readonly system: TestSystem
  /** Times the softness that is reckoned. */
  readonly softer: number
  /** Litres a minute at the first pressure. */
  readonly leak: number
  /** Share of the wall's give that comes later with each tenfold of time. */
  readonly creep: number
}

/** Each cause's part of the change of pressure since the first reading, in bar. */
export interface Causes {
  readonly leak: number
  readonly temperature: number
  readonly creep: number
  readonly air: number
}

/** A moment: seconds since the pressure was raised, and how warm the water is then. */
export interface Moment {
  readonly seconds: number
  readonly celsius: number
}

/** From one moment to the next, with what of it is the same whatever is supposed. */
export interface Stretch {
  readonly minutes: number
  readonly warming: number
  readonly celsius: number
  readonly waterExpansion: number
  readonly waterGives: number
  readonly creepClock: number
}

/** Log of the minutes since the pressure was raised: creep goes with it. */
const creepClock = (seconds: number): number => Math.log10(1 + Math.max(0, seconds) / 60)

/** The stretches between moments. */
export const stretchesOf = (moments: readonly Moment[]): Stretch[] =>
  moments.slice(1).map((now, at) => {
    const before = moments[at]!
    const celsius = (before.celsius + now.celsius) / 2
    return {
      minutes: (now.seconds - before.seconds) / 60,
      warming: now.celsius - before.celsius,
      celsius,
      waterExpansion: expansionOfWater(celsius),
      waterGives: compressibilityOfWater(celsius),
      creepClock: creepClock(now.seconds) - creepClock(before.seconds),
    }
  })

/** A hole that does not change, and one in a wall that gives. */
const [metalExponent, plasticExponent] = [0.5, 0.75]
/** A step may change the pressure by so much of itself. */
const steepest = 0.1
const mostSteps = 50

/**
 * The pressure that follows from what is supposed, at the end of each stretch, by the balance of volume:
 * `S dp = (a_water − 3 a_pipe) dT − (q / V) dt − creep`; the leak goes with the root of the pressure in metal.
 *
 * @param first gauge pressure at the beginning, in bar
 * @returns bar at the beginning and after each stretch, not below 0, and what each cause did by the last
 */
export function follow(
  { system, softer, leak, creep }: Supposed,
  first: number,
  stretches: readonly Stretch[],
): { readonly bar: number[]; readonly causes: Causes } {
  const { air, wall, wallExpansion, litres, creepingWall } = system
  const exponent = system.hasPlastic ? plasticExponent : metalExponent
  const bar = [first]
  const causes = { leak: 0, temperature: 0, creep: 0, air: 0 }
  let p = first
  for (const { minutes, warming, celsius, waterExpansion, waterGives, creepClock: clock } of stretches) {
    const still = (1 - air) * waterGives + wall
    // Shares of the content.
    const lost = (leak * minutes) / litres
    const grown = ((1 - air) * waterExpansion - 3 * wallExpansion) * warming
    const airGrown = (air / (celsius + kelvin)) * warming
    const crept = first * creepingWall * creep * clock
    const give = softer * (still + air / (p + atmosphere))
    const steps = Math.min(mostSteps, Math.max(1, Math.ceil(lost / give / (steepest * Math.max(p, 0.05)))))
    for (let step = 0; step < steps; step += 1) {
      const soft = softer * (still + air / (p + atmosphere)) * steps
      const drive = p > 0 && lost > 0 ? (p / first) ** exponent : 0
      const change = (grown + airGrown - lost * drive - crept) / soft
      // An empty pipe loses no more.
      const share = p + change < 0 ? p / -change : 1
      causes.leak -= (lost * drive * share) / soft
      causes.temperature += (grown * share) / soft
      causes.air += (airGrown * share) / soft
      causes.creep -= (crept * share) / soft
      p = Math.max(0, p + change)
    }
    bar.push(p)
  }
  return { bar, causes }
}
