import { describe, expect, it, vi } from 'vitest'
import { Busy, Cancelled, TooLong, WorkPool, type Ask, type PoolLimits, type Told, type WorkThread } from './work-pool'

/** A thread whose work the test does. */
class Hand implements WorkThread {
  asked: Ask[] = []
  isEnded = false
  #take: ((message: Told) => void) | undefined
  #died: ((why: unknown) => void)[] = []
  postMessage(message: Ask) {
    this.asked.push(message)
  }
  on(event: 'message' | 'error' | 'exit', take: (of: never) => void) {
    if (event === 'message') this.#take = take as (message: Told) => void
    else this.#died.push(take as (why: unknown) => void)
  }
  terminate() {
    this.isEnded = true
    this.die()
  }
  tell(message: Told) {
    this.#take?.(message)
  }
  die() {
    this.#died.forEach((died) => died(1))
  }
}

function pool(limits: Partial<PoolLimits> = {}) {
  const hands: Hand[] = []
  const make = () => {
    const hand = new Hand()
    hands.push(hand)
    return hand
  }
  return { hands, pool: new WorkPool(make, { threads: 1, waiting: 1, longestMs: 1000, ...limits }) }
}
const answer = (value: unknown): Told => ({ kind: 'answer', value })

describe('work on threads', () => {
  it('is done in order, on a thread that serves again', async () => {
    const { pool: of, hands } = pool()
    const first = of.run('plan', 1)
    const second = of.run('plan', 2)
    expect(hands[0]!.asked).toEqual([{ task: 'plan', input: 1 }])
    hands[0]!.tell(answer('one'))
    expect(await first).toBe('one')
    hands[0]!.tell(answer('two'))
    expect(await second).toBe('two')
    expect(hands).toHaveLength(1)
  })

  it('is not taken where too much waits, and is again when there is room', async () => {
    const { pool: of, hands } = pool()
    const first = of.run('plan', 1)
    const waiting = of.run('plan', 2)
    await expect(of.run('plan', 3)).rejects.toBeInstanceOf(Busy)
    hands[0]!.tell(answer('one'))
    await first
    const third = of.run('plan', 4)
    hands[0]!.tell(answer('two'))
    hands[0]!.tell(answer('four'))
    expect([await waiting, await third]).toEqual(['two', 'four'])
  })

  it('clients take turns, and none has more than half of the places', async () => {
    const { pool: of, hands } = pool({ waiting: 4 })
    const asked = (input: string, client: string) => of.run('plan', input, { client })
    const begun = [asked('a1', 'a'), asked('a2', 'a'), asked('a3', 'a')]
    await expect(asked('a4', 'a')).rejects.toBeInstanceOf(Busy)
    begun.push(asked('b1', 'b'), asked('b2', 'b'))
    await expect(asked('c1', 'c')).rejects.toBeInstanceOf(Busy)
    for (const answered of ['a1', 'b1', 'a2', 'b2', 'a3']) {
      expect(hands[0]!.asked.at(-1)!.input).toBe(answered)
      hands[0]!.tell(answer(answered))
    }
    expect(await Promise.all(begun)).toEqual(['a1', 'a2', 'a3', 'b1', 'b2'])
  })

  it('works on as many threads as there are', () => {
    const { pool: of, hands } = pool({ threads: 2 })
    void of.run('plan', 1)
    void of.run('plan', 2)
    expect(hands.map(({ asked }) => asked.length)).toEqual([1, 1])
  })

  it('is ended with its thread when its time is over: with the best so far, or without', async () => {
    vi.useFakeTimers()
    try {
      const { pool: of, hands } = pool()
      const some = of.run('stock', 1)
      hands[0]!.tell({ kind: 'so-far', value: 'a plan' })
      hands[0]!.tell({ kind: 'so-far', value: 'a better plan' })
      await vi.advanceTimersByTimeAsync(1000)
      expect(await some).toBe('a better plan')
      expect(hands[0]!.isEnded).toBe(true)
      const none = expect(of.run('stock', 2)).rejects.toBeInstanceOf(TooLong)
      expect(hands).toHaveLength(2)
      await vi.advanceTimersByTimeAsync(999)
      expect(hands[1]!.isEnded).toBe(false)
      await vi.advanceTimersByTimeAsync(1)
      await none
    } finally {
      vi.useRealTimers()
    }
  })

  it('ends when nobody waits for it any more: begun or not', async () => {
    const { pool: of, hands } = pool()
    const [begun, queued] = [new AbortController(), new AbortController()]
    const first = of.run('stock', 1, { signal: begun.signal })
    const second = of.run('stock', 2, { signal: queued.signal })
    queued.abort()
    await expect(second).rejects.toBeInstanceOf(Cancelled)
    const third = of.run('stock', 3)
    begun.abort()
    await expect(first).rejects.toBeInstanceOf(Cancelled)
    expect(hands[0]!.isEnded).toBe(true)
    expect(hands[1]!.asked).toEqual([{ task: 'stock', input: 3 }])
    hands[1]!.tell(answer('three'))
    expect(await third).toBe('three')
    await expect(of.run('stock', 4, { signal: AbortSignal.abort() })).rejects.toBeInstanceOf(Cancelled)
  })

  it('says that it failed, and goes on with others', async () => {
    const { pool: of, hands } = pool()
    const failed = of.run('plan', 1)
    hands[0]!.tell({ kind: 'failed', message: 'no such pipe' })
    await expect(failed).rejects.toThrow('no such pipe')
    const died = of.run('plan', 2)
    hands[0]!.die()
    await expect(died).rejects.toThrow('ended before')
    const after = of.run('plan', 3)
    expect(hands).toHaveLength(2)
    hands[1]!.tell(answer('three'))
    expect(await after).toBe('three')
  })
})
