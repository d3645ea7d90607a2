import type { Units } from '../quantity/units'
import { line, pageHead, pageMargin, papers, text, type Paper, type StripMark, type StripPage } from './strip-page'

/** One depth to be marked: from the left edge of its strip to its line, at full size. */
export interface StripDepth {
  readonly label: string
  /** Insertion depth in mm, above 0. */
  readonly mm: number
  readonly basis: string
}

const pitch = 16
const firstStrip = 48

/** The strip: its stop end at the left, the depth line at exactly its length, where the pipe is marked. */
function strip({ label, mm, basis }: StripDepth, y: number, length: string): StripMark[] {
  const depth = pageMargin + mm
  return [
    line([pageMargin, y - 5], [pageMargin, y + 5], 0.6),
    line([pageMargin, y + 5], [depth, y + 5]),
    line([depth, y - 5], [depth, y + 5], 0.6),
    line([pageMargin, y - 5], [depth, y - 5]),
    text(depth + 4, y, `${length}   ${label}`),
    text(depth + 4, y + 4.5, basis, 2.8),
  ]
}

/**
 * Pages with each depth at 1:1 and a check bar of known length, so that a mark can be taken from paper.
 *
 * @param lengthText how a length is written in the user's units
 * @throws RangeError when a depth is not above 0, or too long for the paper
 * @remarks for instance: one depth of 15.4: a line at 15 + 15.4 mm from the left edge
 */
export function depthStrips(
  depths: readonly StripDepth[],
  {
    paper,
    units,
    title,
    lengthText,
  }: {
    readonly paper: Paper
    readonly units: Units
    readonly title: string
    readonly lengthText: (mm: number) => string
  },
): StripPage[] {
  const { width, height } = papers[paper]
  const most = width - 2 * pageMargin
  const wrong = depths.find(({ mm }) => !(mm > 0 && mm <= most))
  if (wrong) throw new RangeError(`${wrong.label}: a depth above 0 and at most ${most} mm`)
  const perPage = Math.floor((height - firstStrip - pageMargin) / pitch) + 1
  const pages = Math.max(1, Math.ceil(depths.length / perPage))
  return Array.from({ length: pages }, (_, page) => ({
    width,
    height,
    marks: [
      ...pageHead(units, title, 'Insertion depths'),
      ...depths
        .slice(page * perPage, (page + 1) * perPage)
        .flatMap((depth, index) => strip(depth, firstStrip + index * pitch + 5, lengthText(depth.mm))),
    ],
  }))
}
