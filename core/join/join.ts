import * as z from 'zod'
import type { Catalogue } from '../catalogue/catalogue'
import type { Pipe } from '../catalogue/pipe'
import { conditionSchema, placeSchema, services, toolsSchema } from '../job/place'
import { cheapestChains, type Chain } from './chain'
import { shippedFittings } from './fitting-catalogue'
import { judgeAll, type Circumstances } from './judge'
import { profileIds, profiles } from '../job/profile'
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
})
export type JoinRequest = z.output<typeof joinRequestSchema>

export interface JoinAnswer {
  readonly ends: { readonly a: readonly Verdict[]; readonly b: readonly Verdict[] }
  readonly chains: readonly Chain[]
  /** Why nothing joins them and what to do; null when there is a chain. */
  readonly none: string | null
}

const shown = 5

function whyNone(a: Pipe, b: Pipe): string {
  const lead = [a, b].find(({ material }) => material === 'lead')
  if (lead)
    return 'Lead is not extended: replace it back to sound pipe. A licensed person may fit a listed lead-to-new coupling.'
  const fused = [a, b].find(({ material }) => material === 'pp-r')
  if (fused)
    return `${fused.label} is joined by socket fusion, or by its own threaded insert: fit that first, then join the thread.`
  const inch = (pipe: Pipe) => pipe.family === 'cts' || pipe.family === 'schedule'
  if (inch(a) !== inch(b))
    return 'One pipe is metric and the other inch: no fitting of the catalogue joins the two. Replace one of them back to where its own kind can be used.'
  return 'Every chain of up to three fittings is refused here. Look at the refusals above: change the place, the method or one of the pipes.'
}

/** The methods for each end with their verdicts, and the cheapest chains of fittings between the two. */
export function join(
  catalogue: Catalogue,
  pipes: { readonly a: Pipe; readonly b: Pipe },
  request: Omit<JoinRequest, 'a' | 'b'>,
): JoinAnswer {
  const { service, place, tools } = request
  const shared: Circumstances = { service, place, profile: profiles[request.profile], tools }
  const atA = { ...shared, condition: request.conditionA }
  const atB = { ...shared, condition: request.conditionB }
  const chains = cheapestChains(
    shippedFittings(),
    { pipe: pipes.a, circumstances: atA },
    { pipe: pipes.b, circumstances: atB },
    shown,
  )
  return {
    ends: { a: judgeAll(catalogue, pipes.a, atA), b: judgeAll(catalogue, pipes.b, atB) },
    chains,
    none: chains.length > 0 ? null : whyNone(pipes.a, pipes.b),
  }
}
