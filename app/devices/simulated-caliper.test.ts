import { describe, expect, it } from 'vitest'
import type { LinkState } from './link'
import { simulatedCaliper } from './simulated-caliper'

/** A repeatable stream, good enough for noise. */
function stream(): () => number {
  let state = 1
  return () => (state = (state * 16807) % 2147483647) / 2147483647
}

describe('the simulated caliper', () => {
  it('sends nothing before it is connected, and readings with noise of a tenth after', async () => {
    const caliper = simulatedCaliper(stream())
    const read: number[] = []
    caliper.onReading((mm) => read.push(mm))
    caliper.put(22)
    caliper.pressKey()
    expect(read).toEqual([])
    await caliper.connect()
    for (let times = 0; times < 400; times++) caliper.pressKey()
    expect(read).toHaveLength(400)
    const mean = read.reduce((sum, mm) => sum + mm, 0) / read.length
    const deviation = Math.sqrt(read.reduce((sum, mm) => sum + (mm - mean) ** 2, 0) / read.length)
    expect(mean).toBeCloseTo(22, 1)
    expect(deviation).toBeGreaterThan(0.04)
    expect(deviation).toBeLessThan(0.06)
  })

  it('tells when the link is lost, and sends no more until it is back', async () => {
    const caliper = simulatedCaliper(stream())
    const states: LinkState[] = []
    let count = 0
    const stop = caliper.onState((state) => states.push(state))
    caliper.onReading(() => (count += 1))
    caliper.put(15)
    await caliper.connect()
    caliper.dropOut()
    caliper.pressKey()
    expect([states, count]).toEqual([['connecting', 'connected', 'lost'], 0])
    stop()
    await caliper.connect()
    caliper.pressKey()
    expect([states.length, count]).toEqual([3, 1])
  })
})
