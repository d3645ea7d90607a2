import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { assemblyQuestion } from '../assembly/assembly-question'
import { assemblyOrder } from '../assembly/order'
import type { Job } from '../job/job'
import { readJob } from '../job/read-job'
import { planJob } from '../plan/plan-job'
import { speakerIn } from '../speech'
import type { Units } from '../quantity/units'
import { outletsOf } from '../commission/outlets'
import { openEnds } from '../log/proven'
import { watersOf } from '../job/waters'
import { profiles } from '../workshop/profile'
import { shippedCosts as costs } from '../workshop/costs'
import { patterns, patternsIn } from '.'
import { itemsOf, usualAnswer, type Answers, type Ask, type Pattern } from './pattern'

function drawn(pattern: Pattern, units: Units, answers: Answers = {}): Job {
  let last = 0
  return pattern.draw(answers, { units, catalogue, costs, ids: (prefix) => `${prefix}${++last}`, title: 'A call' })
}
const named = (id: string): Pattern => patterns.find((of) => of.id === id)!

/** Every choice of its lists, with its lengths at one limit, the other, and as usual, in turn. */
function grid(pattern: Pattern, units: Units): Answers[] {
  const asks = Object.entries(pattern.asks)
  const choices = asks.reduce<Answers[]>(
    (found, [id, ask]) =>
      ask.kind === 'length'
        ? found
        : found.flatMap((of) => itemsOf(ask, units).map(({ value }) => ({ ...of, [id]: value }))),
    [{}],
  )
  const lengthAt = (ask: Ask, turn: number) =>
    ask.kind === 'length' ? [usualAnswer(ask, units), ask.least, ask.most][turn % 3]! : usualAnswer(ask, units)
  return choices.map((of, turn) => ({
    ...Object.fromEntries(asks.map(([id, ask]) => [id, lengthAt(ask, turn)])),
    ...of,
  }))
}

/** What may stay to be done: a joint's cautions, clips, the play of plastic that nobody tried. */
const unfit = [
  'unknown-figure',
  'open-end',
  'one-body',
  'fixture-end',
  'fixture-centres',
  'stands-in',
  'relief-open',
  'relief-falls',
  'connected',
  'tie-in-goes-on',
  'least-piece',
  'stub-length',
]

/** All that is wrong with what a pattern draws. */
function faults(job: Job): string[] {
  const plan = planJob(job, catalogue)
  const say = speakerIn(job.units)
  return [
    ...plan.checks
      .filter(({ verdict, rule }) => verdict === 'refuse' || unfit.includes(rule))
      .map((check) => `${check.where}: ${check.rule} ${say.tell(check)}`),
    ...plan.pieces.filter(({ cut }) => cut === null || cut <= 0).map(({ id, cut }) => `piece ${id}: ${cut}`),
    ...plan.parts.filter(({ isUnmade }) => isUnmade).map(({ label }) => `unmade ${label}`),
  ]
}

describe.each(['metric', 'imperial'] as const)('patterns in %s', (units) => {
  it.each(patternsIn(units).map((of) => [of.name, of] as const))(
    '%s: a whole job at every limit, with every pipe',
    (_, of) => {
      const wrong = grid(of, units).flatMap((answers) =>
        faults(drawn(of, units, answers)).map((fault) => `${JSON.stringify(answers)}: ${fault}`),
      )
      expect(wrong).toEqual([])
    },
    120_000,
  )
})

describe('a pattern', () => {
  it('cuts out a leak of 150 in 15 copper: a coupling with a stop at one end, a slip coupling at the other', () => {
    const plan = planJob(drawn(named('cut-out'), 'metric', { length: 150 }), catalogue)
    expect(plan.fittings.map(({ label, count }) => `${count} ${label}`)).toEqual([
      '1 15 solder coupling',
      '1 15 solder slip coupling',
    ])
    // Half a coupling's stop, 0.8, and half of the 2 that a slip coupling is longer than its two depths.
    expect(plan.pieces.map(({ cut }) => cut)).toEqual([150 - 0.8 - 1])
    expect(plan.joints).toHaveLength(4)
    expect(plan.checks).toEqual([])
  })

  it('cuts out an elbow of 15 copper: two pieces between it and a slip coupling over each old end', () => {
    const plan = planJob(drawn(named('elbow-out'), 'metric', { before: 150, after: 200 }), catalogue)
    expect(plan.fittings.map(({ label, count }) => `${count} ${label}`)).toEqual([
      '2 15 solder slip coupling',
      '1 15 solder elbow 90°',
    ])
    // Half of the 2 that a slip coupling is longer than its two depths, and the elbow's take-off, 10.8.
    expect(plan.pieces.map(({ cut }) => cut)).toEqual([150 - 1 - 10.8, 200 - 1 - 10.8])
    expect(plan.joints).toHaveLength(6)
  })

  it('leads a trunk of 22 to the floor above: the riser and what leads to it by hand, one reducer, a tee on each floor', () => {
    const plan = planJob(drawn(named('house-trunk'), 'metric', { riser: 1500, floor: 2700 }), catalogue)
    // Of 22, a tee is 12.5 to the stop along its run, an elbow 14.6.
    expect(plan.pieces.slice(2, 4).map(({ cut }) => cut)).toEqual([1500 - 12.5 - 14.6, 2700 - 14.6 - 14.6])
    const made = plan.fittings.filter(({ label }) => /tee|reducer/.test(label))
    expect(made.map(({ label, count }) => `${count} ${label}`)).toEqual([
      '2 22 × 15 solder tee',
      '1 22 × 15 solder reducer',
    ])
    expect(plan.fixtures.map(({ label }) => label)).toEqual(['kitchen sink', 'toilet', 'wash basin'])
  })

  it('puts new pipe and a slip coupling beside a valve, until the ends are found to spring apart', () => {
    const stiff = planJob(drawn(named('valve-in'), 'metric', { play: 0 }), catalogue)
    expect(stiff.pieces).toHaveLength(1)
    const sprung = planJob(drawn(named('valve-in'), 'metric', { play: 20 }), catalogue)
    expect([sprung.pieces, sprung.joints.length]).toEqual([[], 2])
  })

  it('leaves the play of plastic to be said, and puts no coupling in that nobody makes', () => {
    const plan = planJob(drawn(named('valve-in'), 'imperial', { there: 'pex-b 3/4', play: 0 }), catalogue)
    expect(plan.checks.map(({ rule, message }) => `${rule} ${message}`)).toEqual(['cut-in-play unsaid'])
  })

  it('brings a basin its hot on the left, its cold on the right, a washer each', () => {
    const job = drawn(named('rough-in'), 'metric', { fixture: 'basin', along: 1500, height: 600 })
    const plan = planJob(job, catalogue)
    expect(plan.sundries).toEqual([{ item: '1/2 flat washer', label: '1/2 flat washer', count: 2 }])
    const across = job.nodes.flatMap(({ kind, at }) => (kind === 'tie-in' ? [at![0]] : []))
    expect([job.runs.map(({ service }) => service), across]).toEqual([
      ['hot', 'cold'],
      [-75, 75],
    ])
  })

  it('ends in supply stops and hoses where a basin is put up in inches', () => {
    const { fittings } = planJob(drawn(named('rough-in'), 'imperial', { new: 'pex-b crimp' }), catalogue)
    expect(fittings.map(({ label }) => label)).toEqual(
      expect.arrayContaining(['3/8 OD × 1/2 F NPT hose', '1/2 crimp × 3/8 OD compression angle stop']),
    )
  })

  it('sets a radiator’s pipes its width and twice 45 apart', () => {
    const job = drawn(named('radiator'), 'metric', { width: 800 })
    const tees = job.nodes.filter(({ kind, at }) => kind === 'tee' && at)
    expect(tees[1]!.at![0] - tees[0]!.at![0]).toBe(890)
  })

  it('drops to a tub spout in metal, however the rest is piped, and both feeds meet the valve', () => {
    const job = drawn(named('shower-valve'), 'imperial', { new: 'pex-b crimp', spout: 254 })
    const plan = planJob(job, catalogue)
    const spout = job.runs.find(({ name }) => name.endsWith('spout'))!
    expect(catalogue.pipe(spout.pipe)!.material).toBe('copper')
    const ends = plan.parts.filter(({ kind }) => kind === 'fixture').map(({ label }) => label)
    expect(ends.toSorted()).toEqual([
      'shower arm',
      'tub and shower valve, cold',
      'tub and shower valve, hot',
      'tub and shower valve, shower',
      'tub and shower valve, spout',
      'tub spout',
    ])
  })

  it('brings a heater 18 in of metal before anything else, and its cold a shut-off', () => {
    const job = drawn(named('heater'), 'imperial')
    const plan = planJob(job, catalogue)
    expect(new Set(plan.pieces.map(({ pipe }) => catalogue.pipe(pipe)!.material))).toEqual(new Set(['copper']))
    expect(plan.fittings.map(({ label }) => label)).toContain('3/4 × 1/2 solder reducer')
    const cold = job.legs.find(({ to }) => job.nodes.find(({ id }) => id === to)?.fixture?.end === 'cold')!
    expect(cold.length).toBeGreaterThanOrEqual(457)
  })

  it('pipes a heater’s relief valve down full size, to an open end that is neither tested nor drained', () => {
    for (const [units, first, pipe] of [
      ['metric', 'water heater, relief valve', '22'],
      ['imperial', '3/4 solder × 3/4 M NPT adapter', '3/4'],
    ] as const) {
      const job = drawn(named('heater'), units, { relief: 1000 })
      const plan = planJob(job, catalogue)
      const { id: run } = job.runs.find(({ service }) => service === 'relief')!
      const [piece, ...others] = plan.pieces.filter((of) => of.run === run)
      expect(others).toEqual([])
      expect(catalogue.pipe(piece!.pipe)!.nominal).toBe(pipe)
      expect(plan.parts.filter((part) => part.run === run && part.kind !== 'piece')[0]!.label).toBe(first)
      // In mm the pipe goes to the stop of the valve’s own nut.
      if (units === 'metric') expect(piece!.cut).toBe(1000)
      else expect(piece!.cut).toBeLessThan(1000)
      expect(watersOf(job).flatMap(({ runs }) => runs.map(({ id }) => id))).not.toContain(run)
      expect(openEnds(job, plan)).toEqual([])
    }
  })

  it('names the pipe that a heater is connected with by its own size, and draws nothing at the heater to flush', () => {
    for (const units of ['metric', 'imperial'] as const) {
      const { asks } = named('heater')
      const [first] = itemsOf(asks.new as Exclude<Ask, { kind: 'length' }>, units)
      expect(first!.label).toBe(units === 'metric' ? '22 copper, soldered' : '3/4 copper, soldered')
      const job = drawn(named('heater'), units)
      expect(outletsOf(catalogue, job, profiles[job.profile])).toEqual([])
      // Hot comes out of the heater.
      const start = job.legs.find(({ run }) => job.runs.find(({ id }) => id === run)!.service === 'hot')!.from
      expect(job.nodes.find(({ id }) => id === start)!.fixture?.end).toBe('hot')
    }
  })

  it('puts 22 copper straight into a metric heater: a compression joint with its olive, and no fitting between', () => {
    const plan = planJob(drawn(named('heater'), 'metric', { down: 500 }), catalogue)
    const [cold] = plan.joints.filter(({ node, method, run }) => method === 'compression' && node && run === 'r1')
    expect(cold!.insertion).toBe(catalogue.socketFor('compression', catalogue.pipe(cold!.pipe)!)!.insertion!.mm)
    expect(plan.fixtures).toEqual([{ count: 1, label: 'water heater', item: 'fixture: water heater' }])
    expect(plan.sundries).toContainEqual({ item: '22 olive', label: '22 olive', count: 3 })
  })

  it('puts check valve, expansion valve and drain valve into a heater’s cold, in the order of the water', () => {
    const job = drawn(named('heater'), 'metric')
    const cold = job.runs.find(({ service }) => service === 'cold')!
    const after = (id: string): string[] => {
      const leg = job.legs.find(({ from }) => from === id)
      const node = job.nodes.find((of) => of.id === leg?.to)
      return node ? [node.inLine?.name ?? node.name ?? node.kind, ...after(node.id)] : []
    }
    const start = job.nodes.find(({ run, kind }) => run === cold.id && kind === 'tie-in')!
    expect(after(start.id)).toEqual([
      ...['elbow', 'cold shut-off', 'check valve', 'expansion valve', 'drain valve', 'heater, cold'],
    ])
    const { fittings } = planJob(job, catalogue)
    expect(fittings.map(({ label }) => label)).toContain('22 solder check valve')
  })

  it('takes 28 copper to a heater of 28 ends, whose relief valve stays 22', () => {
    const job = drawn(named('heater'), 'metric', { new: 'copper press-metal, largest' })
    const plan = planJob(job, catalogue)
    const sizes = plan.joints
      .filter(({ method }) => method === 'compression')
      .map(({ pipe }) => catalogue.pipe(pipe)!.nominal)
    expect(sizes.toSorted()).toEqual(['22', '28', '28'])
    expect(plan.fixtures.map(({ label }) => label)).toEqual(['water heater, 28 ends'])
  })

  it('hangs a meter between adapters on the service pipe: half of it, a thread and an adapter from its middle', () => {
    const plan = planJob(drawn(named('service-pipe'), 'metric', { meter: 'inside' }), catalogue)
    expect(plan.fittings.map(({ label, count }) => `${count} ${label}`)).toEqual(
      expect.arrayContaining(['1 3/4 M BSP meter', '2 25 PE compression × 3/4 F BSP adapter']),
    )
    // 150 to the tail’s tip, 0.5 × 25 + 12 from there to the pipe’s stop, nothing at the cap.
    expect(plan.pieces.at(-1)!.cut).toBe(350 - 150 - 24.5)
  })

  it('keeps an outdoor tap’s check and drain in the warm: a piece of 160 less two halves between them', () => {
    const plan = planJob(drawn(named('outdoor-tap'), 'metric'), catalogue)
    expect(plan.fittings.map(({ label }) => label)).toEqual(
      expect.arrayContaining(['15 solder double check valve', '15 solder drain valve']),
    )
    // Either is 90 from end to end, and a soldered 15 goes in 10.6.
    const between = plan.pieces.find(({ cut }) => cut === 160 - 2 * (45 - 10.6))
    expect(between?.tolerance).toBeGreaterThanOrEqual(20)
  })

  it('fits an outdoor tap on its stub in line, cut back as the fitting says', () => {
    const plan = planJob(drawn(named('stub-again'), 'metric', { there: 'copper 15', stub: 120 }), catalogue)
    expect(plan.fittings.map(({ label }) => label)).toEqual(['15 solder × 1/2 F BSP adapter'])
    expect(plan.cutIns[0]!.ends[0]!.stub).toBeGreaterThan(plan.cutIns[0]!.ends[0]!.stubNeeded!)
  })

  it('says by the name of the question what it does not take', () => {
    expect(() => drawn(named('cut-out'), 'metric', { length: 20 })).toThrow(/^Length to replace: 80.mm to 3.000.mm$/)
    expect(() => drawn(named('cut-out'), 'metric', { there: 'lead' })).toThrow('Existing pipe: choose one of the list')
  })

  it.each(patterns.map((of) => [of.id, of] as const))('%s gives a job file that can be read', (_, of) => {
    const file: unknown = JSON.parse(JSON.stringify(drawn(of, of.units[0]!)))
    expect(readJob(file, catalogue)).toMatchObject({ ok: true })
  })
})

describe('the order of work of a call', () => {
  const orderOf = (of: Pattern, units: Units) => {
    const job = drawn(of, units)
    const question = assemblyQuestion(catalogue, job, planJob(job, catalogue), { costs, celsius: 15 })
    return { question, order: assemblyOrder(question) }
  }

  it.each(patterns.flatMap((of) => of.units.map((units) => [of.id, units, of] as const)))(
    '%s in %s can be made',
    (_, units, of) => {
      expect(orderOf(of, units).order).toMatchObject({ ok: true })
    },
  )

  it('hangs a basin on its pipes in its place, never at the bench', () => {
    const { order } = orderOf(named('rough-in'), 'metric')
    const phases = order.ok
      ? order.steps.filter(({ joint }) => joint.endsWith('/fixture')).map(({ phase }) => phase)
      : []
    expect(phases).toEqual(['in place', 'in place'])
  })
})
