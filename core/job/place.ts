export type { Condition, Place } from './place-schema'

export const services = ['cold', 'hot', 'recirculation', 'heating-flow', 'heating-return', 'relief'] as const
export type Service = (typeof services)[number]

/** What flows in a pipe, as people say it. */
export const serviceWords: Readonly<Record<Service, string>> = {
  cold: 'cold',
  hot: 'hot',
  recirculation: 'hot return',
  'heating-flow': 'heating flow',
  'heating-return': 'heating return',
  relief: 'relief pipe',
}

export const isPotable = (service: Service): boolean =>
  service === 'cold' || service === 'hot' || service === 'recirculation'
export const isHeating = (service: Service): boolean => service === 'heating-flow' || service === 'heating-return'
/** Open at its end and empty until its valve blows: never filled, never under pressure. */
export const isRelief = (service: Service): boolean => service === 'relief'
