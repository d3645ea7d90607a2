import { methods } from '../methods'
import type { Job } from '../job/job'
import { isHeating } from '../job/place'
import type { Plan } from '../plan/types'
import { fixed, messagesOf, sentence } from '../quantity/words/sentence'
import type { Message } from '../quantity/words/message'
import type { DrainPoint, ShutOff } from './shut-offs'

/** What whoever has the pipework from now on must do. */
export const ownerSentences = {
  id: 'owner',
  messages: {
    'shut off': sentence(
      { valves: 'valve 1 (hot)' },
      ({ valves }) => `In an emergency shut: ${valves}. Turn each valve once a year so that it does not seize.`,
    ),
    'no valve': fixed('No valve here shuts this pipework: know where the main stop valve of the house is.'),
    frost: sentence(
      { lowest: 'bib tap' },
      ({ lowest }) => `Before frost: take hoses off, shut the supply, and drain at ${lowest}.`,
    ),
    'look again': sentence(
      { count: 4 },
      ({ count }) => `Check the ${count} screwed and compression joints again after a week, and once a year.`,
    ),
    heating: fixed('Have the inhibitor in the heating water tested once a year and after any draining.'),
    concealed: fixed(
      'There are joints behind walls and floors where the drawing shows them: no nails, screws or drilling there.',
    ),
  },
} as const
const say = messagesOf(ownerSentences)

/** What the owner must do, by what is there: valves, outdoors, screwed joints, heating, joints that cannot be seen. */
export function ownerDuties(
  job: Job,
  plan: Plan,
  { valves, drains }: { readonly valves: readonly ShutOff[]; readonly drains: readonly DrainPoint[] },
): Message[] {
  const isAny = (is: (run: Job['runs'][number]) => boolean) => job.runs.some(is)
  const looks = plan.joints.filter(({ method }) => methods[method].screwed).length
  const placeOf = (run: Job['runs'][number]) => run.place ?? job.place
  return [
    valves.length > 0
      ? say('shut off', { valves: valves.map(({ run, valve }) => `${valve} (${run})`).join(', ') })
      : say('no valve'),
    ...(isAny((run) => placeOf(run)?.outdoors === true) && drains[0]
      ? [say('frost', { lowest: drains[0].lowest })]
      : []),
    ...(looks > 0 ? [say('look again', { count: looks })] : []),
    ...(isAny(({ service }) => isHeating(service)) ? [say('heating')] : []),
    ...(isAny((run) => placeOf(run)?.concealed === true) ? [say('concealed')] : []),
  ]
}
