import { describe, expect, it } from 'vitest'
import { wordsIn } from './words-in'

const words = (text: string) => wordsIn(text).flatMap(({ word }) => (word ? [word] : []))

describe('words of the glossary in a text', () => {
  it('are found whole, the longer one first, each once', () => {
    expect(words('Slip coupling over the olive; another olive, and a coupling.')).toEqual([
      'slip coupling',
      'olive',
      'coupling',
    ])
    // A part of a longer word is none; its plural is.
    expect(words('Pressed, not setting; two clips.')).toEqual(['clip'])
  })

  it('are found by what they are called on either side of the ocean', () =>
    expect(words('Ferrule and strap')).toEqual(['olive', 'clip']))

  it('nothing of the text is lost', () => {
    const text = 'Nut, then olive, then the insert into the pipe.'
    expect(
      wordsIn(text)
        .map((of) => of.text)
        .join(''),
    ).toBe(text)
  })
})
