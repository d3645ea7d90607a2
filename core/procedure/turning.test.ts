import { describe, expect, it } from 'vitest'
import { turnsLeft, turnWords } from './turning'

describe('turning', () => {
  it('is said in eighths', () => {
    expect([0, 0.125, 0.5, 0.875, 1, 1.25, 3].map(turnWords)).toEqual(['0', '⅛', '½', '⅞', '1', '1¼', '3'])
  })

  it('leaves what is not turned yet, and says when it went too far', () => {
    expect(turnsLeft([0.75, 0.75], 0)).toEqual({ least: 0.75, most: 0.75, isPast: false })
    expect(turnsLeft([0.75, 0.75], 6)).toEqual({ least: 0, most: 0, isPast: false })
    expect(turnsLeft([0.75, 0.75], 7)).toEqual({ least: 0, most: 0, isPast: true })
    expect(turnsLeft([1.5, 3], 16)).toEqual({ least: 0, most: 1, isPast: false })
  })
})
