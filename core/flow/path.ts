import type { Catalogue } from '../catalogue/catalogue'
import { boreOf } from '../catalogue/pipe'
import type { Leg } from '../job/job'
import type { Profile } from '../job/profile'
import { methodAt } from '../route/end'
import { branchOf, turnAt, type Layout } from '../route/layout'
import { walk } from '../route/walk'
import { jointBore, lossCoefficients, roughnessOf } from './coefficients'
import { contentOf } from './content'
import { fixed, messagesOf, sentence, type Message } from '../quantity/message'
import { refusalsOf } from '../quantity/refusal'
import { fittingLoss, pipeLoss, waterStateOf } from './loss'
import { velocityOf } from './velocity'

/** What one outlet's draw does on its way from the start of the run: advice, not design. */
export interface FlowPath {
  readonly run: string
  readonly outlet: string
  /** mm along the centre lines. */
  readonly length: number
  /** Litres that stand in it: what runs off before fresh water comes. */
  readonly content: number
  /** The fastest in a pipe, in m/s, and the narrowest bore there, in mm. */
  readonly velocity: number
  readonly bore: number
  /** The fastest in a joint's insert, in m/s. */
  readonly insertVelocity: number
  /** Pressure lost on the way, and by height (more up, less down), in kPa. */
  readonly loss: number
  readonly height: number
  /** Why to be careful; null where there is nothing. */
  readonly caution: Message | null
}

/** What the flow is to be warned of. */
export const flowSentences = {
  id: 'flow',
  messages: {
    fast: sentence(
      { speed: 3.1, most: 2.4 },
      ({ speed, most }, say) =>
        `${say.speed(speed)} in copper, where ${say.speed(most)} is the most: a larger pipe, or less draw`,
    ),
  },
} as const
const tell = messagesOf(flowSentences)
const refuse = refusalsOf({ id: 'draw', messages: { none: fixed('Draw: more than nothing') } })

/** Metres of water to kPa. */
const kiloPascalPerMetre = 9.80665

/** The loss where water goes on into a leg: at a tee it turns when it comes from the branch, or leaves by it. */
function coefficientAt(layout: Layout, node: string, from: Leg | undefined, leg: Leg): number {
  const { kind } = layout.node.get(node)!
  const arms = layout.arms.get(node) ?? []
  const branch = kind === 'tee' ? branchOf(arms)?.leg : undefined
  if (branch && (branch === leg || branch === from)) return lossCoefficients['tee-branch']
  const turn = turnAt(arms)
  if (kind === 'elbow' && turn !== null && turn <= 50) return lossCoefficients['elbow-45']
  return lossCoefficients[kind]
}

/** What water has gone through from the start to a node. */
interface Gone {
  readonly by: Leg | undefined
  readonly length: number
  readonly content: number
  readonly bore: number
  readonly copperBore: number
  readonly insertVelocity: number
  readonly loss: number
}

const nothingYet: Gone = {
  by: undefined,
  length: 0,
  content: 0,
  bore: Infinity,
  copperBore: Infinity,
  insertVelocity: 0,
  loss: 0,
}

/**
 * Velocity and pressure loss from the start of a run to each of its outlets, each drawing alone.
 *
 * @param draw litres a minute at the outlet, above 0
 * @throws RangeError when the draw is not above 0
 */
export function flowPaths(catalogue: Catalogue, layout: Layout, draw: number, profile: Profile): FlowPath[] {
  if (!(draw > 0)) throw refuse('none')
  const { run, places } = layout
  const state = waterStateOf(run.service)
  const [start] = run.nodes
  if (!start) return []

  function goOn(before: Gone, from: string, leg: Leg, to: string): Gone {
    const pipe = catalogue.pipe(leg.pipe ?? run.pipe)!
    const bore = boreOf(pipe)
    const narrowest = Math.min(
      ...[from, to].map((id) => jointBore(pipe, methodAt(layout.node.get(id)!, run.method, leg))),
    )
    const coefficient = coefficientAt(layout, from, before.by, leg)
    return {
      by: leg,
      length: before.length + leg.length,
      content: before.content + contentOf(pipe, leg.length),
      bore: Math.min(before.bore, bore),
      copperBore: pipe.material === 'copper' ? Math.min(before.copperBore, bore) : before.copperBore,
      insertVelocity: Math.max(before.insertVelocity, velocityOf(draw, narrowest)),
      loss:
        before.loss +
        pipeLoss(draw, bore, leg.length, roughnessOf(pipe), state) +
        fittingLoss(draw, narrowest, coefficient, state),
    }
  }

  const gone = new Map<string, Gone>()
  for (const { node, from, leg } of walk(layout.arms, start.id))
    gone.set(node, leg && from !== null ? goOn(gone.get(from)!, from, leg, node) : nothingYet)

  const most = state === 'hot' ? profile.hotVelocity : profile.coldVelocity
  return run.nodes.flatMap(({ kind, id: outlet }): FlowPath[] => {
    const way = gone.get(outlet)
    if (kind !== 'outlet' || !way?.by) return []
    const { length, content, bore, insertVelocity, loss, copperBore } = way
    const inCopper = Number.isFinite(copperBore) ? velocityOf(draw, copperBore) : 0
    const rise = (places.get(outlet)?.[2] ?? 0) - (places.get(start.id)?.[2] ?? 0)
    return [
      {
        run: run.id,
        outlet,
        length,
        content,
        velocity: velocityOf(draw, bore),
        bore,
        insertVelocity,
        loss,
        height: (rise / 1000) * kiloPascalPerMetre,
        caution: inCopper > most ? tell('fast', { speed: inCopper, most }) : null,
      },
    ]
  })
}
