import { fixed, sentence } from '../../quantity/words/sentence'
import type { ThreadSystem } from '../../catalogue/fitting'
import { threadRule } from '../rule'

export const threadFamily = threadRule({
  meta: {
    id: 'thread-family',
    statement: 'Never screw NPT and BSP together; of a taper and a parallel thread, the taper is the male.',
    why: 'They start, and then leak: 60 against 55 degrees, and at 1 inch 11.5 against 11 threads to the inch.',
    basis: 'standard',
    settings: [],
    messages: {
      families: sentence<{ readonly male: ThreadSystem; readonly female: ThreadSystem }>(
        { male: 'NPT', female: 'BSP' },
        ({ male, female }) => `${male} does not go into ${female}, even where it starts: use an adapter`,
      ),
      'taper in parallel': fixed('a taper male in a parallel female seals on the thread: tape or paste on the male'),
      washer: fixed('two parallel threads do not seal on the thread: a flat washer at the face does'),
      jams: fixed('a parallel male jams in a taper female and seals nowhere: use a taper male'),
    },
  },
  checkThreads({ male, female }, { fits, refuse }) {
    if (male.system !== female.system) return refuse('families', { male: male.system, female: female.system })
    if (male.form === 'taper') return female.form === 'parallel' ? fits('taper in parallel') : null
    return female.form === 'parallel' ? fits('washer') : refuse('jams')
  },
})
