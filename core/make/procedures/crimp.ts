import { crimpGauge } from '../../catalogue/tables/crimp-gauge'
import { inch } from '../../quantity/units'
import { commonStart, waterCaution, type JointFigures, type Procedure, type StepFigure } from '../procedure'

export const ringFromEnd: StepFigure = {
  label: 'Ring from the end',
  mm: 4.5,
  tolerance: 1.5,
  basis: 'standard (3 to 6 mm)',
}

function gauge(size: string | undefined): StepFigure {
  const limits = size === undefined ? undefined : crimpGauge[size]
  if (!limits) return { label: 'Gauge', text: 'use the tool’s go/no-go gauge', basis: 'no figure for this size' }
  const [least, most] = limits.map((inches) => inches * inch) as [number, number]
  return {
    label: 'Finished ring',
    mm: (least + most) / 2,
    tolerance: (most - least) / 2,
    basis: 'standard (ASTM F1807)',
  }
}

export function crimp({ insertion, socket }: JointFigures): Procedure {
  return {
    tools: ['crimp tool', 'go/no-go gauge', 'pipe shears'],
    consumables: [`${socket?.size ?? ''} copper ring`.trim()],
    steps: [
      ...commonStart(insertion),
      { text: 'Ring on first. Then push the fitting in to its shoulder.' },
      { text: 'Bring the ring back and hold it there.', figure: ringFromEnd },
      { text: 'Tool square on the ring. One full closure, once.' },
      { text: 'Gauge it both ways across.', figure: gauge(socket?.size) },
    ],
    inspection: ['passes the go/no-go gauge both ways', 'ring square', 'pipe to the shoulder'],
    spoils: ['ring at the very end or too far on', 'crimped twice', 'tool not closed', 'gauge not used'],
    apart: 'Cut the ring with a ring cutter, never the barb; cut the pipe back.',
    cautions: [waterCaution],
  }
}
