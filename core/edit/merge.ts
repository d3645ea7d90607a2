import type { Job } from '../job/job'

/** One place that both sides changed, each in its own way. */
export interface Clash {
  /** Keys, and the ids of what stands in lists: `runs`, `r1`, `legs`, `l2`, `length`. */
  readonly path: readonly string[]
  /** What stands there on either side; undefined where it is not there. */
  readonly mine: unknown
  readonly theirs: unknown
}

export interface Merged {
  readonly job: Job
  readonly clashes: readonly Clash[]
}

/** What names a clash among the others of one merge. */
export const clashKey = ({ path }: Pick<Clash, 'path'>): string => path.join('/')

type Tree = Readonly<Record<string, unknown>>
interface Item extends Tree {
  readonly id: string
}
const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null && !Array.isArray(value)
const isItem = (value: unknown): value is Item => isTree(value) && typeof value.id === 'string'
const isList = (value: unknown): value is readonly Item[] => Array.isArray(value) && value.every(isItem)

/** Whether two parts of job files say the same, whatever the order in which they say it. */
export function saysTheSame(one: unknown, other: unknown): boolean {
  if (Object.is(one, other)) return true
  if (typeof one !== 'object' || typeof other !== 'object' || one === null || other === null) return false
  if (Array.isArray(one) !== Array.isArray(other)) return false
  const keys = new Set([...Object.keys(one), ...Object.keys(other)])
  return [...keys].every((key) => saysTheSame((one as Tree)[key], (other as Tree)[key]))
}

/** What is one thing though it has several figures: half of one direction and half of another is neither. */
const whole = new Set(['direction', 'fitting', 'fixture'])

/** The items of both lists: theirs in their order, and each that only the one side has after what it stood after there. */
function orderOf(mine: readonly Item[], theirs: readonly Item[]): string[] {
  const order = theirs.map(({ id }) => id)
  const placed = new Set(order)
  mine.forEach(({ id }, index) => {
    if (placed.has(id)) return
    const before = mine[index - 1]?.id
    order.splice(before === undefined ? 0 : order.indexOf(before) + 1, 0, id)
    placed.add(id)
  })
  return order
}

/**
 * Brings two versions of a job together that were made from a third: what only one side changed is as that side has it,
 * by id and field. What both changed, each in its own way, is a clash, and is as `mine` unless it is among `yielded`.
 *
 * @param base what both were made from; null where that is not known: then all that differs is a clash
 * @param yielded the keys of clashes in which `theirs` holds
 * @remarks for instance: one side makes leg 2 longer, the other names the run: both hold, and there is no clash
 */
export function mergeJobs(base: Job | null, mine: Job, theirs: Job, yielded: ReadonlySet<string> = new Set()): Merged {
  const clashes: Clash[] = []

  function lists(of: readonly Item[], one: readonly Item[], other: readonly Item[], path: readonly string[]): unknown {
    const byId = [of, one, other].map((list) => new Map(list.map((item) => [item.id, item])))
    return orderOf(one, other).flatMap((id) => {
      const [was, here, there] = byId.map((items) => items.get(id))
      const item = merge(was, here, there, [...path, id])
      return item === undefined ? [] : [item]
    })
  }

  function merge(was: unknown, here: unknown, there: unknown, path: readonly string[]): unknown {
    if (saysTheSame(here, there)) return here
    if (base !== null && saysTheSame(was, there)) return here
    if (base !== null && saysTheSame(was, here)) return there
    if (isList(here) && isList(there)) return lists(isList(was) ? was : [], here, there, path)
    if (isTree(here) && isTree(there) && !whole.has(path.at(-1)!)) {
      const keys = new Set([...Object.keys(there), ...Object.keys(here)])
      const before = isTree(was) ? was : {}
      return Object.fromEntries(
        [...keys]
          .map((key) => [key, merge(before[key], here[key], there[key], [...path, key])] as const)
          .filter(([, value]) => value !== undefined),
      )
    }
    clashes.push({ path, mine: here, theirs: there })
    return yielded.has(clashKey({ path })) ? there : here
  }

  const job = merge(base ?? undefined, mine, theirs, []) as Job
  return { job, clashes }
}
