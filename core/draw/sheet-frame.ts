import type { Drawing } from './drawing'
import { papers, type Paper } from './strip-page'

/** What each thing on a sheet is drawn in. */
export interface SheetColours {
  readonly copper: string
  readonly plastic: string
  readonly steel: string
  readonly ink: string
  readonly paper: string
}

/** What stands on a drawn sheet beside the run, and in which colours. */
export interface SheetTexts {
  readonly colours: SheetColours
  readonly title: string
  /** The paper that it is printed on, across. */
  readonly paper: Paper
  readonly length: (mm: number) => string
  readonly pieceOf: ReadonlyMap<string, string>
  /** The numbers of the joints at a node. */
  readonly jointsOf?: ReadonlyMap<string, string>
}

/** In mm: what stays white about a sheet, its head, its letters. */
export const [margin, titleHeight, letter] = [12, 14, 3] as const
/** Drawing units to a third of a letter's height. */
export const third = letter / 3

export const escaped = (words: string): string =>
  words.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;')
export const two = (value: number): string => String(Math.round(value * 100) / 100)

/** Words on a ground of their own, so that lines under them do not cross them: the ground first, for who knows no order of painting. */
export const haloed = (attributes: string, words: string, paper: string): string =>
  `<text ${attributes} fill="${paper}" stroke="${paper}" stroke-width="0.8">${escaped(words)}</text><text ${attributes}>${escaped(words)}</text>`

/** A drawing laid on the page: its place there, in mm of paper, and its colours. */
export interface SheetFrame {
  readonly drawing: Drawing
  readonly colours: SheetColours
  /** The sheet, in mm. */
  readonly page: { readonly width: number; readonly height: number }
  /** Millimetres of paper to one of the drawing. */
  readonly scale: number
  readonly x: (mm: number) => number
  readonly y: (mm: number) => number
}

/** As large as the page takes it, in its middle. */
export function sheetFrame(drawing: Drawing, { colours, paper }: Pick<SheetTexts, 'colours' | 'paper'>): SheetFrame {
  const { width: pageHeight, height: pageWidth } = papers[paper]
  const [left, top, width, height] = drawing.box
  const scale = Math.min((pageWidth - 2 * margin) / width, (pageHeight - 2 * margin - titleHeight) / height)
  const shiftX = (pageWidth - width * scale) / 2
  return {
    drawing,
    colours,
    page: { width: pageWidth, height: pageHeight },
    scale,
    x: (mm) => (mm - left) * scale + shiftX,
    y: (mm) => (mm - top) * scale + margin + titleHeight,
  }
}

/** A line between two points of the drawing. */
export const lineOn = (
  { x, y }: SheetFrame,
  { from, to }: { readonly from: readonly [number, number]; readonly to: readonly [number, number] },
  stroke: string,
): string =>
  `<line x1="${two(x(from[0]))}" y1="${two(y(from[1]))}" x2="${two(x(to[0]))}" y2="${two(y(to[1]))}" ${stroke}/>`
