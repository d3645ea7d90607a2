import { aboutMoney, currencyOf } from '~~/core/estimate/estimate-words'
import type { Range } from '~~/core/estimate/range'
import { useWorkshopStore } from '~/stores/workshop'

/** Amounts in the workshop's currency, as text; until it is said, in that of the reader's region. */
export function useMoney() {
  const store = useWorkshopStore()
  const { costs } = storeToRefs(store)
  const { units } = useWords()
  const currency = computed(() => currencyOf(store.workshop, units.value))
  const format = computed(() => new Intl.NumberFormat('en', { style: 'currency', currency: currency.value }))
  return {
    costs,
    currency,
    money: (amount: number) => format.value.format(amount),
    /** An amount that is not known to the penny: from here to there, or one where the two are the same. */
    about: (amount: Range) => aboutMoney(amount, currency.value),
  }
}
