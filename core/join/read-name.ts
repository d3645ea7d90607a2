import type { MethodId } from '../catalogue/method'
import { sizeToMillimetres } from '../quantity/units'
import type { PartKind } from '../catalogue/fitting'

/** One end as a name gives it; what it does not say is left open. */
export interface NamedEnd {
  /** Empty where the name gives no size at all. */
  readonly size: string
  readonly type?: 'socket' | 'spigot' | 'M' | 'F'
  readonly method?: MethodId
  readonly system?: 'NPT' | 'BSP'
  /** A word that tells two systems of one method apart: `PVC`, `insert`. */
  readonly made?: string
}

export interface NamedFitting {
  readonly kind: PartKind
  readonly ends: readonly NamedEnd[]
  /** What is unusual in the order of reading, and what else may have been meant. */
  readonly hints: readonly string[]
}

export type ReadName =
  { readonly ok: true; readonly named: NamedFitting } | { readonly ok: false; readonly problem: string }

/** Words for what a fitting is, tried in order: the longer before what it holds. */
const kindWords: readonly (readonly [RegExp, PartKind])[] = [
  [/\bdrop[- ]?ear(?:ed)?(?: elbow| ell| 90)?\b|\bwall ?plate(?: elbow)?\b/, 'drop-ear elbow'],
  [/\bstub[- ]?out\b/, 'stub-out'],
  [/\bangle (?:stop|valve)\b/, 'angle stop'],
  [/\bstreet(?: elbow| ell)? ?45(?: elbow| ell)?\b|\b45 street(?: elbow| ell)?\b/, 'street elbow 45'],
  [/\bstreet(?: elbow| ell)?(?: ?90)?(?: elbow| ell)?\b|\b90 street(?: elbow| ell)?\b/, 'street elbow 90'],
  [/\b(?:elbow|ell|bend) ?45\b|\b45(?: elbow| ell| bend)?\s*$/, 'elbow 45'],
  [/\b(?:elbow|ell|bend)(?: ?90)?\b|\b90(?: elbow| ell| bend)?\s*$/, 'elbow 90'],
  [/\b45(?= elbow| ell| bend)(?: elbow| ell| bend)/, 'elbow 45'],
  [/\b(?:slip|repair) coupling\b|\bslip coupler\b/, 'slip coupling'],
  [/\bdielectric(?: union)?\b/, 'dielectric union'],
  [/\bthread adapter\b/, 'thread adapter'],
  [/\bfitting reducer\b/, 'fitting reducer'],
  [/\bbushing\b|\bbush\b/, 'bushing'],
  [/\breduc(?:er|ing coupling|ing socket)\b/, 'reducer'],
  [/\bcoupling\b|\bcoupler\b|\bstraight\b/, 'coupling'],
  [/\bswivel connector\b|\btap connector\b|\bswivel\b/, 'swivel connector'],
  [/\badap[te]+[eo]r\b|\bconnector\b/, 'adapter'],
  [/\bconverter\b/, 'converter'],
  [/\bunion\b/, 'union'],
  [/\bvalve\b/, 'valve'],
  [/\bnipple\b/, 'nipple'],
  [/\btee\b/, 'tee'],
  [/\bcap\b|\bstop end\b/, 'cap'],
  [/\bplug\b/, 'plug'],
]

/** Kinds whose name need not say that their last end is threaded. */
export const oftenThreaded: ReadonlySet<PartKind> = new Set([
  'adapter',
  'swivel connector',
  'bushing',
  'dielectric union',
  'drop-ear elbow',
  'angle stop',
  'nipple',
  'thread adapter',
  'plug',
])

const methodWords: readonly (readonly [RegExp, MethodId])[] = [
  [/\bpe compression\b|\bcompression pe\b/, 'compression-pe'],
  [/\bmultilayer press\b|\bpress multilayer\b/, 'press-multilayer'],
  [/\bsolder(?:ed)?\b|\bsweat\b|\bcapillary\b/, 'solder'],
  [/\bpress\b/, 'press-metal'],
  [/\bcrimp\b/, 'crimp'],
  [/\bclamp\b/, 'clamp'],
  [/\bexpansion\b/, 'expansion'],
  [/\bpush[- ]?fit\b|\bpush\b/, 'push-fit'],
  [/\bcompression\b/, 'compression'],
  [/\bsolvent\b|\bcement(?:ed)?\b|\bglue\b/, 'solvent'],
  [/\bthread(?:ed)?\b|\bscrewed\b/, 'thread'],
]

const madeWords = /\b(cpvc|pvc|insert|repair|od)\b/
const sizeForm = /(?<![\d/])((?:old )?(?:\d+[- ]\d+\/\d+|\d+\/\d+|\d+))(?![\d/])/
const letterWords: readonly (readonly [RegExp, NamedEnd['type']])[] = [
  [/\b(?:ftg|fit|spigot)\b/, 'spigot'],
  [/\b(?:c|cup|socket)\b/, 'socket'],
  [/\b(?:m|mip|mpt|male)\b/, 'M'],
  [/\b(?:f|fip|fpt|female)\b/, 'F'],
]

const endsOf: Partial<Record<PartKind, number>> = { tee: 3, cap: 1, plug: 1 }

/** Small letters, x between sizes, hyphens in mixed numbers; inch and degree marks dropped. */
function normalised(text: string): string {
  return text
    .toLowerCase()
    .replaceAll('½', '1/2')
    .replaceAll('¾', '3/4')
    .replaceAll('¼', '1/4')
    .replace(/["″”°]|\b(?:inch|in|mm|deg|degrees?)\b/g, ' ')
    .replace(/(\d+)\s+(\d\/\d)/g, '$1-$2')
    .replace(/\s*(?:×|\*|\bby\b)\s*/g, ' x ')
    .replace(/(\d|[a-z])\s*x\s*(?=\d)|(?<=\d)x(?=[a-z])/g, (found) => found.replace('x', ' x '))
    .replace(/\s+/g, ' ')
    .trim()
}

function readEnd(part: string): Partial<NamedEnd> {
  const method = methodWords.find(([form]) => form.test(part))?.[1]
  const rest = methodWords.reduce((left, [form]) => left.replace(form, ' '), part)
  const type = letterWords.find(([form]) => form.test(rest))?.[1]
  const made = madeWords.exec(part)?.[1]
  const system = /\bnpt\b/.test(part) ? 'NPT' : /\bbsp[pt]?\b/.test(part) ? 'BSP' : undefined
  const size = sizeForm.exec(part)?.[1]?.replace(/(\d) (\d)/, '$1-$2')
  return {
    ...(size ? { size } : {}),
    ...(type ? { type } : {}),
    ...(method ? { method } : {}),
    ...(system ? { system } : {}),
    ...(made ? { made } : {}),
  }
}

/** What a size measures, so that a larger end is known from a smaller one; whole numbers from 6 up are millimetres. */
function measure(name: string): number {
  const size = name.replace('old ', '')
  const isMetric = /^\d+$/.test(size) && Number(size) > 5
  return isMetric ? Number(size) : sizeToMillimetres(size)
}

function teeHints([first, second, branch]: readonly string[], given: number): string[] {
  if (!first || !second || !branch) return []
  const [a, b, c] = [first, second, branch].map(measure) as [number, number, number]
  if (given === 2 && c > a)
    return [
      `Read as a run of ${first} with a branch of ${branch}. A run of ${branch} with a branch of ${first} is written ${branch} × ${first}: the run comes first.`,
    ]
  if (given < 3) return []
  if (b > a)
    return [
      `The run’s larger end comes first: ${second} × ${first} × ${branch}. Written as it is, the counter may read the ${second} as the branch.`,
    ]
  if (b < a && c === a)
    return [
      `Read as a run from ${first} to ${second} with a branch of ${branch}. Where the ${second} is the branch, write it last: ${first} × ${first} × ${second}, or ${first} × ${second}.`,
    ]
  return []
}

function orderHints(kind: PartKind, sizes: readonly string[], given: number): string[] {
  if (kind === 'tee') return teeHints(sizes, given)
  const [first, second] = sizes
  if (!first || !second || measure(second) <= measure(first)) return []
  return kind === 'reducer' || kind === 'fitting reducer' || kind === 'bushing' || kind === 'elbow 90'
    ? [`The larger end comes first: ${second} × ${first}. It is the same part.`]
    : []
}

/** The sizes of all ends: a name says what is equal once. */
function expand(kind: PartKind, ends: readonly NamedEnd[]): NamedEnd[] {
  const wanted = endsOf[kind] ?? 2
  const [first, second = first, third] = ends
  if (!first || !second) return []
  if (wanted === 1) return [first]
  if (wanted === 2) return [first, second]
  if (third) return [first, second, third]
  return ends.length === 2 ? [first, { ...second, size: first.size, type: first.type }, second] : [first, first, first]
}

/**
 * Reads the counter's text of a fitting: run first and larger end first, then the branch.
 *
 * @returns the fitting as named, with hints where another order may have been meant; or what is missing
 * @example readName('3/4 x 1/2 x 1/2 tee').named // { kind: 'tee', ends: [{ size: '3/4' }, { size: '1/2' }, { size: '1/2' }] }
 * @example readName('street 90 1/2').named.ends // [{ size: '1/2', type: 'spigot' }, { size: '1/2' }]
 */
export function readName(text: string): ReadName {
  const line = normalised(text)
  const found = kindWords.find(([form]) => form.test(line))
  if (!found)
    return { ok: false, problem: 'say what it is: tee, elbow, coupling, reducer, adapter, cap, union, valve …' }
  const [form, kind] = found
  const parts = line.replace(form, ' ').split(/\sx\s/).map(readEnd)
  const given = parts.length
  if (given > 3) return { ok: false, problem: 'a fitting has at most three ends here' }
  const { method, made, system } = parts.at(-1) ?? {}
  // A method said once, at the end, holds for every end that says nothing of its own: 22 x 15 solder reducer.
  const saidOnce = parts.filter((part) => part.method).length === 1
  const common = saidOnce && method ? { method, ...(made ? { made } : {}), ...(system ? { system } : {}) } : {}
  const ends: NamedEnd[] = []
  for (const part of parts) {
    const size = part.size ?? ends.at(-1)?.size ?? parts.find((other) => other.size)?.size
    const isOpen = part.type === undefined && (part.method === undefined || saidOnce)
    // The other end of an adapter may be a thread, whatever method the name ends with.
    const holds = isOpen && !(oftenThreaded.has(kind) && ends.length > 0)
    ends.push({
      ...part,
      size: size ?? '',
      ...(isOpen ? { method: undefined, made: undefined } : {}),
      ...(holds ? common : {}),
    })
  }
  const isStreet =
    kind === 'street elbow 90' || kind === 'street elbow 45' || kind === 'fitting reducer' || kind === 'bushing'
  const all = expand(kind, ends).map((end, index) =>
    isStreet && index === 0 && end.type !== 'M' ? { ...end, type: 'spigot' as const } : end,
  )
  const noSize = all.every(({ size }) => size === '') ? ['Add its size, such as 22, 3/4 or 22 × 15.'] : []
  const turned = kind === 'coupling' && all[0]?.size !== all[1]?.size ? 'reducer' : kind
  const sizes = all.map(({ size }) => size)
  return {
    ok: true,
    named: {
      kind: turned,
      ends: all,
      hints: [...noSize, ...orderHints(turned, sizes, given)],
    },
  }
}
