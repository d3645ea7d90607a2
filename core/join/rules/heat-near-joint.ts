import { flameDistance } from '../../workshop/profile'
import { fixed, sentence } from '../../quantity/words/sentence'
import type { Speaker } from '../../quantity/words/speaks'
import { rule, sayingOf, type RuleMeta } from '../rule'

interface Short {
  readonly short: number
  readonly least: number
}
const shortOf = ({ short, least }: Short, say: Speaker): string =>
  `${say.atLeast(short)} short of the ${say.length(least)} to keep from a flame`

const meta = {
  id: 'heat-near-joint',
  statement: 'No flame near plastic, rubber seals or finished press joints.',
  why: 'Copper carries heat: a seal is cooked long before its fitting looks hot.',
  basis: 'guidance',
  settings: ['heatNearTo28', 'heatNearAbove28'],
  messages: {
    cooled: fixed('make this end first and let it cool, before the other end of the fitting is joined'),
    first: sentence<Short>(
      { short: 250, least: 450 },
      (v, say) => `${shortOf(v, say)}: solder this joint and let it cool first`,
    ),
    wrapped: sentence<Short>(
      { short: 250, least: 450 },
      (v, say) => `${shortOf(v, say)}: keep the wet wrap wet until the joint is cold`,
    ),
    neither: sentence<Short>(
      { short: 250, least: 450 },
      (v, say) => `${shortOf(v, say)}: solder this joint first, or wet-wrap what is near`,
    ),
    unsaid: sentence<Short>(
      { short: 250, least: 450 },
      (v, say) => `${shortOf(v, say)}: only if this joint is soldered first or what is near is wet-wrapped`,
    ),
  },
} as const satisfies RuleMeta

/** How the rule speaks, for those who look at a whole chain. */
export const heatNearJointSays = sayingOf(meta)

export const heatNearJoint = rule({
  meta,
  check({ method, pipe, place, profile }, { caution, refuse }) {
    if (!method.hot || place.heatNear === undefined) return null
    const least = flameDistance(profile, pipe.od)
    if (place.heatNear >= least) return null
    const short = { short: least - place.heatNear, least }
    if (place.heatOrder === 'soldered first') return caution('first', short)
    if (place.heatOrder === 'wet-wrapped') return caution('wrapped', short)
    return place.heatOrder === 'neither' ? refuse('neither', short) : caution('unsaid', short)
  },
})
