import { takesOldBore } from '../../catalogue/fit'
import { caution, fits, refuse, type Finding, type JointSubject, type Rule } from '../rule'

const sealsOnRubber = new Set(['push-fit', 'press-metal'])

function converterFinding(method: JointSubject['method']): Finding | null {
  if (method.id === 'compression') {
    return refuse('a 22 olive does not close on 21.49: use the old-size olive in a 22 body, or a converter')
  }
  if (method.id === 'solder' || sealsOnRubber.has(method.id)) {
    return refuse('22 fittings do not go on old 3/4 bore (21.49): use a converter coupling, then run in 22')
  }
  return null
}

export const bmt: Rule = {
  meta: {
    id: 'bmt',
    statement:
      'Old 1/2 and 1 inch bore go in 15 and 28 fittings, old 3/4 does not go in 22; metric and inch never mix.',
    why: '15.14 in a 15 socket still leaves a gap that fills; 21.49 in a 22 socket leaves half a millimetre.',
    basis: 'trade practice',
    settings: [],
  },
  check({ method, pipe, socket }) {
    if (pipe.family !== 'old-bore') return null
    if (socket && takesOldBore(pipe, socket)) {
      return sealsOnRubber.has(method.id)
        ? caution(
            `${pipe.od.toFixed(2)} in a ${socket.size} seal is tight: no scores, lubricate, and ask for the maker’s word`,
          )
        : fits(`old ${pipe.nominal} bore goes in a ${socket.size} fitting`)
    }
    if (pipe.nominal === '3/4') return converterFinding(method)
    return null
  },
}
