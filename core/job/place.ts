export type { Condition, Place } from './place-schema'

export const services = ['cold', 'hot', 'recirculation', 'heating-flow', 'heating-return'] as const
export type Service = (typeof services)[number]

/** What flows in a pipe, as people say it. */
export const serviceWords: Readonly<Record<Service, string>> = {
  cold: 'cold',
  hot: 'hot',
  recirculation: 'hot return',
  'heating-flow': 'heating flow',
  'heating-return': 'heating return',
}

export const isPotable = (service: Service): boolean =>
  service === 'cold' || service === 'hot' || service === 'recirculation'
