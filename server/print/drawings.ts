import type { Content } from 'pdfmake/interfaces'
import type { Catalogue } from '~~/core/catalogue/catalogue'
import { jointNumbers, type JointMark } from '~~/core/draw/joint-mark'
import { runSheet, type SheetSize } from '~~/core/draw/sheet'
import type { Job } from '~~/core/job/job'
import { systemsOf } from '~~/core/job/system'
import type { Plan } from '~~/core/plan/types'
import { formatFigure } from '~~/core/quantity/words/format-length'
import { systemName } from '~~/core/run/names'
import { paperColours } from './paper-colours'

/** A drawing on paper, in mm; and how wide that is in points, so that its letters keep their size. */
const size: SheetSize = { width: 181, height: 122 }
const inPoints = (mm: number) => (mm * 72) / 25.4

/** What is drawn: a job as it will stand. */
export interface Drawn {
  readonly job: Job
  readonly plan: Plan
  readonly catalogue: Catalogue
}

/** The drawing of each system, with the numbers of its joints, and their states where those are known. */
export function drawingsOf({ job, plan, catalogue }: Drawn, marks: ReadonlyMap<string, JointMark>): Content[] {
  const jointsOf = jointNumbers(plan)
  const pieceOf = new Map(plan.pieces.flatMap(({ id, legs }) => legs.map((leg) => [leg, id] as const)))
  return systemsOf(job)
    .filter(({ legs }) => legs.length > 0)
    .map((system) => {
      const svg = runSheet(catalogue, system, 'isometric', {
        size,
        colours: paperColours,
        title: systemName(job, system),
        units: job.units,
        length: (mm) => formatFigure(mm, job.units),
        pieceOf,
        jointsOf,
        marks,
      })
      return { svg, width: inPoints(size.width), margin: [0, 6, 0, 0] as [number, number, number, number] }
    })
}
