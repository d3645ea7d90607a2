import { lengthAsk, newAsk, playAsk, thereAsk } from '../asks'
import { cutIntoLine } from '../existing-line'
import { pattern } from '../pattern'

/** A radiator on two tees in the flow and the return that pass under it. */
export const radiator = pattern({
  id: 'radiator',
  name: 'Add a radiator',
  what: 'Two tees in the flow and return under the floor, and a pipe up to each of its valves.',
  units: ['metric', 'imperial'],
  asks: {
    // In a heating circuit pipe keeps oxygen out; of PEX nobody knows it until its print line was read.
    there: { ...thereAsk, but: ['pex-b 1/2', 'pex-b 3/4'] },
    new: { ...newAsk, but: ['pex-b crimp', 'pex-a expansion'] },
    play: playAsk,
    width: lengthAsk('Width of the radiator', [600, 24], [300, 2000]),
    apart: lengthAsk('Between flow and return', [100, 4], [80, 600]),
    out: lengthAsk('From the flow to the wall', [300, 12], [200, 4000]),
    up: lengthAsk('From the pipes up to the valves', [250, 10], [150, 2500]),
  },
  draw({ asked: { there, new: way, play, width, apart, out, up }, draft, units, say }) {
    const centres = width + 2 * valveCentre
    const connect = (end: 'flow' | 'return', across: number, back: number): void => {
      const service = end === 'flow' ? 'heating-flow' : 'heating-return'
      const tee = cutIntoLine(draft, {
        there,
        way,
        name: `Existing ${end}`,
        service,
        kind: 'tee',
        along: 'east',
        at: [across, -back, 0],
        play,
      })
      const run = draft.run({ name: `Radiator, ${end}`, service, pipe: way.pipe, method: way.method })
      const corner = draft.node(run, 'elbow')
      draft.leg({ from: tee, direction: 'north', length: out + back, to: corner, run })
      const valve = draft.node(run, 'outlet', {
        name: end === 'flow' ? 'radiator valve' : 'lockshield valve',
        fixture: { id: 'radiator', kind: 'radiator', made: units, end },
      })
      draft.leg({ from: corner, direction: 'up', length: up, to: valve })
    }
    connect('flow', 0, 0)
    connect('return', centres, apart)
    return [
      `Measure the radiator: pipe centres are its width and ${say.length(valveCentre)} for the valve at each end.`,
      'Turn the heating off and let it cool. Drain down below these tees; catch the water, it is black.',
      'Afterwards: fill, vent, put inhibitor in, fire it up, look at every joint warm, and balance.',
    ]
  },
})

/** From a radiator's end to the middle of its valve's pipe, in mm; typical. */
const valveCentre = 45
