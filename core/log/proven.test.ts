import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { planJob } from '../plan/plan-job'
import { closedParts } from '../prove/closed-parts'
import { pipeId, sampleJob } from '../testing/sample-run'
import type { Entry } from './entry'
import { provenJoints } from './proven'
import { siteState } from './site-state'

/** A line with a valve in its middle: two parts that can be tested one by one. */
const job = sampleJob({
  pipe: pipeId('EN 1057', '22', 0.9),
  method: 'solder',
  legs: [
    ['cap:s', 'east', 1000, 'valve:v'],
    ['valve:v', 'east', 1000, 'outlet:e'],
  ],
})
const plan = planJob(job, catalogue)
const [before, beyond] = closedParts(job)
let count = 0
const entry = (kind: string, minute: number, subject: Entry['subject'], body: Entry['body']): Entry => ({
  id: `entry-${String(++count).padStart(4, '0')}`,
  at: `2026-05-04T10:${String(minute).padStart(2, '0')}:00Z`,
  by: 'I. Marl',
  jobVersion: 1,
  ...{ kind, subject, body },
})
const made = (joint: string, minute: number) =>
  entry('joint-made', minute, { joint }, { insertion: 15.4, method: 'solder' })
const all = plan.joints.map(({ id }) => made(id, 1))
/** A look under pressure at so much of it, twice, and all dry but what is said. */
function looked(
  test: string,
  minute: number,
  { legs, wet = [] }: { readonly legs?: readonly string[]; readonly wet?: string[] },
): Entry[] {
  const dry = plan.joints.map(({ id }) => id).filter((id) => !wet.includes(id))
  const body = { profile: 'house-pressure', design: 4, medium: 'water', ...(legs ? { legs } : {}) }
  return [
    entry('test-begun', minute, { test }, body),
    entry('test-look', minute, { test }, { dry, wet }),
    entry('test-look', minute + 6, { test }, { dry, wet }),
    entry('test-ended', minute + 6, { test }, { verdict: wet.length > 0 ? 'leak' : 'tight', passes: null }),
  ]
}
const proofsOf = (entries: readonly Entry[], of = job, planned = plan) =>
  Object.fromEntries(provenJoints(of, planned, siteState(planned, entries)))
const [cap, atValve, pastValve, outlet] = ['r1/s/l1', 'r1/v/l1', 'r1/v/l2', 'r1/e/l2']

describe('a test of a part', () => {
  it('proves the joints in it, and says nothing for the others', () => {
    expect(proofsOf([...all, ...looked('t1', 10, before!)])).toEqual({
      [cap!]: { by: 't1' },
      [atValve!]: { by: 't1' },
      [pastValve!]: { lacks: 'not tested' },
      [outlet!]: { lacks: 'not tested' },
    })
  })

  it('needs only its own joints made', () => {
    const half = [cap!, atValve!].map((id) => made(id, 1))
    expect(proofsOf([...half, ...looked('t1', 10, before!)])[cap!]).toEqual({ by: 't1' })
    expect(proofsOf([...half, ...looked('t1', 10, {})])[cap!]).toEqual({ lacks: 'unmade' })
  })

  it('that leaks leaves the other part proven; mended and tested again, both are', () => {
    const first = [...all, ...looked('t1', 10, before!), ...looked('t2', 20, { legs: beyond!.legs, wet: [outlet!] })]
    expect(proofsOf(first)).toMatchObject({
      [cap!]: { by: 't1' },
      [pastValve!]: { lacks: 'leak' },
      [outlet!]: { lacks: 'leak' },
    })
    const mended = [...first, made(outlet!, 30)]
    expect(proofsOf(mended)).toMatchObject({ [pastValve!]: { lacks: 'leak' }, [outlet!]: { lacks: 'made since' } })
    expect(Object.values(proofsOf([...mended, ...looked('t3', 40, beyond!)]))).toEqual([
      { by: 't1' },
      { by: 't1' },
      { by: 't3' },
      { by: 't3' },
    ])
  })

  it('proves nothing where the valve that closed it off is gone from the plan', () => {
    const without = {
      ...job,
      nodes: job.nodes.map((node) => (node.id === 'v' ? { ...node, kind: 'coupling' as const } : node)),
    }
    const proofs = proofsOf([...all, ...looked('t1', 10, before!)], without, planJob(without, catalogue))
    expect(proofs[cap!]).toEqual({ lacks: 'open end' })
  })
})
