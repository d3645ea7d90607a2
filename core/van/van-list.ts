import { vanKey, type Taken, type Van, type VanThing } from './van'

/** What is needed, with its count. */
export interface Needed extends VanThing {
  readonly what: string
  readonly count: number
  /** It comes by the tin or roll, of which so many mm are used, or nobody knows how much: one serves several jobs, and stays in the van. */
  readonly ofTin?: { readonly mm: number | null }
}

/** What is needed, held against what is in the van. */
export interface Loaded extends Needed {
  /** So many are in the van. */
  readonly there: number
  /** So many of them are for visits before these. */
  readonly promised: number
  /** So many are to be got. */
  readonly missing: number
}

/**
 * What a job still needs: what was taken for it is on the job, or was left over there, and is not brought again. More than
 * was needed leaves none to bring.
 *
 * @param earlier what visits before brought for sure, whatever the van's book says
 * @remarks for instance: five elbows, of which two were taken yesterday: three; five taken and one left over: none
 */
export function stillNeeded(
  needed: readonly Needed[],
  taken: readonly Taken[],
  job: string,
  earlier: readonly Needed[] = [],
): Needed[] {
  const own = new Map(taken.filter((of) => of.job === job).map((of) => [vanKey(of), of.count + of.leftOver]))
  // Tins and rolls stay in the van: they go along to each visit.
  const brought = new Map(earlier.flatMap((of) => (of.ofTin ? [] : [[vanKey(of), of.count]])))
  const there = (key: string) => Math.max(own.get(key) ?? 0, brought.get(key) ?? 0)
  return needed
    .map((of) => ({ ...of, count: Math.max(0, of.count - there(vanKey(of))) }))
    .filter(({ count }) => count > 0)
}

/**
 * What is the same thing in several lists, counted together; one tin serves all.
 *
 * @remarks for instance: two elbows and a tin of flux, three elbows and a tin of flux: five elbows and a tin of flux
 */
export function together(lists: readonly (readonly Needed[])[]): Needed[] {
  const all = new Map<string, Needed>()
  for (const of of lists.flat()) {
    const before = all.get(vanKey(of))
    if (!before) all.set(vanKey(of), of)
    else if (!of.ofTin) all.set(vanKey(of), { ...before, count: before.count + of.count })
    else if (of.ofTin.mm !== null)
      all.set(vanKey(of), { ...before, ofTin: { mm: (before.ofTin?.mm ?? 0) + of.ofTin.mm } })
  }
  return [...all.values()]
}

/** What goes out of the van for a job: of what it needs as much as there is; tins and rolls stay. */
export const takenFrom = (loaded: readonly Loaded[]): Needed[] =>
  loaded.flatMap(({ there, promised: _, missing: __, ...of }) => {
    const count = of.ofTin ? 0 : Math.min(of.count, there)
    return count > 0 ? [{ ...of, count }] : []
  })

/**
 * What is needed and what of it is in the van.
 *
 * @param before what visits before these need: what they use is not there any more; a tin serves them all
 * @remarks for instance: five elbows, four in the van: one to get; with three of the four for a visit before: four to get
 */
export function against(needed: readonly Needed[], { items }: Van, before: readonly Needed[] = []): Loaded[] {
  const counts = new Map(items.map((of) => [vanKey(of), of.count]))
  const used = new Map(before.flatMap((of) => (of.ofTin ? [] : [[vanKey(of), of.count]])))
  return needed.map((of) => {
    const there = counts.get(vanKey(of)) ?? 0
    const promised = Math.min(there, used.get(vanKey(of)) ?? 0)
    return { ...of, there, promised, missing: Math.max(0, of.count - (there - promised)) }
  })
}
