import { describe, expect, it } from 'vitest'
import { workshopChangeSchema } from '../workshop/workshop'
import * as z from 'zod'
import { fieldProblems } from './words/field-problem'
import { safeRead } from './safe-read'

describe('reading what comes from outside', () => {
  const schema = z.object({ changes: z.array(workshopChangeSchema).min(1).max(500) })
  it('an object whose length cannot be compared is refused, not thrown on', () => {
    const read = safeRead(schema, { changes: { length: { toString: 1 } } })
    expect(read.error && fieldProblems(read.error)).toEqual([
      { field: '(body)', problem: 'has an object where a list or a text is wanted' },
    ])
  })

  it('reads what is right, and names what is wrong, as the schema does', () => {
    const right = { changes: [{ path: ['hour'], value: 5 }] }
    expect(safeRead(schema, right)).toEqual({ success: true, data: right })
    expect(safeRead(schema, { changes: [] }).success).toBe(false)
    const failing = z.string().transform((): string => {
      throw new RangeError('of its own')
    })
    expect(() => safeRead(failing, '')).toThrow('of its own')
  })
})
