import { lengthAsk, newAsk } from '../asks'
import { pattern } from '../pattern'

/** The exercise of the training workshop: a frame with a branch, from one length. */
export const board = pattern({
  id: 'board',
  name: 'Board exercise',
  what: 'A frame with a tee and capped ends on a board, to cut, make, measure and test.',
  units: ['metric', 'imperial'],
  asks: {
    new: newAsk,
    width: lengthAsk('Width, centre to centre', [400, 16], [200, 1500]),
    height: lengthAsk('Height, centre to centre', [300, 12], [150, 1500]),
    branch: lengthAsk('Branch, from its tee', [150, 6], [80, 1000]),
  },
  draw({ asked: { new: way, width, height, branch }, draft }) {
    const run = draft.run({ name: 'Board', service: 'cold', pipe: way.pipe, method: way.method })
    const start = draft.node(run, 'cap', { at: [0, 0, 0] })
    const left = draft.node(run, 'elbow')
    const tee = draft.node(run, 'tee')
    const right = draft.node(run, 'elbow')
    const end = draft.node(run, 'cap')
    const out = draft.node(run, 'cap')
    draft.leg({ from: start, direction: 'up', length: height, to: left })
    draft.leg({ from: left, direction: 'east', length: width / 2, to: tee })
    draft.leg({ from: tee, direction: 'east', length: width / 2, to: right })
    draft.leg({ from: right, direction: 'down', length: height, to: end })
    draft.leg({ from: tee, direction: 'down', length: branch, to: out })
    return [
      'Judged: each centre length, square and level, clean joints, marks in the right place, and what is left of the length.',
    ]
  },
})
