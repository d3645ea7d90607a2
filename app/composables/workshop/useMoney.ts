import type { Range } from '~~/core/estimate/range'
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
  const whole = computed(
    () => new Intl.NumberFormat('en', { style: 'currency', currency: currency.value, maximumFractionDigits: 0 }),
  )
  return {
    costs,
    currency,
    money: (amount: number) => format.value.format(amount),
    /** An amount that is not known to the penny: from here to there, or one where the two are the same. */
    about({ low, high }: Range): string {
      const [least, most] = [low, high].map((amount) => whole.value.format(amount))
      return least === most ? least! : `${least} to ${most}`
    },
  }
}
