import type { Catalogue } from '../catalogue/catalogue'
import { systemAsked } from './asked-system'
import type { Case } from './judge'
import { mlPerLitre, usualCelsius, usualLeastLeak } from './least-leak'
import { testProfileOf } from './profiles'
import { secondsOf } from './profile'
import type { ProveRequest } from './prove-schema'
import { thinned, type Reading } from './readings'
import { earlierOf, stretchesBetween } from './stretches'

const fewest = 3
/** Of the pressure that was put on, so much must be left for what comes after to tell anything. */
const leftOver = 0.3

/** The readings in which nobody touched it: from when the profile says so, unless the pressure was gone by then. */
function readingsLeftAlone(sound: readonly Reading[], stillFrom: number): readonly Reading[] {
  const later = sound.filter(({ seconds }) => seconds >= stillFrom)
  const isLeft = (later[0]?.bar ?? 0) >= leftOver * Math.max(0, ...sound.map(({ bar }) => bar))
  return later.length >= fewest && isLeft ? later : sound
}

/** What is judged of a request: its readings while nobody touched it, what stood before them, the leak that matters. */
export function caseOf(catalogue: Catalogue, request: ProveRequest, sound: readonly Reading[]): Case {
  const { test, events = [] } = request
  const system = systemAsked(catalogue, request)
  const { meta } = testProfileOf(test)
  const alone = thinned(readingsLeftAlone(sound, meta.stillFrom))
  const stretches = stretchesBetween(alone, events)
  const first = stretches[0]?.[0]
  return {
    given: request.readings.toSorted((a, b) => a.seconds - b.seconds),
    question: {
      system,
      pumped: request.system.pumped,
      knowsAir: test.medium === 'air' || request.system.air !== undefined,
      leastLeakOf: (air) =>
        test.leastLeak === undefined
          ? usualLeastLeak({ ...system, air }, { seconds: secondsOf(meta), bar: first?.bar ?? 0 })
          : test.leastLeak / mlPerLitre,
      celsius: usualCelsius,
      division: test.gauge?.division,
      stretches,
      earlier: first ? earlierOf(sound, first.seconds) : [],
    },
  }
}
