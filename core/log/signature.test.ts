import { describe, expect, it } from 'vitest'
import { keptStrokes, signaturePath, signatureSchema } from './signature'

describe('a signature', () => {
  it('is kept in steps of a field of 900 by 300, whatever it was drawn on', () => {
    const drawn = [
      [
        { x: 10.2, y: 20 },
        { x: 300, y: 100 },
      ],
      [{ x: -4, y: 120 }],
    ]
    expect(keptStrokes(drawn, 300)).toEqual([
      [
        [31, 60],
        [900, 300],
      ],
      [[0, 300]],
    ])
    expect(signatureSchema.safeParse(keptStrokes(drawn, 300)).success).toBe(true)
  })

  it('is drawn stroke by stroke, a dot too', () =>
    expect(
      signaturePath([
        [
          [10, 20],
          [30, 40],
        ],
        [[5, 5]],
      ]),
    ).toBe('M10 20L30 40M5 5L5 5'))

  it('outside its field, without a stroke, or of broken steps, is none', () => {
    for (const wrong of [[], [[]], [[[901, 0]]], [[[0, 301]]], [[[0.5, 0]]], [[['0', 0]]]])
      expect(signatureSchema.safeParse(wrong).success).toBe(false)
  })
})
