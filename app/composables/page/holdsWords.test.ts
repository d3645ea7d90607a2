import { describe, expect, it } from 'vitest'
import { holdsWords } from './holdsWords'

describe('a text by the words that are typed', () => {
  const name = '22 solder × 3/4 M BSP adapter'
  it.each([
    ['adapter 22', true],
    ['  SOLDER  3/4 ', true],
    ['', true],
    ['adapter 15', false],
    ['22 solderadapter', false],
  ])('“%s”: %s', (typed, isHeld) => expect(holdsWords(name, typed)).toBe(isHeld))

  it('takes a letter for the same with its accent and without', () => {
    expect(holdsWords('Café Lindenhof', 'cafe')).toBe(true)
    expect(holdsWords('Cafe Lindenhof', 'CAFÉ')).toBe(true)
  })
})
