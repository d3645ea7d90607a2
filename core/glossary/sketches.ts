/** A line of a word's small drawing, in a box of 48 by 28; thick where it is pipe. */
export interface SketchLine {
  readonly path: string
  readonly kind: 'pipe' | 'line' | 'shown'
}

const pipe = (path: string): SketchLine => ({ path, kind: 'pipe' })
const line = (path: string): SketchLine => ({ path, kind: 'line' })
/** What the word means, in the colour of pipe. */
const shown = (path: string): SketchLine => ({ path, kind: 'shown' })
const circle = (x: number, y: number, r: number) =>
  `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`
/** A dimension between two places on a level, with its ends. */
const across = (from: number, to: number, y: number) => `M${from} ${y - 2}v4M${to} ${y - 2}v4M${from} ${y}H${to}`

const elbowed = 'M4 8H34V26'

/** Small drawings of what no fitting and no section shows. */
export const sketches = {
  run: [shown('M3 6H20V20H44')],
  leg: [pipe('M3 6H20M20 20H44'), shown('M20 6V20')],
  'tie-in': [pipe('M4 14H22'), shown('M22 14H44'), line(circle(22, 14, 3))],
  'take-off': [pipe(elbowed), line(across(24, 34, 2)), line('M24 2V11M34 2V8')],
  depth: [pipe('M3 14H26'), line('M16 8H40V20H16M26 8V20'), shown(across(16, 26, 25))],
  'cut length': [pipe(elbowed), shown(across(4, 30, 3))],
  'short piece': [line('M4 8H18V20H4M44 8H30V20H44'), shown('M14 14H34')],
  gain: [line('M6 24H40V4'), shown('M6 24H28A12 12 0 0 0 40 12V4')],
  offset: [shown('M3 22H16L32 6H45')],
  set: [pipe('M3 22H16L32 6H45'), shown('M38 22V6M36 8l2-2 2 2M36 20l2 2 2-2'), line('M16 22H42')],
  converter: [pipe('M3 14H20'), shown('M20 9H30V7H42V21H30V19H20z')],
  nominal: [pipe(circle(24, 14, 10)), shown(circle(24, 14, 7)), line(across(14, 34, 26))],
  'old bore': [line(circle(24, 14, 10)), shown(`${circle(24, 14, 8)}M16 14H32`)],
  cts: [shown(circle(24, 14, 10)), line(circle(24, 14, 8)), line(across(14, 34, 26))],
  'expansion leg': [pipe('M3 6H32'), shown('M32 6V24'), line('M32 24L36 24M34 6l4 0M36 4l2 2-2 2')],
  relief: [line('M6 4H22V26H6zM30 26H44'), pipe('M22 9H36'), shown('M36 9V22')],
  clip: [pipe('M3 10H45'), shown('M18 20V10a6 6 0 0 1 12 0V20'), line('M10 20H38')],
  kerf: [pipe('M3 14H22M26 14H45'), shown('M24 4V24')],
  rack: [line('M6 4V24M42 4V24'), shown('M4 8H30M4 14H38M4 20H22')],
  stretch: [line(circle(24, 14, 9)), shown(circle(24, 14, 12))],
  gauge: [line(circle(24, 15, 11)), shown('M24 15L31 8'), line('M24 26V28')],
  flame: [shown('M24 25c-9-4-7-12 0-20c7 8 9 16 0 20z'), line('M6 26H42')],
  basis: [line('M12 3H36V25H12zM17 9H31M17 13H31'), shown('M17 19H25M28 18l2 2 3-4')],
  verdicts: [shown('M4 14l4 5 7-10'), line('M24 7L31 20H17z'), line('M36 9l8 10M44 9l-8 10')],
  profile: [
    line('M4 7H44M4 14H44M4 21H44'),
    shown(`${circle(14, 7, 2.5)}${circle(32, 14, 2.5)}${circle(22, 21, 2.5)}`),
  ],
} as const satisfies Readonly<Record<string, readonly SketchLine[]>>
export type SketchId = keyof typeof sketches
