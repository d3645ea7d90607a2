import type { Axis, InLine } from '../job/job'
import type { Draft } from './draft'

/** How long a small valve is from end to end, and from the middle of one to the next: room for a short piece and a spanner. */
export interface Small {
  readonly whole: Omit<InLine, 'name'>
  /** mm */
  readonly apart: number
}
/** As long as stop valves of these sizes are: of metal pipe up to 28, and of polyethylene. */
const ofMetal: Small = { whole: { length: 90, tolerance: 20, basis: 'typical' }, apart: 160 }
export const ofPolyethylene: Small = { whole: { length: 200, tolerance: 30, basis: 'typical' }, apart: 240 }

/** How far from where a row begins its last part stands, in mm. */
export const rowLength = (names: readonly string[], { apart }: Small = ofMetal): number => names.length * apart

/** Parts in line on the way from one place straight to another: as near to the first as they go. */
export function inRow(
  draft: Draft,
  run: string,
  row: {
    readonly from: string
    readonly names: readonly string[]
    readonly direction: Axis
    /** From the last of them to where it leads, in mm. */
    readonly last: number
    readonly to: string
    readonly small?: Small
  },
): void {
  const { names, direction, last, to, small: { whole, apart } = ofMetal } = row
  const end = names.reduce((from, name) => {
    const part = draft.node(run, 'in-line', { inLine: { name, ...whole } })
    draft.leg({ from, direction, length: apart, to: part })
    return part
  }, row.from)
  draft.leg({ from: end, direction, length: last, to })
}
