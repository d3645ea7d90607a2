import type { Fitting } from '../../catalogue/fitting'
import { threadFor } from '../../catalogue/fittings/thread-for'
import { methods } from '../../methods'
import type { Costs } from '../../workshop/costs'
import type { Verdict } from '../verdict'

const weights = { fitting: 3, tool: 3, minute: 0.2, hot: 1, caution: 5, money: 0.05, offThread: 2 }

/** What one joint adds to a chain's score; above nought. */
export function jointScore({ method, verdict }: Verdict, costs: Costs): number {
  const { minutes, consumables } = costs.methods[method]
  const heat = methods[method].hot ? weights.hot : 0
  const reservation = verdict === 'caution' ? weights.caution : 0
  return minutes * weights.minute + heat + reservation + consumables * weights.money
}

/** What another kind of tool on site adds: a chain made in one way is less trouble than a mixed one. */
export const toolScore = (joints: readonly Verdict[], { method }: Verdict): number =>
  joints.some((joint) => joint.method === method) ? 0 : weights.tool

/** Whether a fitting has another thread than the one that goes with the pipe at its other end: it is dearer, or throttles. */
const isOffThread = ({ ends }: Fitting): boolean =>
  ends.some(
    (end) =>
      end.type !== 'thread' &&
      !methods[end.socket.method].threaded &&
      ends.some((other) => other.type === 'thread' && other.size !== threadFor(end.socket)),
  )

/** What one fitting adds to a chain's score; above nought. */
export const fittingScore = (fitting: Fitting, price: number): number =>
  weights.fitting + price * weights.money + (isOffThread(fitting) ? weights.offThread : 0)
