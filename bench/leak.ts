import { shippedCatalogue } from '../core/catalogue/catalogue'
import type { Sought } from '../core/leak/belief'
import type { Loss } from '../core/leak/loss'
import { drawLeak, secondsBySearch, secondsInOrder } from '../core/leak/simulated-search'
import { spotsOf } from '../core/leak/spots'
import { suspectsOf } from '../core/leak/suspects'
import { valveSides } from '../core/leak/valve-sides'
import type { Entry } from '../core/log/entry'
import { siteState } from '../core/log/site-state'
import { planJob } from '../core/plan/plan-job'
import type { PlanJoint } from '../core/pipework/planned'
import { median } from '../core/prove/readings'
import { groupBy } from '../core/quantity/group-by'
import { randomStream } from '../core/quantity/random-stream'
import { lineWithValves } from '../core/testing/sample-run'

/**
 * Leaks in lines of 10 to 100 legs, ticked with more or less care, a third of them partly covered, a fifth filled with air:
 * how long the search takes, and going round in order.
 */
const seed = Number(process.env.SEED ?? Math.floor(Math.random() * 2 ** 31))
const leaks = Number(process.env.LEAKS ?? 500)
const most = 0.4
const random = randomStream(seed)
const between = (least: number, to: number) => Math.floor(least + random() * (to - least))
const by = { at: '2026-05-04T10:00:00Z', by: 'I. Marl', jobVersion: 1 }

function ticked({ id }: PlanJoint): Entry[] {
  const careless = random()
  if (careless < 0.03) return []
  const body = { ringPlaced: true, atShoulder: careless > 0.06, ...(careless > 0.09 ? { gauge: 'goes' } : {}) }
  return [{ id: `made-${id}`, kind: 'joint-made', subject: { joint: id }, ...by, body }]
}

/** A stretch of the line behind plaster: up to a third of its joints. */
function covered(joints: readonly PlanJoint[]): Entry {
  const first = between(0, joints.length)
  const behind = joints.slice(first, first + between(1, Math.ceil(joints.length / 3)))
  const body = { where: 'stud wall', joints: behind.map(({ id }) => id) }
  return { id: 'covered-1', kind: 'covered', subject: {}, ...by, body }
}

/** From 0.1 ml a minute to a litre of water, from 20 ml to 20 litres of free air; what the gauge tells of it is up to twice off. */
function losses(): { supposed: Loss; true: Loss } {
  const medium = random() < 0.2 ? 'air' : 'water'
  const mlPerMinute = (medium === 'air' ? 20 : 0.1) * 10 ** (random() * (medium === 'air' ? 3 : 4))
  const loss = { medium, barPerMinute: 10 ** -random() } as const
  return {
    true: { ...loss, mlPerMinute },
    supposed: { ...loss, mlPerMinute: mlPerMinute * 2 ** (2 * random() - 1) },
  }
}

function line(): { sought: Sought; truth: { leaks: string; loss: Loss }; kind: string } {
  const job = lineWithValves(between(10, 100), between(6, 25))
  const plan = planJob(job, shippedCatalogue)
  const isCovered = random() < 1 / 3
  const entries = [...plan.joints.flatMap(ticked), ...(isCovered ? [covered(plan.joints)] : [])]
  const suspects = suspectsOf(job, plan, siteState(plan, entries))
  const loss = losses()
  return {
    sought: { spots: spotsOf(job, suspects), valves: valveSides(job, suspects), loss: loss.supposed },
    truth: { leaks: drawLeak(suspects, random), loss: loss.true },
    kind: `${loss.true.medium}${isCovered ? ', partly covered' : ''}`,
  }
}

const found = Array.from({ length: leaks }, () => {
  const { sought, truth, kind } = line()
  return {
    kind,
    search: secondsBySearch(sought, truth, random),
    inOrder: secondsInOrder(sought, truth, random),
  }
})
const shareOf = (of: typeof found) => median(of.map(({ search }) => search)) / median(of.map(({ inOrder }) => inOrder))
console.log(`${leaks} leaks, seed ${seed}; median seconds by the search, in order, and share`)
for (const [kind, of] of [['all', found] as const, ...groupBy(found, (one) => one.kind)])
  console.log(
    `${kind} (${of.length}): ${median(of.map(({ search }) => search)).toFixed(0)}, ${median(of.map(({ inOrder }) => inOrder)).toFixed(0)}, ${(100 * shareOf(of)).toFixed(0)} %`,
  )
console.log(`at most ${100 * most} % over all`)
process.exitCode = shareOf(found) > most ? 1 : 0
