import { softness, type TestSystem } from './softness'

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
const someAir = 0.4
const airShares = [1e-5, 3e-5, 1e-4, 2e-4, 4e-4, 8e-4, 1.6e-3, 3.2e-3, 6.4e-3, 1.28e-2]

/** Beside a stroke that was measured there may be any air: each share twice the one before. */
const strokeAirShares = Array.from({ length: 15 }, (_, at) => 1e-5 * 2 ** at)
/** What is less likely than one in some thousands changes no verdict. */
const leastLog = -9

/** Each of several suppositions is so much narrower than what they make together. */
export const ownSpread = 0.7

/** Round one softness, seven places from two and a half spreads below to as many above. */
function about(softer: number, air: number, doubt: number, chance: number): Supposition[] {
  const places = [-2.4, -1.6, -0.8, 0, 0.8, 1.6, 2.4]
  const weights = places.map((place) => Math.exp(-0.5 * place ** 2))
  const all = weights.reduce((sum, weight) => sum + weight, 0)
  return places.map((place, at) => ({
    softer: softer * Math.exp(place * doubt),
    air,
    log: Math.log((chance * weights[at]!) / all),
    spread: doubt * ownSpread,
  }))
}

/**
 * How soft a system may be. What was measured by a stroke of the pump overrules the table; what is softer by it than
 * pipe and water are is air.
 */
export function suppositions(system: TestSystem, known: KnownOfSoftness): Supposition[] {
  const { pumped, knowsAir, celsius, bar } = known
  if (system.air === 1) return about(1, 1, airTestDoubt, 1)
  if (pumped) {
    const middle = (pumped.from + pumped.to) / 2
    const measured = pumped.litres / (pumped.to - pumped.from) / system.litres
    // The stroke tells the whole; how much of it walls make and how much air, only what is likely of either.
    const withAir = (air: number, chance: number): Supposition => {
      const softer = measured / softness({ ...system, air }, celsius, middle)
      return { air, softer, log: Math.log(chance) - 0.5 * (Math.log(softer) / system.doubt) ** 2, spread: strokeDoubt }
    }
    if (knowsAir) return about(withAir(system.air, 1).softer, system.air, strokeDoubt, 1)
    const walls = withAir(0, 1 - someAir)
    const airy = strokeAirShares.map((air) => withAir(air, someAir / strokeAirShares.length))
    // Against the likeliest: a stroke that fits none of them leaves the one that it fits best.
    const top = Math.max(walls.log, ...airy.map(({ log }) => log))
    return [
      ...about(walls.softer, 0, strokeDoubt, Math.exp(walls.log - top)),
      ...airy.map((of) => ({ ...of, log: of.log - top })),
    ].filter(({ log }) => log > leastLog)
  }
  if (knowsAir) return about(1, system.air, system.doubt, 1)
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
  return [...about(1, 0, system.doubt, 1 - someAir), ...airy]
}
