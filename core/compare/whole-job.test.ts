import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { Ids } from '../edit/ids'
import type { Job } from '../job/job'
import { methods } from '../methods'
import { roughIn } from '../patterns/calls/rough-in'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob } from '../testing/sample-run'
import { shippedCosts as costs } from '../workshop/costs'
import { emptyWorkshop } from '../workshop/workshop'
import { jobAsDrawn, jobByMethod, otherMethods, toolPaysFrom, type CompareAsked } from './whole-job'
import { withMethod } from './with-method'

let last = 0
const ids: Ids = (prefix) => `${prefix}-${++last}`
/** No margin, no tax, nothing out: figures add up by hand. */
const rates = { margin: 0, tax: 0, priceSpread: 0, timeSpread: 0 }
const asked: CompareAsked = { workshop: { ...emptyWorkshop, hour: 60, rates }, ids, celsius: 20, visits: 1 }

/** Two legs of 15 copper with an elbow between two caps: four joints. */
const corner: Job = sampleJob({
  pipe: pipeId('EN 1057', '15', 0.7),
  method: 'solder',
  legs: [
    ['cap:a', 'east', 700, 'elbow:b'],
    ['b', 'north', 700, 'cap:c'],
  ],
})
const basin = (): Job =>
  roughIn.draw({ fixture: 'basin' }, { ...{ catalogue, costs, units: 'metric', title: 'Basin' }, ids })
const by = (job: Job, method: Parameters<typeof jobByMethod>[2], of = asked) =>
  jobByMethod(catalogue, { job, plan: planJob(job, catalogue) }, method, of)
const drawn = (job: Job) => jobAsDrawn(catalogue, job, planJob(job, catalogue), asked)

describe('a whole job by another method', () => {
  it('differs by what its joints cost, by hand: four joints, two caps and an elbow, and no fire watch', () => {
    const [hot, pressed] = [drawn(corner), by(corner, 'press-metal')!]
    expect([hot.isHot, pressed.isHot, pressed.otherwise]).toEqual([true, false, 0])
    // At 60 an hour a minute is one; a cap is 0.35 of a coupling’s price, an elbow 1.6, each to the penny.
    const { solder, 'press-metal': press } = costs.methods
    const ends = 2 * 0.35 + 1.6
    const joints = 4 * (press.minutes + press.consumables - solder.minutes - solder.consumables)
    const watch = hot.withoutTool - pressed.withoutTool + (press.fitting - solder.fitting) * ends + joints
    expect(watch).toBeCloseTo(60, 1)
  })

  it('chooses its fittings anew, and says how many joints stay otherwise', () => {
    const job = basin()
    const pushed = planJob(withMethod(catalogue, job, 'push-fit', { ids, costs })!, catalogue)
    expect(pushed.fittings.map(({ label }) => label)).toContain('15 push-fit elbow 90°')
    expect(pushed.joints.filter(({ piece }) => piece !== null).map(({ method }) => method)).not.toContain('solder')
    const pressed = by(job, 'press-metal')!
    expect(pressed.otherwise).toBeGreaterThan(0)
    expect(pressed.otherwise).toBeLessThan(pressed.joints)
  })

  it('takes at least so long where a wait is not known', () => {
    const freezing = { ...asked, celsius: -20 }
    const cpvc = sampleJob({
      pipe: pipeId('ASTM D2846', '1/2'),
      method: 'push-fit',
      legs: [['cap:a', 'east', 700, 'cap:b']],
    })
    expect([by(cpvc, 'solvent', freezing)?.isLeast, by(cpvc, 'solvent')?.isLeast]).toEqual([true, false])
  })

  it('is none where no pipe takes it, and none where that is how it is drawn', () => {
    expect(by(corner, 'crimp')).toBeNull()
    expect(by(corner, 'solder')).toBeNull()
    expect(otherMethods(catalogue, corner)).not.toContain('solder')
    expect(otherMethods(catalogue, corner)).toContain('press-metal')
  })

  it('names the price of a tool that the workshop has not, and no other', () => {
    expect(methods['press-metal'].needsTool).toBe(true)
    expect(by(corner, 'press-metal')!.tool).toBe(costs.methods['press-metal'].tool)
    const owned = { ...asked, workshop: { ...asked.workshop, tools: [{ method: 'press-metal' as const }] } }
    expect(by(corner, 'press-metal', owned)!.tool).toBeNull()
    expect(by(corner, 'push-fit')!.tool).toBeNull()
  })

  it('a tool of 900 that saves 60 over 20 joints pays from 300 of them, and never where it saves nothing', () => {
    const before = { withoutTool: 340, joints: 20 }
    expect(toolPaysFrom({ tool: 900, withoutTool: 280, joints: 20 }, before)).toBe(300)
    expect(toolPaysFrom({ tool: 901, withoutTool: 280, joints: 20 }, before)).toBe(301)
    expect(toolPaysFrom({ tool: 900, withoutTool: 340, joints: 20 }, before)).toBeNull()
    expect(toolPaysFrom({ tool: null, withoutTool: 280, joints: 20 }, before)).toBeNull()
  })
})
