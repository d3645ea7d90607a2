import { shippedCatalogue } from '../core/catalogue/catalogue'
import { valveSeconds } from '../core/leak/checks'
import { drawLeak, secondsBySearch, secondsInOrder } from '../core/leak/simulated-search'
import { suspectsOf } from '../core/leak/suspects'
import { valveSides } from '../core/leak/valve-sides'
import type { Entry } from '../core/log/entry'
import { siteState } from '../core/log/site-state'
import { planJob } from '../core/plan/plan-job'
import { randomStream } from '../core/quantity/random-stream'
import { lineWithValves } from '../core/testing/sample-run'

/** Leaks in lines of 10 to 100 legs, ticked with more or less care: how long the search takes, and going round in order. */
const seed = Number(process.env.SEED ?? Math.floor(Math.random() * 2 ** 31))
const leaks = Number(process.env.LEAKS ?? 500)
const random = randomStream(seed)
const between = (least: number, most: number) => Math.floor(least + random() * (most - least))

function ticked(joint: string): Entry[] {
  const careless = random()
  if (careless < 0.03) return []
  const body = { ringPlaced: true, atShoulder: careless > 0.06, ...(careless > 0.09 ? { gauge: 'goes' } : {}) }
  const at = '2026-05-04T10:00:00Z'
  return [{ id: `made-${joint}`, kind: 'joint-made', subject: { joint }, at, by: 'I. Marl', jobVersion: 1, body }]
}

const found = Array.from({ length: leaks }, () => {
  const job = lineWithValves(between(10, 100), between(6, 25))
  const plan = planJob(job, shippedCatalogue)
  const suspects = suspectsOf(
    job,
    plan,
    siteState(
      plan,
      plan.joints.flatMap(({ id }) => ticked(id)),
    ),
  )
  const leak = drawLeak(suspects, random)
  const byValve = valveSeconds(10 ** -random())
  return {
    search: secondsBySearch(suspects, valveSides(job, suspects), { leaks: leak, valveSeconds: byValve, random }),
    inOrder: secondsInOrder(suspects, leak, random),
  }
})
const median = (of: readonly number[]) => of.toSorted((a, b) => a - b)[Math.floor(of.length / 2)]!
const [search, inOrder] = [median(found.map((of) => of.search)), median(found.map((of) => of.inOrder))]
console.log(`${leaks} leaks, seed ${seed}: found after ${search.toFixed(0)} s, in order after ${inOrder.toFixed(0)} s`)
console.log(`median share of the seconds: ${((100 * search) / inOrder).toFixed(0)} %, at most 50 %`)
process.exitCode = search > inOrder / 2 ? 1 : 0
