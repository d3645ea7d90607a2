import { takesOldBore } from '../../catalogue/fit'
import { sentence } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const oldBore = rule({
  meta: {
    id: 'old-bore',
    formerly: ['bmt'],
    statement:
      'Old 1/2 and 1 inch bore go in 15 and 28 fittings; old 3/4 does not go in 22. Otherwise metric and inch never mix.',
    why: 'Old 1/2 in a 15 socket leaves a gap that solder fills; old 3/4 in a 22 socket leaves one that nothing fills.',
    basis: 'trade practice',
    settings: [],
    messages: {
      tight: sentence(
        { od: 15.14, size: '15' },
        ({ od, size }, say) =>
          `${say.diameter(od)} in a ${size} seal is tight: no scores, lubricate, and check that the maker allows it`,
      ),
      goes: sentence(
        { nominal: '1/2', size: '15' },
        ({ nominal, size }) => `old ${nominal} bore goes in a ${size} fitting`,
      ),
      olive: sentence(
        { od: 21.49 },
        ({ od }, say) =>
          `a 22 olive does not close on ${say.diameter(od)}: use the old-size olive in a 22 body, or a converter`,
      ),
      converter: sentence(
        { od: 21.49 },
        ({ od }, say) =>
          `22 fittings do not go on old 3/4 bore (${say.diameter(od)}): use a converter coupling, then run in 22`,
      ),
    },
  },
  check({ method, pipe, socket }, { fits, caution, refuse }) {
    if (pipe.family !== 'old-bore') return null
    if (socket && takesOldBore(pipe, socket)) {
      return method.tightOnOldBore
        ? caution('tight', { od: pipe.od, size: socket.size })
        : fits('goes', { nominal: pipe.nominal, size: socket.size })
    }
    if (pipe.nominal !== '3/4') return null
    return method.onOldThreeQuarter && refuse(method.onOldThreeQuarter, { od: pipe.od })
  },
})
