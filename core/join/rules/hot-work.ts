import { fixed, sentence } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const hotWork = rule({
  meta: {
    id: 'hot-work',
    statement: 'A flame needs permission, and protection for what can burn.',
    why: 'Timber and dust smoulder for an hour before they show.',
    basis: 'guidance',
    settings: ['fireWatch'],
    messages: {
      forbidden: fixed('no hot work here: use press, push-fit or compression'),
      near: sentence(
        { minutes: 60 },
        ({ minutes }) =>
          `combustibles nearby: heat mat, wet the timber, extinguisher at hand, watch for ${minutes} minutes after`,
      ),
    },
  },
  check({ method, place, profile }, { caution, refuse }) {
    if (!method.hot || place.hotWork === undefined || place.hotWork === 'allowed') return null
    return place.hotWork === 'forbidden' ? refuse('forbidden') : caution('near', { minutes: profile.fireWatch })
  },
})
