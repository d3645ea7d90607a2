import { describe, expect, it } from 'vitest'
import { aboutTime, clockTime } from './clock'

describe('a time of day', () => {
  it('is said as on that side of the ocean, noon and midnight too', () => {
    expect([0, 545, 720, 1439].map((minutes) => clockTime(minutes, 'metric'))).toEqual([
      '0.00',
      '9.05',
      '12.00',
      '23.59',
    ])
    expect([0, 545, 720, 1439].map((minutes) => clockTime(minutes, 'imperial'))).toEqual([
      '12:00 am',
      '9:05 am',
      '12:00 pm',
      '11:59 pm',
    ])
  })

  it('is told to five minutes, over the hour and past midnight', () => {
    expect([597, 598, 602.4, 1438].map((minutes) => aboutTime(minutes, 'metric'))).toEqual([
      '9.55',
      '10.00',
      '10.00',
      '0.00 the next day',
    ])
  })
})
