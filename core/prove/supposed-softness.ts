import { atmosphere, softness, type TestSystem } from './softness'

/** Water that was pumped in, in litres, to raise the pressure from one to another, in bar. */
export interface Pumped {
  readonly litres: number
  readonly from: number
  readonly to: number
}

/** A softness that a system may have, and how likely that is before anything was read. */
export interface Supposition {
  /** Times the softness that is reckoned. */
  readonly softer: number
  readonly air: number
  /** Logarithm of its chance. */
  readonly log: number
  /** What lies about it: one standard deviation of the logarithm. */
  readonly spread: number
}

export interface KnownOfSoftness {
  readonly pumped?: Pumped | undefined
  readonly knowsAir: boolean
  readonly celsius: number
  readonly bar: number
}

/** A stroke that was measured is good to so much. */
const strokeDoubt = 0.05
const airTestDoubt = 0.03
/** Trapped air that nobody knows of: none as often as some, from 1e-5 to 1e-2 of the content. */
const someAir = 0.35
const airShares = [3e-5, 1e-4, 3e-4, 1e-3, 3e-3, 1e-2]

/** Beside a stroke that was measured there may be any air: each share 1.6 times the one before. */
const strokeAirShares = Array.from({ length: 16 }, (_, at) => 2e-5 * 1.6 ** at)
/** What is less likely than one in some thousands changes no verdict. */
const leastLog = -9

/** How much a system gives from one pressure to another, by the table, as a share of its content: trapped air along its curve. */
function givesBetween(system: TestSystem, celsius: number, { from, to }: Pumped, bar: number): number {
  const still = softness({ ...system, air: 0 }, celsius, to) * (1 - system.air) * (to - from)
  return still + system.air * (bar + atmosphere) * (1 / (from + atmosphere) - 1 / (to + atmosphere))
}

/**
 * How soft a system may be. What was measured by a stroke of the pump overrules the table; what is softer by it than
 * pipe and water are is air. A stroke is the integral of the softness from its first to its last pressure.
 */
export function suppositions(system: TestSystem, { pumped, knowsAir, celsius, bar }: KnownOfSoftness): Supposition[] {
  if (system.air === 1) return [{ softer: 1, air: 1, log: 0, spread: airTestDoubt }]
  if (pumped) {
    const measured = pumped.litres / system.litres
    // The stroke tells the whole; how much of it walls make and how much air, only what is likely of either.
    const withAir = (air: number, chance: number): Supposition => {
      const softer = measured / givesBetween({ ...system, air }, celsius, pumped, bar)
      return { air, softer, log: Math.log(chance) - 0.5 * (Math.log(softer) / system.doubt) ** 2, spread: strokeDoubt }
    }
    if (knowsAir) return [{ ...withAir(system.air, 1), log: 0 }]
    const all = [
      withAir(0, 1 - someAir),
      ...strokeAirShares.map((air) => withAir(air, someAir / strokeAirShares.length)),
    ]
    // Against the likeliest: a stroke that fits none of them leaves the one that it fits best.
    const top = Math.max(...all.map(({ log }) => log))
    return all.map((of) => ({ ...of, log: of.log - top })).filter(({ log }) => log > leastLog)
  }
  if (knowsAir) return [{ softer: 1, air: system.air, log: 0, spread: system.doubt }]
  const reckoned = softness(system, celsius, bar)
  const airy = airShares.map((air): Supposition => {
    // As wide as half a step of shares, in what it makes of the whole.
    const give = softness({ ...system, air }, celsius, bar)
    return {
      softer: 1,
      air,
      log: Math.log(someAir / airShares.length),
      spread: Math.max(system.doubt, (0.55 * (give - reckoned)) / give),
    }
  })
  return [{ softer: 1, air: 0, log: Math.log(1 - someAir), spread: system.doubt }, ...airy]
}
