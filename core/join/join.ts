import * as z from 'zod'
import type { Catalogue } from '../catalogue/catalogue'
import { fitsBySize } from '../catalogue/fit'
import type { Pipe } from '../catalogue/pipe'
import { conditionSchema, placeSchema, services, toolsSchema } from '../job/place'
import { cheapestChains, type Chain } from './chain'
import type { FittingEnd } from './fitting'
import { shippedTransitions } from './fittings'
import { judgeAll, type Circumstances } from './judge'
import { shippedCosts, type Costs } from '../job/costs'
import { profileIds, profileWith } from '../job/profile'
import { changedSettingsSchema } from '../job/setting'
import type { Verdict } from './verdict'

export const joinRequestSchema = z.object({
  a: z.string().meta({ description: 'id of the one pipe' }),
  b: z.string().meta({ description: 'id of the other pipe' }),
  service: z.enum(services),
  place: placeSchema.default({}),
  conditionA: conditionSchema.default({}),
  conditionB: conditionSchema.default({}),
  tools: toolsSchema.optional(),
  profile: z.enum(profileIds).default('metric'),
  changes: changedSettingsSchema.optional().meta({ description: 'settings laid over the profile' }),
})
export type JoinRequest = z.output<typeof joinRequestSchema>

export interface JoinAnswer {
  readonly ends: { readonly a: readonly Verdict[]; readonly b: readonly Verdict[] }
  readonly chains: readonly Chain[]
  /** Why nothing joins them and what to do; null when there is a chain. */
  readonly none: string | null
}

const shown = 5

/** The reason that shuts out the most methods of an end, where every method is refused; null where one is left. */
function shutOut(verdicts: readonly Verdict[]): string | null {
  if (verdicts.some(({ verdict }) => verdict !== 'refuse')) return null
  const counts = new Map<string, number>()
  for (const { reasons } of verdicts)
    for (const { verdict, rule, text } of reasons)
      // That a method is not for this material or size says nothing of what to change.
      if (verdict === 'refuse' && rule !== 'material' && rule !== 'size') counts.set(text, (counts.get(text) ?? 0) + 1)
  return [...counts].sort(([, one], [, two]) => two - one)[0]?.[0] ?? 'no method of the catalogue takes it'
}

function whyNone(pipes: { readonly a: Pipe; readonly b: Pipe }, ends: JoinAnswer['ends']): string {
  const { a, b } = pipes
  const lead = [a, b].find(({ material }) => material === 'lead')
  if (lead)
    return 'Lead is not extended: replace it back to sound pipe. A licensed person may fit a listed lead-to-new coupling.'
  const fused = [a, b].find(({ material }) => material === 'pp-r')
  if (fused)
    return `${fused.label} is joined by socket fusion, or by its own threaded insert: fit that first, then join the thread.`
  for (const end of ['a', 'b'] as const) {
    const why = shutOut(ends[end])
    if (why) return `Nothing goes on ${pipes[end].label} here: ${why}. Change that, or replace this pipe.`
  }
  const inch = (pipe: Pipe) => pipe.family === 'cts' || pipe.family === 'schedule'
  if (inch(a) !== inch(b))
    return 'One pipe is metric and the other inch: no fitting of the catalogue joins the two. Replace one of them back to where its own kind can be used.'
  const alone = [a, b].find((pipe) => !shippedTransitions().some(({ ends: of }) => of.some((end) => takes(end, pipe))))
  if (alone)
    return `No fitting of the catalogue is made for ${alone.label}: use its own maker’s fitting to a thread, or replace it back to a size that has fittings.`
  return `No chain of up to three fittings leads from ${a.label} to ${b.label} here. Look at the refusals: change the place or the method, or replace one of the pipes.`
}

const takes = (end: FittingEnd, pipe: Pipe): boolean => end.type === 'socket' && fitsBySize(pipe, end.socket)

/** The methods for each end with their verdicts, and the cheapest chains of fittings between the two. */
export function join(
  catalogue: Catalogue,
  pipes: { readonly a: Pipe; readonly b: Pipe },
  request: Omit<JoinRequest, 'a' | 'b'>,
  costs: Costs = shippedCosts,
): JoinAnswer {
  const { service, place, tools } = request
  const shared: Circumstances = { service, place, profile: profileWith(request.profile, request.changes), tools }
  const atA = { ...shared, condition: request.conditionA, other: pipes.b }
  const atB = { ...shared, condition: request.conditionB, other: pipes.a }
  const chains = cheapestChains(
    shippedTransitions(),
    { pipe: pipes.a, circumstances: atA },
    { pipe: pipes.b, circumstances: atB },
    shown,
    costs,
  )
  const ends = { a: judgeAll(catalogue, pipes.a, atA), b: judgeAll(catalogue, pipes.b, atB) }
  return { ends, chains, none: chains.length > 0 ? null : whyNone(pipes, ends) }
}
