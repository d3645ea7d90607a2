import type { Units } from '../quantity/units'

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

/** A page that is printed at full size, in mm. */
export interface StripPage {
  readonly width: number
  readonly height: number
  readonly marks: readonly StripMark[]
}

export const pageMargin = 15
/** The check bar, in mm: a length that any rule has, by unit system. */
const checkBar = { metric: { mm: 100, text: '100 mm' }, imperial: { mm: 101.6, text: '4 in' } } as const
const textSize = 3.5

export const line = (from: readonly [number, number], to: readonly [number, number], thick = 0.25): StripMark => ({
  kind: 'line',
  from,
  to,
  thick,
})
export const text = (x: number, y: number, words: string, size = textSize): StripMark => ({
  kind: 'text',
  at: [x, y],
  text: words,
  size,
})

/** What every full-size page begins with: its title, what it is, and a bar to check the printer with. */
export function pageHead(units: Units, title: string, what: string): StripMark[] {
  const bar = checkBar[units]
  const y = 36
  return [
    text(pageMargin, 14, title, 5),
    text(pageMargin, 21, `${what} at full size. Print at 100 %, not “fit to page”.`),
    text(pageMargin, 27, `Lay a rule on this bar: it is ${bar.text} long, or nothing below is right.`),
    line([pageMargin, y], [pageMargin + bar.mm, y], 0.4),
    line([pageMargin, y - 3], [pageMargin, y + 3], 0.4),
    line([pageMargin + bar.mm, y - 3], [pageMargin + bar.mm, y + 3], 0.4),
    text(pageMargin + bar.mm + 3, y + 1.2, bar.text),
  ]
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
