import { legLimits } from '../../quantity/parse-length'
import { sentence } from '../../quantity/words/sentence'
import { refusalsOf } from '../../quantity/words/refusal'

const refuse = refusalsOf({
  id: 'leg-length',
  messages: {
    long: sentence(
      { most: 100_000, length: 720_000 },
      ({ most, length }, say) => `Length: a leg has at most ${say.length(most)}, this would be ${say.length(length)}`,
    ),
  },
})

/**
 * A leg's length as the job file takes it, whatever edit it comes from.
 *
 * @throws Refusal where it is longer than a leg may be
 */
export function needLegLength(mm: number): number {
  if (mm > legLimits.max) throw refuse('long', { most: legLimits.max, length: mm })
  return mm
}
