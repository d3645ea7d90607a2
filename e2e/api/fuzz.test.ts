import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyCall } from './bodies'
import { useSite } from './client'

const { ask } = useSite(false)
/** 500 in every run of the tests; `npm run fuzz` sets more. */
const runs = Number(process.env.FUZZ ?? 500)

describe('whatever is sent', () => {
  it(
    `is answered, and what is not accepted is named: ${runs} bodies`,
    async () => {
      const answered = new Map<number, number>()
      let slowest = 0
      await fc.assert(
        fc.asyncProperty(anyCall, async ({ method, path, body }) => {
          const start = performance.now()
          const { status, body: answer } = await ask(method, path, body)
          slowest = Math.max(slowest, performance.now() - start)
          answered.set(status, (answered.get(status) ?? 0) + 1)
          expect(status).toBeLessThan(500)
          if (status < 400) return
          expect(answer.message.length).toBeGreaterThan(5)
          if (status === 422)
            for (const { field, problem } of answer.fields) {
              expect(field.length).toBeGreaterThan(0)
              expect(problem.length).toBeGreaterThan(0)
            }
        }),
        { numRuns: runs },
      )
      process.stdout.write(
        `${runs} bodies: ${[...answered].map(([status, count]) => `${count} of ${status}`).join(', ')}; slowest ${Math.round(slowest)} ms\n`,
      )
      // Some are good, most are not: else nothing would have been tried.
      expect(answered.get(422)).toBeGreaterThan(runs / 10)
      expect([...answered].some(([status]) => status < 300)).toBe(true)
    },
    30 * 60_000,
  )
})
