import { boreOf } from '../../catalogue/pipe'
import { pipeIdIn } from '../../job/leg-defaults'
import { inch } from '../../quantity/units'
import { fixed, sentence } from '../../quantity/words/sentence'
import { overFloor } from '../../run/floor'
import { reliefIn } from '../relief'
import { atPlace, checkRule, legPlace, nodePlace, type PlanCheck } from '../rule'

/** The end over the floor, in mm; model code: 6 in. */
const mostOverFloor = { metric: 150, imperial: 6 * inch } as const
/** Tube is called by a bore that it has but for its wall: mm. */
const play = 0.5
/** What falls by less than this lies level, in mm. */
const level = 1

export const reliefFalls = checkRule({
  meta: {
    id: 'relief-falls',
    statement: 'A relief pipe falls all the way, full size, and ends close over the floor.',
    why: 'Water that stays in it, or a narrow place, holds the relief valve back; what comes out high scalds.',
    basis: 'model code',
    settings: [],
    step: 'route',
    todo: true,
    messages: {
      narrow: sentence(
        { bore: 13.8, wanted: 19.05 },
        ({ bore, wanted }, say) =>
          `its bore of ${say.length(bore)} is narrower than the ${say.length(wanted)} before it: full size to the end`,
      ),
      rises: fixed('the relief pipe rises here and holds water: it falls all the way'),
      level: fixed('the relief pipe lies level here and may hold water: slope it to its end'),
      high: sentence(
        { over: 600, most: 152.4 },
        ({ over, most }, say) => `it ends ${say.length(over)} over the floor: at most ${say.length(most)}`,
      ),
    },
  },
  check(subject, { caution, refuse }) {
    const { catalogue, layout, job } = subject
    const most = mostOverFloor[job.units]
    const { system, places, arms } = layout
    const { steps, wanted: least } = reliefIn(layout) ?? { steps: [], wanted: null }
    const bores = new Map<string, number>()
    return steps.flatMap(({ node, from, leg }): PlanCheck[] => {
      if (leg === null || from === null) return []
      const bore = boreOf(catalogue.pipe(pipeIdIn(system, leg))!)
      const wanted = bores.get(from) ?? least ?? bore
      bores.set(node, Math.max(bore, wanted))
      const [above, here] = [places.get(from), places.get(node)]
      const fall = above && here ? above[2] - here[2] : null
      const over = arms.get(node)!.length > 1 ? null : overFloor(layout, node)
      const found = [
        ...(bore < wanted - play ? [refuse('narrow', { bore, wanted })] : []),
        ...(fall !== null && fall < -level ? [refuse('rises')] : []),
        ...(fall !== null && Math.abs(fall) <= level ? [caution('level')] : []),
      ].map((of) => atPlace(legPlace(subject, leg.id), of))
      return over !== null && over > most + level
        ? [...found, atPlace(nodePlace(subject, node), caution('high', { over, most }))]
        : found
    })
  },
})
