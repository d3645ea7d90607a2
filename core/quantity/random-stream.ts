/**
 * A repeatable stream of numbers from 0 up to 1 (mulberry32): the same seed gives the same numbers, so that what is
 * sampled is the same on every machine.
 */
export function randomStream(seed: number): () => number {
  let state = seed
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}
