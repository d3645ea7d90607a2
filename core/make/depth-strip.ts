/** One depth to be marked: from the left edge of its strip to its line, at full size. */
export interface StripDepth {
  readonly label: string
  /** Insertion depth in mm, above 0. */
  readonly mm: number
  readonly basis: string
}

export const papers = { a4: { width: 210, height: 297 }, letter: { width: 215.9, height: 279.4 } } as const
export type Paper = keyof typeof papers

/** A line or a text of the page, in mm from its top left corner. */
export type StripMark =
  | {
      readonly kind: 'line'
      readonly from: readonly [number, number]
      readonly to: readonly [number, number]
      readonly thick: number
    }
  | { readonly kind: 'text'; readonly at: readonly [number, number]; readonly text: string; readonly size: number }

export interface StripPage {
  readonly width: number
  readonly height: number
  readonly marks: readonly StripMark[]
}

const margin = 15
const pitch = 16
const firstStrip = 48
/** The check bar, in mm: a length that any rule has, by unit system. */
const checkBar = { metric: { mm: 100, text: '100 mm' }, imperial: { mm: 101.6, text: '4 in' } } as const
const textSize = 3.5

const line = (x1: number, y1: number, x2: number, y2: number, thick = 0.25): StripMark => ({
  kind: 'line',
  from: [x1, y1],
  to: [x2, y2],
  thick,
})
const text = (x: number, y: number, words: string, size = textSize): StripMark => ({
  kind: 'text',
  at: [x, y],
  text: words,
  size,
})

function head(units: keyof typeof checkBar, title: string): StripMark[] {
  const bar = checkBar[units]
  const y = 36
  return [
    text(margin, 14, title, 5),
    text(margin, 21, 'Insertion depths at full size. Print at 100 %, not “fit to page”.'),
    text(margin, 27, `Lay a rule on this bar: it is ${bar.text} long, or nothing below is right.`),
    line(margin, y, margin + bar.mm, y, 0.4),
    line(margin, y - 3, margin, y + 3, 0.4),
    line(margin + bar.mm, y - 3, margin + bar.mm, y + 3, 0.4),
    text(margin + bar.mm + 3, y + 1.2, bar.text),
  ]
}

/** The strip: its stop end at the left, the depth line at exactly its length, where the pipe is marked. */
function strip({ label, mm, basis }: StripDepth, y: number, length: string): StripMark[] {
  const depth = margin + mm
  return [
    line(margin, y - 5, margin, y + 5, 0.6),
    line(margin, y + 5, depth, y + 5),
    line(depth, y - 5, depth, y + 5, 0.6),
    line(margin, y - 5, depth, y - 5),
    text(depth + 4, y, `${length}   ${label}`),
    text(depth + 4, y + 4.5, basis, 2.8),
  ]
}

/**
 * Pages with each depth at 1:1 and a check bar of known length, so that a mark can be taken from paper.
 *
 * @param lengthText how a length is written in the user's units
 * @throws RangeError when a depth is not above 0, or too long for the paper
 * @example one depth of 15.4: a line at 15 + 15.4 mm from the left edge
 */
export function depthStrips(
  depths: readonly StripDepth[],
  paper: Paper,
  units: keyof typeof checkBar,
  title: string,
  lengthText: (mm: number) => string,
): StripPage[] {
  const { width, height } = papers[paper]
  const most = width - 2 * margin
  const wrong = depths.find(({ mm }) => !(mm > 0 && mm <= most))
  if (wrong) throw new RangeError(`${wrong.label}: a depth above 0 and at most ${most} mm`)
  const perPage = Math.floor((height - firstStrip - margin) / pitch) + 1
  const pages = Math.max(1, Math.ceil(depths.length / perPage))
  return Array.from({ length: pages }, (_, page) => ({
    width,
    height,
    marks: [
      ...head(units, title),
      ...depths
        .slice(page * perPage, (page + 1) * perPage)
        .flatMap((depth, index) => strip(depth, firstStrip + index * pitch + 5, lengthText(depth.mm))),
    ],
  }))
}

const escaped = (words: string): string =>
  words.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;')

/** A page as SVG, its user units millimetres. */
export function stripSvg({ width, height, marks }: StripPage): string {
  const drawn = marks.map((mark) =>
    mark.kind === 'line'
      ? `<line x1="${mark.from[0]}" y1="${mark.from[1]}" x2="${mark.to[0]}" y2="${mark.to[1]}" stroke="black" stroke-width="${mark.thick}"/>`
      : `<text x="${mark.at[0]}" y="${mark.at[1]}" font-family="sans-serif" font-size="${mark.size}">${escaped(mark.text)}</text>`,
  )
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}">\n${drawn.join('\n')}\n</svg>\n`
}
