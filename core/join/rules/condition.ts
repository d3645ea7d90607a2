import { fixed, sentence } from '../../quantity/words/sentence'
import { rule } from '../rule'

/** Bright pipe wanted of an end that was soldered before, as a share of the depth that it goes in: typical. */
const brightShare = 1.5

export const condition = rule({
  meta: {
    id: 'condition',
    statement: 'The wall under the seal must be round, clean and unscored.',
    why: 'A score is a channel past the ring; paint and old solder keep the pipe off its stop.',
    basis: 'guidance',
    settings: ['ovality'],
    messages: {
      scored: fixed('scored where the seal sits: cut back to a sound wall'),
      first: sentence<{
        readonly painted: boolean
        readonly oldSolder: boolean
        /** mm of pipe without solder that the joint wants; null where its depth is not known. */
        readonly bright: number | null
        readonly oval: number | null
        readonly most: number
      }>(
        { painted: true, oldSolder: true, bright: 23, oval: 3, most: 1.5 },
        ({ painted, oldSolder, bright, oval, most }, say) =>
          `first ${[
            painted && 'strip the paint',
            oldSolder &&
              `cut back past the old solder${bright === null ? '' : `: ${say.atLeast(bright)} of bright, round pipe`}`,
            oval !== null && `re-round it (${oval} % oval, ${most} % allowed)`,
          ]
            .filter(Boolean)
            .join(', ')}`,
      ),
    },
  },
  check({ method, condition: end, profile, socket }, { caution, refuse }) {
    if (end.scored && method.sealsOnWall) return refuse('scored')
    const [painted, oldSolder] = [end.painted === true, end.oldSolder === true]
    const oval = end.ovality !== undefined && end.ovality > profile.ovality ? end.ovality : null
    if (!painted && !oldSolder && oval === null) return null
    const bright = socket?.insertion ? brightShare * socket.insertion.mm : null
    return caution('first', { painted, oldSolder, bright, oval, most: profile.ovality })
  },
})
