import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '~~/core/catalogue/catalogue'
import { profiles } from '~~/core/workshop/profile'
import { join } from '~~/core/join/join'
import { judge } from '~~/core/join/judge'
import { unitSystems } from '~~/core/quantity/units'
import { cardsAskedMost, joinsAskedMost } from './most-asked'

describe.each(unitSystems)('what is asked most has an answer, %s', (units) => {
  const profile = profiles[units === 'metric' ? 'metric' : 'us-a']

  it.each(joinsAskedMost(units))('$label', ({ ask }) => {
    const [a, b] = [catalogue.pipe(ask.a)!, catalogue.pipe(ask.b)!]
    const request = { service: 'cold', place: {}, conditionA: {}, conditionB: {}, profile: profile.id } as const
    expect(join(catalogue, { a, b }, request).chains.length).toBeGreaterThan(0)
  })

  it.each(cardsAskedMost(units))('$label', ({ ask }) => {
    const pipe = catalogue.pipe(ask.pipe)!
    expect(catalogue.socketFor(ask.method, pipe)?.insertion).toBeTruthy()
    expect(judge(catalogue, pipe, ask.method, { service: 'cold', place: {}, profile }).verdict).not.toBe('refuse')
  })
})
