import type { ProfileId } from './profile'

/** The usual solder wire's diameter in mm: 3 in metric places, 1/8 inch elsewhere. */
export const usualWire = (profile: ProfileId): number => (profile === 'metric' ? 3 : 3.175)
