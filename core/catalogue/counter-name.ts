import { methods } from '../methods'
import { endSize, type Fitting, type FittingEnd, type FittingKind } from './fitting'

/** What an end is called beside its size: C a cup, FTG an end that goes inside a fitting, M and F threads. */
export function endLetters(end: FittingEnd): string {
  if (end.type === 'thread') return `${end.sex} ${end.system}`
  if (end.type === 'spigot') return methods[end.socket.method].isCup ? 'FTG' : `${end.socket.word} FTG`
  return methods[end.socket.method].isCup ? 'C' : end.socket.word
}

const nouns: Partial<Record<FittingKind, string>> = {
  'elbow 90': 'elbow 90°',
  'elbow 45': 'elbow 45°',
  'street elbow 90': 'street elbow 90°',
  'street elbow 45': 'street elbow 45°',
}

const isInsert = (end: FittingEnd): boolean => end.type === 'socket' && methods[end.socket.method].body !== undefined

/** A body with insert ends takes a crimp ring and a pinch clamp alike: one item, whichever it is joined by. */
const asInsert = (end: FittingEnd): FittingEnd =>
  end.type === 'socket' && isInsert(end)
    ? { ...end, socket: { ...end.socket, word: methods[end.socket.method].body! } }
    : end

/** What an item is called on a list: as at the counter where all its ends are alike, else with each end written out. */
export function itemName(fitting: Fitting): string {
  const { described, ...plain } = fitting
  if (described) return itemName(plain).replace(plain.kind, described.name)
  const isAlike = new Set(fitting.ends.map((end) => (end.type === 'socket' ? end.socket.word : ''))).size === 1
  const [first] = fitting.ends
  return isAlike && first?.type === 'socket'
    ? counterName({ ...fitting, ends: fitting.ends.map(asInsert) })
    : fitting.label
}

/** The id of the item in the catalogue: by which it is counted, whatever it is joined by. */
export const itemId = ({ id, kind, described }: Fitting): string =>
  (described ? id.replace(kind, described.name) : id).replaceAll(' clamp', ' crimp')

/** Sizes as the trade says them: run first, larger end first, then the branch; what is equal is said once. */
function sizesText(kind: FittingKind, sizes: readonly string[]): string {
  const [first, second, branch] = sizes
  if (kind === 'tee' && first === second) return branch === first ? first! : `${first} × ${branch}`
  return new Set(sizes).size === 1 ? first! : sizes.join(' × ')
}

/**
 * What to ask for at the counter.
 *
 * @remarks for instance: a soldered tee, run 3/4 and 3/4, branch 1/2: '3/4 × 1/2 solder tee'
 * @remarks for instance: half-inch cup to half-inch male thread: '1/2 C × M NPT adapter'
 */
export function counterName({ kind, ends }: Fitting): string {
  const noun = nouns[kind] ?? kind
  const sizes = ends.map(endSize)
  const words = new Set(ends.map((end) => (end.type === 'socket' ? end.socket.word : '')))
  const [word] = words
  if (words.size === 1 && word) return `${sizesText(kind, sizes)} ${word} ${noun}`
  const letters = ends.map(endLetters)
  const text =
    new Set(sizes).size === 1
      ? `${sizes[0]} ${letters.join(' × ')}`
      : sizes.map((size, index) => `${size} ${letters[index]}`).join(' × ')
  return `${text} ${noun}`
}
