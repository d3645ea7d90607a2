import { countedIds } from '../../testing/sample-ids'
import { describe, expect, it } from 'vitest'
import { setLeg } from '../edit-run'
import { addRun, emptyJob } from '../new-job'
import { pressKey, startEntry, type Entered } from './entry'
import { systemOf, systemsOf } from '../../job/system'

function type(...keys: string[]): Entered {
  const { job } = addRun(emptyJob('Typed', 'metric', 'metric'), countedIds)
  return keys.reduce<Entered>((state, key) => pressKey(state.job, countedIds, state.entry, { key }) ?? state, {
    job,
    entry: startEntry('r1', systemsOf(job)[0]!),
  })
}
const legs = ({ job }: Entered) => job.legs.map(({ from, to, direction, length }) => [from, to, direction, length])
const kinds = ({ job }: Entered) => job.nodes.map(({ kind }) => kind)

describe('typing as who faces a wall', () => {
  it('an arrow goes to that hand: left of the east wall is north, back is east', () => {
    const { job } = addRun({ ...emptyJob('Typed', 'metric', 'metric'), facing: 'east' }, countedIds)
    const keys = ['ArrowLeft', ...'900', 'Enter', 'ArrowUp', ...'400', 'Enter', 'PageUp', ...'300', 'Enter']
    const drawn = keys.reduce<Entered>((state, key) => pressKey(state.job, countedIds, state.entry, { key }) ?? state, {
      job,
      entry: startEntry('r1', systemsOf(job)[0]!),
    })
    expect(legs(drawn).map(([, , direction, length]) => [direction, length])).toEqual([
      ['north', 900],
      ['east', 400],
      ['up', 300],
    ])
    const back = ['PageDown', ...'100', 'Enter'].reduce<Entered>(
      (state, key) => pressKey(state.job, countedIds, state.entry, { key }) ?? state,
      drawn,
    )
    expect(back.entry.problem).toBe('pipe already runs down from here')
    const aside = ['ArrowRight', '&', 'ArrowLeft'].reduce<Entered>(
      (state, key) => pressKey(state.job, countedIds, state.entry, { key }) ?? state,
      drawn,
    )
    expect(aside.entry.problem).toBe('left is not square to the direction before')
  })
})

describe('typing a height', () => {
  it('draws up or down to it, and fixes it at the new end', () => {
    const state = type('ArrowRight', ...'900', 'Enter', ...'640', 'h', 'ArrowRight', ...'500', 'Enter', ...'-20', 'H')
    expect(legs(state).map(([, , direction, length]) => [direction, length])).toEqual([
      ['east', 900],
      ['up', 640],
      ['east', 500],
      ['down', 660],
    ])
    expect(state.job.nodes.map(({ height }) => height)).toEqual([undefined, undefined, 640, undefined, -20])
  })

  it('takes so many digits and no more, and no key that is no digit', () => {
    expect(type('ArrowRight', ...'1'.repeat(30)).entry.typed).toBe('1'.repeat(20))
    expect(type('ArrowRight', ...'12').entry.typed).toBe('12')
    for (const key of ['1x', 'mm', 'Shift', 'F1', 'x1']) {
      const { job } = addRun(emptyJob('Typed', 'metric', 'metric'), countedIds)
      const entry = { ...startEntry('r1', systemsOf(job)[0]!), typed: '5' }
      expect(pressKey(job, countedIds, entry, { key })?.entry.typed ?? '5').toBe('5')
    }
  })

  it('a key for a fitting is of the run and the place that one stands at, and only a bend is given a radius', () => {
    const first = type('ArrowRight', ...'900', 'Enter', 'ArrowUp', ...'400', 'Enter')
    const { job, run } = addRun(first.job, countedIds)
    const second = systemOf(job, run)!
    const entry = startEntry(run, second)
    const drawn = ['ArrowRight', ...'700', 'Enter'].reduce<Entered>(
      (state, key) => pressKey(state.job, countedIds, state.entry, { key }) ?? state,
      { job, entry },
    )
    const end = (of: Entered) => systemOf(of.job, run)!.nodes.at(-1)!
    expect(end(pressKey(drawn.job, countedIds, drawn.entry, { key: 'b', bendRadius: 88 })!)).toMatchObject({
      kind: 'bend',
      radius: 88,
    })
    expect(end(pressKey(drawn.job, countedIds, drawn.entry, { key: 'v', bendRadius: 88 })!).radius).toBeUndefined()
    expect(pressKey(drawn.job, countedIds, drawn.entry, { key: 'v', bendRadius: 88 })!.job.nodes.slice(0, 3)).toEqual(
      first.job.nodes,
    )
    const bent = pressKey(drawn.job, countedIds, drawn.entry, { key: 'b', bendRadius: 88 })!
    expect(end(pressKey(bent.job, countedIds, bent.entry, { key: 'b', bendRadius: 120 })!).radius).toBe(88)
    expect(pressKey(job, countedIds, { ...entry, run: 'none' }, { key: 'v' })!.job.nodes).toEqual(job.nodes)
    expect(pressKey(job, countedIds, { ...entry, run: 'none' }, { key: 'n' })).toBeNull()
  })

  it('says that no more legs fit, and where pipe runs already', () => {
    const full = type('ArrowRight', ...'900', 'Enter', 'PageUp', ...'300', 'Enter')
    const back = { ...full.entry, cursor: full.job.nodes[1]!.id, direction: 'north' as const, typed: '200' }
    expect(pressKey(full.job, countedIds, back, { key: 'Enter' })?.entry.problem).toContain(
      'no more legs fit on this elbow',
    )
    const start = { ...full.entry, cursor: full.job.nodes[0]!.id, typed: '200' }
    expect(
      pressKey(full.job, countedIds, { ...start, direction: 'east' as const }, { key: 'Enter' })?.entry.problem,
    ).toContain('already runs east')
    const askew = { bearing: 90.5, pitch: 0 }
    expect(pressKey(full.job, countedIds, { ...start, direction: askew }, { key: 'Enter' })?.entry.problem).toContain(
      'already runs this way',
    )
    expect(
      pressKey(full.job, countedIds, { ...start, direction: 'west' as const }, { key: 'Enter' })?.entry.problem,
    ).toBe('')
  })

  it('says what is wrong: nothing typed, there already, pipe in the way', () => {
    expect(type('ArrowRight', ...'900', 'Enter', 'h').entry.problem).toContain('Height: nothing is typed')
    expect(type('ArrowRight', ...'900', 'Enter', '0', 'h').entry.problem).toContain('at that height already')
    expect(type('PageUp', ...'900', 'Enter', ...'400', 'h').entry.problem).toContain('already runs down')
  })
})

describe('typing a route', () => {
  it('draws a leg from arrow, digits, Enter; a turn makes an elbow, straight on a coupling', () => {
    const state = type(
      'ArrowRight',
      '1',
      '2',
      '0',
      '0',
      'Enter',
      'PageUp',
      '4',
      '0',
      '0',
      'Enter',
      '3',
      '0',
      'c',
      'm',
      'Enter',
    )
    expect(legs(state)).toEqual([
      ['n1', 'n2', 'east', 1200],
      ['n2', 'n3', 'up', 400],
      ['n3', 'n4', 'up', 300],
    ])
    expect(kinds(state)).toEqual(['open', 'elbow', 'coupling', 'open'])
  })

  it('a tee takes a run and a branch, and N goes to what is unfinished', () => {
    const state = type(
      'ArrowRight',
      '9',
      '0',
      '0',
      'Enter',
      't',
      '8',
      '0',
      '0',
      'Enter',
      'n',
      'ArrowUp',
      '5',
      '0',
      '0',
      'Enter',
    )
    expect(kinds(state)).toEqual(['open', 'tee', 'open', 'open'])
    expect(legs(state).map(([from]) => from)).toEqual(['n1', 'n2', 'n2'])
  })

  it('N goes round: fittings that lack a leg first, then every open end, and to none that is done', () => {
    const drawn = ['ArrowRight', ...'900', 'Enter', 't', ...'800', 'Enter', 'ArrowUp', ...'400', 'Enter']
    const kindAt = (...more: string[]) => {
      const { job, entry } = type(...drawn, ...more)
      const { nodes } = job
      return `${nodes.find(({ id }) => id === entry.cursor)!.kind} ${nodes.findIndex(({ id }) => id === entry.cursor)}`
    }
    // Open start, tee that lacks its branch, elbow with both its legs, open end.
    expect(kinds(type(...drawn))).toEqual(['open', 'tee', 'elbow', 'open'])
    expect(['n', 'nn', 'nnn', 'nnnn'].map((keys) => kindAt(...keys))).toEqual(['tee 1', 'open 0', 'open 3', 'tee 1'])
  })

  it('pipe goes on from the start as from any end', () => {
    const start = type('ArrowRight', '9', '0', '0', 'Enter')
    const from = { job: start.job, entry: { ...start.entry, cursor: 'n1' } }
    const state = ['ArrowUp', '5', '0', '0', 'Enter'].reduce<Entered>(
      (at, key) => pressKey(at.job, countedIds, at.entry, { key }) ?? at,
      from,
    )
    expect(kinds(state)).toEqual(['elbow', 'open', 'open'])
  })

  it('Backspace takes back a digit, then a leg', () => {
    expect(type('ArrowRight', '9', '0', 'Backspace').entry.typed).toBe('9')
    const state = type('ArrowRight', '9', '0', 'Enter', 'Backspace')
    expect(legs(state)).toEqual([])
    expect(state.entry.cursor).toBe('n1')
  })

  it('does not take away what pipe hangs on, nor turn a tie-in into something else', () => {
    const { job, entry } = type('ArrowRight', '9', '0', 'Enter', 'ArrowUp', '5', '0', 'Enter')
    const middle = pressKey(job, countedIds, { ...entry, cursor: 'n2' }, { key: 'Backspace' })!
    expect([middle.job, middle.entry.problem]).toEqual([job, expect.stringContaining('pipe goes on')])
    const tied = addRun(emptyJob('Tied', 'metric', 'metric'), countedIds, { kind: 'tie-in' }).job
    expect(pressKey(tied, countedIds, startEntry('r1', systemsOf(tied)[0]!), { key: 't' })).toMatchObject({
      job: tied,
      entry: { problem: expect.stringContaining('tie-in') },
    })
  })

  it('says what is missing or wrong, and loses nothing typed', () => {
    expect(type('5', 'Enter').entry).toMatchObject({ typed: '5', problem: expect.stringContaining('direction') })
    expect(type('ArrowRight', '1', '/', '0', 'Enter').entry).toMatchObject({
      typed: '1/0',
      problem: expect.stringContaining('nought'),
    })
    expect(type('ArrowRight', '5', 'Enter', 'ArrowLeft', '5', 'Enter').entry.problem).toContain('already runs west')
  })

  it('& puts a second direction to the first: halfway between, and only square to it', () => {
    const state = type('ArrowRight', '9', '0', 'Enter', '&', 'ArrowUp', '7', '0', 'Enter')
    expect(legs(state)[1]).toEqual(['n2', 'n3', { bearing: 45, pitch: 0 }, 70])
    expect(type('ArrowRight', '&', 'ArrowLeft').entry.problem).toContain('not square')
    expect(type('ArrowRight', '&', 'PageUp').entry.direction).toEqual({ bearing: 90, pitch: 45 })
  })

  it('B makes a pulled bend with the bender’s radius, and pipe goes on from it as a bend', () => {
    const start = type('ArrowRight', '9', '0', '0', 'Enter')
    const bent = pressKey(start.job, countedIds, start.entry, { key: 'b', bendRadius: 60 })!
    const state = ['ArrowUp', '5', '0', '0', 'Enter'].reduce<Entered>(
      (at, key) => pressKey(at.job, countedIds, at.entry, { key }) ?? at,
      bent,
    )
    expect(state.job.nodes[1]).toMatchObject({ kind: 'bend', radius: 60 })
    expect(legs(state)).toHaveLength(2)
  })

  it('leaves other keys alone', () => {
    const { job, entry } = type()
    expect(pressKey(job, countedIds, entry, { key: 'F5' })).toBeNull()
  })
})

describe('a leg drawn on', () => {
  const { job: begun } = addRun(emptyJob('On', 'metric', 'metric'), countedIds, { kind: 'tie-in', existing: 'old' })
  const press = (state: Entered, ...keys: string[]) =>
    keys.reduce<Entered>((at, key) => pressKey(at.job, countedIds, at.entry, { key }) ?? at, state)
  const start: Entered = { job: begun, entry: startEntry('r1', systemsOf(begun)[0]!) }
  const legsOf = ({ job }: Entered) => job.legs.map(({ pipe, service, state }) => ({ pipe, service, state }))

  it('goes on in the pipe and the service of the one before, round a corner too', () => {
    const one = press(start, 'ArrowRight', ...'900', 'Enter')
    const branch = setLeg(one.job, 'r1', one.job.legs[0]!.id, { pipe: 'half', service: 'hot' })
    const on = press({ ...one, job: branch }, 'b', 'ArrowUp', ...'400', 'Enter', 'PageUp', ...'200', 'Enter')
    expect(legsOf(on)).toEqual(Array(3).fill({ pipe: 'half', service: 'hot', state: undefined }))
  })

  it('is existing pipe as the one before, until X says new; a branch of it is new pipe', () => {
    const old = press(start, 'ArrowRight', 'x', ...'900', 'Enter', ...'500', 'Enter')
    expect(legsOf(old)).toEqual(Array(2).fill({ pipe: 'old', service: undefined, state: 'existing' }))
    const beyond = press(old, 'x', ...'300', 'Enter', ...'200', 'Enter')
    expect(legsOf(beyond).slice(2)).toEqual(Array(2).fill({ pipe: undefined, service: undefined, state: undefined }))
    const tee = { ...old, entry: { ...old.entry, cursor: old.job.legs[0]!.to } }
    const branched = press(tee, 't', 'ArrowUp', ...'300', 'Enter')
    expect(legsOf(branched)[2]).toMatchObject({ state: undefined })
  })

  it('to a height is existing pipe too, where the one before is', () => {
    const old = press(start, 'ArrowRight', 'x', ...'900', 'Enter', ...'640', 'h')
    expect(legsOf(old)[1]).toEqual({ pipe: 'old', service: undefined, state: 'existing' })
  })
})

describe('a length that is refused', () => {
  it('is typed anew: the next digit does not join it, and Backspace takes it as a whole', () => {
    const drawn = type('PageDown', ...'500', 'Enter')
    const press = (...keys: string[]) =>
      keys.reduce<Entered>((at, key) => pressKey(at.job, countedIds, at.entry, { key }) ?? at, drawn)
    // Up is where the pipe came from.
    const refused = press('PageUp', ...'10', 'Enter')
    expect(refused.entry).toMatchObject({ typed: '10', problem: expect.stringContaining('already runs up') })
    expect(press('PageUp', ...'10', 'Enter', '4').entry).toMatchObject({ typed: '4', problem: '' })
    expect(press('PageUp', ...'10', 'Enter', 'Backspace').entry).toMatchObject({ typed: '', problem: '' })
    // Another way, and it is taken after all.
    const legs = press('PageUp', ...'10', 'Enter', 'ArrowLeft', 'Enter').job.legs
    expect(legs.at(-1)).toMatchObject({ direction: 'west', length: 10 })
  })

  it('takes the letters of every unit, and no others', () => {
    const typed = (...keys: string[]) => type('ArrowRight', ...keys).entry.typed
    expect(typed(...'1 1/2in')).toBe('1 1/2in')
    expect(typed(...'2m40')).toBe('2m40')
    expect(typed(...'.625')).toBe('.625')
    expect(typed(...'5n')).toBe('5')
  })
})
