import type { Point } from './drawing'
import { pathOf, type Ink, type Line, type Mark, type Part, type Words } from './shape'

/** What each thing on a sheet is drawn in. */
export type SheetColours = Readonly<Record<Ink, string>>

/** Where a scene lies on a sheet. */
export interface SvgFrame {
  readonly colours: SheetColours
  /** Millimetres of paper to a third of a letter's height. */
  readonly third: number
  readonly x: (mm: number) => number
  readonly y: (mm: number) => number
}

export const escaped = (words: string): string =>
  words.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;')
export const two = (value: number): string => String(Math.round(value * 100) / 100)

function lineSvg({ from, to, ink, weight, dashes }: Line, { colours, third, x, y }: SvgFrame): string {
  const dashed = dashes.length > 0 ? ` stroke-dasharray="${dashes.map((dash) => two(dash * third)).join(' ')}"` : ''
  return `<line x1="${two(x(from[0]))}" y1="${two(y(from[1]))}" x2="${two(x(to[0]))}" y2="${two(y(to[1]))}" stroke="${colours[ink]}" stroke-width="${two(weight * third)}"${dashed}/>`
}

const placed = ([px, py]: Point, { third, x, y }: SvgFrame): string =>
  `transform="translate(${two(x(px))} ${two(y(py))}) scale(${two(third)})"`

function markSvg({ at, stroke }: Mark, frame: SvgFrame): string {
  const { fill, ink, weight } = stroke
  const { colours } = frame
  return `<path d="${pathOf(stroke)}" fill="${fill ? colours[fill] : 'none'}" stroke="${colours[ink]}" stroke-width="${weight}" ${placed(at, frame)}/>`
}

/** Words on a ground of their own, so that lines under them do not cross them: the ground first, for who knows no order of painting. */
function wordsSvg({ at, beside, words, more, size, bold }: Words, frame: SvgFrame): string {
  const { colours, third, x, y } = frame
  const where = `x="${two(x(at[0]) + beside[0] * third)}" y="${two(y(at[1]) + (beside[1] + size / 3) * third)}"`
  const attributes = `${where} font-size="${two(size * third)}" text-anchor="middle"${bold ? ' font-weight="bold"' : ''}`
  const said = escaped(more ? `${words}  ${more}` : words)
  return `<text ${attributes} fill="${colours.paper}" stroke="${colours.paper}" stroke-width="0.8">${said}</text><text ${attributes} fill="${colours.ink}">${said}</text>`
}

/** The shapes of a scene as SVG, in their order. */
export const sceneSvg = (parts: readonly Part[], frame: SvgFrame): string =>
  parts
    .map(({ shapes }) =>
      shapes
        .map((shape) =>
          shape.kind === 'line'
            ? lineSvg(shape, frame)
            : shape.kind === 'mark'
              ? markSvg(shape, frame)
              : wordsSvg(shape, frame),
        )
        .join(''),
    )
    .join('\n')
