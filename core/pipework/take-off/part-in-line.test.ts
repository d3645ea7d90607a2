import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import { layOut } from '../../run/layout'
import { namesIn } from '../../run/names'
import { drawRun } from '../../draw/drawing'
import { sceneOf } from '../../draw/scene'
import { setNode } from '../../edit/edit-run'
import { suspectsOf } from '../../leak/suspects'
import { valveSides } from '../../leak/valve-sides'
import { siteState } from '../../log/site-state'
import type { Job, Node } from '../../job/job'
import { readJob } from '../../job/read-job'
import { systemsOf } from '../../job/system'
import { planJob } from '../../plan/plan-job'
import { speakerIn } from '../../speech'
import { pipeId, sampleJob } from '../../testing/sample-run'
import { chosenByName, namedFittingsFor } from './named-fittings'

const say = speakerIn('metric')
/** A part in line in the middle of a soldered 22: 500 to it, 600 from it. */
const line = (inLine?: Node['inLine']): Job =>
  sampleJob({
    pipe: pipeId('EN 1057', '22', 0.9),
    method: 'solder',
    legs: [
      ['cap:s', 'east', 500, 'in-line:p'],
      ['in-line:p', 'east', 600, 'cap:e'],
    ],
    nodes: { p: inLine ? { inLine } : {} },
  })
const filter = { name: 'filter', length: 120, tolerance: 1, basis: 'measured' } as const
const cuts = (job: Job) => planJob(job, catalogue).pieces.map(({ cut }) => cut)

/** The line with the part chosen by its ends, and what brings the pipe to them. */
function chosen(name: string, inLine: Node['inLine']): Job {
  const job = line(inLine)
  const layout = layOut(systemsOf(job)[0]!)
  const found = namedFittingsFor(catalogue, layout, layout.node.get('p')!).find(({ named }) => named.id === name)
  return setNode(job, 'r1', 'p', { fitting: chosenByName(found!) })
}

describe('a part in line of any name', () => {
  it('is so long as was said, from end to end: half of it, less the depth that the pipe goes in', () => {
    // A soldered 22 goes in 15.4; at a cap nothing is taken off.
    expect(cuts(line(filter))).toEqual([500 - (60 - 15.4), 600 - (60 - 15.4)])
    const { fittings, joints } = planJob(line(filter), catalogue)
    expect(fittings.map(({ label, item }) => [label, item])).toContainEqual([
      '22 solder filter',
      '22 solder × 22 solder filter',
    ])
    expect(joints.filter(({ node }) => node === 'p').map(({ method }) => method)).toEqual(['solder', 'solder'])
  })

  it('has no cut length while nobody said how long it is, and says what to measure', () => {
    const plan = planJob(line({ name: 'filter', tolerance: 1, basis: 'measured' }), catalogue)
    expect(plan.pieces.map(({ cut }) => cut)).toEqual([null, null])
    expect(plan.checks.map(say.tell).join(' ')).toContain('nobody has said how long it is: measure it from end to end')
  })

  it('has none where it is shorter than what goes in', () => {
    expect(cuts(line({ ...filter, length: 20 }))).toEqual([null, null])
  })

  it('with tails takes a nut and a washer on each: 55 to the tail’s tip, 14.4 from there to the stop', () => {
    const job = chosen('3/4 M BSP part in line on washers', { ...filter, name: 'meter', length: 110 })
    const plan = planJob(job, catalogue)
    expect(plan.pieces.map(({ cut }) => cut)).toEqual([500 - 55 - 14.4, 600 - 55 - 14.4])
    expect(plan.fittings.map(({ label, count }) => `${count} ${label}`)).toEqual(
      expect.arrayContaining(['1 3/4 M BSP meter on washers', '2 22 solder × 3/4 F BSP swivel connector']),
    )
    expect(plan.sundries).toContainEqual({ item: '3/4 flat washer', label: '3/4 flat washer', count: 2 })
  })

  it('with female threads takes a male adapter at each mouth: 50 to it, 12.5 from there to the stop', () => {
    const [first] = cuts(chosen('3/4 BSP thread × 3/4 BSP thread part in line', { ...filter, length: 100 }))
    // Of the thread, 14.5 are useful and 14 taken up: half a millimetre between the two tables.
    expect(first).toBe(500 - (50 - 14.5 + 14) - 12.5)
  })

  it('is drawn with its name beside it', () => {
    const [system] = systemsOf(line(filter))
    const drawing = drawRun(layOut(system!))
    const { parts } = sceneOf({ catalogue, system: system!, drawing }, 30, { length: String, pieceOf: new Map() })
    const written = parts.flatMap(({ of, shapes }) =>
      of === 'name' ? shapes.map((shape) => shape.kind === 'words' && shape.words) : [],
    )
    expect(written).toEqual(['filter'])
  })

  it('is called by its name, shuts nothing, and comes back from its file', () => {
    const job = line(filter)
    const [system] = systemsOf(job)
    expect(namesIn(system!).node('p')).toBe('filter')
    const plan = planJob(job, catalogue)
    expect(valveSides(job, suspectsOf(job, plan, siteState(plan, [])))).toEqual([])
    expect(readJob(JSON.parse(JSON.stringify(job)), catalogue)).toMatchObject({ ok: true, job: { nodes: job.nodes } })
  })
})
