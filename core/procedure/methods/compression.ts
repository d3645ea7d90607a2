import { isPlastic } from '../../materials'
import { turnWords } from '../turning'
import { commonStart, waterCaution, type JointFigures, type Procedure, type StepFigure } from '../procedure'

/** Turns of the nut after hand-tight, by the pipe's outside diameter in mm; typical. */
function turns(od: number, isPlastic: boolean): StepFigure {
  if (isPlastic)
    return {
      label: 'Turn the nut',
      text: '½ to ¾ turn',
      basis: 'typical, from hand-tight; less than on metal',
      turns: [0.5, 0.75],
    }
  if (od > 29) return { label: 'Turn the nut', text: 'by the maker’s sheet', basis: 'no figure for this size' }
  const by = od <= 16 ? 1 : 0.75
  return { label: 'Turn the nut', text: `${turnWords(by)} turn`, basis: 'typical, from hand-tight', turns: [by, by] }
}

export function compression({ insertion, pipe, profile, say }: JointFigures): Procedure {
  const plastic = isPlastic(pipe.material)
  const lined = pipe.temper === 'soft'
  return {
    tools: plastic
      ? ['two hand-size spanners', 'pipe shears', 'chamfer tool']
      : // A spanner about this long gives what a nut needs and no more: typical.
        [say.units === 'metric' ? 'two 250 mm spanners' : 'two 10″ spanners', 'pipe cutter', 'deburrer'],
    consumables: plastic ? ['olive', 'insert'] : lined ? ['olive', 'liner'] : ['olive'],
    steps: [
      ...commonStart(insertion, 'home'),
      {
        text: plastic
          ? 'Insert or liner into the pipe, to its collar: without it the wall gives under the olive.'
          : lined
            ? 'Re-round the end, and put its liner in, to its collar.'
            : 'Check that the end is round.',
      },
      {
        text: `Nut, then olive${profile.oliveSmear === 'none' ? ', no tape and no paste' : ' with a smear of paste'}, then the pipe to the stop. Nut up hand-tight.`,
      },
      {
        text: plastic
          ? 'Hold the body with one hand-size spanner, not the other nut. Tighten gently: a first bite, then a little; plastic is squeezed, not bitten.'
          : 'Hold the body with one spanner, not the other nut. Tighten: a first bite, then a last nip.',
        figure: turns(pipe.od, plastic),
      },
      {
        text: 'Check again under pressure. If it weeps: a further eighth to quarter turn.',
        wait: { seconds: 300, what: 'compression joint stays dry', basis: 'typical' },
      },
    ],
    inspection: ['dry after 5 minutes at pressure', 'pipe still at its mark'],
    spoils: [
      'nut overtightened',
      'held back on the other nut',
      'tape or paste on the olive',
      'no insert in plastic',
      ...(plastic ? ['a long spanner: the nut cracks, or the pipe is pinched through'] : []),
    ],
    apart: 'Undo the nut. Re-made with the same olive: hand-tight and a quarter turn.',
    cautions: [waterCaution],
  }
}
