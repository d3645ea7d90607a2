import { methods } from '../../methods'
import { commonStart, waterCaution, type JointFigures, type Procedure, type Step } from '../procedure'

export function pushFit({ insertion, pipe, profile }: JointFigures): Procedure {
  const takesInsert = methods['push-fit'].insert(pipe) !== null
  const insert: Step = takesInsert
    ? { text: 'Push the insert into the pipe, to its collar. Count the inserts: none may be left over.' }
    : { text: 'No insert in this pipe.' }
  return {
    tools: ['pipe cutter', 'deburrer', 'depth marker'],
    consumables: takesInsert ? ['insert', 'potable silicone'] : ['potable silicone'],
    steps: [
      ...commonStart(insertion, 'never'),
      insert,
      { text: 'Pipe in line with the fitting. Push with a slight turn until the mark is at the collar.' },
      { text: 'Tug back hard. Lock the collar if it has one.' },
    ],
    inspection: [
      'the mark at the collar',
      'does not come back when tugged',
      'no insert left over',
      'not loaded sideways',
    ],
    spoils: [
      'burr or a square factory end cuts the ring',
      'no insert in plastic',
      'an insert put in copper',
      'scratched, painted, oval or dirty pipe under the seal',
      'entered out of line',
      'grease: petroleum jelly swells the ring',
    ],
    apart: `Collar in with the release tool, pull. Cut the end back, or check it for teeth marks. Lubricate the seal before it goes on again; after ${profile.pushFitUses} uses, a new fitting.`,
    cautions: [waterCaution],
  }
}
