import { newAsk, playAsk, thereAsk } from '../asks'
import { cutIntoLine } from '../existing-line'
import { pattern } from '../pattern'

/** A shut-off put into a line. */
export const valveIn = pattern({
  id: 'valve-in',
  name: 'Put a valve in',
  what: 'A shut-off put into a line that is there.',
  units: ['metric', 'imperial'],
  asks: { there: thereAsk, joined: newAsk, play: playAsk },
  draw({ asked: { there, joined, play }, draft }) {
    cutIntoLine(draft, {
      there,
      way: joined,
      name: 'Valve',
      service: 'cold',
      kind: 'valve',
      along: 'east',
      at: [0, 0, 0],
      play,
    })
    return [
      'The arrow on the valve points the way the water flows; its handle must turn clear of the wall.',
      'Put the valve in open: heat and test water need a way through.',
      'Shut the valve before this pipe and open the lowest tap: nothing upstream of the new valve can be shut by it.',
    ]
  },
})
