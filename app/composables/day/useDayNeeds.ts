import { neededWithin, type NeedsByVisit } from '~~/core/day/needs-by-visit'
import { against, stillNeeded, together } from '~~/core/van/van-list'
import { dayText, daysAfter } from './days'

type Worked = Readonly<Ref<ReadonlyMap<string, { readonly needs: NeedsByVisit }>>>

/**
 * What the jobs of a day still need of the van: what was taken for one of them is there already, and what visits before
 * that day need is used by then.
 */
export function useDayNeeds(on: Readonly<Ref<string>>, worked: Worked, before: Worked) {
  const store = useVan()
  const needsOf = (of: Worked, from: string, until: string) =>
    new Map(
      [...of.value].map(([job, { needs }]) => {
        const { needed, earlier } = neededWithin(needs, from, until)
        return [job, stillNeeded(needed, store.van.taken, job, earlier)]
      }),
    )
  const needs = computed(() => needsOf(worked, on.value, daysAfter(on.value, 1)))
  const used = computed(() => together([...needsOf(before, dayText(new Date()), on.value).values()]))
  return { needs, loaded: computed(() => against(together([...needs.value.values()]), store.van, used.value)) }
}
