import { flameDistance } from '../../job/profile'
import { commonStart, waterCaution, type JointFigures, type Procedure, type StepFigure } from '../procedure'
import { solderLength } from '../solder-length'

/** Usual wire, in mm: 3 in metric places, 1/8 inch elsewhere. */
const wire = (metric: boolean): number => (metric ? 3 : 3.175)

/** A length of wire equal to the pipe's nominal size. */
const thumb = ({ nominal, family }: JointFigures['pipe']): string =>
  family === 'metric' ? `${nominal} mm` : `${nominal} in`

function solderFigure({ pipe, insertion, profile }: JointFigures): StepFigure {
  if (!insertion) return { label: 'Solder', text: 'as long as the pipe’s nominal size', basis: 'rule of thumb' }
  const diameter = wire(profile.id === 'metric')
  const mm = solderLength(pipe.od, insertion.mm, diameter)
  // From the tightest gap to the widest, the volume goes from 0.4 to 1.6 of the middle one.
  return {
    label: 'Solder',
    mm,
    tolerance: mm * 0.6,
    basis: `gap 0.05 to 0.20 mm, ${diameter} mm wire; rule of thumb: ${thumb(pipe)}`,
  }
}

export function solder(figures: JointFigures): Procedure {
  return {
    tools: ['torch', 'heat mat', 'extinguisher', 'cleaning strip and brush', 'wet rag'],
    consumables: ['lead-free solder', 'flux'],
    steps: [
      ...commonStart(figures.insertion),
      { text: 'Open a valve so that steam can leave; take washers and cartridges out of the line.' },
      { text: 'Clean pipe end and cup to bright metal. Flux both thinly. Push home and turn once.' },
      { text: 'Heat the cup, not the wire, until solder melts on the pipe. Upright: the upper joint first.' },
      { text: 'Feed until it shows all round, then stop.', figure: solderFigure(figures) },
      { text: 'Leave it still until set. Do not quench. Wipe the flux off.' },
      {
        text: 'Wait before you heat the next cold joint beside it.',
        wait: { seconds: 300, what: 'soldered joint cools', basis: 'typical' },
      },
      {
        text: 'After the last flame, stay and look for smoke.',
        wait: { seconds: figures.profile.fireWatch * 60, what: 'fire watch', basis: 'setting of the profile' },
      },
    ],
    inspection: ['a silver ring all round', 'no drips, no gaps', 'flux gone inside and out'],
    spoils: [
      'water in the pipe, or the valve shut: steam blows the solder out',
      'solder fed until it runs inside',
      'pipe not reamed',
      'moved before it set, or quenched',
      'flux left on: it goes on eating',
    ],
    apart: 'Heat and pull, or cut it out. Old solder holds a pipe off its stop: cut back.',
    cautions: [
      `Flame: mat behind, timber wetted, extinguisher at hand, watch for ${figures.profile.fireWatch} minutes after.`,
      `Keep heat off plastic, rubber seals and finished press joints within ${flameDistance(figures.profile, figures.pipe.od)} mm, or make this joint first.`,
      waterCaution,
    ],
  }
}
