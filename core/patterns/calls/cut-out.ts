import { lengthAsk, newAsk, thereAsk } from '../asks'
import { pattern } from '../pattern'
import { methodInto } from '../existing-line'

/** A leak in straight pipe: the bad length out, a new piece in, without springing the pipe apart. */
export const cutOut = pattern({
  id: 'cut-out',
  name: 'Cut out a leak',
  what: 'A bad length of straight pipe replaced by a new piece.',
  units: ['metric', 'imperial'],
  asks: {
    there: thereAsk,
    joined: newAsk,
    length: lengthAsk('Length to replace', [150, 6], [80, 3000]),
  },
  draw({ asked: { there, joined, length }, draft }) {
    const method = methodInto(there, joined)
    const run = draft.run({ name: 'Repair', service: 'cold', pipe: there.pipe, method })
    const first = draft.node(run, 'coupling', { state: 'new', at: [0, 0, 0] })
    draft.comesFrom(first, 'east', there.pipe)
    const last = draft.node(run, there.isMetal ? 'slip-coupling' : 'coupling', { state: 'new' })
    draft.leg({ from: first, direction: 'east', length, to: last })
    draft.goesOn(last, 'east', there.pipe)
    return [
      'Shut the valve before this pipe, open the lowest tap and one high up, and put a bucket under the cut.',
      'Cut back to bright, round pipe: nothing of the leak, no old solder, no score within the insertion depth.',
      'Look at the joint again after a day.',
    ]
  },
})
