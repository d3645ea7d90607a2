import { materialOf } from '../materials'
import * as z from 'zod'
import type { Catalogue } from '../catalogue/catalogue'
import { fitsBySize } from '../catalogue/fit'
import type { Pipe } from '../catalogue/pipe'
import { services } from '../job/place'
import { conditionSchema, placeSchema } from '../job/place-schema'
import { toolsSchema } from '../workshop/tools-schema'
import { cheapestChains, type Chain } from './chains/chain'
import { chainsByPiece } from './chains/chain-by-piece'
import type { FittingEnd } from '../catalogue/fitting'
import { shippedTransitions } from '../catalogue/fittings'
import { judgeAll, type Circumstances } from './judge'
import { shippedCosts, type Costs } from '../workshop/costs'
import { unitSystems } from '../quantity/units'
import { profileIds } from '../workshop/profile-ids'
import { profileWith } from '../workshop/profile'
import { changedSettingsSchema } from '../workshop/setting-schema'
import type { Message } from '../quantity/words/message'
import { noChain } from './chains/no-chain'
import type { Reason, Verdict } from './verdict'

export const joinRequestSchema = z.object({
  a: z.string().meta({ description: 'id of the one pipe' }),
  b: z.string().meta({ description: 'id of the other pipe' }),
  service: z.enum(services),
  place: placeSchema.default({}),
  conditionA: conditionSchema.default({}),
  conditionB: conditionSchema.default({}),
  tools: toolsSchema.optional(),
  profile: z.enum(profileIds).default('metric'),
  units: z.enum(unitSystems).default('metric').meta({ description: 'in which the answer is told' }),
  changes: changedSettingsSchema.optional().meta({ description: 'settings laid over the profile' }),
})
export type JoinRequest = z.output<typeof joinRequestSchema>

export interface JoinAnswer {
  readonly ends: { readonly a: readonly Verdict[]; readonly b: readonly Verdict[] }
  readonly chains: readonly Chain[]
  /** Why nothing joins them and what to do; null when there is a chain. */
  readonly none: Message | null
}

/** So many that a soldered way is among them where one leads there, though it is the slowest. */
const shown = 10
/** With a short piece, where many ways are alike. */
const fewer = 4

/** The reason that shuts out the most methods of an end, where every method is refused; null where one is left. */
function shutOut(verdicts: readonly Verdict[]): { readonly why: Reason | null } | null {
  if (verdicts.some(({ verdict }) => verdict !== 'refuse')) return null
  const counts = new Map<string, { reason: Reason; count: number }>()
  for (const { reasons } of verdicts)
    for (const reason of reasons) {
      // That a method is not for this material or size says nothing of what to change.
      if (reason.verdict !== 'refuse' || reason.rule === 'material' || reason.rule === 'size') continue
      const key = `${reason.rule} ${reason.message}`
      counts.set(key, { reason, count: (counts.get(key)?.count ?? 0) + 1 })
    }
  return { why: [...counts.values()].sort((one, two) => two.count - one.count)[0]?.reason ?? null }
}

function whyNone(pipes: { readonly a: Pipe; readonly b: Pipe }, ends: JoinAnswer['ends']): Message {
  const { a, b } = pipes
  if ([a, b].some((pipe) => materialOf(pipe).isReplaced)) return noChain('lead')
  for (const end of ['a', 'b'] as const) {
    const out = shutOut(ends[end])
    if (out) return noChain('shut out', { pipe: pipes[end].label, why: out.why })
  }
  const alone = [a, b].find((pipe) => !shippedTransitions().some(({ ends: of }) => of.some((end) => takes(end, pipe))))
  return alone ? noChain('no fitting', { pipe: alone.label }) : noChain('no chain', { a: a.label, b: b.label })
}

const takes = (end: FittingEnd, pipe: Pipe): boolean => end.type === 'socket' && fitsBySize(pipe, end.socket)

/**
 * The methods for each end with their verdicts, and the cheapest chains of fittings between the two; where fittings alone
 * do not lead there, with a short piece of pipe between.
 */
export function join(
  catalogue: Catalogue,
  pipes: { readonly a: Pipe; readonly b: Pipe },
  request: Omit<JoinRequest, 'a' | 'b' | 'units'>,
  costs: Costs = shippedCosts,
): JoinAnswer {
  const { service, place, tools } = request
  const shared: Circumstances = { service, place, profile: profileWith(request.profile, request.changes), tools }
  const atA = { ...shared, condition: request.conditionA, other: pipes.b }
  const atB = { ...shared, condition: request.conditionB, other: pipes.a }
  const [endA, endB] = [
    { pipe: pipes.a, circumstances: atA },
    { pipe: pipes.b, circumstances: atB },
  ]
  const chains = cheapestChains(shippedTransitions(), endA, endB, { wanted: shown, costs })
  const ends = { a: judgeAll(catalogue, pipes.a, atA), b: judgeAll(catalogue, pipes.b, atB) }
  if (chains.length > 0) return { ends, chains, none: null }
  const byPiece =
    shutOut(ends.a) || shutOut(ends.b)
      ? []
      : chainsByPiece({ catalogue, fittings: shippedTransitions(), costs }, endA, endB, fewer)
  return { ends, chains: byPiece, none: byPiece.length > 0 ? null : whyNone(pipes, ends) }
}
