import { useLocalStorage } from '@vueuse/core'

/** How warm it is where the joints are made, in °C; unsaid until the user says. Kept in this browser. */
export const useAirTemperature = () => useLocalStorage<number | null>('jolvet-air-celsius', null)
