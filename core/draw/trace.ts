import { formatClock } from '../quantity/words/format-duration'

export interface TraceTexts {
  readonly ink: string
  readonly line: string
  /** A pressure with its unit. */
  readonly pressure: (bar: number) => string
}

/** In points of the page. */
const [width, height, left, right, top, bottom] = [480, 150, 52, 8, 10, 22] as const
const least = 0.1
const two = (value: number): string => value.toFixed(2)

/**
 * The gauge's trace over time as SVG, for paper: the line, its least and greatest pressure, and where a step was asked for.
 *
 * @param asked bar that were asked for; null where nothing is drawn for it
 */
export function traceSheet(
  readings: readonly { readonly seconds: number; readonly bar: number }[],
  asked: number | null,
  { ink, line, pressure }: TraceTexts,
): string {
  const bars = [...readings.map(({ bar }) => bar), ...(asked === null ? [] : [asked])]
  const [low, high] = [Math.min(...bars), Math.max(...bars)]
  const span = Math.max(high - low, least)
  const last = Math.max(1, readings.at(-1)?.seconds ?? 1)
  const x = (seconds: number) => left + (seconds / last) * (width - left - right)
  const y = (bar: number) => top + ((high - bar) / span) * (height - top - bottom)
  const text = (at: readonly [number, number], words: string, anchor: 'start' | 'end' | 'middle') =>
    `<text x="${two(at[0])}" y="${two(at[1])}" font-size="8" text-anchor="${anchor}" fill="${ink}">${words}</text>`
  const level = (bar: number, dash: string) =>
    `<line x1="${left}" y1="${two(y(bar))}" x2="${width - right}" y2="${two(y(bar))}" stroke="${ink}" stroke-width="0.4" stroke-dasharray="${dash}"/>`
  const path = readings.map(({ seconds, bar }, at) => `${at === 0 ? 'M' : 'L'}${two(x(seconds))} ${two(y(bar))}`)
  const isApart = asked !== null && Math.abs(asked - high) / span > 0.12 && Math.abs(asked - low) / span > 0.12
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" font-family="sans-serif" fill="none">`,
    level(high, '1 3'),
    level(low, '1 3'),
    ...(asked === null ? [] : [level(asked, '5 3')]),
    text([left - 4, y(high) + 3], pressure(high), 'end'),
    text([left - 4, y(low) + 3], pressure(low), 'end'),
    ...(isApart ? [text([left - 4, y(asked) + 3], pressure(asked), 'end')] : []),
    text([left, height - 8], '0:00', 'start'),
    text([width - right, height - 8], formatClock(Math.round(last)), 'end'),
    `<path d="${path.join('')}" stroke="${line}" stroke-width="1.4"/>`,
    '</svg>',
  ].join('')
}
