import { shippedCosts } from '~~/core/workshop/costs'
import { useWorkshopStore } from '~/stores/workshop'

/** Amounts in the workshop's currency, as text; until it is said, in that of the reader's region. */
export function useMoney() {
  const store = useWorkshopStore()
  const { costs } = storeToRefs(store)
  const { units } = useWords()
  const currency = computed(
    () => store.workshop.currency ?? (units.value === 'imperial' ? 'USD' : shippedCosts.currency),
  )
  const format = computed(() => new Intl.NumberFormat('en', { style: 'currency', currency: currency.value }))
  return { costs, currency, money: (amount: number) => format.value.format(amount) }
}
