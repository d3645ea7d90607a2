import { describe, expect, it } from 'vitest'
import { lettered } from './lettered'
import { spelled, type FontOf } from './spelling'

/** Latin and Arabic in the usual font, Han and Devanagari in two others, nothing else. */
const fontOf: FontOf = (letter) => {
  const text = String.fromCodePoint(letter)
  if (/[\p{Script=Latin}\p{Script=Arabic}\p{ASCII}]/u.test(text)) return 'usual'
  if (/\p{Script=Han}/u.test(text)) return { font: 'han' }
  return /[\p{Script=Devanagari}]/u.test(text) ? { font: 'deva' } : null
}

describe('a text in the fonts that have its letters', () => {
  it('is one piece where the usual font has all of them', () => {
    expect(spelled('Joint 3, Łódź', fontOf)).toEqual([{ text: 'Joint 3, Łódź' }])
    expect(spelled('', fontOf)).toEqual([])
  })

  it('changes font with its letters, and keeps its marks with the letter that they stand on', () => {
    expect(spelled('Li 李雷, 1', fontOf)).toEqual([{ text: 'Li ' }, { text: '李雷', font: 'han' }, { text: ', 1' }])
    expect(spelled('हि', fontOf)).toEqual([{ text: 'हि', font: 'deva' }])
  })

  it('names what no font has by its code point, and drops what only joins', () => {
    expect(spelled('ok 😀!', fontOf)).toEqual([{ text: 'ok [U+1F600]!' }])
    expect(spelled('\u{1f6a7}\ufe0f', fontOf)).toEqual([{ text: '[U+1F6A7]' }])
    expect(spelled('\u0e01', fontOf)).toEqual([{ text: '[U+0E01]' }])
  })

  it('keeps words that run from right to left together', () => {
    expect(spelled('by علي حسن, 2', fontOf)).toEqual([
      { text: 'by ' },
      { text: 'علي حسن', isRightToLeft: true },
      { text: ', 2' },
    ])
  })

  it('is spelled wherever a document has words, and in its drawings', () => {
    const document = lettered(
      {
        content: [
          'plain',
          { text: '李', bold: true },
          { stack: [{ ul: ['a 李'] }] },
          { table: { widths: ['*'], body: [['李', { text: ['x', '李'] }]] } },
          { svg: '<svg><text x="1">A &amp; 李</text><path d="M0 0"/></svg>' },
        ],
        footer: (page) => `${page} 李`,
      },
      fontOf,
    )
    const han = { text: '李', font: 'han' }
    expect(document.content).toEqual([
      'plain',
      { text: [han], bold: true },
      { stack: [{ ul: [{ text: [{ text: 'a ' }, han] }] }] },
      { table: { widths: ['*'], body: [[{ text: [han] }, { text: ['x', { text: [han] }] }]] } },
      { svg: '<svg><text x="1">A &amp; <tspan font-family="han">李</tspan></text><path d="M0 0"/></svg>' },
    ])
    expect((document.footer as (page: number) => unknown)(2)).toEqual({ text: [{ text: '2 ' }, han] })
  })
})
