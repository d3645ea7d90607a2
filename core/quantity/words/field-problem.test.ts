import { describe, expect, it } from 'vitest'
import * as z from 'zod'
import { fieldProblems, unknownFields } from './field-problem'

const schema = z.object({ legs: z.array(z.object({ length: z.number() })), note: z.string().optional() })

describe('what is wrong with an input', () => {
  it('names the field and what is accepted; the whole is the body', () => {
    const wrong = schema.safeParse({ legs: [{ length: 'long' }] })
    expect(fieldProblems(wrong.error!)[0]?.field).toBe('legs.0.length')
    expect(fieldProblems(schema.safeParse(7).error!)[0]?.field).toBe('(body)')
  })

  it('names every field that reading left out, at any depth', () => {
    const input = { legs: [{ length: 1 }, { length: 2, colour: 'red' }], extra: {}, note: undefined }
    expect(unknownFields(input, schema.parse(input)).map(({ field }) => field)).toEqual(['legs.1.colour', 'extra'])
  })

  it('knows a field that reading filled or left as it was', () => {
    expect(unknownFields({ a: 1 }, { a: 1, b: 2 })).toEqual([])
    expect(unknownFields({ a: undefined }, {})).toEqual([])
  })

  it('takes no inherited name for a field', () => {
    const input: unknown = JSON.parse('{ "__proto__": { "x": 1 }, "constructor": 1 }')
    expect(unknownFields(input, {}).map(({ field }) => field)).toEqual(['__proto__', 'constructor'])
  })

  it('names fifty at most', () => {
    const many = Object.fromEntries(Array.from({ length: 80 }, (_, at) => [`x${at}`, 1]))
    expect(unknownFields(many, {})).toHaveLength(50)
  })
})
