import { lengthAsk, newAsk, thereAsk } from '../asks'
import { methodInto } from '../existing-line'
import { pattern } from '../pattern'

const sideAsk = (label: string) => lengthAsk(label, [200, 8], [120, 1500])

/** A leak at a corner: the elbow cut out with a length to either side, and a new one between two new pieces. */
export const elbowOut = pattern({
  id: 'elbow-out',
  name: 'Cut out a leaking elbow',
  what: 'An elbow cut out with some pipe to either side, and a new elbow and two pieces put in.',
  units: ['metric', 'imperial'],
  asks: {
    there: thereAsk,
    joined: newAsk,
    before: sideAsk('From one cut to the corner'),
    after: sideAsk('From the corner to the other cut'),
  },
  draw({ asked: { there, joined, before, after }, draft, say }) {
    const method = methodInto(there, joined)
    const run = draft.run({ name: 'Repair', service: 'cold', pipe: there.pipe, method })
    // No slip coupling is made for plastic: its ends spring apart.
    const coupling = there.isMetal ? 'slip-coupling' : 'coupling'
    const first = draft.node(run, coupling, { state: 'new', at: [0, 0, 0] })
    draft.comesFrom(first, 'east', there.pipe)
    const corner = draft.node(run, 'elbow')
    draft.leg({ from: first, direction: 'east', length: before, to: corner })
    const last = draft.node(run, coupling, { state: 'new' })
    draft.leg({ from: corner, direction: 'up', length: after, to: last })
    draft.goesOn(last, 'up', there.pipe)
    return [
      'Shut the valve before this pipe, open the lowest tap and one high up, and put a bucket under the cut.',
      `Mark both cuts before the first: centre of the old corner to either cut is ${say.length(before)} and ${say.length(after)}.`,
      'Make the elbow with its two pieces on the bench, push both couplings back on the old pipe, and draw them over.',
      'Look at the joints again after a day.',
    ]
  },
})
