import { formatLength } from './words/format-length'
import { inch, type Units } from './units'

export type ParsedLength = { readonly ok: true; readonly mm: number } | { readonly ok: false; readonly problem: string }

export interface LengthLimits {
  /** Least value accepted, in millimetres. */
  readonly min: number
  /** Greatest value accepted, in millimetres. */
  readonly max: number
}

/** A leg of pipe: more than nothing, at most 100 m. */
export const legLimits: LengthLimits = { min: 0.1, max: 100_000 }

/** A height, or any place along an axis: either side of nought, as far as a job goes. */
export const placeLimits: LengthLimits = { min: -1_000_000, max: 1_000_000 }

/** Lengths as they may be typed, by what a bare number means. */
export const acceptedLengths: Readonly<Record<Units, string>> = {
  metric: 'a length such as 1187, 45cm, 1.2m, 2m40, 1 3/4" or 3\'4 1/2',
  imperial: 'a length such as 46 3/4, 1 3/4", 3\'4 1/2 or 6ft 2in',
}

const millimetresPer = { mm: 1, cm: 10, m: 1000 } as const
const unsigned = String.raw`(?:\d+(?:[.,]\d+)?|[.,]\d+)`
const mixed = String.raw`(?:(\d+)[\s-]+)?(\d+)\/(\d+)`
const metricForm = new RegExp(`^(${unsigned})\\s*(mm|cm|m)$`)
/** Metres and centimetres, or metres and millimetres: `2m40`, `2m405`. */
const metresForm = /^(\d+)\s*m\s*(\d{2}|\d{3})$/
const metresCentimetresForm = /^(\d+)\s*m\s*(\d{1,2})\s*cm$/
const plainForm = new RegExp(`^(${unsigned})$`)
const feetForm = new RegExp(`^(${unsigned})\\s*(?:'|ft)\\s*-?\\s*(.*)$`)
const fractionForm = new RegExp(`^${mixed}$`)

const number = (text: string): number => Number(text.replace(',', '.'))

/** Inches written as `22`, `1.75`, `3/4`, `1 3/4` or `1-3/4`; null when it is none of these, NaN when divided by nought. */
function parseInches(text: string): number | null {
  if (plainForm.test(text)) return number(text)
  const parts = fractionForm.exec(text)
  if (!parts) return null
  const denominator = Number(parts[3])
  return denominator === 0 ? NaN : Number(parts[1] ?? 0) + Number(parts[2]) / denominator
}

/** Millimetres, or null when the text is not a length, NaN when it divides by nought. */
function read(text: string, units: Units): number | null {
  const metric = metricForm.exec(text)
  if (metric) return number(metric[1]!) * millimetresPer[metric[2] as keyof typeof millimetresPer]
  const metres = metresForm.exec(text) ?? metresCentimetresForm.exec(text)
  if (metres) return number(metres[1]!) * 1000 + number(metres[2]!) * (metres[2]!.length === 3 ? 1 : 10)
  const feet = feetForm.exec(text)
  if (feet) {
    const rest = feet[2]!.replace(/\s*("|in)$/, '').trim()
    const inches = rest === '' ? 0 : parseInches(rest)
    return inches === null ? null : (number(feet[1]!) * 12 + inches) * inch
  }
  const marked = /^(.*?)\s*("|in)$/.exec(text)
  const bare = parseInches(marked ? marked[1]! : text)
  if (bare === null) return null
  const isInches = marked !== null || units === 'imperial' || text.includes('/')
  return isInches ? bare * inch : bare
}

/** What is pasted by mistake may be a whole document: it is not looked through. */
const mostTyped = 60

/** A least length, which may be below half a millimetre and is then told by its own figures. */
const limitText = (mm: number, units: Units): string =>
  Math.abs(mm) < 1 && units === 'metric'
    ? `${mm}\u2009mm`
    : mm > 0 && mm < inch / 32
      ? 'more than 0'
      : formatLength(mm, units)

/**
 * Reads a length as people write it and gives millimetres.
 *
 * A bare number is millimetres in metric and inches in imperial; a fraction is always inches.
 * Takes `22`, `.625`, `45cm`, `1.2m`, `2m40`, `1 3/4"`, `1-3/4`, `1½`, `3'4 1/2`, `6ft 2in`. Exponents are not lengths; a minus is one only
 * where the limits go below nought, as for a height.
 *
 * @param units what a bare number means
 * @param limits least and greatest millimetres accepted; a leg of pipe unless said otherwise
 * @returns millimetres, or the problem in words; never throws
 * @example parseLength(`3'4 1/2`, 'imperial') // { ok: true, mm: 1028.7 }
 */
export function parseLength(text: string, units: Units, limits: LengthLimits = legLimits): ParsedLength {
  if (text.length > mostTyped) return { ok: false, problem: `a length has at most ${mostTyped} signs` }
  const typed = text
    .trim()
    .toLowerCase()
    .replace(/[\u2032\u2019]/g, "'")
    .replace(/[\u2033\u201d]|''/g, '"')
    .replace(/[\u2009\u00a0\u202f]/g, '')
    // A fraction as one sign: ½, or behind a whole number 1½.
    .replace(
      /(\d?)([\u00bc-\u00be\u2150-\u215e])/g,
      (_, whole: string, sign: string) =>
        `${whole === '' ? '' : `${whole} `}${sign.normalize('NFKD').replace('\u2044', '/')}`,
    )
  if (typed === '') return { ok: false, problem: 'nothing is typed' }
  const isBelow = /^[-−]/.test(typed)
  if (isBelow && limits.min >= 0) return { ok: false, problem: 'a length cannot be negative' }
  const size = read(isBelow ? typed.slice(1).trim() : typed, units)
  const mm = isBelow && size !== null ? -size : size
  if (mm === null) return { ok: false, problem: `“${text.trim()}” is not a length` }
  if (Number.isNaN(mm)) return { ok: false, problem: 'a fraction cannot be divided by nought' }
  if (mm < limits.min) return { ok: false, problem: `it must be at least ${limitText(limits.min, units)}` }
  if (mm > limits.max) return { ok: false, problem: `it must be at most ${formatLength(limits.max, units)}` }
  return { ok: true, mm }
}
