import { isPlastic } from '../../catalogue/material'
import { commonStart, waterCaution, type JointFigures, type Procedure, type StepFigure } from '../procedure'

/** Turns of the nut after hand-tight, by the pipe's outside diameter in mm; typical. */
function turns(od: number): StepFigure {
  if (od > 29) return { label: 'Turn the nut', text: 'by the maker’s sheet', basis: 'no figure above 28' }
  return { label: 'Turn the nut', text: od <= 16 ? '1 turn' : '¾ turn', basis: 'typical, from hand-tight' }
}

export function compression({ insertion, pipe, profile }: JointFigures): Procedure {
  const plastic = isPlastic(pipe.material)
  return {
    tools: ['two spanners', 'pipe cutter', 'deburrer'],
    consumables: plastic ? ['olive', 'insert'] : ['olive'],
    steps: [
      ...commonStart(insertion),
      {
        text: plastic
          ? 'Insert into the pipe, to its collar.'
          : 'Look that the end is round; re-round soft copper and put its liner in.',
      },
      {
        text: `Nut, then olive${profile.oliveSmear === 'none' ? ', no tape and no paste' : ' with a smear of paste'}, then the pipe to the stop. Nut up hand-tight.`,
      },
      {
        text: 'Hold the body with one spanner, not the other nut. Tighten: a first bite, then a last nip.',
        figure: turns(pipe.od),
      },
      {
        text: 'Under pressure, look again. If it weeps: a further eighth to quarter turn.',
        wait: { seconds: 300, what: 'compression joint stays dry', basis: 'typical' },
      },
    ],
    inspection: ['dry after 5 minutes at pressure', 'pipe still at its mark'],
    spoils: [
      'nut overtightened',
      'counter-hold on the other nut',
      'tape or paste on the olive',
      'no insert in plastic',
    ],
    apart: 'Undo the nut. Re-made with the same olive: hand-tight and a quarter turn.',
    cautions: [waterCaution],
  }
}
