import { inch } from '../../quantity/units'
import { lengthAsk, thereAsk } from '../asks'
import { pattern } from '../pattern'

/** A frost-proof tap on the old elbow and its stub. */
export const stubAgain = pattern({
  id: 'stub-again',
  name: 'Outdoor tap on the old stub',
  what: 'A frost-proof outdoor tap on the elbow and stub that are there.',
  units: ['metric', 'imperial'],
  asks: {
    there: { ...thereAsk, but: ['copper 28'] },
    stub: lengthAsk('From the old elbow to the end of the stub', [120, 5], [90, 600]),
  },
  draw({ asked: { there, stub }, draft, units, say }) {
    const run = draft.run({ name: 'Outdoor tap', service: 'cold', pipe: there.pipe, method: there.method })
    const elbow = draft.node(run, 'elbow', { state: 'existing', at: [0, 0, 0] })
    draft.comesFrom(elbow, 'up', there.pipe)
    const tap = draft.node(run, 'outlet', {
      name: 'frost-proof tap',
      state: 'new',
      fixture: { id: 'tap', kind: 'frost-proof-tap', made: units, end: 'cold' },
    })
    draft.leg({ from: elbow, direction: 'east', length: stub, to: tap, state: 'existing', pipe: there.pipe })
    return [
      'Cut the stub back to bright, round pipe without old solder; cap it meanwhile, so that the house has its water.',
      `The barrel is as long as the wall and ${say.length(barrelMore[units])} more: its seat stands in the warm. It falls about 5° outwards.`,
      'Unscrew the hose before frost.',
    ]
  },
})

/** What a frost-proof tap's barrel is longer than the wall, in mm; typical. */
const barrelMore = { metric: 50, imperial: 2 * inch }
