import { endSize, type Fitting, type FittingEnd, type FittingKind } from '../../catalogue/fitting'
import { methods } from '../../methods'
import type { MethodId } from '../../methods/ids'
import { counterName } from '../../catalogue/counter-name'
import { wordsOf } from './name-words'
import { endsInThread, oftenThreaded, readName, type NamedEnd, type NamedFitting } from './read-name'

export interface FoundFittings {
  /** The fitting as it was read; null when it could not be. */
  readonly named: NamedFitting | null
  readonly fittings: readonly Fitting[]
  /** The one to ask for: only where every word was understood, and all that was read is one part. */
  readonly certain: Fitting | null
  /** What is still to be said before one can be asked for. */
  readonly questions: readonly string[]
  /** What to change, where nothing was read or found; empty otherwise. */
  readonly problem: string
}

function isMade(word: string, { made = [] }: NamedEnd): boolean {
  const said = word.toLowerCase().split(' ')
  return made.every((of) => said.includes(of))
}

/** Ways that only plastic is joined in. */
const saysPlastic = (wanted: readonly MethodId[]): boolean =>
  wanted.includes('crimp') || (wanted.includes('press-multilayer') && wanted.includes('compression'))

function fitsWords(end: FittingEnd, named: NamedEnd): boolean {
  const { methods: wanted, system } = named
  if (end.type === 'thread')
    return (!wanted || wanted.includes('thread')) && named.made === undefined && (!system || end.system === system)
  if (wanted && !wanted.includes(end.socket.method)) return false
  const { word } = end.socket
  // Plain compression is for metal; what takes plastic with its insert is called so, or its pipe is said.
  const isForInsert = /insert|pex-al-pex|repair/i.test(word)
  if (wanted && !named.made && methods[end.socket.method].ownBodiesForPlastic && isForInsert !== saysPlastic(wanted))
    return false
  // Copper of a nominal size is no tube of that outside diameter.
  if (wanted?.includes('solder') && !named.made && word.startsWith('OD ')) return false
  return isMade(word, named) && (!system || word.toLowerCase().includes(system.toLowerCase()))
}

function fitsName(end: FittingEnd, named: NamedEnd, kind: FittingKind, isLast: boolean): boolean {
  if (named.size !== '' && endSize(end) !== named.size) return false
  if (!fitsWords(end, named)) return false
  if (named.type === 'M' || named.type === 'F') return end.type === 'thread' && end.sex === named.type
  // C is a cup: pipe is soldered into it, unless the name says another method.
  if (named.type === 'socket')
    return (
      end.type === 'socket' &&
      (named.methods !== undefined || named.made !== undefined || methods[end.socket.method].isCup)
    )
  if (named.type === 'spigot') return end.type === 'spigot'
  if (end.type !== 'thread')
    return !(isLast && endsInThread.has(kind) && named.methods === undefined && kind !== 'angle stop')
  return (
    named.methods?.includes('thread') === true ||
    (isLast ? oftenThreaded.has(kind) : kind === 'nipple' || kind === 'thread adapter')
  )
}

const matches = (ends: readonly FittingEnd[], named: readonly NamedEnd[], kind: FittingKind): boolean =>
  ends.length === named.length &&
  ends.every((end, index) => fitsName(end, named[index]!, kind, index === ends.length - 1))

/** Parts whose ends are said in one order: pipe first, then the thread or outlet. */
const inOrder: ReadonlySet<FittingKind> = new Set([
  'angle stop',
  'drop-ear elbow',
  'swivel connector',
  'street elbow 90',
  'street elbow 45',
])

function fitsNamed({ kind, ends }: Fitting, named: NamedFitting): boolean {
  if (named.kinds.length > 0 && !named.kinds.includes(kind)) return false
  // What is called a coupling of two kinds of pipe is an adapter without a thread.
  if (named.kinds.includes('coupling') && kind === 'adapter' && ends.some(({ type }) => type === 'thread')) return false
  if (matches(ends, named.ends, kind)) return true
  if (inOrder.has(kind)) return false
  const [a, b, branch] = named.ends
  return a !== undefined && b !== undefined && matches(ends, branch ? [b, a, branch] : [b, a], kind)
}

const listed = (of: readonly string[]): string =>
  of.length > 1 ? `${of.slice(0, -1).join(', ')} or ${of.at(-1)!}` : (of[0] ?? '')

const wayOf = (end: FittingEnd): string[] => (end.type === 'thread' ? [] : [methods[end.socket.method].fitting])

/** What tells the found ones apart and was not said, the first of it. */
function questionsOf(named: NamedFitting, fittings: readonly Fitting[]): string[] {
  const unknown = named.unknown.map((word) => `“${word}” is not understood: say it another way, or leave it out.`)
  const alike = (of: (fitting: Fitting) => string) => [...new Set(fittings.map(of))]
  const kinds = alike(({ kind }) => kind)
  const ways = alike(({ ends }) => [...new Set(ends.flatMap(wayOf))].join(' × '))
  const names = alike(counterName)
  const asks =
    named.kinds.length === 0 || kinds.length > 1
      ? [`What is it: ${listed(kinds.slice(0, 6))}?`]
      : ways.length > 1
        ? [`How is it joined: ${listed(ways.slice(0, 6))}?`]
        : names.length > 1
          ? ['Which of these? Say its ends.']
          : []
  return [...unknown, ...asks]
}

const byName = new WeakMap<readonly Fitting[], ReadonlyMap<string, Fitting>>()

/** The fitting that is printed so, to the letter but for spaces and signs; looked up often, so the names are made once. */
function printedSo(fittings: readonly Fitting[], text: string): Fitting | undefined {
  const plain = (name: string) => wordsOf(name).join(' ')
  let names = byName.get(fittings)
  if (!names) {
    names = new Map(fittings.toReversed().map((fitting) => [plain(counterName(fitting)), fitting]))
    byName.set(fittings, names)
  }
  return names.get(plain(text))
}

/**
 * The fittings of a catalogue that a counter's text may mean, and the one to ask for where it is sure.
 *
 * @example findFittings(fittings, '22 x 15 solder reducer').certain.label // '22 solder × 15 solder reducer'
 * @example findFittings(fittings, '22 elbow').certain // null
 */
export function findFittings(fittings: readonly Fitting[], text: string): FoundFittings {
  const read = readName(text)
  if (!read.ok) return { named: null, fittings: [], certain: null, questions: [], problem: read.problem }
  const printed = printedSo(fittings, text)
  const fitting = fittings.filter((of) => of !== printed && fitsNamed(of, read.named))
  const found = printed ? [printed, ...fitting] : fitting
  // Its own printed name is sure.
  const questions = printed ? [] : questionsOf(read.named, found)
  return {
    named: read.named,
    fittings: found,
    certain: questions.length === 0 ? (found[0] ?? null) : null,
    questions,
    problem: found.length > 0 ? '' : 'no such fitting is in the catalogue: look at sizes, ends and method',
  }
}
