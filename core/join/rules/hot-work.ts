import { caution, refuse, type Rule } from '../rule'

export const hotWork: Rule = {
  meta: {
    id: 'hot-work',
    statement: 'A flame needs permission, and protection of what can burn.',
    why: 'Timber and dust smoulder for an hour before they show.',
    basis: 'guidance',
    settings: ['fireWatch'],
  },
  check({ method, place, profile }) {
    if (!method.hot || place.hotWork === undefined || place.hotWork === 'allowed') return null
    if (place.hotWork === 'forbidden') return refuse('no hot work is allowed here: press, push-fit or compression')
    return caution(
      `something burns within reach: heat mat, wet the timber, extinguisher at hand, watch for ${profile.fireWatch} minutes after`,
    )
  },
}
