import { crimpGauge } from '../../catalogue/tables/crimp-gauge'
import { ringPlace as ring } from '../../catalogue/tables/ring-place'
import type { Speaker } from '../../quantity/words/speaks'
import { inch } from '../../quantity/units'
import { commonStart, waterCaution, type JointFigures, type Procedure, type StepFigure } from '../procedure'

/** Where a ring stands: from the pipe's end to its near edge. */
export const ringFromEnd = (say: Speaker): StepFigure => ({
  label: 'Ring from the end',
  mm: (ring.least + ring.most) / 2,
  tolerance: (ring.most - ring.least) / 2,
  basis: `standard (${say.length(ring.least)} to ${say.length(ring.most)})`,
})

/** The finished ring's limits: the go gauge passes the greater, the no-go does not pass the lesser. */
function gauge(size: string | undefined): StepFigure {
  const limits = size === undefined ? undefined : crimpGauge[size]
  if (!limits) return { label: 'Gauge', text: 'use the tool’s go/no-go gauge', basis: 'no figure for this size' }
  const [least, most] = limits
  return { label: 'Finished ring', go: most * inch, noGo: least * inch, basis: 'standard (ASTM F1807)' }
}

export function crimp({ insertion, socket, say }: JointFigures): Procedure {
  return {
    tools: ['crimp tool', 'go/no-go gauge', 'pipe shears'],
    consumables: [`${socket?.size ?? ''} copper ring`.trim()],
    steps: [
      ...commonStart(insertion, 'home'),
      { text: 'Ring on first. Then push the fitting in to its shoulder.' },
      { text: 'Bring the ring back and hold it there.', figure: ringFromEnd(say) },
      { text: 'Tool square on the ring. One full closure, once.' },
      { text: 'Gauge it both ways across: go passes over, no-go does not.', figure: gauge(socket?.size) },
    ],
    inspection: ['passes the go/no-go gauge both ways', 'ring square', 'pipe to the shoulder'],
    spoils: ['ring at the very end or too far on', 'crimped twice', 'tool not closed', 'gauge not used'],
    apart: 'Cut the ring with a ring cutter, never the barb; cut the pipe back.',
    cautions: [waterCaution],
  }
}
