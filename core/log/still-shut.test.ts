import { expect, it } from 'vitest'
import type { Isolated } from '../prove/isolation'
import type { TestState } from './site-state'
import { stillShut } from './still-shut'

const test = (minute: number, isolated: readonly Isolated[], openedAgain: readonly string[] = []) =>
  ({
    begun: { at: `2026-05-04T10:${minute}:00Z`, body: { isolated } },
    openedAgain,
  }) as unknown as TestState
const valve: Isolated = { what: 'safety valve', did: 'plugged' }
const of = (tests: Readonly<Record<string, TestState>>) => stillShut({ tests })

it('what was shut away is named until it is opened again; what was left on or is not there never', () => {
  expect(of({ t1: test(10, [valve, { what: 'vessel', did: 'not there' }, { what: 'pump', did: 'left on' }]) })).toEqual(
    [{ test: 't1', what: 'safety valve' }],
  )
  expect(of({ t1: test(10, [valve], ['safety valve']) })).toEqual([])
})

it('the last test that it was shut away for decides', () => {
  const first = test(10, [valve], ['safety valve'])
  expect(of({ t2: test(20, [valve]), t1: first })).toEqual([{ test: 't2', what: 'safety valve' }])
  expect(of({ t2: test(20, [valve], ['safety valve']), t1: test(10, [valve]) })).toEqual([])
  expect(of({ t2: test(20, []), t1: first })).toEqual([])
})
