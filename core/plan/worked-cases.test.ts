import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { facing } from '../pipework/fittings/facing'
import type { PlanJoint } from '../pipework/planned'
import type { Job } from '../job/job'
import { fittingJointCard, jointCard } from '../procedure/joint-card'
import { pipeId, sampleJob } from '../testing/sample-run'
import { speakerIn } from '../speech'
import { profileWith } from '../workshop/profile'
import { planJob } from './plan-job'
import { chained } from '../testing/sample-choice'

const say = speakerIn('metric')
const cuts = (job: Job) => planJob(job, catalogue).pieces.map(({ cut }) => cut)
const fittings = (job: Job) => planJob(job, catalogue).fittings.map(({ label, count }) => `${count} × ${label}`)
const card = ({ pipe: id, method, inner }: PlanJoint) => {
  const [pipe, profile] = [catalogue.pipe(id)!, profileWith('us-a', undefined)]
  return inner
    ? fittingJointCard(catalogue, inner.meeting, pipe, { profile, here: { say } })
    : jointCard(catalogue, pipe, method, { profile, here: { say } })
}

describe('a 1 inch steel nipple, and PVC from it that turns by 45°', () => {
  const job = sampleJob({
    pipe: pipeId('ASTM D1785', '1', 'Schedule 40'),
    method: 'solvent',
    profile: 'us-a',
    legs: [
      ['tie-in:nipple', 'east', 300, 'elbow:turn'],
      ['turn', { bearing: 45, pitch: 0 }, 400, 'open:end'],
    ],
    nodes: {
      nipple: {
        existing: pipeId('ASTM A53', '1', 'Schedule 40'),
        fitting: chained(['1 NPT thread × 1 F NPT coupling', '1 PVC solvent × 1 M NPT adapter'], ['thread', 'solvent']),
      },
    },
  })

  it('is cut to what coupling, adapter and elbow leave', () => {
    // Coupling 6, its male 17 in, adapter 14: 37 from the nipple's end; the elbow takes 8 on either side.
    expect(cuts(job)).toEqual([300 - 37 - 8, 400 - 8])
  })

  it('has five joints, each with its card: metal with wrenches and back-hold, a plastic male by hand-size spanner', () => {
    const plan = planJob(job, catalogue)
    const cards = plan.joints.map(card)
    expect(plan.joints.map(({ method, verdict }) => [method, verdict])).toEqual([
      ['thread', 'fits'],
      ['thread', 'fits'],
      ['solvent', 'fits'],
      ['solvent', 'fits'],
      ['solvent', 'fits'],
    ])
    expect(cards[0]!.tools).toContain('two pipe wrenches')
    expect(cards[0]!.steps.at(-1)!.text).toContain('hold back on the existing pipe')
    expect(cards[1]!.tools.join()).toMatch(/^hand-size spanner/)
    expect(cards[1]!.steps.at(-1)!.text).toContain('never turn back')
    expect(cards.slice(2).map(({ steps }) => steps[2]!.text)).toEqual(
      Array(3).fill('Primer where required, then PVC cement on pipe and socket, evenly.'),
    )
    const parts = new Map(plan.parts.map((part) => [part.id, part]))
    expect(say.tell(facing(parts, plan.joints[3]!)!)).toBe('When made, its other end looks 45° from north')
  })
})

it('PEX from copper through a soldered adapter: its two halves off either piece, one joint by flame, four rings', () => {
  const drawn = sampleJob({
    pipe: 'copper-hard-astm-b88-l-1-2',
    method: 'solder',
    profile: 'us-a',
    legs: [
      ['outlet:s', 'east', 600, 'adapter:a'],
      ['a', 'east', 400, 'elbow:b'],
      ['b', 'up', 300, 'outlet:e'],
    ],
    nodes: {
      a: { fitting: chained(['1/2 solder × 1/2 crimp adapter'], ['solder', 'crimp']) },
      b: { method: 'crimp' },
      e: { method: 'crimp' },
    },
  })
  const pex = pipeId('ASTM F876', '1/2', 'pex-b')
  const job: Job = {
    ...drawn,
    legs: drawn.legs.map((leg) => (leg.from === 's' ? leg : { ...leg, pipe: pex })),
  }
  // The adapter is 4 long; a soldered outlet takes 15.1, an insert elbow 14.7, an insert outlet 16.7.
  expect(cuts(job)).toEqual([600 - 15.1 - 2, 400 - 2 - 14.7, 300 - 14.7 - 16.7].map((mm) => expect.closeTo(mm, 3)))
  const plan = planJob(job, catalogue)
  expect(plan.joints.map(({ method }) => method)).toEqual(['solder', 'solder', 'crimp', 'crimp', 'crimp', 'crimp'])
  expect(plan.joints.filter(({ verdict }) => verdict === 'refuse')).toEqual([])
  expect(plan.sundries).toEqual([{ item: '1/2 crimp ring', label: '1/2 crimp ring', count: 4 }])
})

it('two compression couplings with two bends between them: one piece, cut by its centre line, an olive to each', () => {
  const job = sampleJob({
    pipe: pipeId('EN 1057', '22', 0.9),
    method: 'compression',
    legs: [
      ['coupling:s', 'east', 400, 'bend:a'],
      ['a', 'north', 600, 'bend:b'],
      ['b', 'east', 500, 'coupling:e'],
    ],
    nodes: { a: { radius: 66 }, b: { radius: 66 } },
  })
  // Each quarter bend is shorter than its corner by 2R - πR / 2; either coupling stops the pipe 1 from its middle.
  const saved = 2 * (2 * 66 - (Math.PI * 66) / 2)
  expect(cuts(job)).toEqual([expect.closeTo(400 + 600 + 500 - saved - 2, 2)])
  expect(fittings(job)).toEqual(['2 × 22 compression coupling'])
  expect(planJob(job, catalogue).sundries).toEqual([{ item: '22 olive', label: '22 olive', count: 2 }])
})
