import type { FittingKind } from '../../catalogue/fitting'
import type { MethodId } from '../../methods/ids'
import { sizeToMillimetres } from '../../quantity/units'
import { forGas, meaningAt, wordsOf, type Meaning } from './name-words'

/** One end as a name gives it; what it does not say is left open. */
export interface NamedEnd {
  /** Empty where the name gives no size at all. */
  readonly size: string
  readonly type?: 'socket' | 'spigot' | 'M' | 'F'
  /** How pipe may be joined in it; any, where nothing is said. */
  readonly methods?: readonly MethodId[]
  readonly system?: 'NPT' | 'BSP'
  /** Words that tell two systems of one method apart: `pvc`, `insert`. */
  readonly made?: readonly string[]
}

export interface NamedFitting {
  /** What it may be: more than one where the name leaves it open. */
  readonly kinds: readonly FittingKind[]
  readonly ends: readonly NamedEnd[]
  /** What is unusual in the order of reading, and what else may have been meant. */
  readonly hints: readonly string[]
  /** Words that mean nothing here: they are asked about, never passed over. */
  readonly unknown: readonly string[]
}

export type ReadName =
  { readonly ok: true; readonly named: NamedFitting } | { readonly ok: false; readonly problem: string }

/** Kinds whose last end is threaded, whether the name says so or not. */
export const endsInThread: ReadonlySet<FittingKind> = new Set([
  'swivel connector',
  'drop-ear elbow',
  'angle stop',
  'nipple',
  'thread adapter',
])
/** Kinds whose last end may be threaded. */
export const oftenThreaded: ReadonlySet<FittingKind> = new Set([
  ...endsInThread,
  'adapter',
  'bushing',
  'dielectric union',
  'plug',
])
const onlyEnd: ReadonlySet<FittingKind> = new Set(['cap', 'plug'])
const sizeForm = /^(?:\d+-\d+\/\d+|\d+\/\d+|\d+)$/

/** What a line says, end by end, before it is known what it is. */
interface Line {
  readonly ends: NamedEnd[]
  readonly kinds: FittingKind[][]
  angle: 45 | 90 | null
  isStreet: boolean
  readonly unknown: string[]
  readonly others: string[]
}

const both = <T>(one: readonly T[] | undefined, other: readonly T[]): readonly T[] =>
  one ? one.filter((item) => other.includes(item)) : other

function withMeaning(line: Line, meaning: Meaning, end: NamedEnd): NamedEnd {
  switch (meaning.is) {
    case 'kind':
      line.kinds.push([...meaning.kinds])
      return end
    case 'angle':
      line.angle = meaning.angle
      return end
    case 'street':
      line.isStreet = true
      return end
    case 'methods':
      return { ...end, methods: both(end.methods, meaning.methods) }
    case 'made':
      return { ...end, made: [...(end.made ?? []), meaning.made] }
    case 'type':
      return { ...end, type: meaning.type }
    case 'system':
      return { ...end, system: meaning.system }
    case 'other':
      line.others.push(meaning.what)
      return end
    default:
      return end
  }
}

const isSaid = (end: NamedEnd): boolean =>
  end.size !== '' ||
  end.type !== undefined ||
  end.methods !== undefined ||
  end.made !== undefined ||
  end.system !== undefined

/** Reads word by word. A second size begins another end, with a sign between the two or without. */
function readWords(words: readonly string[]): Line {
  const line: Line = { ends: [], kinds: [], angle: null, isStreet: false, unknown: [], others: [] }
  let end: NamedEnd = { size: '' }
  const close = () => {
    if (isSaid(end)) line.ends.push(end)
    end = { size: '' }
  }
  for (let at = 0; at < words.length;) {
    const old = words[at] === 'old' && sizeForm.test(words[at + 1] ?? '') ? `old ${words[at + 1]!}` : null
    const found = old ? null : meaningAt(words, at)
    const size = old ?? (found?.meaning.is === 'angle' || !sizeForm.test(words[at]!) ? null : words[at]!)
    if (size) {
      if (end.size !== '') close()
      end = { ...end, size }
      at += old ? 2 : 1
    } else if (found) {
      if (found.meaning.is === 'and') close()
      else end = withMeaning(line, found.meaning, end)
      at += found.count
    } else {
      line.unknown.push(words[at]!)
      at += 1
    }
  }
  close()
  return line
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

const largerFirst: ReadonlySet<FittingKind> = new Set(['reducer', 'fitting reducer', 'bushing', 'elbow 90'])

function orderHints(kind: FittingKind, sizes: readonly string[], given: number): string[] {
  if (kind === 'tee') return teeHints(sizes, given)
  const [first, second] = sizes
  if (!first || !second || measure(second) <= measure(first)) return []
  return largerFirst.has(kind) ? [`The larger end comes first: ${second} × ${first}. It is the same part.`] : []
}

/** What it is, by all that is said of it; empty where that is not said. */
function kindsOf({ kinds, angle, isStreet, ends }: Line): FittingKind[] {
  const turns = kinds.length === 0 || kinds.some((of) => of.includes('elbow 90'))
  if (isStreet && turns) return [angle === 45 ? 'street elbow 45' : 'street elbow 90']
  if (turns && (angle !== null || kinds.length > 0)) return [angle === 45 ? 'elbow 45' : 'elbow 90']
  const [said = []] = kinds
  if (!said.includes('coupling')) return said
  const [one, other = one] = ends
  const isMixed =
    one !== undefined &&
    other !== undefined &&
    (one.methods?.join() !== other.methods?.join() || one.type !== other.type)
  if (isMixed && ends.length > 1) return ['coupling', 'reducer', 'adapter', 'converter']
  return one?.size === other?.size
    ? said.filter((kind) => kind !== 'reducer')
    : said.filter((kind) => kind !== 'coupling')
}

/** An end by the words behind the last, where they hold for all: 22 x 15 solder reducer. */
function commonWords(ends: readonly NamedEnd[], kinds: readonly FittingKind[]): NamedEnd[] {
  const last = ends.at(-1)
  const others = ends.slice(0, -1)
  const isOpen = ({ type, methods, made }: NamedEnd) =>
    type === undefined && methods === undefined && made === undefined
  if (!last || last.type || (last.methods === undefined && last.made === undefined) || !others.every(isOpen))
    return [...ends]
  const common = {
    ...(last.methods ? { methods: last.methods } : {}),
    ...(last.made ? { made: last.made } : {}),
    ...(last.system ? { system: last.system } : {}),
  }
  const { methods: _, made: __, ...bare } = last
  const isThread = others.length > 0 && kinds.length > 0 && kinds.every((kind) => oftenThreaded.has(kind))
  return [...others.map((end) => ({ ...end, ...common })), isThread ? bare : last]
}

/** All ends: a name says what is equal once. Of a thread no size is taken from the pipe beside it. */
function allEnds(kinds: readonly FittingKind[], said: readonly NamedEnd[]): NamedEnd[] {
  const [first, second, third] = said
  if (!first) return []
  const kind = kinds[0]
  if (kind !== undefined && onlyEnd.has(kind)) return [first]
  if (kind === 'tee') {
    if (third) return [first, second!, third]
    if (second) return [first, { ...first }, second]
    return [first, { ...first }, { ...first }]
  }
  if (second) return [first, second]
  if (kind !== undefined && oftenThreaded.has(kind)) {
    // 3/4 nipple: both ends; 15 tap connector: its thread is still to be said.
    if (kind === 'nipple') return [first, { ...first }]
    return [first, { size: '' }]
  }
  return [first, { ...first }]
}

/** Each end without a size has that of the one before, or else the first that is said. */
function withSizes(ends: readonly NamedEnd[]): NamedEnd[] {
  const any = ends.find(({ size }) => size !== '')?.size ?? ''
  let before = any
  return ends.map((end) => {
    const size = end.size === '' && isSaid(end) ? before : end.size
    before = size || before
    return { ...end, size }
  })
}

const isMadeToGoIn: ReadonlySet<FittingKind> = new Set([
  'street elbow 90',
  'street elbow 45',
  'fitting reducer',
  'bushing',
])

/**
 * Reads the counter's text of a fitting: run first and larger end first, then the branch. Every word is accounted for.
 *
 * @returns the fitting as named, with hints where another order may have been meant and the words that were not
 * understood; or what is wrong with it
 * @example readName('3/4 x 1/2 x 1/2 tee').named.kinds // ['tee']
 * @example readName('half inch street 90').named.ends // [{ size: '1/2', type: 'spigot' }, { size: '1/2' }]
 * @example readName('22 wibble elbow').named.unknown // ['wibble']
 */
export function readName(text: string): ReadName {
  const words = wordsOf(text)
  const gas = words.find((word) => forGas.has(word))
  if (gas) return { ok: false, problem: `never for gas: what is said here is of water pipe alone` }
  const line = readWords(words)
  const [otherThing] = line.others
  if (otherThing) return { ok: false, problem: `that is ${otherThing}` }
  const kinds = kindsOf(line)
  if (kinds.length === 0 && line.ends.length < 2)
    return { ok: false, problem: 'say what it is: tee, elbow, coupling, reducer, adapter, cap, union, valve …' }
  if (line.ends.length > 3) return { ok: false, problem: 'a fitting has at most three ends here' }
  const said = withSizes(commonWords(line.ends, kinds))
  const ends = allEnds(kinds, said.length > 0 ? said : [{ size: '' }]).map((end, index) =>
    kinds.some((kind) => isMadeToGoIn.has(kind)) && index === 0 && end.type !== 'M'
      ? { ...end, type: 'spigot' as const }
      : end,
  )
  const sizes = ends.map(({ size }) => size)
  const noSize = sizes.every((size) => size === '') ? ['Add its size, such as 22, 3/4 or 22 × 15.'] : []
  return {
    ok: true,
    named: {
      kinds,
      ends,
      hints: [...noSize, ...(kinds[0] ? orderHints(kinds[0], sizes, line.ends.length) : [])],
      unknown: line.unknown,
    },
  }
}
