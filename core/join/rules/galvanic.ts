import { materialOf } from '../../materials'
import type { Profile } from '../../workshop/profile'
import { fixed, sentence } from '../../quantity/words/sentence'
import { rule, sayingOf, type RuleMeta } from '../rule'

type Between = Profile['dielectric']
const article = (between: Between): string => (between === 'brass' ? 'brass' : 'a dielectric union')

const meta = {
  id: 'galvanic',
  statement: 'Copper and galvanised steel must not touch, and no copper upstream of zinc.',
  why: 'Copper carried by the water settles on zinc and pits it; where the two touch, the steel corrodes first.',
  basis: 'guidance',
  settings: ['dielectric'],
  messages: {
    upstream: sentence<{ readonly between: Between }>(
      { between: 'brass' },
      ({ between }) =>
        `copper upstream of galvanised steel: deposits pit the zinc; swap the order or replace the steel, and put ${article(between)} between the two`,
    ),
    touch: sentence<{ readonly between: Between }>(
      { between: 'dielectric union' },
      ({ between }) => `copper to steel: put ${article(between)} between the two`,
    ),
    pits: fixed(
      'copper upstream of galvanised steel: deposits pit the zinc, whatever is between; swap the order, or replace the steel',
    ),
  },
} as const satisfies RuleMeta

/** How the rule speaks, for those who look at a whole chain. */
export const galvanicSays = sayingOf(meta)

export const galvanic = rule({
  meta,
  check({ pipe, other, condition, profile }, { caution }) {
    if (!other) return null
    const [own, beside] = [materialOf(pipe).galvanic, materialOf(other).galvanic]
    if (!own || !beside || (own === 'copper') === (beside === 'copper')) return null
    const between = profile.dielectric
    const isUpstream = own === 'copper' && condition.upstream === true && beside === 'zinc'
    return caution(isUpstream ? 'upstream' : 'touch', { between })
  },
})
