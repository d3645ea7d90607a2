import { fits, refuse, type ThreadRule } from '../rule'

export const threadFamily: ThreadRule = {
  meta: {
    id: 'thread-family',
    statement: 'NPT and BSP threads are never screwed together; of a taper and a parallel, the taper is the male.',
    why: 'They start, and then leak: 60 against 55 degrees, and at 1 inch 11.5 against 11 threads to the inch.',
    basis: 'standard',
    settings: [],
  },
  checkThreads({ male, female }) {
    if (male.system !== female.system)
      return refuse(`${male.system} does not go into ${female.system}, even where it starts: use an adapter`)
    if (male.form === 'taper' && female.form === 'parallel')
      return fits('a taper male in a parallel female seals on the thread: tape or paste on the male')
    if (male.form === 'parallel' && female.form === 'parallel')
      return fits('two parallel threads do not seal on the thread: a flat washer at the face does')
    if (male.form === 'parallel')
      return refuse('a parallel male jams in a taper female and seals nowhere: use a taper male')
    return null
  },
}
