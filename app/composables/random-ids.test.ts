import { expect, it } from 'vitest'
import { nodeSchema } from '~~/core/job/job-schema'
import { randomIds } from './random-ids'

it('no id is given twice, and a job takes each', () => {
  const given = Array.from({ length: 5000 }, () => randomIds('n', []))
  expect(new Set(given).size).toBe(5000)
  expect(given.filter((id) => !nodeSchema.safeParse({ id, run: 'r1', kind: 'open' }).success)).toEqual([])
})
