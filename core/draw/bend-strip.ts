import type { Units } from '../quantity/units'
import { line, pageHead, pageMargin, papers, text, type Paper, type StripMark, type StripPage } from './strip-page'

/** A mark along the tube: mm from its first end. */
export interface AlongMark {
  readonly at: number
  readonly label: string
}

const stripTop = 60
const stripTall = 30

/**
 * A tube's marks at full size on sheets laid end to end, a paper's longer side along the tube. Each sheet begins where
 * the one before it ended, and says at how many mm.
 *
 * @param length of the tube, in mm, above 0
 * @throws RangeError when a mark is not on the tube
 * @remarks for instance: a tube of 500 on A4: two sheets of 267 mm each; a mark at 300 is 33 mm along the second
 */
export function bendStrips(
  marks: readonly AlongMark[],
  length: number,
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
  const wrong = marks.find(({ at }) => !(at >= 0 && at <= length))
  if (wrong) throw new RangeError(`${wrong.label}: a mark from 0 to ${length} mm`)
  const { width: height, height: width } = papers[paper]
  const perSheet = width - 2 * pageMargin
  const sheets = Math.max(1, Math.ceil(length / perSheet - 1e-9))
  return Array.from({ length: sheets }, (_, sheet) => {
    const from = sheet * perSheet
    const to = Math.min(length, from + perSheet)
    const x = (mm: number) => pageMargin + mm - from
    const here = marks.filter(({ at }) => at >= from && (at < to || at === length))
    const edge = (mm: number): StripMark[] => [line([x(mm), stripTop - 8], [x(mm), stripTop + stripTall + 8], 0.6)]
    return {
      width,
      height,
      marks: [
        ...pageHead(units, `${title}, sheet ${sheet + 1} of ${sheets}`, 'Marks along the tube'),
        line([x(from), stripTop], [x(to), stripTop]),
        line([x(from), stripTop + stripTall], [x(to), stripTop + stripTall]),
        ...edge(from),
        ...edge(to),
        text(x(from), stripTop - 10, sheet === 0 ? 'first end of the tube' : `goes on at ${lengthText(from)}`),
        text(x(from), stripTop + stripTall + 13, sheet === sheets - 1 ? `second end at ${lengthText(to)}` : ''),
        ...here.flatMap(({ at, label }, index) => [
          line([x(at), stripTop - 4], [x(at), stripTop + stripTall + 4], 0.5),
          // Labels take turns in height, so that near marks stay readable.
          text(x(at) + 1.5, stripTop + 6 + (index % 4) * 6, `${label} ${lengthText(at)}`),
        ]),
      ],
    }
  })
}
