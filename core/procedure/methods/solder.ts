import { flameDistance } from '../../workshop/profile'
import type { Speaker } from '../../quantity/words/speaks'
import { inch, sizeToMillimetres } from '../../quantity/units'
import {
  commonStart,
  waterCaution,
  type Attitude,
  type JointFigures,
  type Procedure,
  type StepFigure,
} from '../procedure'
import { solderLength } from '../../methods/solder-length'
import { usualWire } from '../../workshop/solder-wire'

/** A length of wire equal to the pipe's nominal size. */
const thumb = ({ nominal, family }: JointFigures['pipe'], say: Speaker): string =>
  say.length(family === 'metric' ? Number(nominal) : sizeToMillimetres(nominal))

function solderFigure({ pipe, insertion, profile, say }: JointFigures): StepFigure {
  if (!insertion) return { label: 'Solder', text: 'as long as the pipe’s nominal size', basis: 'rule of thumb' }
  const diameter = usualWire(profile.id)
  const mm = solderLength(pipe.od, insertion.mm, diameter)
  // From the tightest gap to the widest, the volume goes from 0.4 to 1.6 of the middle one. Nobody measures wire finer.
  const step = say.units === 'metric' ? 5 : inch / 4
  const about = (length: number) => say.length(Math.max(1, Math.round(length / step)) * step)
  return {
    label: 'Solder',
    text: `about ${about(mm)}`,
    basis: `${about(mm * 0.4)} to ${about(mm * 1.6)}: gap ${say.diameter(0.05)} to ${say.diameter(0.2)}, wire of ${say.diameter(diameter)}; rule of thumb: ${thumb(pipe, say)}`,
  }
}

/** Which side the flame stands on, and where the solder is fed, by how the joint lies. */
const heating: Readonly<Record<Attitude, string>> = {
  level:
    'Flame on the underside of the cup, then its back. Feed from the bottom up one side, then the other, and close at the top.',
  'upright, fitting above':
    'Flame round the cup above its mouth: the solder follows the heat up. Feed at the mouth from two sides.',
  'upright, fitting below':
    'Flame low on the cup, so that the solder is drawn down. Feed at the mouth from two sides. Of two joints the upper first.',
}
/** Above this outside diameter, in mm, solder is fed from opposite sides in turn. */
const largeFrom = 35

export function solder(figures: JointFigures): Procedure {
  return {
    tools: ['torch', 'heat mat', 'extinguisher', 'cleaning strip and brush', 'wet rag'],
    consumables: ['lead-free solder', 'flux'],
    steps: [
      ...commonStart(figures.insertion, 'home'),
      { text: 'Open a valve so that steam can leave; take washers and cartridges out of the line.' },
      { text: 'Clean pipe end and cup to bright metal. Flux both thinly. Push fully in and turn once.' },
      {
        text: `Heat the cup, not the wire, until solder melts on the pipe. ${heating[figures.attitude ?? 'level']}`,
      },
      {
        text: `Feed until it shows all round, then stop.${figures.pipe.od >= largeFrom ? ' Large pipe: feed opposite sides in turn.' : ''}`,
        figure: solderFigure(figures),
      },
      { text: 'Leave it still until set. Do not quench. Wipe the flux off.' },
      {
        text: 'Wait before you heat the next cold joint beside it.',
        wait: { seconds: 300, what: 'soldered joint cools', basis: 'typical' },
      },
      {
        text: 'After the last flame, stay and watch for smoke.',
        wait: { seconds: figures.profile.fireWatch * 60, what: 'fire watch', basis: 'setting of the profile' },
      },
    ],
    inspection: ['a silver ring all round', 'no drips, no gaps', 'flux gone inside and out'],
    spoils: [
      'water in the pipe, or the valve shut: steam blows the solder out',
      'solder fed until it runs inside',
      'pipe not reamed',
      'moved before it set, or quenched',
      'flux left on: it keeps corroding',
    ],
    apart: 'Heat and pull, or cut it out. Old solder holds a pipe off its stop: cut back.',
    cautions: [
      `Flame: mat behind, timber wetted, extinguisher at hand, watch for ${figures.profile.fireWatch} minutes after.`,
      `Keep heat off plastic, rubber seals and finished press joints within ${figures.say.length(flameDistance(figures.profile, figures.pipe.od))}, or make this joint first.`,
      waterCaution,
    ],
  }
}
