import { countedIds } from '../testing/sample-ids'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { pipeId, sampleJob, withCopy } from '../testing/sample-run'
import { layOut } from '../run/layout'
import { fixingsWithin } from '../support/fixings'
import { splitLeg } from './legs/edit-leg'
import { addLeg, removeLeg, removeRun, setKind, setNode, setRun } from './edit-run'
import { setStock } from './stock/edit-stock'
import { removeSurvey, setSurvey, withSeen } from './existing/edit-survey'
import { takeForPipe } from './existing/take-for-pipe'
import { chooseChain, setTieIn } from './existing/edit-tie-in'
import type { Job, Leg } from '../job/job'
import type { Ids } from './ids'
import { addRun, addSurvey, emptyJob } from './new-job'
import { readJob } from '../job/read-job'
import { jointTimesSchema } from '../workshop/work-log'
import { systemsOf, drawnLength } from '../job/system'
import { byName, chained } from '../testing/sample-choice'
import { chainChosen } from '../job/chosen'

const copper = pipeId('EN 1057', '22', 0.9)
const straight = (leg: Partial<Leg> = {}): Job => {
  const job = sampleJob({ pipe: copper, method: 'solder', legs: [['tie-in:s', 'east', 3000, 'outlet:e']] })
  return { ...job, legs: job.legs.map((of) => ({ ...of, ...leg })) }
}

describe('splitting a leg that is fixed to joists', () => {
  it('leaves every joist where it is', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 300, max: 700 }),
        fc.integer({ min: 0, max: 700 }),
        fc.integer({ min: 1, max: 2999 }),
        (spacing, offset, at) => {
          const whole = straight({ fixings: { spacing, offset } })
          const { job } = splitLeg(whole, countedIds, 'r1', { legId: 'l1', at, kind: 'coupling' })
          const [first, second] = job.legs
          const joists = [
            ...fixingsWithin(first!.fixings!, 0, drawnLength(first!)),
            ...fixingsWithin(second!.fixings!, 0.2, drawnLength(second!)).map((mm) => mm + at),
          ]
          expect(joists).toEqual(fixingsWithin({ spacing, offset }, 0, 3000))
          expect(second!.fixings!.offset).toBeGreaterThanOrEqual(0)
          if (offset < at) expect(second!.fixings!.offset).toBeLessThan(spacing)
        },
      ),
    )
  })

  it('keeps what is without clips at the end that it belongs to', () => {
    const { job } = splitLeg(straight({ free: { start: 200, end: 400 } }), countedIds, 'r1', {
      legId: 'l1',
      at: 1000,
      kind: 'coupling',
    })
    expect(job.legs.map(({ free }) => free)).toEqual([{ start: 200 }, { end: 400 }])
  })
})

describe('editing a run', () => {
  it('what pipe goes on from becomes a fitting; taken away, an open end again', () => {
    const { job, node, leg } = addLeg(straight(), countedIds, 'r1', { from: 'e', direction: 'north', length: 500 })
    expect(job.nodes.map(({ kind }) => kind)).toEqual(['tie-in', 'elbow', 'open'])
    expect(layOut(systemsOf(job)[0]!).places.get(node)).toEqual([3000, 500, 0])
    expect(removeLeg(job, 'r1', leg).nodes.map(({ kind }) => kind)).toEqual(['tie-in', 'open'])
  })

  it('what loses a leg becomes an open end where nothing goes on; all else, and where the run starts, stays', () => {
    const kinds = (legs: Parameters<typeof sampleJob>[0]['legs'], leg: string) =>
      removeLeg(sampleJob({ pipe: copper, method: 'solder', legs }), 'r1', leg).nodes.map(({ kind }) => kind)
    const branched: Parameters<typeof sampleJob>[0]['legs'] = [
      ['elbow:s', 'east', 1000, 'tee:a'],
      ['a', 'east', 1000, 'elbow:b'],
      ['a', 'north', 500, 'elbow:c'],
      ['c', 'up', 400, 'outlet:d'],
    ]
    // b wants a leg still, and is not this leg's affair.
    expect(kinds(branched, 'l4')).toEqual(['elbow', 'tee', 'elbow', 'open'])
    expect(kinds(branched, 'l3')).toEqual(['elbow', 'tee', 'elbow'])
    expect(kinds(branched, 'l1')).toEqual(['elbow'])
    const ring: Parameters<typeof sampleJob>[0]['legs'] = [
      ['elbow:s', 'east', 500, 'elbow:a'],
      ['a', 'north', 500, 'elbow:b'],
      ['b', 'west', 500, 'elbow:c'],
      ['c', 'south', 500, 's'],
    ]
    expect(kinds(ring, 'l2')).toEqual(['elbow', 'open', 'open', 'elbow'])
    expect(kinds(ring, 'l4')).toEqual(['elbow', 'elbow', 'elbow', 'open'])
  })

  it('knows no run or leg that is not there: the job stays as it is', () => {
    const job = straight()
    expect(addLeg(job, countedIds, 'none', { from: 'e', direction: 'north', length: 500 })).toMatchObject({
      job,
      node: 'e',
      leg: '',
    })
    expect(removeLeg(job, 'r1', 'none')).toEqual(job)
    expect(splitLeg(job, countedIds, 'r1', { legId: 'none', at: 5, kind: 'valve' }).job).toBe(job)
    expect(removeRun(job, 'r1').runs).toEqual([])
    const chain = { fittings: [{ id: 'a' }], joints: [{ method: 'solder' as const }] }
    expect(chooseChain(job, 'none', 's', chain).runs).toEqual(job.runs)
    expect(chooseChain(job, 'r1', 'none', chain).runs).toEqual(job.runs)
    expect(chooseChain(job, 'r1', 's', { ...chain, joints: [] })).toBe(job)
    const two = withCopy(job, 'r2')
    expect(removeRun(two, 'r1')).toMatchObject({
      runs: [{ id: 'r2' }],
      nodes: [{ run: 'r2' }, { run: 'r2' }],
      legs: [{ run: 'r2' }],
    })
    expect(removeRun(two, 'none').runs).toHaveLength(2)
    expect(setRun(job, 'r1', { name: 'Riser' }).runs[0]!.name).toBe('Riser')
  })
})

describe('stock', () => {
  it('what is set stays beside what was', () => {
    const job = setStock(setStock(setStock(straight(), { pipe: copper, length: 5000 }), { kerf: 1.5 }), { keep: 250 })
    expect(job.stock).toEqual({ lengths: { [copper]: 5000 }, kerf: 1.5, keep: 250 })
    // Until it is said: 300 mm, or a foot.
    const keep = (units: Job['units']) => setStock({ ...straight(), units }, { kerf: 1 }).stock!.keep
    expect([keep('metric'), keep('imperial')]).toEqual([300, expect.closeTo(304.8, 9)])
  })
})

describe('surveys', () => {
  it('a look of one kind is replaced, a measure is added', () => {
    const seen = withSeen(
      [
        { kind: 'scratch', value: 'reddish' },
        { kind: 'diameter', mm: 22, instrument: 'caliper' },
      ],
      {
        kind: 'scratch',
        value: 'plastic',
      },
    )
    expect(seen.map(({ kind }) => kind)).toEqual(['diameter', 'scratch'])
    for (const measure of [
      { kind: 'diameter', mm: 22.1, instrument: 'caliper' },
      { kind: 'circumference', mm: 69 },
      { kind: 'wall', mm: 0.9 },
    ] as const)
      expect(withSeen(withSeen(seen, measure), measure)).toHaveLength(4)
  })

  it('what is read of a pipe goes to the place of its runs; another pipe takes the chosen fittings away', () => {
    const { job, survey } = addSurvey(emptyJob('Read', 'metric', 'metric'), countedIds)
    const named = setSurvey(job, survey, { name: 'Behind the sink' })
    const told = takeForPipe(catalogue, named, countedIds, {
      id: survey,
      pipe: copper,
      known: { barrier: true },
    })
    const [run] = told.runs
    expect(told).toMatchObject({ runs: [{ place: { barrier: true } }], nodes: [{ existing: copper, survey }] })
    const chosen = chooseChain(told, run!.id, told.nodes[0]!.id, {
      fittings: [{ id: '22 solder coupling' }],
      joints: [{ method: 'solder' }, { method: 'solder' }],
    })
    expect(chainChosen(chosen.nodes[0]!)?.joints).toEqual(['solder', 'solder'])
    const other = takeForPipe(catalogue, chosen, countedIds, { id: survey, pipe: pipeId('EN 1057', '15', 0.7) })
    expect(chainChosen(other.nodes[0]!)).toBeUndefined()
    expect(removeSurvey(other, survey).surveys).toEqual([])
  })

  it('touches no other survey, run or place', () => {
    const first = addSurvey(emptyJob('Two', 'metric', 'metric'), countedIds)
    const second = addSurvey(first.job, countedIds)
    const one = takeForPipe(catalogue, second.job, countedIds, {
      id: first.survey,
      pipe: copper,
      known: { wet: true },
    })
    expect(one.surveys.map(({ pipe }) => pipe)).toEqual([copper, undefined])
    const two = takeForPipe(catalogue, one, countedIds, {
      id: second.survey,
      pipe: copper,
      known: { barrier: true },
    })
    expect(two.runs.map(({ place }) => place)).toEqual([{ wet: true }, { barrier: true }])
    expect(two.nodes.map((node) => node.survey)).toEqual([first.survey, second.survey])
    const other = pipeId('EN 1057', '15', 0.7)
    const changed = takeForPipe(catalogue, two, countedIds, { id: first.survey, pipe: other })
    expect(changed.nodes.map(({ existing }) => existing)).toEqual([other, copper])
    expect(changed.runs[1]).toEqual(two.runs[1])
    // Nothing read of it leaves the place as it was, and adds none where there was none.
    expect(changed.runs[0]!.place).toEqual({ wet: true })
    const third = addSurvey(emptyJob('None', 'metric', 'metric'), countedIds)
    expect(
      takeForPipe(catalogue, third.job, countedIds, { id: third.survey, pipe: copper }).runs[0]!.place,
    ).toBeUndefined()
    // A run with a tie-in among other nodes is one of this survey's: no second run is begun.
    const longer = addLeg(one, countedIds, one.runs[0]!.id, {
      from: one.nodes[0]!.id,
      direction: 'east',
      length: 500,
    }).job
    const again = takeForPipe(catalogue, longer, countedIds, {
      id: first.survey,
      pipe: other,
      known: { barrier: true },
    })
    expect(again.runs).toHaveLength(1)
    expect(again.runs[0]!.place).toEqual({ wet: true, barrier: true })
    // Taken for the same pipe once more, the fittings that were chosen stay.
    const chosen = chooseChain(one, one.runs[0]!.id, one.nodes[0]!.id, {
      fittings: [{ id: '22 solder coupling' }],
      joints: [{ method: 'solder' }, { method: 'solder' }],
    })
    expect(
      takeForPipe(catalogue, chosen, countedIds, { id: first.survey, pipe: copper }).nodes[0]!.fitting,
    ).toBeDefined()
  })

  it('a figure measured on one chain does not hold for another, and stays for the same', () => {
    const { job, run } = addRun(emptyJob('Measured', 'metric', 'metric'), countedIds, {
      kind: 'tie-in',
      existing: copper,
      measured: { takeOff: 20, tolerance: 0.5 },
    })
    const chain = (id: string) => ({ fittings: [{ id }], joints: [{ method: 'solder' as const }] })
    const first = chooseChain(job, run, 'n1', chain('a'))
    const measured = {
      ...first,
      nodes: first.nodes.map((node) => ({ ...node, measured: { takeOff: 9, tolerance: 0.5 } })),
    }
    expect(chooseChain(measured, run, 'n1', chain('a')).nodes[0]!.measured?.takeOff).toBe(9)
    expect(chooseChain(measured, run, 'n1', chain('b')).nodes[0]!.measured).toBeUndefined()
    expect(chooseChain(job, run, 'n1', { fittings: [], joints: [] })).toBe(job)
  })
})

describe('what a job file may say of a leg and a node', () => {
  const fields = (part: Partial<Leg>, height?: unknown) => {
    const job = straight(part)
    const nodes = job.nodes.map((node) => (node.id === 'e' ? { ...node, height } : node))
    const read = readJob({ ...job, nodes }, catalogue)
    return read.ok ? [] : read.fields.map(({ field }) => field)
  }
  it('a fixed height, also below the start; clips kept off; joists', () => {
    expect(fields({ free: { start: 0, end: 824.4 }, fixings: { spacing: 400, offset: 200 } }, -350)).toEqual([])
  })
  it('names what it cannot be', () => {
    expect(fields({ free: { start: -1 } }, 'high')).toEqual(['nodes.1.height', 'legs.0.free.start'])
    expect(fields({ fixings: { spacing: 10, offset: 200 } })).toEqual(['legs.0.fixings.spacing'])
  })
})

describe('what a joint took', () => {
  it.each([
    [{ joint: 'r1/n2/l1', minutes: 12.5 }, true],
    [{ joint: 'r1/n2/l1', minutes: null }, true],
    [{ joint: '', minutes: 12 }, false],
    [{ joint: 'r1/n2/l1', minutes: -1 }, false],
    [{ joint: 'r1/n2/l1' }, false],
  ])('%j', (took, ok) => expect(jointTimesSchema.safeParse({ took: [took] }).success).toBe(ok))
})

describe('ids of what is new', () => {
  it('come from whoever asks: none is used again after what had it is gone', () => {
    let count = 0
    const given: string[] = []
    const ids: Ids = (prefix) => {
      given.push(`${prefix}-${(count += 1)}`)
      return given.at(-1)!
    }
    const drawn = addLeg(straight(), ids, 'r1', { from: 'e', direction: 'north', length: 500 })
    const redrawn = addLeg(removeLeg(drawn.job, 'r1', drawn.leg), ids, 'r1', {
      from: 'e',
      direction: 'north',
      length: 500,
    })
    const split = splitLeg(redrawn.job, ids, 'r1', { legId: redrawn.leg, at: 200, kind: 'valve' })
    expect(given).toEqual(['n-1', 'l-2', 'n-3', 'l-4', 'n-5', 'l-6'])
    expect(split.job.nodes.map(({ id }) => id)).toEqual(['s', 'e', 'n-3', 'n-5'])
    expect(split.job.legs.map(({ id }) => id)).toEqual(['l1', 'l-4', 'l-6'])
  })
})

describe('a pipe that is told, and a leg taken away', () => {
  const begun = addSurvey(emptyJob('Edit', 'metric', 'metric'), countedIds)
  it('a pipe that is told becomes the tie-in of a new run, and a second choice changes it', () => {
    const first = takeForPipe(catalogue, begun.job, countedIds, { id: begun.survey, pipe: copper })
    expect(first.nodes[0]).toMatchObject({ kind: 'tie-in', existing: copper, survey: begun.survey })
    const pe = 'pe-en-12201-pe80-pe100-sdr11-25x2.3'
    const second = takeForPipe(catalogue, first, countedIds, { id: begun.survey, pipe: pe })
    expect([second.runs.length, second.nodes[0]?.existing]).toEqual([1, pe])
  })

  it('taking a leg away takes what hangs on it, and leaves the rest whole', () => {
    let state = takeForPipe(catalogue, begun.job, countedIds, { id: 's1', pipe: copper })
    for (const direction of ['east', 'north', 'up'] as const)
      state = addLeg(state, countedIds, 'r1', { from: state.nodes.at(-1)!.id, direction, length: 500 }).job
    const cut = removeLeg(state, 'r1', 'l2')
    expect(cut.nodes.map(({ id, kind }) => `${id} ${kind}`)).toEqual(['n1 tie-in', 'n2 open'])
    expect(readJob(cut, catalogue).ok).toBe(true)
  })
})

describe('a run that begins at existing pipe', () => {
  const begin = (pipe: string) => {
    const { job, survey } = addSurvey(emptyJob('Begun', 'metric', 'metric'), countedIds)
    return takeForPipe(catalogue, job, countedIds, { id: survey, pipe }).runs[0]!
  }

  it('goes on in the same pipe, by a method that it takes; in metric copper from an old bore; in the usual from lead', () => {
    const [pex, old] = [pipeId('ASTM F876', '1/2', 'pex-b'), pipeId('BS 659', '3/4')]
    expect(begin(pex)).toMatchObject({ pipe: pex, method: 'crimp' })
    expect(begin(old)).toMatchObject({ pipe: pipeId('EN 1057', '22', 0.9), method: 'solder' })
    expect(begin(pipeId('old', '1/2'))).toMatchObject({ pipe: pipeId('EN 1057', '15', 0.7), method: 'solder' })
  })

  it('is one that was begun and not drawn, where there is one', () => {
    const begun = addRun(emptyJob('Second', 'metric', 'metric'), countedIds, {}, { pipe: copper, service: 'hot' })
    const { job, survey } = addSurvey(begun.job, countedIds)
    const tied = takeForPipe(catalogue, job, countedIds, { id: survey, pipe: copper })
    expect(tied.runs).toHaveLength(1)
    expect(tied.runs[0]).toMatchObject({ service: 'hot', pipe: copper })
    expect(tied.nodes).toMatchObject([{ kind: 'tie-in', existing: copper, survey }])
    const drawn = addLeg(job, countedIds, begun.run, { from: 'n1', direction: 'east', length: 500 }).job
    expect(takeForPipe(catalogue, drawn, countedIds, { id: survey, pipe: copper }).runs).toHaveLength(2)
  })

  it('an end of a run becomes a tie-in and an open end again, and what was chosen for either is gone', () => {
    const { job, run } = addRun(emptyJob('Tied', 'metric', 'metric'), countedIds)
    const named = setNode(addLeg(job, countedIds, run, { from: 'n1', direction: 'east', length: 500 }).job, run, 'n1', {
      fitting: byName('22 solder cap'),
    })
    const tied = setTieIn(named, run, 'n1', { existing: copper, survey: 's1' })
    expect(tied.nodes[0]).toMatchObject({ kind: 'tie-in', existing: copper, survey: 's1', fitting: undefined })
    const chosen = setNode(tied, run, 'n1', { fitting: chained(['a'], ['solder', 'solder']) })
    expect(setTieIn(chosen, run, 'n1', { existing: copper }).nodes[0]!.fitting).toBeDefined()
    expect(setTieIn(chosen, run, 'n1', { existing: undefined }).nodes[0]!.fitting).toBeUndefined()
    expect(setKind(chosen, run, 'n1', { kind: 'open' }).nodes[0]).toMatchObject({
      kind: 'open',
      existing: undefined,
      survey: undefined,
      fitting: undefined,
    })
  })
})
