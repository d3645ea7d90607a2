import { useWorkshopStore } from '~/stores/workshop'

/** Amounts in the workshop's currency, as text. */
export function useMoney() {
  const { costs } = storeToRefs(useWorkshopStore())
  const format = computed(() => new Intl.NumberFormat('en', { style: 'currency', currency: costs.value.currency }))
  return { costs, money: (amount: number) => format.value.format(amount) }
}
