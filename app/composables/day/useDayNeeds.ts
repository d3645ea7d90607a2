import { neededBy } from '~~/core/day/needed'
import type { ListTable } from '~~/core/record/lists'
import { against, stillNeeded, together } from '~~/core/van/van-list'

type Lists = Readonly<Ref<ReadonlyMap<string, { readonly list: ListTable }>>>

/**
 * What the jobs of a day still need of the van: what was taken for one of them is there already, and what jobs before
 * that day need is used by then.
 */
export function useDayNeeds(worked: Lists, before: Lists) {
  const { units } = useWords()
  const store = useVan()
  const needsOf = (lists: Lists) =>
    new Map(
      [...lists.value].map(([job, { list }]) => [job, stillNeeded(neededBy(list, units.value), store.van.taken, job)]),
    )
  const needs = computed(() => needsOf(worked))
  const used = computed(() => together([...needsOf(before).values()]))
  return { needs, loaded: computed(() => against(together([...needs.value.values()]), store.van, used.value)) }
}
