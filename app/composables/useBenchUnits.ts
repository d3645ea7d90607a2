import { useLocalStorage } from '@vueuse/core'
import type { Units } from '~~/core/quantity/units'

/** The units of the bench, kept in this browser. */
export function useBenchUnits() {
  const units = useLocalStorage<Units>('jolvet-bench-units', 'metric')
  const toggle = () => (units.value = units.value === 'metric' ? 'imperial' : 'metric')
  return { units, toggle }
}
