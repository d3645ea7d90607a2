import { neededBy } from '~~/core/day/needed'
import type { ListTable } from '~~/core/record/lists'
import { against, stillNeeded, together } from '~~/core/van/van-list'

/** What the jobs of a day still need of the van: what was taken for one of them is there already. */
export function useDayNeeds(worked: Readonly<Ref<ReadonlyMap<string, { readonly list: ListTable }>>>) {
  const { units } = useWords()
  const store = useVan()
  const needs = computed(
    () =>
      new Map(
        [...worked.value].map(([job, { list }]) => [
          job,
          stillNeeded(neededBy(list, units.value), store.van.taken, job),
        ]),
      ),
  )
  return { needs, loaded: computed(() => against(together([...needs.value.values()]), store.van)) }
}
