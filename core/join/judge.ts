import type { Catalogue } from '../catalogue/catalogue'
import { methods } from '../methods'
import { methodIds, type MethodId } from '../methods/ids'
import type { Pipe } from '../catalogue/pipe'
import type { Socket } from '../catalogue/socket'
import type { Condition, Place, Service } from '../job/place'
import type { OwnedTool } from '../workshop/tools'
import type { Profile } from '../workshop/profile'
import type { ThreadEnd } from '../catalogue/fitting'
import { sayingOf, type JointSubject } from './rule'
import { jointRules, threadRules } from './rules'
import { matingMeta } from './mating'
import { worstOf, type Reason, type Verdict } from './verdict'

/** Where a joint is made and with what; everything but the pipe and the method. */
export interface Circumstances {
  readonly service: Service
  readonly place: Place
  readonly profile: Profile
  readonly condition?: Condition
  readonly tools?: readonly OwnedTool[]
  /** The pipe on the other side of the transition, where there is one. */
  readonly other?: Pipe
}

/** What every rule says of one method on one pipe, in this socket: the worst verdict wins, all reasons are kept. */
function judgeSocket(
  pipe: Pipe,
  method: MethodId,
  socket: Socket | undefined,
  { service, place, profile, condition = {}, tools, other }: Circumstances,
): Verdict {
  const subject: JointSubject = {
    pipe,
    method: methods[method],
    socket,
    service,
    place,
    condition,
    tools,
    profile,
    other,
  }
  const reasons: Reason[] = []
  for (const { check } of jointRules) {
    const found = check(subject)
    if (found) reasons.push(found)
  }
  return { method, verdict: worstOf(reasons.map((found) => found.verdict)), reasons }
}

/**
 * What the rules say of a pipe in a socket that takes it by size. In a converter's old side the old bore is at home:
 * the rule that refuses it a plain metric socket does not speak there.
 */
export function judgeInSocket(pipe: Pipe, socket: Socket, circumstances: Circumstances): Verdict {
  const verdict = judgeSocket(pipe, socket.method, socket, circumstances)
  if (socket.family !== 'old-bore') return verdict
  const reasons = verdict.reasons.filter(({ rule }) => rule !== 'old-bore')
  return { ...verdict, reasons, verdict: worstOf(reasons.map((kept) => kept.verdict)) }
}

/** The verdict of one method on one pipe, in the socket that the catalogue has for it. */
export function judge(catalogue: Catalogue, pipe: Pipe, method: MethodId, circumstances: Circumstances): Verdict {
  return judgeSocket(pipe, method, catalogue.socketFor(method, pipe), circumstances)
}

/** The verdicts of every method on one pipe, in the fixed order of the methods. */
export function judgeAll(catalogue: Catalogue, pipe: Pipe, circumstances: Circumstances): Verdict[] {
  return methodIds.map((method) => judge(catalogue, pipe, method, circumstances))
}

const mating = sayingOf(matingMeta)

/** What the rules say of two threads that meet. */
export function judgeThreads(male: ThreadEnd, female: ThreadEnd): Verdict {
  const said = threadRules.flatMap(({ checkThreads }) => checkThreads({ male, female }) ?? [])
  return {
    method: 'thread',
    verdict: worstOf(said.map(({ verdict }) => verdict)),
    reasons: said.length > 0 ? said : [mating.fits('threads')],
  }
}

/** A fitting's spigot in the socket of its own size. */
export const judgeSpigot = (method: MethodId): Verdict => ({
  method,
  verdict: 'fits',
  reasons: [mating.fits('spigot')],
})
