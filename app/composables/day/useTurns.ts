import { turnsWith } from '~~/core/day/day'
import { useWorkshopStore } from '~/stores/workshop'
import { daysAfter } from './days'

/** Turns of a day are kept so many days after it. */
const keptDays = 60

/** In which turn the visits of a day are gone to, where somebody said it; for everybody who shares the server. */
export function useTurns(on: Readonly<Ref<string>>) {
  const workshop = useWorkshopStore()
  const all = computed(() => workshop.workshop.turns ?? {})
  return {
    turns: computed(() => all.value[on.value]),
    setTurn(visits: readonly { readonly id: string }[], from: number, to: number): void {
      const kept = { days: Object.keys(all.value), since: daysAfter(on.value, -keptDays) }
      const ids = visits.map(({ id }) => id)
      workshop.setAll(turnsWith(on.value, ids, { from, to }, kept), `the turn of the visits on ${on.value}`)
    },
  }
}
